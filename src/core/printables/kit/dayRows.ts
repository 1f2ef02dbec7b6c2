import { handsHidden, onDial } from '../../clock'
import { type DayRow, pictureShapes } from '../../days'
import { FAINT, type Point, type Shape, textWidth } from '../../drawing'
import { RefusedValue, requireInteger } from '../../errors'
import { draw, drawInt, randomFrom, shuffled } from '../../random'
import { DOING_TIMES, type PlanRow, rowName } from '../../teaching'
import { type DoingId, languages, say } from '../../wording'
import { part, textFrom, wordsIn } from './frame'
import type { PrintOptions } from './options'
import { ownPlan } from './ownPlan'

/**
 * A row of a day to be printed: a doing that every language knows, or what the adult wrote, with its picture and end.
 */
export type PrintRow = PlanRow & Partial<Pick<DayRow, 'to' | 'picture'>>

/**
 * The rows of the adult's own day, or of one that is made up. Throws RefusedValue for an own day of fewer than `least`
 * rows.
 */
export function dayRowsOf({ rows, count, wording }: PrintOptions, seed: number, least = 1): PrintRow[] {
  if (!rows) return plannedDay(count, seed)
  const own = ownPlan(rows, wording.language)
  if (own.length < least) throw new RefusedValue('your own day', `of ${least} rows at least for this`, `${own.length}`)
  return own
}

/** Up to `most` of the things that a day gives, drawn, in their order. */
export function someOf<T>(all: readonly T[], most: number, seed: number): T[] {
  const places = shuffled(randomFrom(seed), [...all.keys()]).slice(0, most)
  return places.sort((a, b) => a - b).map((place) => all[place] as T)
}

/** How many different doings a made-up day can have. */
export const MOST_DOINGS = Object.keys(DOING_TIMES).length

/** Doings at different times of one day, in their order, no two at the same place on the dial. */
export function plannedDay(count: number, seed: number): PlanRow[] {
  const random = randomFrom(seed)
  const all = Object.keys(DOING_TIMES) as DoingId[]
  requireInteger('count of rows', count, 1, all.length)
  for (let tries = 0; tries < 500; tries++) {
    const rows = shuffled(random, all)
      .slice(0, count)
      .map((doing) => ({ doing, minute: draw(random, DOING_TIMES[doing]) + drawInt(random, 0, 2) * 5 }))
      .sort((a, b) => a.minute - b.minute)
    const isClear = rows.every(({ minute }) => !handsHidden(onDial(minute)))
    if (isClear && new Set(rows.map(({ minute }) => onDial(minute))).size === count) return rows
  }
  throw new RefusedValue('seed', 'one with which a day can be planned: shuffle', seed)
}

/** A family's own day may have noon in it, where one hand hides the other. It is printed, with a note for the adult. */
export function noteHidden({ rows, wording }: PrintOptions): string[] {
  if (!rows) return []
  return ownPlan(rows, wording.language)
    .filter(({ minute }) => handsHidden(onDial(minute)))
    .map(
      ({ minute }) =>
        `At ${say(minute, { ...wording, form: 'day-24' })} one hand lies over the other: show it on a clock first.`,
    )
}

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
    ...(row.picture ? [part('picture', [pictureShapes(row.picture, side)], x, y - (height - side) / 2)] : []),
  ]
}
