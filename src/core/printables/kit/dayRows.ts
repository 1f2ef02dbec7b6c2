import { MINUTES_PER_HOUR, handsHidden, onDial } from '../../clock'
import { type DayRow, inOrder } from '../../days'
import { RefusedValue, requireInteger } from '../../errors'
import { draw, drawInt, randomFrom, shuffled } from '../../random'
import { DOING_TIMES, type PlanRow } from '../../teaching'
import { type DoingId, say, told, type Told } from '../../wording'
import type { PrintOptions } from './choices'

/**
 * A row of a day to be printed: a doing that every language knows, or what the adult wrote, with its picture and end.
 */
export type PrintRow = PlanRow & Partial<Pick<DayRow, 'to' | 'picture'>>

/**
 * The rows of the adult's own day, or of one that is made up. Throws RefusedValue for an own day of fewer than `least`
 * rows.
 */
export function dayRowsOf({ rows, count }: PrintOptions, seed: number, least = 1): PrintRow[] {
  if (!rows) return plannedDay(count, seed)
  if (rows.length < least)
    throw new RefusedValue(told('your own day'), told('of {0} rows at least for this', least), `${rows.length}`)
  return inOrder(rows)
}

/** Up to `most` of the things that a day gives, drawn, in their order. */
export function someOf<T>(all: readonly T[], most: number, seed: number): T[] {
  const places = shuffled(randomFrom(seed), [...all.keys()]).slice(0, most)
  return places.sort((a, b) => a - b).map((place) => all[place] as T)
}

/** How many different doings a made-up day can have. */
export const MOST_DOINGS = Object.keys(DOING_TIMES).length

/** A day begins with waking up: who is asleep after midnight has begun no day yet. */
const DAY_BEGINS = 6 * MINUTES_PER_HOUR
const timesInDay = (doing: DoingId) => DOING_TIMES[doing].filter((minute) => minute >= DAY_BEGINS)

/** Doings at different times of one day, in their order, no two at the same place on the dial. */
export function plannedDay(count: number, seed: number): PlanRow[] {
  const random = randomFrom(seed)
  const all = Object.keys(DOING_TIMES) as DoingId[]
  requireInteger(told('count of rows'), count, 1, all.length)
  for (let tries = 0; tries < 500; tries++) {
    const rows = shuffled(random, all)
      .slice(0, count)
      .map((doing) => ({ doing, minute: draw(random, timesInDay(doing)) + drawInt(random, 0, 2) * 5 }))
      .sort((a, b) => a.minute - b.minute)
    const isClear = rows.every(({ minute }) => !handsHidden(onDial(minute)))
    if (isClear && new Set(rows.map(({ minute }) => onDial(minute))).size === count) return rows
  }
  throw new RefusedValue(told('seed'), told('one with which a day can be planned: shuffle'), seed)
}

/** A family's own day may have noon in it, where one hand hides the other. It is printed, with a note for the adult. */
export function noteHidden({ rows, wording }: PrintOptions): Told[] {
  if (!rows) return []
  return inOrder(rows)
    .filter(({ minute }) => handsHidden(onDial(minute)))
    .map(({ minute }) =>
      told(
        'At {0} one hand lies over the other: show it on a clock first.',
        say(minute, { ...wording, form: 'day-24' }),
      ),
    )
}
