import type { LocalDay } from '../clock'
import type { AnswerId, ChildId, SessionId } from '../ids'
import { type Item, type Stage, type Value, wayOf } from '../teaching'

/** Milliseconds since 1970-01-01 UTC. */
export type Instant = number

/** One answer by one child, kept whole, so that anything later learned about it can be worked out again. */
export interface Answer {
  readonly id: AnswerId
  readonly childId: ChildId
  readonly sessionId?: SessionId
  readonly at: Instant
  /** The day of it at the place where the group meets. */
  readonly day: LocalDay
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

/** With what an item is met when it is asked on the screen. */
export function stageOf(item: Item): Stage {
  return wayOf(item.ask).stage
}
