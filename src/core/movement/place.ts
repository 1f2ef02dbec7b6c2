import { handAngles } from '../clock'
import {
  FAINT,
  GOLD,
  INK,
  OAK,
  PAPER,
  type PathCommand,
  type Point,
  SLATE,
  type Shape,
  centredText,
  circle,
  group,
  line,
  path,
  pointOnDial,
} from '../drawing'
import { type Facing, QUARTERS, type Quarter } from './types'

/*
 * Pictures of the floor from above, mm, y down, the middle at the origin. What is ahead of the children is at the top:
 *
 *      ▲   ■          ahead left     ahead right
 *        ☺                    child
 *      ⬣   ●          behind left    behind right
 */

/** From the middle to each of the four things. */
const THING_AT = 52
const THING_R = 14
/** The floor clock's ring, and where the short hand walks. */
const RING = 72
const SHORT_SHARE = 0.6
const NUMERAL_AT = 86

/** In which quarter an hour (0 to 23) lies round the children: 12, 1 and 2 are in one, 3, 4 and 5 in the next. */
export function quarterOf(hour: number, facing: Facing): Quarter {
  const quarter = Math.floor((hour % 12) / 3) + (facing === 'twelve' ? 0 : 2)
  return QUARTERS[quarter % 4] as Quarter
}

/** How far each of the four things lies from the middle one, metres to a tenth: our own careful estimate, by age. */
export function jumpMetres(age = 5): number {
  return Math.round(10 * Math.min(0.8, Math.max(0.4, 0.5 + 0.1 * (age - 5)))) / 10
}

const joined = (points: readonly Point[]): PathCommand[] =>
  points.map(({ x, y }, i) => ({ op: i === 0 ? 'M' : 'L', x, y }))

const angleOf = (quarter: Quarter) => 45 + 90 * QUARTERS.indexOf(quarter)

/** The four things differ in shape, so that they can be told apart without colour. */
function thing(quarter: Quarter, isTarget: boolean): Shape {
  const { x, y } = pointOnDial(angleOf(quarter), THING_AT)
  const look = { fill: isTarget ? GOLD : PAPER, stroke: INK, strokeMm: isTarget ? 3 : 1.4 }
  const polygon = (points: readonly Point[]): Shape => path([...joined(points), { op: 'Z' }], look)
  const corners = (angles: readonly number[]) => angles.map((angle) => pointOnDial(angle, THING_R))
  const shapes: Record<Quarter, () => Shape> = {
    'ahead-right': () => polygon(corners([45, 135, 225, 315])),
    'behind-right': () => circle({ x: 0, y: 0 }, THING_R * 0.85, look),
    'behind-left': () => polygon(corners([0, 45, 90, 135, 180, 225, 270, 315].map((a) => a + 22.5))),
    'ahead-left': () => polygon(corners([0, 120, 240])),
  }
  return group([shapes[quarter]()], { part: isTarget ? `target-${quarter}` : quarter, x, y })
}

/** A child from above, looking ahead: head, and the nose that shows which way. */
function childFromAbove(): Shape {
  return group(
    [
      line({ x: -13, y: 0 }, { x: 13, y: 0 }, { stroke: SLATE, strokeMm: 8 }),
      circle({ x: 0, y: 0 }, 8, { fill: PAPER, stroke: INK, strokeMm: 2 }),
      path(
        [
          ...joined([
            { x: -3, y: -8 },
            { x: 0, y: -14 },
            { x: 3, y: -8 },
          ]),
          { op: 'Z' },
        ],
        { fill: INK },
      ),
    ],
    { part: 'child' },
  )
}

const NUMERALS = [12, 3, 6, 9] as const

export interface PlaceLook {
  /** The thing to jump to is marked; left out, the plan alone. */
  readonly target?: Quarter
  /** `leader`: as the adult sees it who faces the children, turned half round with its numerals upright. */
  readonly view: 'own' | 'leader'
}

/** Five things from above with 12, 3, 6 and 9 round them. */
export function placeShapes(facing: Facing, { target, view }: PlaceLook): Shape[] {
  const seen = view === 'own' ? 0 : 180
  const turn = (facing === 'twelve' ? 0 : 180) + seen
  const floor = [
    circle({ x: 0, y: 0 }, RING, { stroke: FAINT, strokeMm: 1 }),
    line({ x: -RING, y: 0 }, { x: RING, y: 0 }, { stroke: FAINT, strokeMm: 0.8, dashMm: [3, 3] }),
    line({ x: 0, y: -RING }, { x: 0, y: RING }, { stroke: FAINT, strokeMm: 0.8, dashMm: [3, 3] }),
    ...QUARTERS.map((quarter) => thing(quarter, quarter === target)),
    circle({ x: 0, y: 0 }, 19, { fill: PAPER, stroke: INK, strokeMm: 1.4 }),
    childFromAbove(),
  ]
  return [group(floor, { turn: seen }), ...NUMERALS.map((numeral) => numeralAt(numeral, 30 * numeral + turn))]
}

function numeralAt(numeral: number, angle: number): Shape {
  return centredText(String(numeral), pointOnDial(angle, NUMERAL_AT), { size: 11, fill: INK, weight: 'bold' })
}

/** An arc the way a clock goes, as a path of short straight lines. */
function arc(from: number, degrees: number, radius: number): Shape[] {
  if (degrees === 0) return []
  const steps = Math.max(2, Math.ceil(degrees / 4))
  const points = Array.from({ length: steps + 1 }, (_, i) => pointOnDial(from + (degrees * i) / steps, radius))
  const look = { stroke: GOLD, strokeMm: 2.4 }
  return [path(joined(points), look)]
}

function walker(
  angle: number,
  radius: number,
  look: { readonly part: string; readonly fill: string; readonly r: number },
): Shape {
  const at = pointOnDial(angle, radius)
  return group(
    [
      line({ x: 0, y: 0 }, at, { stroke: look.fill, strokeMm: look.r / 2.5 }),
      circle(at, look.r, { fill: look.fill, stroke: PAPER, strokeMm: 1 }),
    ],
    { part: look.part },
  )
}

/** A clock on the floor on which the hands walk from one time on to another (both 0 to 719), the way a clock goes. */
export function walkShapes(from: number, minute: number, hands: 'both' | 'hour'): Shape[] {
  const [start, end] = [handAngles(from), handAngles(minute)]
  const walked = (key: 'hour' | 'minute') => (end[key] - start[key] + 360) % 360
  const marks = Array.from({ length: 60 }, (_, i) => {
    const at = pointOnDial(6 * i, RING)
    return i % 5 === 0 ? circle(at, 2.6, { fill: INK }) : circle(at, 1, { fill: FAINT })
  })
  return [
    ...marks,
    ...Array.from({ length: 12 }, (_, i) => numeralAt(i + 1, 30 * (i + 1))),
    ...(hands === 'both' ? arc(start.minute, walked('minute'), RING) : []),
    ...arc(start.hour, walked('hour'), RING * SHORT_SHARE),
    walker(end.hour, RING * SHORT_SHARE, { part: 'short-hand', fill: OAK, r: 8 }),
    ...(hands === 'both' ? [walker(end.minute, RING, { part: 'long-hand', fill: SLATE, r: 6 })] : []),
    circle({ x: 0, y: 0 }, 3, { fill: INK }),
  ]
}

/** The room that these pictures take about their middle, mm. */
export const FLOOR_HALF_MM = 96
