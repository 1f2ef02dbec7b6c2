import type { ChildId, SessionId } from '../ids'
import { type Random, draw, drawInt, drawUnit } from '../random'
import {
  type Ask,
  type Item,
  type MisreadingId,
  type RungId,
  type Value,
  asksOf,
  isRight,
  luresFor,
  makeItems,
  misreadingOf,
  neighbours,
  sameValue,
  wrongAnswers,
} from '../teaching'
import { type Answer, stageOf } from './answers'
import { isOpen } from './choosing'

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

export interface SittingRequest {
  readonly childId: ChildId
  readonly sessionId?: SessionId
  readonly rung: RungId
  readonly count: number
  /** When the sitting starts; answers follow each other by some seconds. */
  readonly at: number
  readonly newId: () => string
}

/** One sitting: reading from four choices and setting or writing in turn, as at the table. */
export function simulateSitting(random: Random, child: SimulatedChild, request: SittingRequest): Answer[] {
  const { childId, sessionId, rung, count, newId } = request
  let at = request.at
  return Array.from({ length: count }, (_, i) => {
    const asks = asksOf(rung).slice(0, 2)
    const ask: Ask = asks[i % asks.length] ?? 'read'
    const [bare] = makeItems(random, { rung, ask, count: 1 })
    if (!bare) throw new Error('makeItems gave no item')
    const lures = !isOpen(bare.ask) ? luresFor(bare, { count: 3, seed: drawInt(random, 0, 1e9) }) : []
    const item: Item = { ...bare, lures }
    const choices = lures.length > 0 ? [item.answer, ...lures.map((lure) => lure.value)] : []
    const given = simulateAnswer(random, child, item, choices)
    const tookMs = drawInt(random, 3000, 14_000)
    at += tookMs + 5000
    const concrete = rung === 'hour-hand' || rung === 'fives' ? i % 2 === 1 : false
    return {
      id: newId(),
      childId,
      sessionId,
      at,
      item,
      choices: choices.length,
      given,
      right: isRight(item, given),
      stage: concrete ? 'concrete' : stageOf(item),
      helped: false,
      tookMs,
    }
  })
}
