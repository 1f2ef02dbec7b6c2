import { DAYS_PER_WEEK, mondayOf } from '../clock'
import type { RungId } from '../teaching'
import { type Answer, dayNumber, type Instant, MS_PER_DAY } from './answers'
import { estimateKnowing } from './estimate'
import { type Level, levelOf } from './levels'

export interface GrowthWeek {
  readonly level: Level
  readonly right: number
  readonly of: number
}

/** The first instant of each week, Mondays in UTC, from the first answer's week to the last one's. */
export function weeksOf(answers: readonly Answer[]): Instant[] {
  if (answers.length === 0) return []
  const days = answers.map(({ at }) => dayNumber(at))
  const [first, last] = [mondayOf(Math.min(...days)), mondayOf(Math.max(...days))]
  return Array.from({ length: (last - first) / DAYS_PER_WEEK + 1 }, (_, i) => (first + i * DAYS_PER_WEEK) * MS_PER_DAY)
}

/** Whether an instant lies in the week that begins at `week`. */
export function isInWeek(at: Instant, week: Instant): boolean {
  return at >= week && at < week + DAYS_PER_WEEK * MS_PER_DAY
}

/** What the answers to a rung in one week were like; `week` is its Monday. */
export function weekOf(own: readonly Answer[], rung: RungId, week: Instant): GrowthWeek {
  const end = week + DAYS_PER_WEEK * MS_PER_DAY - 1
  const until = own.filter(({ at }) => at <= end)
  const during = until.filter(({ at }) => isInWeek(at, week))
  return {
    level: levelOf(estimateKnowing(until, rung, end)),
    right: during.filter(({ right }) => right).length,
    of: during.length,
  }
}
