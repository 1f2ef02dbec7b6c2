import { MINUTES_PER_DAY, countJumps, modulo } from '../clock'
import { sayDuration } from '../wording'
import { endOf, inOrder } from './order'
import { spanText } from './rowText'
import type { DayRow } from './types'

/** What an adult should look at in a row of a day. Only `same` keeps a day from being printed. */
export interface DayCheck {
  /** The place of the row, from 0. */
  readonly row: number
  readonly kind: 'order' | 'overlap' | 'same' | 'midnight' | 'gap'
  readonly says: string
  /** The rows as they would be right, where that is plain. */
  readonly mended?: readonly DayRow[]
}

/** A gap of at least so many minutes is told: something may be missing. */
export const LONG_GAP = 120

/**
 * What is odd about the rows of a day, each at its row: out of order, two at the same time, one that begins before the
 * one before it ends, one that runs past midnight, and a long gap.
 */
export function dayChecks(rows: readonly DayRow[]): DayCheck[] {
  return rows.flatMap((row, i) => {
    const before = rows[i - 1]
    return [...(before ? besideBefore(rows, i, before) : []), ...pastMidnight(row, i)]
  })
}

function besideBefore(rows: readonly DayRow[], i: number, before: DayRow): DayCheck[] {
  const row = rows[i] as DayRow
  if (row.minute < before.minute)
    return [
      {
        row: i,
        kind: 'order',
        says: `${spanText(row)} comes before ${spanText(before)}: put the rows in the order of the day.`,
        mended: inOrder(rows),
      },
    ]
  if (row.minute === before.minute)
    return [
      {
        row: i,
        kind: 'same',
        says: `“${before.what}” begins at ${spanText({ minute: row.minute })} too: give one of them another time.`,
      },
    ]
  if (endOf(before) > row.minute)
    return [
      {
        row: i,
        kind: 'overlap',
        says: `“${before.what}” lasts until ${clock(before.to)}: let it end at ${spanText({ minute: row.minute })}.`,
        mended: rows.map((each, at) => (at === i - 1 ? { ...each, to: row.minute } : each)),
      },
    ]
  return gapBefore(row, i, before)
}

function gapBefore(row: DayRow, i: number, before: DayRow): DayCheck[] {
  if (before.to === undefined) return []
  const { minutes } = countJumps(modulo(endOf(before), MINUTES_PER_DAY), row.minute)
  if (minutes < LONG_GAP) return []
  return [{ row: i, kind: 'gap', says: `Nothing is written for the ${sayDuration(minutes)} before it.` }]
}

function pastMidnight(row: DayRow, i: number): DayCheck[] {
  if (row.to === undefined || row.to > row.minute || row.to === 0) return []
  return [
    {
      row: i,
      kind: 'midnight',
      says: `It ends at ${clock(row.to)} on the next day. What happens after midnight belongs into that day.`,
    },
  ]
}

const clock = (minute: number | undefined) => (minute === undefined ? '' : spanText({ minute }))
