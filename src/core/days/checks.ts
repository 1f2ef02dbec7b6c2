import { MINUTES_PER_DAY, countJumps, modulo } from '../clock'
import { sayDuration, told, type Told } from '../wording'
import { endOf, inOrder } from './order'
import { spanText } from './rowText'
import type { DayRow } from './types'

/** What an adult should look at in a row of a day. Only `same` keeps a day from being printed. */
export interface DayCheck {
  /** The place of the row, from 0. */
  readonly row: number
  readonly kind: 'order' | 'overlap' | 'same' | 'midnight' | 'gap'
  readonly says: Told
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
        says: told('{0} comes before {1}: put the rows in the order of the day.', spanText(row), spanText(before)),
        mended: inOrder(rows),
      },
    ]
  if (row.minute === before.minute)
    return [
      {
        row: i,
        kind: 'same',
        says: told(
          '“{0}” begins at {1} too: give one of them another time.',
          before.what,
          spanText({ minute: row.minute }),
        ),
      },
    ]
  if (endOf(before) > row.minute)
    return [
      {
        row: i,
        kind: 'overlap',
        says: told(
          '“{0}” lasts until {1}: let it end at {2}.',
          before.what,
          clock(before.to),
          spanText({ minute: row.minute }),
        ),
        mended: rows.map((each, at) => (at === i - 1 ? { ...each, to: row.minute } : each)),
      },
    ]
  return gapBefore(row, i, before)
}

function gapBefore(row: DayRow, i: number, before: DayRow): DayCheck[] {
  if (before.to === undefined) return []
  const { minutes } = countJumps(modulo(endOf(before), MINUTES_PER_DAY), row.minute)
  if (minutes < LONG_GAP) return []
  return [{ row: i, kind: 'gap', says: told('Nothing is written for the {0} before it.', sayDuration(minutes)) }]
}

function pastMidnight(row: DayRow, i: number): DayCheck[] {
  if (row.to === undefined || row.to > row.minute || row.to === 0) return []
  return [
    {
      row: i,
      kind: 'midnight',
      says: told('It ends at {0} on the next day. What happens after midnight belongs into that day.', clock(row.to)),
    },
  ]
}

const clock = (minute: number | undefined) => (minute === undefined ? '' : spanText({ minute }))
