import type { DayRow } from '../days'
import type { CautionId } from '../make'
import type { Random } from '../random'
import type { Item, MisreadingId, RungId, Value } from '../teaching'
import type { Wording } from '../wording'

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

/** What a call is for: the pictures, the sound and the marks at the edge of the stage follow it. */
export type CallKind = 'welcome' | 'call' | 'answer' | 'reason' | 'rest' | 'water' | 'settle'

/** How hard the body works during a call. */
export type Effort = 'hard' | 'easy' | 'still'

/** One time to choose with its move. */
export interface MoveChoice {
  readonly move: MoveId
  /** The move in words. */
  readonly does: string
  /** The time, as the group says it. */
  readonly says: string
  readonly isRight: boolean
  /** The answer that a child gives who does this move. */
  readonly value: Value
}

export const MOVE_IDS = ['star', 'wings', 'hug', 'roof', 'wave', 'low', 'hips', 'march'] as const
export type MoveId = (typeof MOVE_IDS)[number]

/** The quarters of a clock on the floor, as a child in its middle has them round. */
export const QUARTERS = ['ahead-right', 'behind-right', 'behind-left', 'ahead-left'] as const
export type Quarter = (typeof QUARTERS)[number]

/** Which numeral the children look at from the middle of a clock on the floor. */
export type Facing = 'twelve' | 'six'

/** A card of find your time, with the number that is printed on it. */
export interface TimeCard {
  readonly number: number
  /** 0 to 719. */
  readonly minute: number
  readonly says: string
}

/** What the stage shows during a call. */
export type ShownCall =
  | { readonly as: 'words' }
  | { readonly as: 'number'; readonly number: number }
  | { readonly as: 'dial'; readonly minute: number; readonly hands: 'both' | 'hour' | 'minute' }
  | { readonly as: 'figure'; readonly minute: number; readonly hands: 'both' | 'hour'; readonly stance: Stance }
  | { readonly as: 'choices'; readonly minute: number; readonly choices: readonly MoveChoice[] }
  | { readonly as: 'speed'; readonly hand: 'second' | 'minute' | 'hour' }
  /** Five things seen from above: the quarter of this one is where to jump. */
  | { readonly as: 'place'; readonly quarter: Quarter; readonly facing: Facing }
  /** A clock on the floor: the hands walk from one time on to another, both 0 to 719. */
  | { readonly as: 'walk'; readonly from: number; readonly minute: number; readonly hands: 'both' | 'hour' }
  /** The cards of everyone, in the order or the pairs that are right. */
  | { readonly as: 'cards'; readonly cards: readonly TimeCard[] }

/** On two feet, on one of them, or seated: the seated form uses arms only. */
export type Stance = 'two-feet' | 'left-foot' | 'right-foot' | 'seated'

export interface Call {
  /** Seconds from the start of the game. */
  readonly at: number
  readonly seconds: number
  readonly kind: CallKind
  readonly effort: Effort
  /** In the group's language. */
  readonly say: string
  /** What is written, where that is shorter. */
  readonly caption?: string
  readonly shown: ShownCall
  /** Who is meant, as places in the row of children from 0 on; left out, everyone. */
  readonly who?: readonly number[]
  /** The question, where the answers of the children can be kept. */
  readonly item?: Item
  /** It goes on only when the adult says so. */
  readonly waits?: boolean
  /** Why it is there, where the load of the body wants it. */
  readonly why?: string
}

/** A call before it has its place in time. */
export interface Beat extends Omit<Call, 'at'> {
  /** What is done instead, once enough of the game was hard. */
  readonly softer?: Beat
}

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
  readonly name: string
  readonly purpose: string
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
