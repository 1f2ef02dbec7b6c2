import { handAngles } from '../clock'
import { INK, MOSS, OAK, PAPER, type Point, SLATE, type Shape, circle, group, line, pointOnDial } from '../drawing'
import type { MoveId, Stance } from './types'

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
const SHOULDER = { x: 15, y: 0 } as const
const HEAD = { y: -22, r: 12 } as const
const HIP = { x: 9, y: 46 } as const
const FOOT_Y = 104
const SEAT_Y = 70
export const ARM_MM = 52
export const UPPER_ARM_MM = 30
/** The folded forearm lies beside the upper arm. */
const FOLD_MM = 7
const FOLDED_MM = 24

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

const shoulderOf = (side: Side): Point => ({ x: side === 'right' ? SHOULDER.x : -SHOULDER.x, y: SHOULDER.y })

const endOf = (side: Side, angle: number, length: number): Point => {
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
      [shoulderOf(side), endOf(side, long, ARM_MM)],
      [shoulderOf(other), endOf(other, hour, UPPER_ARM_MM)],
    ] as const
    return across(side, long) + BENT_ACROSS * across(other, hour) + (cross(...arms) ? CROSSED : 0)
  }
  const side: Side = cost('right') <= cost('left') ? 'right' : 'left'
  return { long: { side, angle: long }, bent: { side: otherSide(side), angle: hour } }
}

const LIMB = { stroke: INK, strokeMm: 6 } as const

function longArm(side: Side, angle: number): Shape {
  const [from, to] = [shoulderOf(side), endOf(side, angle, ARM_MM)]
  return group([line(from, to, { stroke: SLATE, strokeMm: 6 }), circle(to, 4.4, { fill: SLATE })], { part: 'long-arm' })
}

/** The upper arm points; the forearm is folded back beside it, its hand at the shoulder. */
function bentArm(side: Side, angle: number): Shape {
  const [from, elbow] = [shoulderOf(side), endOf(side, angle, UPPER_ARM_MM)]
  const beside = pointOnDial(angle + (side === 'right' ? 90 : -90), FOLD_MM)
  const back = pointOnDial(angle, UPPER_ARM_MM - FOLDED_MM)
  const hand = { x: from.x + back.x + beside.x, y: from.y + back.y + beside.y }
  return group(
    [
      line(from, elbow, { stroke: OAK, strokeMm: 8 }),
      line(elbow, hand, { stroke: OAK, strokeMm: 6 }),
      circle(elbow, 4.6, { fill: OAK }),
    ],
    { part: 'bent-arm' },
  )
}

function legs(stance: Stance): Shape[] {
  const leg = (side: Side, foot: Point): Shape =>
    group([line({ x: side === 'right' ? HIP.x : -HIP.x, y: HIP.y }, foot, LIMB)], { part: `${side}-leg` })
  if (stance === 'seated')
    return [
      group([line({ x: -24, y: SEAT_Y }, { x: 24, y: SEAT_Y }, { stroke: MOSS, strokeMm: 5 })], { part: 'seat' }),
      leg('left', { x: -14, y: SEAT_Y - 4 }),
      leg('right', { x: 14, y: SEAT_Y - 4 }),
    ]
  const down = (side: Side) => leg(side, { x: side === 'right' ? 13 : -13, y: FOOT_Y })
  const up = (side: Side): Shape => {
    const knee = { x: side === 'right' ? 27 : -27, y: HIP.y + 22 }
    const foot = { x: side === 'right' ? 12 : -12, y: HIP.y + 34 }
    const hip = { x: side === 'right' ? HIP.x : -HIP.x, y: HIP.y }
    return group([line(hip, knee, LIMB), line(knee, foot, LIMB)], { part: `${side}-leg` })
  }
  if (stance === 'left-foot') return [down('left'), up('right')]
  if (stance === 'right-foot') return [up('left'), down('right')]
  return [down('left'), down('right')]
}

