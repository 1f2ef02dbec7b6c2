import { daysOf, type PlainDate, weekdayOf } from '../clock'

/* English dates apart from those of the other languages, since every view has them. */

/** How dates are written in a language: its short names, Monday and January first, and how they are put together. */
export interface DateHabit {
  readonly weekdays: readonly string[]
  readonly months: readonly string[]
  readonly together: (weekday: string, day: number, month: string, year: string) => string
}

// Written here: the browser's own take a fifth of a second to load at first sight, on a processor slowed four times.
export const ENGLISH_DAYS = {
  weekdays: ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
  months: ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
} as const

export const BRITISH: DateHabit = {
  ...ENGLISH_DAYS,
  together: (weekday, day, month, year) => `${weekday} ${day} ${month}${year && ` ${year}`}`,
}

/** A date by the habit of a language, with its year where that is asked for. Throws RefusedValue for what is no date. */
export function dateBy(
  { weekdays, months, together }: DateHabit,
  date: PlainDate,
  { year = false, weekday = true }: { readonly year?: boolean; readonly weekday?: boolean },
): string {
  const dayOfWeek = weekdays[weekdayOf(daysOf(date))] ?? ''
  const month = months[Number(date.slice(5, 7)) - 1] ?? ''
  const whole = together(dayOfWeek, Number(date.slice(8)), month, year ? date.slice(0, 4) : '')
  return weekday ? whole : whole.slice(dayOfWeek.length).replace(/^,? /, '')
}
