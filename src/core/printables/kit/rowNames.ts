import { pictureShapes } from '../../days'
import { FAINT, type Point, type Shape, textWidth } from '../../drawing'
import { rowName } from '../../teaching'
import { languages, say } from '../../wording'
import { part } from './frame'
import { textFrom, wordsIn } from './wordLists'
import type { PrintOptions } from './choices'
import type { PrintRow } from './dayRows'

export function nameOfRow(row: PrintRow, { wording }: PrintOptions): string {
  return rowName(row, languages[wording.language].phrases)
}

/** A time of the whole day in figures, "13:05", which a dial cannot say. */
export function figuresOfDay(minute: number, { wording }: PrintOptions): string {
  return say(minute, { ...wording, form: 'day-24' })
}

/** "13:05" small and faint under a clock, so that the morning and the afternoon can be told apart. */
export function figuresUnder(minute: number, { x, y }: Point, options: PrintOptions): Shape {
  const text = figuresOfDay(minute, options)
  const size = 4.2
  return part('figures', [
    textFrom(text, { x: x - textWidth(text, size) / 2, y }, { width: 30, most: size, fill: FAINT }),
  ])
}

interface NamePlace extends Point {
  readonly width: number
  readonly height: number
  readonly most?: number
}

/** What happens, in words about a point, with its picture over them where the row has one. */
export function namedRow(row: PrintRow, place: NamePlace, options: PrintOptions): Shape[] {
  const { x, y, width, height, most = 6 } = place
  const side = row.picture ? Math.min(14, height * 0.55) : 0
  const words = wordsIn(nameOfRow(row, options), { x, y: y + side / 2 }, { width, most, height: height - side })
  return [
    part('name', words),
    ...(row.picture ? [part('picture', [pictureShapes(row.picture, side, options)], x, y - (height - side) / 2)] : []),
  ]
}
