import { type Zone, localDay } from '../clock'
import type { ChildId, SessionId } from '../ids'
import { drawInt, type Random } from '../random'
import { type Ask, asksOf, isOpen, isRight, type Item, luresFor, makeItems, type RungId, wayOf } from '../teaching'
import { type Answer, stageOf } from './answers'
import { simulateAnswer, type SimulatedChild } from './simulatedChild'

export interface SittingRequest {
  readonly childId: ChildId
  readonly sessionId?: SessionId
  readonly rung: RungId
  readonly count: number
  /** When the sitting starts; answers follow each other by some seconds. */
  readonly at: number
  readonly newId: () => string
  /** Only these ways of asking, one after the other; left out, the first two of the rung. */
  readonly asks?: readonly Ask[]
  /** The time zone that the child lives in. */
  readonly zone?: Zone
}

/** One sitting: reading from four choices and setting or writing in turn, as at the table. */
export function simulateSitting(random: Random, child: SimulatedChild, request: SittingRequest): Answer[] {
  const { childId, sessionId, rung, count, newId, zone = 'UTC' } = request
  let at = request.at
  return Array.from({ length: count }, (_, i) => {
    const asks = request.asks ?? asksOf(rung).slice(0, 2)
    const ask: Ask = asks[i % asks.length] ?? 'read'
    const [bare] = makeItems(random, { rung, ask, count: 1 })
    if (!bare) throw new Error('makeItems gave no item')
    const lures = !isOpen(bare.ask) ? luresFor(bare, { count: 3, seed: drawInt(random, 0, 1e9) }) : []
    const item: Item = { ...bare, lures }
    const choices = lures.length > 0 ? [item.answer, ...lures.map((lure) => lure.value)] : []
    const given = simulateAnswer(random, child, item, choices)
    const tookMs = drawInt(random, 3000, 14_000)
    at += tookMs + 5000
    // Where the ways of asking are of one kind, every other question is put with things, as the quick check does.
    const concrete = new Set(asks.map((each) => wayOf(each).stage)).size === 1 && i % 2 === 1
    return {
      id: newId(),
      childId,
      sessionId,
      at,
      day: localDay(at, zone),
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
