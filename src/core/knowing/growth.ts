import { DAYS_PER_WEEK } from '../clock'
import type { RungId } from '../teaching'
import { type Answer, dayNumber, type Instant, MS_PER_DAY } from './answers'
import { estimateKnowing } from './estimate'
import { type GrowthWeek, weekOf, weeksOf } from './weeks'

/** One rung over the weeks. */
export interface Growth {
  readonly rung: RungId
  /** One for each week: how it stood at the end of it, and how many answers came; before the first, none. */
  readonly weeks: readonly (GrowthWeek | undefined)[]
  /** The day on which it first became secure by the answers; undefined while it has not. */
  readonly secureSince?: Instant
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
