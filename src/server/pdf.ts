import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { setImmediate as untilOthersHadTheirTurn } from 'node:timers/promises'
import PDFDocument from 'pdfkit'
import {
  type Drawing,
  type FontSubset,
  INK,
  type PathCommand,
  type Shape,
  type Style,
  type Weight,
  pathData,
  subsetOf,
  textWidth,
  MM_PER_INCH,
  pictureOf,
} from '../core/drawing'
import { outlinesOfSet } from './pictures'
import { woffToSfnt } from './woff'

export const POINTS_PER_MM = 72 / MM_PER_INCH

const require = createRequire(import.meta.url)
const FONT_FILES: Record<FontSubset, Record<Weight, string>> = {
  latin: { regular: 'andika-latin-400-normal.woff', bold: 'andika-latin-700-normal.woff' },
  latinExt: { regular: 'andika-latin-ext-400-normal.woff', bold: 'andika-latin-ext-700-normal.woff' },
}
const fontBytes = new Map<string, Buffer>()

function fontName(subset: FontSubset, weight: Weight): string {
  return `andika-${subset}-${weight}`
}

function fontOf(subset: FontSubset, weight: Weight): Buffer {
  const file = FONT_FILES[subset][weight]
  const known = fontBytes.get(file)
  if (known) return known
  const bytes = woffToSfnt(readFileSync(require.resolve(`@fontsource/andika/files/${file}`)))
  fontBytes.set(file, bytes)
  return bytes
}

type Pdf = InstanceType<typeof PDFDocument>

/**
 * Drawings as the pages of one PDF at true size: vector, fonts embedded. After each page it is told how many are
 * drawn, and whoever else waits for the server is answered.
 */
export async function drawingsToPdf(
  drawings: readonly Drawing[],
  title: string,
  onPage?: (drawn: number) => void,
): Promise<Buffer> {
  const pdf = new PDFDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Ripe Acorn' }, margin: 0 })
  const written = new Promise<Buffer>((resolve, reject) => {
    const chunks: Buffer[] = []
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk))
    pdf.on('end', () => resolve(Buffer.concat(chunks)))
    pdf.on('error', reject)
  })
  for (const subset of Object.keys(FONT_FILES) as FontSubset[])
    for (const weight of ['regular', 'bold'] as const)
      pdf.registerFont(fontName(subset, weight), fontOf(subset, weight))
  const pen: Pen = { pdf, pictures: new Map(), now: {} }
  const draw = async () => {
    for (const [i, drawing] of drawings.entries()) {
      drawPage(pen, drawing)
      onPage?.(i + 1)
      await untilOthersHadTheirTurn()
    }
    pdf.end()
  }
  const [bytes] = await Promise.all([written, draw()])
  return bytes
}

type FilePicture = PDFKit.PDFKitReference

interface Pen {
  readonly pdf: Pdf
  /** The pictures that are in the file already: each is there once, however often pages show it. */
  readonly pictures: Map<string, FilePicture>
  /** What it is set to now, so that nothing is set twice. It is saved and restored with the page's state. */
  readonly now: { fill?: string; stroke?: string; width?: number; dash?: string }
}

/** The same pen where the state is saved: what is set inside is forgotten after it. */
const inside = (pen: Pen): Pen => ({ ...pen, now: { ...pen.now } })

function drawPage(pen: Pen, drawing: Drawing): void {
  const { pdf } = pen
  pdf.addPage({ size: [drawing.width * POINTS_PER_MM, drawing.height * POINTS_PER_MM], margin: 0 })
  pdf.save()
  pdf.scale(POINTS_PER_MM)
  const onPage: Pen = { ...pen, now: {} }
  for (const shape of drawing.shapes) drawShape(onPage, shape)
  pdf.restore()
}

function drawShape(pen: Pen, shape: Shape): void {
  const { pdf } = pen
  switch (shape.type) {
    case 'group': {
      pdf.save()
      pdf.translate(shape.x, shape.y)
      if (shape.turn) pdf.rotate(shape.turn)
      if (shape.clip) pdf.rect(shape.clip.x, shape.clip.y, shape.clip.width, shape.clip.height).clip()
      const within = inside(pen)
      for (const inner of shape.shapes) drawShape(within, inner)
      pdf.restore()
      return
    }
    case 'text':
      drawText(pen, shape)
      return
    case 'path':
      drawPath(pdf, shape.commands)
      paint(pen, shape, shape.fillRule && 'even-odd')
      return
    case 'circle':
      pdf.circle(shape.cx, shape.cy, shape.r)
      paint(pen, shape)
      return
    case 'line':
      pdf.moveTo(shape.x1, shape.y1).lineTo(shape.x2, shape.y2)
      paint(pen, shape)
      return
    case 'picture':
      drawPicture(pen, shape)
      return
  }
}

