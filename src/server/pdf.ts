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
} from '../core/drawing'
import { withSetPictures } from './pictures'
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
  const draw = async () => {
    for (const [i, drawing] of drawings.entries()) {
      drawPage(pdf, withSetPictures(drawing))
      onPage?.(i + 1)
      await untilOthersHadTheirTurn()
    }
    pdf.end()
  }
  const [bytes] = await Promise.all([written, draw()])
  return bytes
}

/** What the PDF's pen is set to now, so that nothing is set twice. It is saved and restored with the page's state. */
interface Pen {
  fill?: string
  stroke?: string
  width?: number
  dash?: string
}

function drawPage(pdf: Pdf, drawing: Drawing): void {
  pdf.addPage({ size: [drawing.width * POINTS_PER_MM, drawing.height * POINTS_PER_MM], margin: 0 })
  pdf.save()
  pdf.scale(POINTS_PER_MM)
  const pen: Pen = {}
  for (const shape of drawing.shapes) drawShape(pdf, shape, pen)
  pdf.restore()
}

function drawShape(pdf: Pdf, shape: Shape, pen: Pen): void {
  switch (shape.type) {
    case 'group': {
      pdf.save()
      pdf.translate(shape.x, shape.y)
      if (shape.turn) pdf.rotate(shape.turn)
      if (shape.clip) pdf.rect(shape.clip.x, shape.clip.y, shape.clip.width, shape.clip.height).clip()
      const inside = { ...pen }
      for (const inner of shape.shapes) drawShape(pdf, inner, inside)
      pdf.restore()
      return
    }
    case 'text':
      drawText(pdf, shape, pen)
      return
    case 'path':
      drawPath(pdf, shape.commands)
      paint(pdf, shape, pen, shape.fillRule && 'even-odd')
      return
    case 'circle':
      pdf.circle(shape.cx, shape.cy, shape.r)
      paint(pdf, shape, pen)
      return
    case 'line':
      pdf.moveTo(shape.x1, shape.y1).lineTo(shape.x2, shape.y2)
      paint(pdf, shape, pen)
      return
  }
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

function paint(pdf: Pdf, { fill, stroke, strokeMm = 0.25, dashMm }: Style, pen: Pen, rule?: 'even-odd'): void {
  const filled = fill !== undefined && fill !== 'none'
  if (stroke) setStroke(pdf, { stroke, width: strokeMm, dashMm }, pen)
  if (filled) setFill(pdf, fill, pen)
  if (filled && stroke) pdf.fillAndStroke(rule)
  else if (filled) pdf.fill(rule)
  else if (stroke) pdf.stroke()
}

interface Stroke {
  readonly stroke: string
  readonly width: number
  readonly dashMm?: readonly number[]
}

function setStroke(pdf: Pdf, { stroke, width, dashMm }: Stroke, pen: Pen): void {
  if (pen.stroke !== stroke) pdf.strokeColor((pen.stroke = stroke))
  if (pen.width !== width) pdf.lineWidth((pen.width = width))
  const dash = dashMm?.join(' ') ?? ''
  if ((pen.dash ?? '') === dash) return
  pen.dash = dash
  if (dashMm) pdf.dash(dashMm[0] ?? 1, { space: dashMm[1] ?? 1 })
  else pdf.undash()
}

function setFill(pdf: Pdf, fill: string, pen: Pen): void {
  if (pen.fill !== fill) pdf.fillColor((pen.fill = fill))
}

/** Places text by the core's own widths. Text that needs two fonts is written run by run. */
function drawText(pdf: Pdf, shape: Extract<Shape, { type: 'text' }>, pen: Pen): void {
  const { text, size, weight = 'regular', anchor = 'start' } = shape
  const width = anchor === 'start' ? 0 : textWidth(text, size, weight)
  let x = shape.x - (anchor === 'end' ? width : anchor === 'middle' ? width / 2 : 0)
  setFill(pdf, shape.fill ?? INK, pen)
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
