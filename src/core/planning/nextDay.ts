import { dateOf, DAYS_PER_WEEK, daysOf, type PlainDate } from '../clock'
import { attempt } from '../errors'
import { meetingsOf, type TermWish } from './term'

interface Known {
  readonly today: PlainDate
  /** The days of the group's sessions, held or planned. */
  readonly sessions: readonly PlainDate[]
  /** The term that was kept for it. */
  readonly term?: TermWish
}

/**
 * The day on which a group's next session is to be: the next one of its term on which none is planned; without a term,
 * a week after the latest one, on the same day of the week. Never today, save for the very first. Throws RefusedValue
 * for what is no date.
 */
export function nextSessionDay({ today, sessions, term }: Known): PlainDate {
  const now = daysOf(today)
  const taken = sessions.map((date) => daysOf(date))
  if (taken.length === 0 && !term) return today
  const meetings = term ? (attempt(() => meetingsOf(term)).value ?? []) : []
  const free = meetings.find((day) => day > now && !taken.includes(day))
  if (free !== undefined) return dateOf(free)
  const latest = taken.length > 0 ? Math.max(...taken) : now - DAYS_PER_WEEK
  const weeks = Math.max(1, Math.floor((now - latest) / DAYS_PER_WEEK) + 1)
  return dateOf(latest + weeks * DAYS_PER_WEEK)
}
