import { DAYS_PER_WEEK, type PlainDate, daysOf, weekdayOf } from '../../clock'
import { RefusedValue, requireInteger } from '../../errors'
import type { RungId, SchoolId } from '../../teaching'
import { told, datePart, asPart } from '../../wording'
import { LONGEST_SESSION, SHORTEST_SESSION } from '../types'

/** How often and how long a group meets, from when to when, and what for. */
export interface TermWish {
  readonly from: PlainDate
  readonly until: PlainDate
  /** The days of the week on which they meet, 0 for Monday to 6 for Sunday. */
  readonly weekdays: readonly number[]
  /** Of one session. */
  readonly minutes: number
  /** A day at home, on every day of the week. */
  readonly homeMinutes: number
  /** The rung that is hoped for; null where the term just goes to its date. */
  readonly goal: RungId | null
  readonly holidays: readonly Holiday[]
  readonly school: SchoolId
}

/** Days without a session, both of them included. */
export interface Holiday {
  readonly from: PlainDate
  readonly until: PlainDate
}

export const MOST_TERM_WEEKS = 60
export const MOST_HOLIDAYS = 20
export const MOST_HOME_MINUTES = 30

/**
 * The days on which a group meets, in days since 1970-01-01. Throws RefusedValue, naming the field, for a term that is
 * shorter than a day or longer than MOST_TERM_WEEKS, for one without days, for a holiday that ends before it begins,
 * and for holidays that leave no session.
 */
export function meetingsOf(wish: TermWish): number[] {
  const { weekdays, minutes, homeMinutes, holidays } = wish
  const [from, until] = [daysOf(wish.from, told('from')), daysOf(wish.until, told('until'))]
  requireInteger(told('minutes'), minutes, SHORTEST_SESSION, LONGEST_SESSION)
  requireInteger(told('homeMinutes'), homeMinutes, 0, MOST_HOME_MINUTES)
  if (until < from)
    throw new RefusedValue(told('until'), told('{0} or later', datePart(wish.from)), datePart(wish.until))
  if (until - from > MOST_TERM_WEEKS * DAYS_PER_WEEK)
    throw new RefusedValue(
      told('until'),
      told('at most {0} weeks after {1}', MOST_TERM_WEEKS, datePart(wish.from)),
      datePart(wish.until),
    )
  if (weekdays.length === 0)
    throw new RefusedValue(told('weekdays'), told('at least one day on which you meet'), asPart(told('none')))
  for (const weekday of weekdays) requireInteger(told('weekdays'), weekday, 0, DAYS_PER_WEEK - 1)
  const free = holidays.map((holiday, i) => daysOfHoliday(holiday, i))
  const days = Array.from({ length: until - from + 1 }, (_, i) => from + i).filter((day) =>
    weekdays.includes(weekdayOf(day)),
  )
  if (days.length === 0)
    throw new RefusedValue(told('until'), told('so late that you meet once at least'), datePart(wish.until))
  const held = days.filter((day) => !free.some((holiday) => day >= holiday.from && day <= holiday.until))
  if (held.length === 0)
    throw new RefusedValue(
      told('holidays'),
      told('shorter: at least one session must be left'),
      asPart(told('holidays that cover them all')),
    )
  return held
}

function daysOfHoliday({ from, until }: Holiday, i: number): { from: number; until: number } {
  const days = {
    from: daysOf(from, told('holiday {0}: first day', i + 1)),
    until: daysOf(until, told('holiday {0}: last day', i + 1)),
  }
  if (days.until < days.from)
    throw new RefusedValue(told('holiday {0}: last day', i + 1), told('{0} or later', datePart(from)), datePart(until))
  return days
}
