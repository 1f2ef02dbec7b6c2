import { minutesLeftAt, plannedMinutes } from '../../core/planning'
import type { Session } from '../../core/records'
import { today } from '../../ui/dates'

/**
 * Whole minutes until the session ends. While it is the session's own time, the clock on the wall says so; otherwise it
 * is what is planned from this step on, less what has been spent on it.
 */
export function minutesLeft(
  { date, start, minutes, plan }: Pick<Session, 'date' | 'start' | 'minutes' | 'plan'>,
  at: string,
  spentSeconds: number,
  now: Date,
): number {
  const clock = now.getHours() * 60 + now.getMinutes()
  const end = start + Math.max(minutes, plannedMinutes(plan))
  const isNow = date === today(now) && clock >= start && clock < end
  return Math.max(1, isNow ? end - clock : minutesLeftAt(plan, at) - Math.floor(spentSeconds / 60))
}
