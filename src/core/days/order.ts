import { MINUTES_PER_DAY } from '../clock'
import type { DayRow } from './types'

/* By itself, since games that call a day need nothing else of the days. */

/** The end of a row in minutes since the day's own midnight: over 1439 where it is on the next day. */
export function endOf({ minute, to }: DayRow): number {
  if (to === undefined) return minute
  return to > minute ? to : to + MINUTES_PER_DAY
}

/** Rows in the order of the day; those that begin together stay as they were. */
export function inOrder(rows: readonly DayRow[]): DayRow[] {
  return [...rows].sort((a, b) => a.minute - b.minute)
}
