import type { Random } from '../../random'
import type { Phrases, Wording, Told } from '../../wording'
import type { Shown } from '../shown'
import type { Ask } from '../ways'
import type { Value } from '../values'

/** A question of a rung, without its wrong choices. */
export interface RungQuestion {
  readonly ask: Ask
  readonly shown: Shown
  readonly answer: Value
}

/** Times that are read off a dial. */
interface DialTimes {
  /** Minutes past the hour that its times have; empty where the questions are made up. */
  readonly minutes: readonly number[]
  /** Which hands the dial has; each time is asked once an hour, or, with the minute hand alone, once. */
  readonly hands: 'both' | 'hour' | 'minute'
  /** The answer at a time, where it is not the time itself. */
  readonly answerAt?: (minute: number) => Value
}

/** Everything that one rung has of its own. */
export interface RungEntry {
  readonly id: string
  readonly name: Told
  /** What a child who is on it can do. */
  readonly can: Told
  /** The usual trap. */
  readonly trap: string
  /** The ways in which it is asked, the most usual first. */
  readonly asks: readonly Ask[]
  readonly dial?: DialTimes
  /** Some dozens of made-up questions in a drawn order, for a rung that is more than one dial time. */
  readonly pool?: (random: Random) => RungQuestion[]
  /** The group's wording as this rung practises it. */
  readonly wording?: (wording: Wording) => Wording
  /** What is asked, where that does not follow from what is shown. */
  readonly asked?: (phrases: Phrases) => string
  /** How far off a set hour hand may be and still count, degrees, where that is not as usual. */
  readonly hourToleranceDeg?: number
}

/** The fives from one count to another, both included. */
export const fivesFrom = (from: number, to: number): number[] =>
  Array.from({ length: (to - from) / 5 + 1 }, (_, i) => from + 5 * i)

/** How times read off two hands are asked. */
export const DIAL_ASKS = ['read', 'set', 'match', 'say'] as const satisfies readonly Ask[]
