import { MINUTES_PER_HOUR } from '../../clock'
import { type Random, shuffled } from '../../random'
import { type Item, itemAt, type RungId, rungTimes } from '../../teaching'

/** Times of a rung one after the other, in one drawn order after another; never the same twice in a row. */
export function timesInTurn(random: Random, rung: RungId): () => Item {
  let deal: number[] = []
  let last: number | undefined
  return () => {
    if (deal.length === 0) deal = spread(shuffled(random, rungTimes(rung, {})), last)
    last = deal.pop() as number
    return itemAt(rung, 'read', last)
  }
}

/** Dealt from both halves of the face in turn, as far as they go, and never beginning with the last one. */
function spread(times: readonly number[], last: number | undefined): number[] {
  const isRight = (minute: number) => minute % MINUTES_PER_HOUR < 30
  const [right, left] = [times.filter(isRight), times.filter((minute) => !isRight(minute))]
  const both = Array.from({ length: Math.max(right.length, left.length) }, (_, i) => [left[i], right[i]])
    .flat()
    .filter((minute) => minute !== undefined)
  return both.at(-1) === last && both.length > 1 ? [both.at(-1) as number, ...both.slice(0, -1)] : both
}
