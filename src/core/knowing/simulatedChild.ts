import { draw, drawUnit, type Random } from '../random'
import {
  isRight,
  type Item,
  type MisreadingId,
  misreadingOf,
  neighbours,
  type RungId,
  sameValue,
  type Value,
  wrongAnswers,
} from '../teaching'

/**
 * A made-up child for the demo data and for measuring the diagnosis. Written apart from it: the child
 * first may follow a misreading, else knows or guesses, else slips; no odds, no priors.
 */
export interface SimulatedChild {
  readonly misreadings: readonly MisreadingId[]
  /** How often a misreading that can show does, 0 to 1. */
  readonly strength: number
  readonly slip: number
  /** How likely the child is right when no misreading shows, by rung. */
  readonly knows: (rung: RungId) => number
}

/** What the child answers to an item, from the choices offered or in the open. */
export function simulateAnswer(random: Random, child: SimulatedChild, item: Item, choices: readonly Value[]): Value {
  for (const id of child.misreadings) {
    const wrong = wrongAnswers(misreadingOf(id), item).filter(
      (value) => choices.length === 0 || choices.some((choice) => sameValue(choice, value)),
    )
    if (wrong.length > 0 && drawUnit(random) < child.strength) return draw(random, wrong)
  }
  const right = drawUnit(random) < child.knows(item.rung) && drawUnit(random) >= child.slip
  if (right) return item.answer
  const others = choices.length > 0 ? choices : neighbours(random, item).map((lure) => lure.value)
  return draw(
    random,
    others.filter((value) => !isRight(item, value)),
  )
}
