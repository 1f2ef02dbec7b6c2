import { group, type Shape } from '../../drawing'
import { armShapes } from './arms'
import { CROUCH_MM, type Legs, legShapes, type Seat, seatShapes, type SeenFrom, trunkShapes } from './body'
import type { Arm } from './joints'

export type { Legs, Seat, SeenFrom } from './body'
export { type Arm, armsBetween, armsOf } from './joints'

export interface PersonLook {
  readonly legs: Legs
  readonly seen: SeenFrom
  /** What is sat on, where the legs are those of somebody who sits. */
  readonly seat?: Seat
}

/** A person, the middle of the shoulders at the origin, mm; the arms in front of all else, the last one foremost. */
export function personShapes(arms: readonly Arm[], { legs, seen, seat = 'stool' }: PersonLook): Shape[] {
  const isSeated = legs.startsWith('seated')
  const { beneath, above } = isSeated ? seatShapes(seat, seen) : { beneath: [], above: [] }
  const under = legShapes(legs, seen)
  const body = [...trunkShapes(seen), ...above, ...arms.map(armShapes)]
  const placed = legs === 'crouching' ? [group(body, { part: 'low', y: CROUCH_MM })] : body
  return [...beneath, ...under, ...placed]
}
