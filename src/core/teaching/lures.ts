import { told } from '../wording'
import { requireInteger } from '../errors'
import { drawUnit, randomFrom, shuffled } from '../random'
import { isRight, type Item, type Lure, minuteOf } from './items'
import { type MisreadingId, misreadings, wrongAnswers } from './misreadings'
import { sameValue } from './sameValue'
import type { Value } from './values'
import { neighbours } from './nearTimes'

export interface LuresRequest {
  /** How many wrong choices are wanted, 0 to 10. Fewer come back only where the rung has no more times. */
  readonly count: number
  readonly seed: number
  /** How likely each misreading is for this child (1 where it is not named): a larger weight comes sooner. */
  readonly weights?: Partial<Record<MisreadingId, number>>
}

/**
 * Wrong choices for an item: those that misreadings lead to first, then other times of the rung.
 * Distinct, never right, and of the same kind as the answer, so that none can be told by its look.
 */
export function luresFor(item: Item, { count, seed, weights = {} }: LuresRequest): Lure[] {
  requireInteger(told('count'), count, 0, 10)
  const random = randomFrom(seed)
  const fromMisreadings = misreadings
    .flatMap((misreading) =>
      wrongAnswers(misreading, item)
        .filter((value) => value.kind === item.answer.kind)
        .map((value) => ({ value, misreading: misreading.id })),
    )
    // Weighted order without replacement: the key u^(1/w) of Efraimidis and Spirakis, largest first.
    .map((lure) => ({ lure, key: drawUnit(random) ** (1 / (weights[lure.misreading] ?? 1)) }))
    .sort((a, b) => b.key - a.key)
    .map(({ lure }): Lure => lure)
  const chosen: Lure[] = []
  for (const lure of [...fromMisreadings, ...neighbours(random, item)]) {
    if (chosen.length === count) break
    if (isRight(item, lure.value) || chosen.some((other) => sameValue(other.value, lure.value))) continue
    chosen.push(lure)
  }
  return chosen
}

/** The item with its wrong choices, and the choices in a shuffled order with the true one among them. */
export function withChoices(item: Item, request: LuresRequest): { item: Item; choices: Value[] } {
  const lures = luresFor(item, request)
  const choices = shuffled(randomFrom(request.seed + minuteOf(item)), [item.answer, ...lures.map((lure) => lure.value)])
  return { item: { ...item, lures }, choices }
}
