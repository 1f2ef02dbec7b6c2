import { told } from '../wording'
import { RefusedValue } from '../errors'
import { type Drawing, INK, type PathCommand, type Shape } from './model'
import { readPath } from './readPath'
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
    commands.push(...readPath(data, { x, y, scale, isUp: true }))
    x += textWidth(letter, size, weight)
  }
  return { type: 'path', commands, fill, layer }
}