function trunk(): Shape[] {
  return [
    group([circle({ x: 0, y: HEAD.y }, HEAD.r, { fill: PAPER, stroke: INK, strokeMm: 3 })], { part: 'head' }),
    line({ x: -SHOULDER.x, y: 0 }, { x: SHOULDER.x, y: 0 }, LIMB),
    line({ x: 0, y: HEAD.y + HEAD.r }, { x: 0, y: HIP.y }, { stroke: INK, strokeMm: 9 }),
    line({ x: -HIP.x, y: HIP.y }, { x: HIP.x, y: HIP.y }, LIMB),
  ]
}

export interface FigureLook {
  readonly stance: Stance
  /** `hour` has one arm only. */
  readonly hands: 'both' | 'hour'
  /**
   * `own`: seen as the children are from behind, 3 on the right. `leader`: how the adult who faces them stands, seen
   * from behind too: the mirror image, so that both point the same way in the room.
   */
  readonly view: 'own' | 'leader'
}

/** A figure that shows a time (0 to 719), the middle of its shoulders at the origin, mm. */
export function figureShapes(minute: number, { stance, hands, view }: FigureLook): Shape[] {
  const both = poseFor(minute)
  // With one hand alone the arm on the side of the hour points.
  const alone: Side = both.bent.angle <= 180 ? 'right' : 'left'
  const pose = hands === 'hour' ? { ...both, bent: { ...both.bent, side: alone } } : both
  const { long, bent } = view === 'own' ? pose : mirrored(pose)
  return [
    ...legs(view === 'own' ? stance : otherStance(stance)),
    ...trunk(),
    bentArm(bent.side, bent.angle),
    ...(hands === 'both' ? [longArm(long.side, long.angle)] : []),
  ]
}

const otherSide = (side: Side): Side => (side === 'right' ? 'left' : 'right')

const otherStance = (stance: Stance): Stance =>
  stance === 'left-foot' ? 'right-foot' : stance === 'right-foot' ? 'left-foot' : stance

/** What a leader shows who faces the children, so that both point the same way in the room. */
export function mirrored({ long, bent }: Pose): Pose {
  const turned = ({ side, angle }: Pose['long']) => ({ side: otherSide(side), angle: (360 - angle) % 360 })
  return { long: turned(long), bent: turned(bent) }
}

/** The angles of both arms of a move, degrees clockwise from overhead, and whether they are bent. */
interface MovePose {
  readonly left: { readonly angle: number; readonly isBent?: boolean }
  readonly right: { readonly angle: number; readonly isBent?: boolean }
  readonly isLow?: boolean
}

/** Told apart across a hall by the arms alone, so that the seated form can be told too. */
export const MOVE_POSES: Record<MoveId, MovePose> = {
  star: { left: { angle: 315 }, right: { angle: 45 } },
  wings: { left: { angle: 270 }, right: { angle: 90 } },
  hug: { left: { angle: 150, isBent: true }, right: { angle: 210, isBent: true } },
  roof: { left: { angle: 20 }, right: { angle: 340 } },
  wave: { left: { angle: 180 }, right: { angle: 10 } },
  low: { left: { angle: 170 }, right: { angle: 190 }, isLow: true },
  hips: { left: { angle: 225, isBent: true }, right: { angle: 135, isBent: true } },
  march: { left: { angle: 300, isBent: true }, right: { angle: 180 } },
}

/** A figure in a move, on two feet or seated. */
export function moveShapes(move: MoveId, isSeated: boolean): Shape[] {
  const { left, right, isLow } = MOVE_POSES[move]
  const arm = (side: Side, { angle, isBent }: MovePose['left']) =>
    isBent ? bentArm(side, angle) : longArm(side, angle)
  const body = [...trunk(), arm('left', left), arm('right', right)]
  return [
    ...legs(isSeated ? 'seated' : 'two-feet'),
    ...(isLow && !isSeated ? [group(body, { part: 'low', x: 0, y: 30 })] : body),
  ]
}

/** The room that a figure takes about the middle of its shoulders, mm. */
export const FIGURE_BOX = { left: -74, right: 74, top: -64, bottom: 112 } as const
