import { DAYS_PER_WEEK, dateOf, daysOf, weekdayOf } from '../../core/clock'
import type { TermWish } from '../../core/planning'
import type { Settings } from '../../core/records'

const USUAL_WEEKS = 12
const USUAL_MINUTES = 30

/** What a term begins as before anything is said: once a week from today, for twelve weeks. */
export function firstWish({ school }: Pick<Settings, 'school'>, today: string): TermWish {
  const from = daysOf(today)
  return {
    from: today,
    until: dateOf(from + USUAL_WEEKS * DAYS_PER_WEEK),
    weekdays: [weekdayOf(from)],
    minutes: USUAL_MINUTES,
    homeMinutes: 0,
    goal: null,
    holidays: [],
    school,
  }
}
