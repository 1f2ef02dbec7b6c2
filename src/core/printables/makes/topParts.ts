import {
  circle,
  group,
  INK,
  line,
  path,
  type PathCommand,
  type Point,
  pointOnDial,
  polygonPath,
  type Shape,
} from '../../drawing'
import { tintOf } from '../kit/tints'
import { THIN, ARROW } from '../kit/looks'

/*
 * A top: a card with as many equal sides as it has times, and a short pencil through its middle, the origin. It comes
 * to rest on one side: what stands over that is upright then.
 */

/** From the middle to a corner, mm. */
export const TOP_MM = 60
/** A pencil is pushed through a smaller hole, so that the card holds it. */
const HOLE_MM = 2.5

/** From the middle to a side, mm. */
export const toSide = (sides: number, radius = TOP_MM): number => radius * Math.cos(Math.PI / sides)

/** How far a side's part is turned so that its side is below, degrees clockwise. */
export const turnOfSide = (side: number, sides: number): number => (360 * side) / sides

/** The largest circle over a side, between the lines from its ends to the middle: how far below the middle, and how large. */
export function circleOver(sides: number): { readonly down: number; readonly radius: number } {
  const [to, sine] = [toSide(sides), Math.sin(Math.PI / sides)]
  const radius = (to * sine) / (1 + sine)
  return { down: to - radius, radius }
}

/** A rectangle over a side, as wide as the lines from its ends leave it at its top. */
export function wordsOver(sides: number): { readonly down: number; readonly width: number; readonly height: number } {
  const to = toSide(sides)
  const height = 0.34 * to
  const bottom = to - 3
  return { down: bottom - height / 2, width: 2 * (bottom - height) * Math.tan(Math.PI / sides) - 3, height }
}

/** The corners in order, side 0 between the first two. */
function corners(sides: number, radius: number): Point[] {
  return Array.from({ length: sides }, (_, i) => pointOnDial(180 + turnOfSide(i, sides) - 180 / sides, radius))
}

/** The card, its hole, and a line from the middle to each corner. */
export function topOutline(sides: number, { lowInk = false }: { lowInk?: boolean }): Shape[] {
  const around = corners(sides, TOP_MM)
  const middle = { x: 0, y: 0 }
  const grounds = lowInk
    ? []
    : around.map((corner, i) =>
        path(polygonPath([middle, corner, around[(i + 1) % sides] ?? corner]), { fill: tintOf(i, sides) }),
      )
  return [
    ...grounds,
    ...around.map((corner) => line(middle, corner, { stroke: INK, strokeMm: 0.3 })),
    path(polygonPath(around), { layer: 'cut', stroke: INK, strokeMm: 0.5 }),
    circle(middle, HOLE_MM, { layer: 'cut', fill: '#FFFFFF', stroke: INK, strokeMm: 0.4 }),
  ]
}

/** How wide a pencil is in the small drawings, mm. */
const PENCIL_MM = 1.1

/** An upright pencil from one height down to its point. */
function pencil(top: number, point: number): Shape {
  const neck = point - 3
  return group([
    path(
      polygonPath([
        { x: -PENCIL_MM, y: top },
        { x: PENCIL_MM, y: top },
        { x: PENCIL_MM, y: neck },
        { x: -PENCIL_MM, y: neck },
      ]),
      { ...THIN, fill: '#E9B949' },
    ),
    path(
      polygonPath([
        { x: -PENCIL_MM, y: neck },
        { x: PENCIL_MM, y: neck },
        { x: 0, y: point },
      ]),
      { ...THIN, fill: INK },
    ),
  ])
}

/** A top seen from the side, flattened. */
function flattened(sides: number, radius: number): Shape {
  return path(polygonPath(corners(sides, radius).map(({ x, y }) => ({ x, y: y * 0.3 }))), THIN)
}

/** A pencil through a top: its upper end, the card, and its lower end in front. */
function pierced(sides: number, radius: number, point: number): Shape[] {
  return [flattened(sides, radius), pencil(-radius + 1, point), path(arcFront(radius), { ...THIN, fill: 'none' })]
}

/** The front rim of the card's hole, over the pencil. */
const arcFront = (radius: number): PathCommand[] => [
  { op: 'M', x: -radius * 0.2, y: 0 },
  { op: 'A', r: radius * 0.25, large: false, sweep: false, x: radius * 0.2, y: 0 },
]

/** An arrow round the pencil above the card, to one side. */
function spun(radius: number, way: 1 | -1): Shape[] {
  const to = { x: way * radius * 0.55, y: -radius * 0.5 }
  const barb = (dx: number, dy: number) => line(to, { x: to.x + way * dx, y: to.y + dy }, ARROW)
  return [
    path(
      [
        { op: 'M', x: way * radius * 0.15, y: -radius * 0.62 },
        { op: 'A', r: radius * 0.5, large: false, sweep: way > 0, ...to },
      ],
      ARROW,
    ),
    barb(-0.4, -2.2),
    barb(-2.2, -0.6),
  ]
}

/** How it is made and spun, in small. */
export function topPictures(sides: number, half: number): readonly (readonly Shape[])[] {
  const radius = half - 1
  const table = line({ x: -half - 3, y: half }, { x: half + 3, y: half }, { stroke: INK, strokeMm: 0.5 })
  const middle = { x: 0, y: 0 }
  const fromAbove = (r: number): Shape[] => {
    const around = corners(sides, r)
    const below = [middle, around[0] ?? middle, around[1] ?? middle]
    return [
      path(polygonPath(around), THIN),
      path(polygonPath(below), { ...THIN, fill: tintOf(0, sides) }),
      ...around.map((corner) => line(middle, corner, THIN)),
    ]
  }
  return [
    [...fromAbove(radius), circle(middle, 1, THIN)],
    pierced(sides, radius, half * 0.6),
    [table, group([...pierced(sides, radius, half * 0.6), ...spun(radius, 1), ...spun(radius, -1)], { y: half * 0.4 })],
    [table, group(fromAbove(half), { y: half - toSide(sides, half) })],
  ]
}
