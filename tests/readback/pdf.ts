import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { Point } from './svg'

/** Reads the paths of a PDF back from its operators, in millimetres from the top left of each page. */

export interface PdfPath {
  /** #rrggbb of its fill or, where it is only drawn, of its stroke. */
  readonly colour: string
  readonly filled: boolean
  /** Where the origin of its own coordinates lies on the page. */
  readonly origin: Point
  readonly points: readonly Point[]
}

export interface PdfPage {
  readonly width: number
  readonly height: number
  readonly paths: readonly PdfPath[]
  readonly text: string
  /** Each text where it begins, on its baseline. */
  readonly texts: readonly { readonly text: string; readonly at: Point }[]
}

type Matrix = readonly [number, number, number, number, number, number]
const MM_PER_POINT = 25.4 / 72
const POINTS_OF: Partial<Record<number, number>> = {
  [OPS.moveTo]: 2,
  [OPS.lineTo]: 2,
  [OPS.curveTo]: 6,
  [OPS.curveTo2]: 4,
  [OPS.curveTo3]: 4,
  [OPS.closePath]: 0,
}

function times(a: Matrix, b: Matrix): Matrix {
  return [
    a[0] * b[0] + a[2] * b[1],
    a[1] * b[0] + a[3] * b[1],
    a[0] * b[2] + a[2] * b[3],
    a[1] * b[2] + a[3] * b[3],
    a[0] * b[4] + a[2] * b[5] + a[4],
    a[1] * b[4] + a[3] * b[5] + a[5],
  ]
}

export async function readPdf(pdf: Buffer): Promise<PdfPage[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise
  const pages: PdfPage[] = []
  for (let number = 1; number <= document.numPages; number++) {
    const page = await document.getPage(number)
    const [, , width, height] = page.view as [number, number, number, number]
    const { items } = await page.getTextContent()
    pages.push({
      width: width * MM_PER_POINT,
      height: height * MM_PER_POINT,
      paths: pathsOf(await page.getOperatorList(), height),
      text: items.map((item) => ('str' in item ? item.str : '')).join('\n'),
      texts: items.flatMap((item) => {
        if (!('str' in item)) return []
        const [x, y] = (item.transform as number[]).slice(4) as [number, number]
        return [{ text: item.str, at: { x: x * MM_PER_POINT, y: (height - y) * MM_PER_POINT } }]
      }),
    })
  }
  await document.destroy()
  return pages
}

/** The width of all the text of the first page, mm, as the PDF's own font widths have it. */
export async function textWidthIn(pdf: Buffer): Promise<number> {
  const document = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise
  const { items } = await (await document.getPage(1)).getTextContent()
  await document.destroy()
  return items.reduce((sum, item) => sum + ('width' in item ? item.width : 0), 0) * MM_PER_POINT
}

const PAINTS = new Set([OPS.fill, OPS.eoFill, OPS.fillStroke, OPS.eoFillStroke, OPS.stroke])

function pathsOf({ fnArray, argsArray }: { fnArray: number[]; argsArray: unknown[] }, pageHeight: number): PdfPath[] {
  const paths: PdfPath[] = []
  let at: Matrix = [1, 0, 0, 1, 0, 0]
  let [fill, stroke] = ['#000000', '#000000']
  let open: Point[] = []
  const saved: [Matrix, string, string][] = []
  const place = (x: number, y: number): Point => ({
    x: (at[0] * x + at[2] * y + at[4]) * MM_PER_POINT,
    y: (pageHeight - (at[1] * x + at[3] * y + at[5])) * MM_PER_POINT,
  })
  fnArray.forEach((op, i) => {
    const args = argsArray[i] as never[]
    if (op === OPS.save || op === OPS.paintFormXObjectBegin) saved.push([at, fill, stroke])
    else if (op === OPS.restore || op === OPS.paintFormXObjectEnd)
      [at, fill, stroke] = saved.pop() ?? [at, fill, stroke]
    else if (op === OPS.transform) at = times(at, args as unknown as Matrix)
    else if (op === OPS.setFillRGBColor) fill = colourOf(args)
    else if (op === OPS.setStrokeRGBColor) stroke = colourOf(args)
    else if (op === OPS.constructPath) open.push(...pointsOf(args).map(([x, y]) => place(x, y)))
    else if (PAINTS.has(op)) {
      const filled = op !== OPS.stroke
      paths.push({ colour: filled ? fill : stroke, filled, origin: place(0, 0), points: open })
      open = []
    } else if (op === OPS.endPath) open = []
  })
  return paths
}

function colourOf(args: ArrayLike<unknown>): string {
  if (typeof args[0] === 'string') return args[0].toLowerCase()
  return `#${Array.from(args, (part) => Number(part).toString(16).padStart(2, '0')).join('')}`
}

/** Where the pen goes: ends of lines, and curves at eighths, since their control points lie beside them. */
function pointsOf([ops, values]: readonly (readonly number[])[]): [number, number][] {
  const points: [number, number][] = []
  let next = 0
  for (const op of ops ?? []) {
    const count = POINTS_OF[op]
    if (count === undefined) throw new Error(`a path operator that is not read yet: ${op}`)
    const own = Array.from({ length: count }, (_, i) => values?.[next + i] ?? NaN)
    const from = points[points.length - 1]
    if (op === OPS.curveTo && from) points.push(...alongCurve(from, own))
    else for (let i = 0; i < count; i += 2) points.push([own[i] ?? NaN, own[i + 1] ?? NaN])
    next += count
  }
  return points
}

function alongCurve(
  [x0, y0]: [number, number],
  [x1 = NaN, y1 = NaN, x2 = NaN, y2 = NaN, x3 = NaN, y3 = NaN]: readonly number[],
): [number, number][] {
  return Array.from({ length: 8 }, (_, i) => {
    const t = (i + 1) / 8
    const u = 1 - t
    const mix = (a: number, b: number, c: number, d: number) =>
      u ** 3 * a + 3 * u * u * t * b + 3 * u * t * t * c + t ** 3 * d
    return [mix(x0, x1, x2, x3), mix(y0, y1, y2, y3)]
  })
}
