import {
  MINUTES_PER_DAY,
  type MinuteOfDay,
  type PlainDate,
  daysOf,
  dialHour,
  minutesPast,
  requireMinuteOfDay,
  weekdayOf,
  dateAfter,
} from '../clock'
import { endOf, inOrder } from './order'
import type { Day, DayRow, DayWhose, Weekday } from './types'

/** What is on now, what comes next, and where the long hand will be then. */
export interface NowNext {
  /** What is on: the part that began last comes first, and after it what it is a part of. None in free time. */
  readonly now: readonly DayRow[]
  /** The next row of today, or else the first of tomorrow where it begins within twelve hours. */
  readonly next?: DayRow
  /** Whole minutes until `next` begins. */
  readonly until?: number
  /** How much of the first of `now` is over, 0 to 1. */
  readonly gone?: number
  /** Where the next thing begins soon. */
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

/** A minute of a day of the calendar. */
export interface CalendarMinute {
  readonly date: PlainDate
  readonly minute: MinuteOfDay
}

/** So long is a row without an end on, in minutes, where nothing follows it. */
export const OPEN_ROW_LASTS = 60
/** What tomorrow begins with is told for so long before, in minutes. */
const TOMORROW_WITHIN = 720
/** Nobody counts the rounds of the long hand for longer than this, in minutes. */
const ROUNDS_COUNTED_WITHIN = 180

/** The days that hold on a date. One that is made for the date itself takes the place of the weekly ones of the same. */
export function daysOn<Held extends Pick<Day, 'on' | 'whose'>>(days: readonly Held[], date: PlainDate): Held[] {
  const weekday = weekdayOf(daysOf(date)) as Weekday
  const held = days.filter(({ on }) => (on.kind === 'date' ? on.date === date : on.days.includes(weekday)))
  const ofDate = held.filter(({ on }) => on.kind === 'date')
  return held.filter((day) => day.on.kind === 'date' || !ofDate.some((other) => isOfSame(day.whose, other.whose)))
}

/** Whether two days are for the same: everybody, one group or one child. */
export function isOfSame(a: DayWhose, b: DayWhose): boolean {
  if (a.kind === 'group' && b.kind === 'group') return a.groupId === b.groupId
  if (a.kind === 'child' && b.kind === 'child') return a.childId === b.childId
  return a.kind === b.kind
}

/** A row in minutes since the midnight that today began with. */
interface Stretch {
  readonly row: DayRow
  readonly from: number
  readonly to: number
}

/**
 * What is on at a minute of a date, by all days that hold then: what began yesterday and goes on over midnight counts,
 * and so does the longer row that a shorter one is a part of. A row without an end lasts until the next one of its day
 * begins, or what it is a part of ends, or an hour.
 */
export function nowAndNext(days: readonly Day[], { date, minute }: CalendarMinute): NowNext {
  requireMinuteOfDay(minute)
  const stretches = [-1, 0, 1].flatMap((away) =>
    daysOn(days, dateAfter(date, away)).flatMap(({ rows }) => stretchesOf(rows, away * MINUTES_PER_DAY)),
  )
  const now = stretches
    .filter(({ from, to }) => from <= minute && to > minute)
    .sort((a, b) => b.from - a.from || a.to - b.to)
  const isSoon = (from: number) => from < MINUTES_PER_DAY || from - minute <= TOMORROW_WITHIN
  const [next] = stretches.filter(({ from }) => from > minute && isSoon(from)).sort((a, b) => a.from - b.from)
  const [inner] = now
  const until = next && next.from - minute
  return {
    now: now.map(({ row }) => row),
    ...(inner && { gone: (minute - inner.from) / (inner.to - inner.from) }),
    ...(next && { next: next.row, until }),
    ...(next && until !== undefined && until <= ROUNDS_COUNTED_WITHIN && { hand: longHandAt(until, next.row.minute) }),
  }
}

function stretchesOf(rows: readonly DayRow[], midnight: number): Stretch[] {
  const ordered = inOrder(rows)
  return ordered.map((row, i) => {
    const closed = row.to === undefined ? openEnd(ordered, i) : endOf(row)
    return { row, from: midnight + row.minute, to: midnight + closed }
  })
}

/** When a row without an end is over. */
function openEnd(ordered: readonly DayRow[], at: number): number {
  const minute = ordered[at]?.minute ?? 0
  const following = ordered.filter((row) => row.minute > minute).map((row) => row.minute)
  const around = ordered.filter((row) => row.to !== undefined && row.minute <= minute && endOf(row) > minute).map(endOf)
  const ends = [...following, ...around]
  return ends.length > 0 ? Math.min(...ends) : minute + OPEN_ROW_LASTS
}

function longHandAt(until: number, to: MinuteOfDay): LongHand {
  const past = minutesPast(to)
  return {
    // The numeral on the ring of fives: 12 at the full hour.
    numeral: dialHour(Math.floor(past / 5) * 60),
    marks: past % 5,
    roundsBefore: Math.floor((until - 1) / 60),
  }
}
