import { told } from '../wording'
import { RefusedValue } from '../errors'
import { type Drawing, INK, type PathCommand, type Shape } from './model'
import { textWidth } from './text'

/** The outlines of a font: by code point, path data in font units with y up, of M, L, C and Z only. */
export interface FontOutlines {
  readonly unitsPerEm: number
  readonly regular: Readonly<Record<string, string>>
  readonly bold: Readonly<Record<string, string>>
}

type Text = Extract<Shape, { type: 'text' }>

/**
 * The drawing with its letters as outlines, so that a cutting machine or a program without the font draws the same.
 * Throws RefusedValue for a letter that the outlines do not have.
 */
export function outlined(drawing: Drawing, outlines: FontOutlines): Drawing {
  const traced = (shape: Shape): Shape => {
    if (shape.type === 'group') return { ...shape, shapes: shape.shapes.map(traced) }
    return shape.type === 'text' ? lettersOf(shape, outlines) : shape
  }
  return { ...drawing, shapes: drawing.shapes.map(traced) }
}

function lettersOf(shape: Text, outlines: FontOutlines): Shape {
  const { text, size, weight = 'regular', anchor = 'start', y, layer, fill = INK } = shape
  const scale = size / outlines.unitsPerEm
  const share = { start: 0, middle: 0.5, end: 1 }[anchor]
  let x = shape.x - share * textWidth(text, size, weight)
  const commands: PathCommand[] = []
  for (const letter of text) {
    const data = outlines[weight][String(letter.codePointAt(0))]
    if (data === undefined)
      throw new RefusedValue(told('text'), told('made of letters that the font’s outlines have'), letter)
    commands.push(...placed(data, { x, y, scale }))
    x += textWidth(letter, size, weight)
  }
  return { type: 'path', commands, fill, layer }
}

/** Path data of one letter, moved to its place: font units go up, a drawing goes down. */
function placed(data: string, { x, y, scale }: { x: number; y: number; scale: number }): PathCommand[] {
  return [...data.matchAll(/([MLCZ])([^MLCZ]*)/g)].map(([, op, numbers = '']): PathCommand => {
    const at = numbers.split(' ').map(Number)
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = at.map((value, i) =>
      i % 2 === 0 ? x + value * scale : y - value * scale,
    )
    if (op === 'Z') return { op }
    return op === 'C' ? { op, x1: a, y1: b, x2: c, y2: d, x: e, y: f } : { op: op === 'M' ? 'M' : 'L', x: a, y: b }
  })
}
