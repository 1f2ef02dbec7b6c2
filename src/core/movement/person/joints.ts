import { type Point, pointOnDial } from '../../drawing'
import { type Pose, SHOULDER, shoulderOf, type Side, UPPER_ARM_MM, FOREARM_MM, limbEnd } from '../pose'

/**
 * What an arm is for: `long` is the minute hand, `bent` the hour hand with its elbow for a point, `resting` neither,
 * `moving` belongs to a move.
 */
export type ArmPart = 'long' | 'bent' | 'resting' | 'moving'

/** An arm by the angles along which its upper arm and its forearm point, degrees clockwise from overhead. */
export interface Arm {
  readonly part: ArmPart
  readonly side: Side
  readonly upper: number
  readonly fore: number
}

export const HEAD = { x: 0, y: -26, r: 15 } as const

export const elbowOf = ({ side, upper }: Arm): Point => limbEnd(side, upper, UPPER_ARM_MM)

/** The middle of the hand. */
export function handOf(arm: Arm): Point {
  const [elbow, reach] = [elbowOf(arm), pointOnDial(arm.fore, FOREARM_MM)]
  return { x: elbow.x + reach.x, y: elbow.y + reach.y }
}

/** How far a folded forearm opens from the upper arm, degrees: enough for a gap that is seen across a hall. */
const FOLD_DEG = 44
/** Hanging down, a little bent, away from the body. */
const RESTING = { upper: 160, fore: 196 } as const

/** Both arms of a pose; without a long one, the other arm rests. */
export function armsOf({ long, bent }: Pose, hands: 'both' | 'hour'): Arm[] {
  const straight: Arm = { part: 'long', side: long.side, upper: long.angle, fore: long.angle }
  const isRight = bent.side === 'left'
  const resting: Arm = {
    part: 'resting',
    side: isRight ? 'right' : 'left',
    upper: isRight ? RESTING.upper : 360 - RESTING.upper,
    fore: isRight ? RESTING.fore : 360 - RESTING.fore,
  }
  const other = hands === 'both' ? straight : resting
  return [other, foldedArm(bent, other)]
}

/** The bent arm, its forearm on the side on which it hides least of the head and of the other arm. */
function foldedArm({ side, angle }: Pose['bent'], other: Arm): Arm {
  // In a mirror the other way round, so that of two alike the same one is taken there.
  const turns = side === 'right' ? [180 - FOLD_DEG, 180 + FOLD_DEG] : [180 + FOLD_DEG, 180 - FOLD_DEG]
  const folds = turns.map((by): Arm => ({ part: 'bent', side, upper: angle, fore: (angle + by) % 360 }))
  const [one, another] = folds as [Arm, Arm]
  return inTheWay(one, other) <= inTheWay(another, other) + ALIKE ? one : another
}

/** A difference that is nothing but rounding. */
const ALIKE = 1e-6
/** Clear of these, middle to middle, mm. */
const CLEAR_OF_HEAD = 24
const CLEAR_OF_ARM = 13

function inTheWay(bent: Arm, other: Arm): number {
  const [hand, elbow] = [handOf(bent), elbowOf(bent)]
  const half = { x: (hand.x + elbow.x) / 2, y: (hand.y + elbow.y) / 2 }
  const head = Math.max(0, CLEAR_OF_HEAD - Math.hypot(hand.x - HEAD.x, hand.y - HEAD.y))
  const along = [hand, half].reduce((sum, at) => sum + Math.max(0, CLEAR_OF_ARM - toArm(at, other)), 0)
  // The hand that points, most of all.
  const pointing = Math.max(0, CLEAR_OF_ARM - Math.min(...[hand, half].map((at) => distance(at, handOf(other)))))
  // Of two that hide nothing, the one away from the body.
  const inward = Math.max(0, SHOULDER.x + 4 - Math.abs(hand.x))
  return head + along + 2 * pointing + 0.2 * inward
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y)

/** How far a point is from the middle line of an arm. */
function toArm(at: Point, arm: Arm): number {
  const joints = [shoulderOf(arm.side), elbowOf(arm), handOf(arm)] as const
  return Math.min(toLine(at, joints[0], joints[1]), toLine(at, joints[1], joints[2]))
}

function toLine(at: Point, from: Point, to: Point): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const along = ((at.x - from.x) * dx + (at.y - from.y) * dy) / (dx * dx + dy * dy)
  const t = Math.max(0, Math.min(1, along))
  return distance(at, { x: from.x + t * dx, y: from.y + t * dy })
}

/** Arms on their way from one pose to the next, `share` (0 to 1) of the way: each turns the shorter way round. */
export function armsBetween(from: readonly Arm[], to: readonly Arm[], share: number): Arm[] {
  return to.map((arm) => {
    const before = from.find(({ side }) => side === arm.side) ?? arm
    const part = share < 0.5 ? before.part : arm.part
    return { ...arm, part, upper: between(before.upper, arm.upper, share), fore: between(before.fore, arm.fore, share) }
  })
}

function between(from: number, to: number, share: number): number {
  const way = ((to - from + 540) % 360) - 180
  return (from + way * share + 360) % 360
}
