import { handAngles } from '../clock'
import { type Point, pointOnDial } from '../drawing'

/*
 * A person made of joints, seen from behind, so that the child's right is on the right of the picture, as 3 is on a
 * dial. 12 is overhead. The whole arm is the minute hand; the bent arm, its hand folded back to the shoulder, is the
 * hour hand, and its elbow points. y is down, mm; the middle between the shoulders is the origin.
 *
 *        ( )        head
 *    ●----+----●    shoulders: left, right
 *         |         body
 *        / \        legs
 */
export const SHOULDER = { x: 18, y: 0 } as const
export const UPPER_ARM_MM = 28
export const FOREARM_MM = 25
export const ARM_MM = UPPER_ARM_MM + FOREARM_MM

export type Side = 'left' | 'right'

/** Which arm is which hand, and the dial's angles they point along, degrees clockwise from overhead. */
export interface Pose {
  readonly long: { readonly side: Side; readonly angle: number }
  readonly bent: { readonly side: Side; readonly angle: number }
}

/** How far across the body an arm reaches for an angle, degrees; none on its own side. */
function across(side: Side, angle: number): number {
  const own = side === 'right' ? angle : (360 - angle) % 360
  return own <= 180 ? 0 : Math.min(own - 180, 360 - own)
}

/** Where a shoulder is, mm from the middle between both. */
export const shoulderOf = (side: Side): Point => ({ x: side === 'right' ? SHOULDER.x : -SHOULDER.x, y: SHOULDER.y })

/** Where something of `length` mm ends that begins at a shoulder and points to `angle` on a dial. */
export const limbEnd = (side: Side, angle: number, length: number): Point => {
  const [from, reach] = [shoulderOf(side), pointOnDial(angle, length)]
  return { x: from.x + reach.x, y: from.y + reach.y }
}

const turnOf = (a: Point, b: Point, c: Point) => Math.sign((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x))

function cross([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  return turnOf(a, b, c) !== turnOf(a, b, d) && turnOf(c, d, a) !== turnOf(c, d, b)
}

/** Reaching across the body is harder with a stretched arm than with a bent one; arms that cross are worst. */
const BENT_ACROSS = 0.6
const CROSSED = 120

/** Which arm takes which hand at a time: the least crossing, no arm behind the back; the right arm is long in a tie. */
export function poseFor(minute: number): Pose {
  const { hour, minute: long } = handAngles(minute)
  const cost = (side: Side) => {
    const other = otherSide(side)
    const arms = [
      [shoulderOf(side), limbEnd(side, long, ARM_MM)],
      [shoulderOf(other), limbEnd(other, hour, UPPER_ARM_MM)],
    ] as const
    return across(side, long) + BENT_ACROSS * across(other, hour) + (cross(...arms) ? CROSSED : 0)
  }
  const side: Side = cost('right') <= cost('left') ? 'right' : 'left'
  return { long: { side, angle: long }, bent: { side: otherSide(side), angle: hour } }
}

const otherSide = (side: Side): Side => (side === 'right' ? 'left' : 'right')

/** What a leader shows who faces the children, so that both point the same way in the room. */
export function mirrored({ long, bent }: Pose): Pose {
  const turned = ({ side, angle }: Pose['long']) => ({ side: otherSide(side), angle: (360 - angle) % 360 })
  return { long: turned(long), bent: turned(bent) }
}
