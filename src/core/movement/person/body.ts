import { circle, group, INK, line, MOSS, PAPER, path, type Point, type Shape } from '../../drawing'
import type { Side } from '../pose'
import { HEAD } from './joints'
import { HAIR, limb, SHADE, SHIRT, SKIN, TROUSERS } from './limb'

/** From where the person is seen: hair from behind, a face from the front. */
export type SeenFrom = 'front' | 'behind'

/** How the legs are: on both feet, on one, wide apart, down on the floor, or on a seat (a foot may be lifted there). */
export type Legs =
  'together' | 'apart' | 'crouching' | 'left-up' | 'right-up' | 'seated' | 'seated-left' | 'seated-right'

const HIP = { x: 9, y: 48 } as const
const LEG_MM = 11
const SHOE_MM = 9
const SEAT_Y = 62
const WOOD = '#C79A5B'
const STEEL = '#7C858F'
const OUTLINE = { stroke: INK, strokeMm: 1.4 } as const

/** So much lower the body is when it crouches, mm. */
export const CROUCH_MM = 40

const sign = (side: Side) => (side === 'right' ? 1 : -1)
const SIDES: readonly Side[] = ['left', 'right']

/** Both legs in shoes. */
export function legShapes(legs: Legs, seen: SeenFrom): Shape[] {
  return SIDES.map((side) => {
    const [hip, knee, foot] = jointsOf(side, legs, seen)
    const shoe = limb([foot, { x: foot.x + sign(side) * 4, y: foot.y + 1 }], { fill: INK, width: SHOE_MM })
    // The thighs of somebody who sits point to the eye: the knees are before the shins.
    const isToEye = legs.startsWith('seated') && seen === 'front'
    const leg = isToEye
      ? [
          ...limb([knee, foot], { fill: SHADE, width: LEG_MM - 1 }),
          ...shoe,
          ...limb([hip, knee], { fill: TROUSERS, width: LEG_MM + 3 }),
        ]
      : [...limb([hip, knee, foot], { fill: TROUSERS, width: LEG_MM }), ...shoe]
    return group(leg, { part: `${side}-leg` })
  })
}

function jointsOf(side: Side, legs: Legs, seen: SeenFrom): [hip: Point, knee: Point, foot: Point] {
  const at = (x: number, y: number): Point => ({ x: sign(side) * x, y })
  const hip = at(HIP.x, HIP.y)
  if (legs.startsWith('seated')) {
    const lifted = legs === `seated-${side}` ? 8 : 0
    // From behind the thighs lie away from the eye, behind the seat.
    return seen === 'behind'
      ? [at(10, SEAT_Y + 6), at(10.5, SEAT_Y + 16), at(11, 99 - lifted)]
      : [hip, at(13, SEAT_Y + 1 - lifted), at(13, 99 - lifted)]
  }
  if (legs === 'crouching') return [at(HIP.x, HIP.y + CROUCH_MM - 4), at(27, HIP.y + CROUCH_MM - 6), at(17, 102)]
  if (legs === `${side}-up`) return [hip, at(26, 64), at(11, 82)]
  if (legs === 'apart') return [hip, at(17, 74), at(26, 101)]
  return [hip, at(10.5, 74), at(11, 101)]
}

/** Neck, shirt and head. */
export function trunkShapes(seen: SeenFrom): Shape[] {
  const neck = limb(
    [
      { x: 0, y: -14 },
      { x: 0, y: -6 },
    ],
    { fill: SKIN, width: 9 },
  )
  return [...neck, shirt(), ...headShapes(seen)]
}

/** Its shoulders slope to where the arms are joined. */
function shirt(): Shape {
  return path(
    [
      { op: 'M', x: -7, y: -8 },
      { op: 'C', x1: -3, y1: -4, x2: 3, y2: -4, x: 7, y: -8 },
      { op: 'C', x1: 14, y1: -7, x2: 19, y2: -5, x: 21, y: 0 },
      { op: 'C', x1: 20, y1: 18, x2: 17, y2: 30, x: 17, y: 49 },
      { op: 'A', r: 6, large: false, sweep: true, x: 11, y: 55 },
      { op: 'L', x: -11, y: 55 },
      { op: 'A', r: 6, large: false, sweep: true, x: -17, y: 49 },
      { op: 'C', x1: -17, y1: 30, x2: -20, y2: 18, x: -21, y: 0 },
      { op: 'C', x1: -19, y1: -5, x2: -14, y2: -7, x: -7, y: -8 },
      { op: 'Z' },
    ],
    { fill: SHIRT, ...OUTLINE },
  )
}

