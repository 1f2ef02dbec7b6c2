import { DAYS_PER_WEEK, type LocalDay, dayAfter, weekOfDay } from '../clock'
import type { RungId } from '../teaching'
import type { Answer } from './answers'
import { stoodBy } from './estimate'
import { type Level, levelOf } from './levels'

export interface GrowthWeek {
  readonly level: Level
  readonly right: number
  readonly of: number
}

/** The Mondays of the weeks from the first answer's to the last one's. */
export function weeksOf(answers: readonly Answer[]): LocalDay[] {
  const days = answers.map(({ day }) => weekOfDay(day)).sort((a, b) => a - b)
  const [first] = days
  const last = days[days.length - 1]
  if (first === undefined || last === undefined) return []
  return Array.from({ length: (last - first) / DAYS_PER_WEEK + 1 }, (_, i) => dayAfter(first, i * DAYS_PER_WEEK))
}

/** Whether a day lies in the week that begins on a Monday. */
export function isInWeek(day: LocalDay, week: LocalDay): boolean {
  return weekOfDay(day) === week
}

/** What the answers to a rung in one week were like; `week` is its Monday. */
export function weekOf(own: readonly Answer[], rung: RungId, week: LocalDay): GrowthWeek {
  const until = own.filter(({ day }) => weekOfDay(day) <= week)
  const during = until.filter(({ day }) => isInWeek(day, week))
  const now = until.reduce((latest, { at }) => Math.max(latest, at), 0)
  return {
    level: levelOf(stoodBy(until, rung, now)),
    right: during.filter(({ right }) => right).length,
    of: during.length,
  }
}
