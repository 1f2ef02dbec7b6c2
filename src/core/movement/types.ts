import { type Told } from '../wording'
import type { CautionId } from '../make'
import type { Random } from '../random'
import type { Call } from './calls'
import type { GameOptions } from './gameOptions'

export const GAME_IDS = [
  'walk-the-hours',
  'arms-as-hands',
  'balance-clock',
  'three-speeds',
  'laps',
  'choose-a-move',
  'freeze',
  'jump-the-day',
  'be-the-hands',
  'hour-relay',
  'find-your-time',
] as const

export type GameId = (typeof GAME_IDS)[number]

/** A call before it has its place in time. */
export interface Beat extends Omit<Call, 'at'> {
  /** What is done instead, once enough of the game was hard. */
  readonly softer?: Beat
}

/** A game from its start to its end. */
export interface Timeline {
  readonly game: GameId
  readonly seed: number
  /** In order, each beginning where the one before ends. */
  readonly calls: readonly Call[]
  readonly seconds: number
}

/** How a game begins, goes on and ends. Rounds are asked for in their order, as many as fit. */
export interface Script {
  readonly opening: readonly Beat[]
  readonly round: (i: number) => readonly Beat[]
  readonly closing: readonly Beat[]
}

/** A game with the whole body. */
export interface Game {
  readonly id: GameId
  readonly name: Told
  readonly purpose: Told
  /** Across, for so many children, metres; an arm's length all round each. */
  readonly roomFor: (children: number) => number
  readonly leastChildren: number
  readonly mostChildren: number
  readonly cautions: readonly CautionId[]
  /** Whether there is anything hard in it, so that it ends with water. */
  readonly isHard: boolean
  /** What can be set for this game besides what all games have. */
  readonly takes: readonly ('lapMetres' | 'mostMetres' | 'think' | 'wrong' | 'facing')[]
  readonly script: (options: GameOptions, random: Random) => Script
}
