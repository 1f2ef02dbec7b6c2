import type { AnswerId, ChildId, SessionId } from '../ids'
import type { Item, Stage, Value } from '../teaching'

/** Milliseconds since 1970-01-01 UTC. */
export type Instant = number

export const MS_PER_DAY = 86_400_000

/** One answer by one child, kept whole, so that anything later learned about it can be worked out again. */
export interface Answer {
  readonly id: AnswerId
  readonly childId: ChildId
  readonly sessionId?: SessionId
  readonly at: Instant
  /** What was shown and asked, with the wrong choices that were offered. */
  readonly item: Item
  /** How many choices were offered, the true one included; 0 for an open answer. */
  readonly choices: number
  readonly given: Value
  readonly right: boolean
  /** With what: a clock in the hand, a picture, signs. */
  readonly stage: Stage
  /** An adult helped; such an answer shows nothing about the child alone. */
  readonly helped: boolean
  readonly tookMs?: number
  /** What was shown on the dial to help: ids of scaffolds, none for a bare dial. */
  readonly scaffolds?: readonly string[]
}

const ABSTRACT: readonly Item['ask'][] = ['write', 'say', 'write-24', 'work-back', 'half-of-day', 'look-up']

/**
 * With what an item is met when it is asked on the screen: hands moved, a picture read, signs written or reckoned
 * with.
 */
export function stageOf(item: Item): Stage {
  if (item.ask === 'set') return 'concrete'
  return ABSTRACT.includes(item.ask) ? 'abstract' : 'pictorial'
}

/** The calendar day of an instant, counted in UTC; good enough to tell two lessons apart. */
export function dayNumber(at: Instant): number {
  return Math.floor(at / MS_PER_DAY)
}
