import type { DayRow } from '../days'
import type { MisreadingId, RungId } from '../teaching'
import type { Wording } from '../wording'
import type { Facing } from './moves'

export interface GameOptions {
  readonly rung: RungId
  readonly wording: Wording
  /** 1 to 30. */
  readonly minutes: number
  /** 1 to 30. */
  readonly children: number
  /** 3 to 99; left out, the careful numbers of the youngest hold. */
  readonly age?: number
  readonly isSeated: boolean
  /** -2 (much easier) to 2 (much harder). */
  readonly harder: number
  /** Between two things to run round, metres; for laps. */
  readonly lapMetres: number
  /** The most that is run in one game, metres; left out, it follows the age. */
  readonly mostMetres?: number
  /** Across the free floor, metres; left out, it is not looked at. */
  readonly roomMetres?: number
  /** Which way the children look from the middle of a clock on the floor. */
  readonly facing: Facing
  /** Of the children, to call them by; whoever has none is called by a number. */
  readonly names: readonly string[]
  /** The rows of a day to be told in jump the day; left out, one is made up. */
  readonly day?: readonly DayRow[]
  /** To think before the answer, in choose a move; `none` waits for the adult. */
  readonly think: 15 | 25 | 40 | 'none'
  /** A wrong choice in choose a move: everyone moves, or those who were wrong move again. */
  readonly wrong: 'everyone' | 'again'
  /** How much likelier each misreading is made as a wrong choice. */
  readonly weights: Partial<Record<MisreadingId, number>>
}
