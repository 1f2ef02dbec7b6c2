import { DAYS_PER_WEEK, mondayOf } from '../clock'
import type { RungId } from '../teaching'
import { type Answer, type Instant, MS_PER_DAY, dayNumber } from './answers'
import { estimateKnowing } from './estimate'
import { type Level, levelOf } from './levels'

/** One rung over the weeks. */
export interface Growth {
  readonly rung: RungId
  /** One for each week: how it stood at the end of it, and how many answers came; before the first, none. */
  readonly weeks: readonly (GrowthWeek | undefined)[]
  /** The day on which it first became secure by the answers; undefined while it has not. */
  readonly secureSince?: Instant
}

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

/**
 * Growth of every rung that was met, in the order given. Worked out from the answers alone, without the adult's word.
 */
export function growthOf(answers: readonly Answer[], rungs: readonly RungId[]): Growth[] {
  const weeks = weeksOf(answers)
  return rungs.flatMap((rung) => {
    const own = answers.filter((answer) => answer.item.rung === rung && !answer.helped)
    if (own.length === 0) return []
    const first = Math.min(...own.map(({ at }) => at))
    return [
      {
        rung,
        weeks: weeks.map((week) => (week + DAYS_PER_WEEK * MS_PER_DAY <= first ? undefined : weekOf(own, rung, week))),
        secureSince: secureSince(own, rung),
      },
    ]
  })
}

function weekOf(own: readonly Answer[], rung: RungId, week: Instant): GrowthWeek {
  const end = week + DAYS_PER_WEEK * MS_PER_DAY - 1
  const until = own.filter(({ at }) => at <= end)
  const during = until.filter(({ at }) => isInWeek(at, week))
  return {
    level: levelOf(estimateKnowing(until, rung, end)),
    right: during.filter(({ right }) => right).length,
    of: during.length,
  }
}

function secureSince(own: readonly Answer[], rung: RungId): Instant | undefined {
  const ends = [...new Set(own.map(({ at }) => dayNumber(at)))]
    .sort((a, b) => a - b)
    .map((day) => (day + 1) * MS_PER_DAY - 1)
  return ends.find(
    (end) =>
      estimateKnowing(
        own.filter(({ at }) => at <= end),
        rung,
        end,
      ).firm,
  )
}
