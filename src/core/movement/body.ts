import { circle, group, INK, line, MOSS, OAK, PAPER, type Point, pointOnDial, type Shape, SLATE } from '../drawing'
import type { Stance } from './calls'
import { ARM_MM, limbEnd, SHOULDER, shoulderOf, type Side, UPPER_ARM_MM } from './pose'

const HEAD = { y: -22, r: 12 } as const
const HIP = { x: 9, y: 46 } as const
const FOOT_Y = 104
const SEAT_Y = 70
/** The folded forearm lies beside the upper arm. */
const FOLD_MM = 7
const FOLDED_MM = 24

const LIMB = { stroke: INK, strokeMm: 6 } as const

/** The long arm, from the shoulder to where `angle` points. */
export function longArm(side: Side, angle: number): Shape {
  const [from, to] = [shoulderOf(side), limbEnd(side, angle, ARM_MM)]
  return group([line(from, to, { stroke: SLATE, strokeMm: 6 }), circle(to, 4.4, { fill: SLATE })], { part: 'long-arm' })
}

/** The upper arm points; the forearm is folded back beside it, its hand at the shoulder. */
export function bentArm(side: Side, angle: number): Shape {
  const [from, elbow] = [shoulderOf(side), limbEnd(side, angle, UPPER_ARM_MM)]
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

/** Both legs, as the child stands or sits. */
export function legs(stance: Stance): Shape[] {
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

/** Head, shoulders and back. */
export function trunk(): Shape[] {
  return [
    group([circle({ x: 0, y: HEAD.y }, HEAD.r, { fill: PAPER, stroke: INK, strokeMm: 3 })], { part: 'head' }),
    line({ x: -SHOULDER.x, y: 0 }, { x: SHOULDER.x, y: 0 }, LIMB),
    line({ x: 0, y: HEAD.y + HEAD.r }, { x: 0, y: HIP.y }, { stroke: INK, strokeMm: 9 }),
    line({ x: -HIP.x, y: HIP.y }, { x: HIP.x, y: HIP.y }, LIMB),
  ]
}
