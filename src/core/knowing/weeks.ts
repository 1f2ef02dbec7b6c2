import { DAYS_PER_WEEK, type LocalDay, dayAfter, weekOfDay } from '../clock'
import type { RungId } from '../teaching'
import type { Answer } from './answers'
import { stoodBy } from './estimate'
import { type Level, levelOf } from './levels'
import { SECURE } from './verdict'

export interface GrowthWeek {
  readonly level: Level
  /** How much of the evidence that is needed the answers had given by its end, in per cent; 100 is enough. */
  readonly evidencePercent: number
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
  const stood = stoodBy(until, rung, now)
  return {
    level: levelOf(stood),
    evidencePercent: (100 * stood.followed.evidence) / SECURE.threshold,
    right: during.filter(({ right }) => right).length,
    of: during.length,
  }
}
