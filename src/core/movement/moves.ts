import type { Value } from '../teaching'

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
