import type { Item } from '../teaching'
import type { Facing, MoveChoice, Quarter } from './moves'

/** What a call is for: the pictures, the sound and the marks at the edge of the stage follow it. */
export type CallKind = 'welcome' | 'call' | 'answer' | 'reason' | 'rest' | 'water' | 'settle'

/** How hard the body works during a call. */
export type Effort = 'hard' | 'easy' | 'still'

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
  /** Five things seen from above: the quarters where to jump, two of them where the time is on the line between. */
  | { readonly as: 'place'; readonly quarters: readonly Quarter[]; readonly facing: Facing }
  /** A clock on the floor: the hands walk from one time on to another, both 0 to 719. */
  | { readonly as: 'walk'; readonly from: number; readonly minute: number; readonly hands: 'both' | 'hour' }
  /** The cards of everyone, in the order or the pairs that are right. */
  | { readonly as: 'cards'; readonly cards: readonly TimeCard[] }

/** On two feet, on one of them, or seated, in a wheelchair now and then: the seated forms use arms only. */
export type Stance = 'two-feet' | 'left-foot' | 'right-foot' | 'seated' | 'wheelchair'

/** How seated children are shown in the calls of a game, in turn. */
export const seatedStance = (turn: number): Stance => (turn % 2 === 0 ? 'seated' : 'wheelchair')

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