function headShapes(seen: SeenFrom): Shape[] {
  const { y, r } = HEAD
  const ears = [-1, 1].map((side) => circle({ x: side * r, y: y + 1 }, 3.2, { fill: SKIN, ...OUTLINE }))
  const skull = circle(HEAD, r, { fill: seen === 'behind' ? HAIR : SKIN, ...OUTLINE })
  return [group([...ears, skull, ...(seen === 'behind' ? parting() : face())], { part: 'head' })]
}

/** Of the hair, from its crown down. */
function parting(): Shape[] {
  const { y, r } = HEAD
  return [-4, 0, 4].map((x) =>
    path(
      [
        { op: 'M', x: x / 2, y: y - r + 5 },
        { op: 'C', x1: x, y1: y - 2, x2: x * 1.4, y2: y + 4, x: x * 1.6, y: y + r - 4 },
      ],
      { stroke: PAPER, strokeMm: 0.7 },
    ),
  )
}

function face(): Shape[] {
  const { y, r } = HEAD
  const fringe = path(
    [
      { op: 'M', x: -r, y: y - 1 },
      { op: 'A', r, large: false, sweep: true, x: r, y: y - 1 },
      { op: 'C', x1: 8, y1: y - 8, x2: -2, y2: y - 9, x: -r, y: y - 1 },
      { op: 'Z' },
    ],
    { fill: HAIR },
  )
  const eyes = [-4.8, 4.8].map((x) => circle({ x, y: y + 1 }, 1.5, { fill: INK }))
  const smile = path(
    [
      { op: 'M', x: -4.6, y: y + 5.6 },
      { op: 'C', x1: -2.4, y1: y + 9, x2: 2.4, y2: y + 9, x: 4.6, y: y + 5.6 },
    ],
    { stroke: INK, strokeMm: 1.3 },
  )
  return [fringe, ...eyes, smile]
}

export type Seat = 'stool' | 'wheelchair'

/** What of a seat lies behind the person, and what before, as it is seen. */
export function seatShapes(seat: Seat, seen: SeenFrom): { readonly beneath: Shape[]; readonly above: Shape[] } {
  const parts = seat === 'stool' ? stool() : [...wheels(), ...backrest()]
  const shapes = [group(parts, { part: 'seat' })]
  return seen === 'behind' ? { beneath: [], above: shapes } : { beneath: shapes, above: [] }
}

function stool(): Shape[] {
  const legs = [-1, 1].flatMap((side) =>
    limb(
      [
        { x: side * 19, y: SEAT_Y },
        { x: side * 22, y: 103 },
      ],
      { fill: WOOD, width: 4 },
    ),
  )
  const seat = limb(
    [
      { x: -20, y: SEAT_Y },
      { x: 20, y: SEAT_Y },
    ],
    { fill: WOOD, width: 8 },
  )
  return [...legs, ...seat]
}

/** Edge on, as they are from the front and from behind. */
function wheels(): Shape[] {
  return [-1, 1].flatMap((side) => [
    ...limb(
      [
        { x: side * 27, y: 48 },
        { x: side * 27, y: 100 },
      ],
      { fill: STEEL, width: 7 },
    ),
    line({ x: side * 27, y: 50 }, { x: side * 27, y: 98 }, { stroke: PAPER, strokeMm: 1 }),
  ])
}

function backrest(): Shape[] {
  const seat = limb(
    [
      { x: -19, y: SEAT_Y },
      { x: 19, y: SEAT_Y },
    ],
    { fill: STEEL, width: 7 },
  )
  const handles = [-1, 1].flatMap((side) =>
    limb(
      [
        { x: side * 21, y: 18 },
        { x: side * 21, y: SEAT_Y },
      ],
      { fill: STEEL, width: 4 },
    ),
  )
  const cloth = path(
    [
      { op: 'M', x: -19, y: 24 },
      { op: 'L', x: 19, y: 24 },
      { op: 'L', x: 19, y: SEAT_Y - 4 },
      { op: 'L', x: -19, y: SEAT_Y - 4 },
      { op: 'Z' },
    ],
    { fill: MOSS, ...OUTLINE },
  )
  return [...handles, cloth, ...seat]
}
