import { FAINT, INK, line, path, polygonPath, type Point, type Shape, circle } from '../../drawing'
import { printedAs } from '../../wording'
import { ARROW } from '../kit/looks'
import { tintOf } from '../kit/tints'
import type { PictureStep } from '../kit/pictureSteps'
import type { PrintOptions } from '../kit/choices'

/*
 * A square whose corners are folded to the middle, print outside; turned over; and folded to the middle again. In
 * units of half its side, the middle at the origin, x to the right, y down:
 *
 *    -1    -.5     0     .5     1
 *  -1 +-----+-----/ \-----+-----+     o  the four squares at the corners lie outside, below
 *     |  o  | w / m|m \ w |  o  |     w  the eight triangles at the edges lie on top of the flaps
 * -.5 +-----/------+------\-----+     m  what lies under each flap, beneath its w
 *     | w / |             | \ w |
 *   0 < m   |   middle    |   m >
 */

/** Half the side, mm: as large as fits across A4. */
export const HALF_MM = 92

const at = (x: number, y: number, half = HALF_MM): Point => ({ x: x * half, y: y * half })

/** A place on the square, in mm from its middle, and how far what stands there is turned, degrees clockwise. */
interface OnSquare {
  readonly at: Point
  readonly turn: number
}

/** As what stands on the right is turned about the middle, to stand on each of the four sides. */
export const SIDES = [0, 90, 180, 270] as const
/** The upper and the lower half of the flap on the right. */
export const HALVES = [-1, 1] as const

/** Outside: the top of each lies towards the corner of the sheet, which comes to the middle. */
export const OUTER: OnSquare = { at: at(0.75, -0.75), turn: 45 }
/** So far from its middle a clock outside may reach, mm. */
export const OUTER_ROOM_MM = 19

/** The ground of the clock outside that stands on a side. */
export function outerTint(side: number): Shape {
  const corners = [at(0.5, -1), at(1, -1), at(1, -0.5), at(0.5, -0.5)]
  return path(polygonPath(corners), { fill: tintOf(side, SIDES.length) })
}

/** On a flap: its top lies towards the point of the flap, so that whoever holds this side can read it. */
export const onFlap = (half: -1 | 1): OnSquare => ({ at: at(0.83, 0.4 * half), turn: half < 0 ? 180 : 0 })
export const FLAP_WORDS = { width: 25, height: 12.4 } as const

/** Where the two short sides and the long one are equally far: the largest circle under half a flap. */
const INCENTRE = 0.5 * (1 - Math.SQRT1_2)
export const UNDER_ROOM_MM = INCENTRE * HALF_MM - 1

/** Under a flap: upright for the same person once the flap is lifted towards them. */
export const underFlap = (half: -1 | 1): OnSquare => ({ at: at(0.5 + INCENTRE, INCENTRE * half), turn: 270 })

const FOLD = { layer: 'fold', stroke: FAINT, strokeMm: 0.25, dashMm: [3, 2] } as const
const CUT = { layer: 'cut', stroke: FAINT, strokeMm: 0.3 } as const

/** The lines to cut and to fold. */
export function foldLines(): Shape[] {
  const straight = [-0.5, 0, 0.5].flatMap((place) => [
    line(at(place, -1), at(place, 1), FOLD),
    line(at(-1, place), at(1, place), FOLD),
  ])
  const corners = [at(1, 0), at(0, 1), at(-1, 0), at(0, -1)]
  const slanting = corners.map((corner, i) => line(corner, corners[(i + 1) % 4] ?? corner, FOLD))
  return [outline(corner4(1), HALF_MM, CUT), ...straight, ...slanting]
}

const corner4 = (of: number): readonly Point[] => [
  { x: -of, y: -of },
  { x: of, y: -of },
  { x: of, y: of },
  { x: -of, y: of },
]
const DIAMOND: readonly Point[] = [
  { x: 0, y: -1 },
  { x: 1, y: 0 },
  { x: 0, y: 1 },
  { x: -1, y: 0 },
]

function outline(points: readonly Point[], half: number, look: Parameters<typeof path>[1]): Shape {
  return path(polygonPath(points.map(({ x, y }) => at(x, y, half))), look)
}

const THIN = { stroke: INK, strokeMm: 0.35 } as const
const DASHED = { stroke: INK, strokeMm: 0.25, dashMm: [1.2, 1] } as const

const between = (from: Point, to: Point, share: number): Point => ({
  x: from.x + (to.x - from.x) * share,
  y: from.y + (to.y - from.y) * share,
})

/** From near a corner to near the middle. */
function arrow({ x, y }: Point, half: number): Shape[] {
  const [from, to] = [at(x * 0.92, y * 0.92, half), at(x * 0.22, y * 0.22, half)]
  const back = between(to, from, 0.24)
  const across = { x: -(from.y - to.y) * 0.1, y: (from.x - to.x) * 0.1 }
  return [
    line(from, to, ARROW),
    line(to, { x: back.x + across.x, y: back.y + across.y }, ARROW),
    line(to, { x: back.x - across.x, y: back.y - across.y }, ARROW),
  ]
}

export const STEP_HALF_MM = 13

/** How it is folded, in four small pictures of the same square as it grows smaller. */
export function foldSteps({ wording }: PrintOptions): PictureStep[] {
  const half = STEP_HALF_MM
  const inner = corner4(0.5)
  const big = half * 1.7
  const dials = inner.map(({ x, y }) => circle(at(x / 2, y / 2, big), 3.4, THIN))
  const pictures: readonly (readonly [readonly Shape[], string])[] = [
    [
      [outline(corner4(1), half, THIN), outline(DIAMOND, half, DASHED), ...corner4(1).flatMap((to) => arrow(to, half))],
      printedAs('Print down: fold the corners to the middle.', wording),
    ],
    [
      [outline(DIAMOND, half, THIN), outline(inner, half, DASHED), ...DIAMOND.flatMap((to) => arrow(to, half))],
      printedAs('Turn it over: fold the corners to the middle again.', wording),
    ],
    [
      [
        outline(inner, big, THIN),
        line(at(-0.5, -0.5, big), at(0.5, 0.5, big), THIN),
        line(at(-0.5, 0.5, big), at(0.5, -0.5, big), THIN),
        line(at(0, -0.62, big), at(0, 0.62, big), DASHED),
        line(at(-0.62, 0, big), at(0.62, 0, big), DASHED),
      ],
      printedAs('Fold it in half both ways, and open it.', wording),
    ],
    [
      [
        outline(inner, big, THIN),
        line(at(0, -0.5, big), at(0, 0.5, big), THIN),
        line(at(-0.5, 0, big), at(0.5, 0, big), THIN),
        ...dials,
      ],
      printedAs('Fingers under the four clocks.', wording),
    ],
  ]
  return pictures.map(([drawn, words]) => ({ drawn, words }))
}
