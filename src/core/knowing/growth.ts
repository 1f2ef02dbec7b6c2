import type { RungId } from '../teaching'
import { type Answer, type Instant, MS_PER_DAY, dayNumber } from './answers'
import { estimateKnowing } from './estimate'

/** How sure one rung was at the end of each day on which the child answered anything, from the first answer on it. */
export interface Growth {
  readonly rung: RungId
  readonly points: readonly { readonly at: Instant; readonly probability: number }[]
  /** The day on which it first became firm by the answers; undefined while it has not. */
  readonly firmSince?: Instant
}

/**
 * Growth of every rung that was met, in the order given. Worked out from the answers alone, without the adult's word.
 */
export function growthOf(answers: readonly Answer[], rungs: readonly RungId[]): Growth[] {
  const days = [...new Set(answers.map((answer) => dayNumber(answer.at)))].sort((a, b) => a - b)
  return rungs.flatMap((rung) => {
    const own = answers.filter((answer) => answer.item.rung === rung && !answer.helped)
    if (own.length === 0) return []
    const first = Math.min(...own.map((answer) => dayNumber(answer.at)))
    const ends = days.filter((day) => day >= first).map((day) => (day + 1) * MS_PER_DAY - 1)
    const estimates = ends.map((at) => ({
      at,
      estimate: estimateKnowing(
        own.filter((answer) => answer.at <= at),
        rung,
        at,
      ),
    }))
    return [
      {
        rung,
        points: estimates.map(({ at, estimate }) => ({ at, probability: estimate.probability })),
        firmSince: estimates.find(({ estimate }) => estimate.firm)?.at,
      },
    ]
  })
}
