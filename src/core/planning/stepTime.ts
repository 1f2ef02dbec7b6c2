import type { StepId } from '../ids'
import { minutesLeftAt } from './bend'
import { plannedMinutes } from './lengthChecks'
import type { SessionPlan } from './types'

/** The watch of a step: when it was last started (milliseconds), null while it stands, and what ran before that. */
export interface StepWatch {
  readonly since: number | null
  readonly spentMs: number
}

export const STOPPED_WATCH: StepWatch = { since: null, spentMs: 0 }

/** How long a watch has run at a moment (both in milliseconds). A clock that was set back takes nothing away. */
export function watchMs({ since, spentMs }: StepWatch, now: number): number {
  return spentMs + (since === null ? 0 : Math.max(0, now - since))
}

/** The watch after it was started, or stopped, at a moment. */
export function watchToggled(watch: StepWatch, now: number): StepWatch {
  return watch.since === null ? { since: now, spentMs: watch.spentMs } : { since: null, spentMs: watchMs(watch, now) }
}

/** Whole seconds that are left of so many minutes; below 0 once they are over. */
export function secondsLeft(minutes: number, spentMs: number): number {
  return Math.ceil((minutes * 60_000 - spentMs) / 1000)
}

/**
 * Seconds as a timer shows them: those that are left, or with + those beyond.
 *
 * timerFigures(245) //=> '4:05'
 * timerFigures(-20) //=> '+0:20'
 */
export function timerFigures(left: number): string {
  const seconds = Math.abs(left)
  return `${left < 0 ? '+' : ''}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** What is known of a session while it runs. */
interface RunningSession {
  readonly date: string
  readonly start: number
  readonly minutes: number
  readonly plan: SessionPlan
}

/**
 * Whole minutes until a session ends, 1 or more, at a date and minute of the day. While it is the session's own time,
 * the clock on the wall says so; otherwise it is what is planned from the step `at` on, less what was spent on it.
 */
export function sessionMinutesLeft(
  { date, start, minutes, plan }: RunningSession,
  at: StepId,
  spentSeconds: number,
  now: { readonly date: string; readonly minute: number },
): number {
  const end = start + Math.max(minutes, plannedMinutes(plan))
  const isNow = date === now.date && now.minute >= start && now.minute < end
  return Math.max(1, isNow ? end - now.minute : minutesLeftAt(plan, at) - Math.floor(spentSeconds / 60))
}
