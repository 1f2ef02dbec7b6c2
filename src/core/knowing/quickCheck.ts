import { drawInt, randomFrom } from '../random'
import {
  type Ask,
  type Item,
  type MisreadingId,
  type RungId,
  type Value,
  hasItems,
  itemAt,
  makeItems,
  minuteOf,
  rungTimes,
  withChoices,
} from '../teaching'

/** One question of a quick check: answered by a choice where there are any, else by setting or writing. */
export interface Question {
  readonly item: Item
  /** The true answer among the wrong ones, in the order in which they are offered; empty when open. */
  readonly choices: readonly Value[]
}

export interface QuickCheckRequest {
  readonly rung: RungId
  readonly seed: number
  /** How likely each misreading is for this child: found ones come up more often among the choices. */
  readonly weights?: Partial<Record<MisreadingId, number>>
}

const WRONG_CHOICES = 3
const LONGEST_CHECK = 12

/**
 * The questions of a quick check on a rung, no time twice: reading from choices and, in turn, setting
 * the hands (or, for the digital form, writing figures). As many as the rung has times, 12 at most;
 * none for a rung that is not read off a dial.
 */
export function quickCheck({ rung, seed, weights }: QuickCheckRequest): Question[] {
  if (!hasItems(rung)) return []
  const random = randomFrom(seed)
  const count = Math.min(LONGEST_CHECK, rungTimes(rung, {}).length)
  return makeItems(random, { rung, ask: 'read', count }).map((read, i) => {
    const ask: Ask = i % 2 === 0 ? 'read' : rung === 'digital' ? 'write' : 'set'
    const item = itemAt(rung, ask, minuteOf(read))
    if (item.ask !== 'read') return { item, choices: [] }
    return withChoices(item, { count: WRONG_CHOICES, seed: drawInt(random, 0, 1e9), weights })
  })
}