/** Shows a picture of the set. The file has it once for each size and look, as a form of its own (ISO 32000-1, 8.10). */
function drawPicture(pen: Pen, { picture, side, look, x, y }: Extract<Shape, { type: 'picture' }>): void {
  const { pdf, pictures } = pen
  const name = `${picture}-${look}-${side.toFixed(2).replace('.', '_')}`
  const form = pictures.get(name) ?? newForm(pen, side, pictureOf(outlinesOfSet(picture), side, look))
  pictures.set(name, form)
  pdf.page.xobjects[name] = form
  pdf.save()
  pdf.translate(x, y)
  pdf.addContent(`/${name} Do`)
  pdf.restore()
}

/** A shape about its middle as a form: what is drawn goes into the form, as long as it stands for the page's content. */
function newForm({ pdf, pictures }: Pen, side: number, shape: Shape): FilePicture {
  const form = pdf.ref({ Type: 'XObject', Subtype: 'Form', BBox: [-side, -side, side, side] })
  const { content } = pdf.page
  pdf.page.content = form
  drawShape({ pdf, pictures, now: {} }, shape)
  pdf.page.content = content
  form.end(undefined)
  return form
}

/** Commands go to the pen as they are. Arcs go as path data, since pdfkit then turns them into curves. */
function drawPath(pdf: Pdf, commands: readonly PathCommand[]): void {
  if (commands.some(({ op }) => op === 'A')) {
    pdf.path(pathData(commands))
    return
  }
  for (const command of commands) drawCommand(pdf, command)
}

function drawCommand(pdf: Pdf, command: PathCommand): void {
  switch (command.op) {
    case 'M':
      pdf.moveTo(command.x, command.y)
      return
    case 'L':
      pdf.lineTo(command.x, command.y)
      return
    case 'C':
      pdf.bezierCurveTo(command.x1, command.y1, command.x2, command.y2, command.x, command.y)
      return
    case 'Z':
      pdf.closePath()
      return
  }
}

function paint(pen: Pen, { fill, stroke, strokeMm = 0.25, dashMm }: Style, rule?: 'even-odd'): void {
  const { pdf } = pen
  const filled = fill !== undefined && fill !== 'none'
  if (stroke) setStroke(pen, { stroke, width: strokeMm, dashMm })
  if (filled) setFill(pen, fill)
  if (filled && stroke) pdf.fillAndStroke(rule)
  else if (filled) pdf.fill(rule)
  else if (stroke) pdf.stroke()
}

interface Stroke {
  readonly stroke: string
  readonly width: number
  readonly dashMm?: readonly number[]
}

function setStroke({ pdf, now }: Pen, { stroke, width, dashMm }: Stroke): void {
  if (now.stroke !== stroke) pdf.strokeColor((now.stroke = stroke))
  if (now.width !== width) pdf.lineWidth((now.width = width))
  const dash = dashMm?.join(' ') ?? ''
  if ((now.dash ?? '') === dash) return
  now.dash = dash
  if (dashMm) pdf.dash(dashMm[0] ?? 1, { space: dashMm[1] ?? 1 })
  else pdf.undash()
}

function setFill({ pdf, now }: Pen, fill: string): void {
  if (now.fill !== fill) pdf.fillColor((now.fill = fill))
}

/** Places text by the core's own widths. Text that needs two fonts is written run by run. */
function drawText(pen: Pen, shape: Extract<Shape, { type: 'text' }>): void {
  const { pdf } = pen
  const { text, size, weight = 'regular', anchor = 'start' } = shape
  const width = anchor === 'start' ? 0 : textWidth(text, size, weight)
  let x = shape.x - (anchor === 'end' ? width : anchor === 'middle' ? width / 2 : 0)
  setFill(pen, shape.fill ?? INK)
  pdf.fontSize(size)
  const runs = runsOf(text)
  for (const run of runs) {
    pdf.font(fontName(run.subset, weight))
    pdf.text(run.text, x, shape.y, { lineBreak: false, baseline: 'alphabetic' })
    if (runs.length > 1) x += textWidth(run.text, size, weight)
  }
}

function runsOf(text: string): { text: string; subset: FontSubset }[] {
  const runs: { text: string; subset: FontSubset }[] = []
  for (const character of text) {
    const subset = subsetOf(character) ?? 'latin'
    const last = runs[runs.length - 1]
    if (last?.subset === subset) last.text += character
    else runs.push({ text: character, subset })
  }
  return runs
}
