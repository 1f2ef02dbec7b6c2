import { MINUTES_PER_DAY, type MinuteOfDay, dialHour, minutesPast, requireMinuteOfDay } from '../clock'
import { endOf, inOrder } from './order'
import type { DayRow } from './types'

/** What is on now, what comes next, and where the long hand will be then. */
export interface NowNext {
  readonly now?: DayRow
  readonly next?: DayRow
  /** Whole minutes until `next` begins. */
  readonly until?: number
  /** How much of what is on now is over, 0 to 1, where it has an end or something follows. */
  readonly gone?: number
  readonly hand?: LongHand
}

/** Where the long hand is when the next thing begins, for children who cannot read the clock yet. */
export interface LongHand {
  /** The numeral that the long hand points at, or has passed last, 1 to 12. */
  readonly numeral: number
  /** Single marks beyond the numeral, 0 to 4. */
  readonly marks: number
  /** How often it comes past there before: 0 if the next time is meant. */
  readonly roundsBefore: number
}

/**
 * What is on at a minute of the day. A row without an end lasts until the next one begins.
 *
 * nowAndNext([{ minute: 550, what: 'lock' }, { minute: 580, what: 'bread' }], 560).until //=> 20
 */
export function nowAndNext(rows: readonly DayRow[], minute: MinuteOfDay): NowNext {
  requireMinuteOfDay(minute)
  const day = inOrder(rows)
  const next = day.find((row) => row.minute > minute)
  const begun = day.filter((row) => row.minute <= minute)
  const last = begun[begun.length - 1]
  const end = last && (last.to === undefined ? next?.minute : endOf(last))
  const now = last && (end === undefined ? last : end > minute ? last : undefined)
  const length = now && end !== undefined ? Math.min(end, MINUTES_PER_DAY) - now.minute : 0
  return {
    ...(now && { now }),
    ...(now && length > 0 && { gone: (minute - now.minute) / length }),
    ...(next && { next, until: next.minute - minute, hand: longHandAt(minute, next.minute) }),
  }
}

function longHandAt(from: MinuteOfDay, to: MinuteOfDay): LongHand {
  const past = minutesPast(to)
  return {
    // The numeral on the ring of fives: 12 at the full hour.
    numeral: dialHour(Math.floor(past / 5) * 60),
    marks: past % 5,
    roundsBefore: Math.floor((to - from - 1) / 60),
  }
}
