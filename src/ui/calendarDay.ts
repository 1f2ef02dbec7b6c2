import { type LocalDay, dateOfDay } from '../core/clock'
import { dayOf } from './dates'

/** "Sat 28 Nov" of a day of the place. */
export function calendarDay(day: LocalDay): string {
  return dayOf(new Date(`${dateOfDay(day)}T12:00:00`).getTime())
}
