import type { ChildId, SessionId } from '../ids'
import { drawInt, type Random } from '../random'
import { type Ask, asksOf, isRight, type Item, luresFor, makeItems, type RungId } from '../teaching'
import { type Answer, stageOf } from './answers'
import { isOpen } from './telling'
import { simulateAnswer, type SimulatedChild } from './simulatedChild'

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
