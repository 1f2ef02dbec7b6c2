import { MINUTES_PER_DAY, MINUTES_PER_HOUR } from '../clock'
import { MOSS, OAK, SLATE } from '../drawing'
import { endOf } from './order'
import type { DayRow } from './types'

/** Fills of the rows, one after the other; every second one has a hatch too, so that colour is not needed. */
const TINTS = ['#F6E7CF', '#E3EEF4', '#E4EFE6', '#F4E3E0'] as const
const EDGES = [OAK, SLATE, MOSS, '#7A4A5E'] as const

/** The pale colour of row `i` of a day, counted from 0. */
export const tintOf = (i: number) => TINTS[i % TINTS.length] as string
/** The line colour of row `i` of a day, counted from 0. */
export const edgeOf = (i: number) => EDGES[i % EDGES.length] as string

/** Where each row is between, minutes since the day's midnight: one without an end lasts until the next begins. */
export function stretches(
  rows: readonly DayRow[],
): { readonly row: number; readonly from: number; readonly to: number }[] {
  return rows.map((row, i) => {
    const next = rows.slice(i + 1).find(({ minute }) => minute > row.minute)?.minute
    const open = Math.min(next ?? row.minute + MINUTES_PER_HOUR, row.minute + MINUTES_PER_HOUR, MINUTES_PER_DAY)
    return { row: i, from: row.minute, to: row.to === undefined ? open : Math.min(endOf(row), MINUTES_PER_DAY) }
  })
}

export interface BandLook {
  /** The row that is lit. */
  readonly lit?: number
  /** The time that the dials show, minutes since midnight; left out, they have no hands. */
  readonly now?: number
  /** What stands under each dial. */
  readonly names: readonly [string, string]
}
