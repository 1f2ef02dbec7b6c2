import {
  circle,
  FAINT,
  group,
  INK,
  line,
  PAPER,
  type Shape,
  GOLD,
  path,
  type Point,
  pointOnDial,
  SLATE,
} from '../drawing'
import { MINUTES_PER_HOUR } from '../clock'
import { type Facing, type Quarter, QUARTERS } from './moves'
import { numeralAt, RING, joined } from './walkShapes'

/*
 * Pictures of the floor from above, mm, y down, the middle at the origin. What is ahead of the children is at the top:
 *
 *      ▲   ■          ahead left     ahead right
 *        ☺                    child
 *      ⬣   ●          behind left    behind right
 */

/** In which quarter an hour (0 to 23) begins round the children: 12, 1 and 2 in one, 3, 4 and 5 in the next. */
function quarterOf(hour: number, facing: Facing): Quarter {
  const quarter = Math.floor((hour % 12) / 3) + (facing === 'twelve' ? 0 : 2)
  return QUARTERS[quarter % 4] as Quarter
}

/**
 * The quarters of a time of the day, minutes since midnight: one, or the two beside the line on which 12, 3, 6 and 9
 * o'clock lie.
 */
export function quartersOf(minute: number, facing: Facing): readonly [Quarter, Quarter?] {
  const hour = Math.floor(minute / MINUTES_PER_HOUR)
  const isOnLine = minute % (3 * MINUTES_PER_HOUR) === 0
  return isOnLine ? [quarterOf(hour, facing), quarterOf(hour + 11, facing)] : [quarterOf(hour, facing)]
}

/** How far each of the four things lies from the middle one, metres to a tenth: our own careful estimate, by age. */
export function jumpMetres(age = 5): number {
  return Math.round(10 * Math.min(0.8, Math.max(0.4, 0.5 + 0.1 * (age - 5)))) / 10
}

const NUMERALS = [12, 3, 6, 9] as const

interface PlaceLook {
  /** The things to jump to are marked; left out, the plan alone. */
  readonly targets?: readonly Quarter[]
  /** `leader`: as the adult sees it who faces the children, turned half round with its numerals upright. */
  readonly view: 'own' | 'leader'
}

/** Five things from above with 12, 3, 6 and 9 round them. */
export function placeShapes(facing: Facing, { targets = [], view }: PlaceLook): Shape[] {
  const seen = view === 'own' ? 0 : 180
  const turn = (facing === 'twelve' ? 0 : 180) + seen
  const floor = [
    circle({ x: 0, y: 0 }, RING, { stroke: FAINT, strokeMm: 1 }),
    line({ x: -RING, y: 0 }, { x: RING, y: 0 }, { stroke: FAINT, strokeMm: 0.8, dashMm: [3, 3] }),
    line({ x: 0, y: -RING }, { x: 0, y: RING }, { stroke: FAINT, strokeMm: 0.8, dashMm: [3, 3] }),
    ...QUARTERS.map((quarter) => thing(quarter, targets.includes(quarter))),
    circle({ x: 0, y: 0 }, 19, { fill: PAPER, stroke: INK, strokeMm: 1.4 }),
    childFromAbove(),
  ]
  return [group(floor, { turn: seen }), ...NUMERALS.map((numeral) => numeralAt(numeral, 30 * numeral + turn))]
}

/** The room that these pictures take about their middle, mm. */
export const FLOOR_HALF_MM = 96

/** From the middle to each of the four things. */
const THING_AT = 52
const THING_R = 14

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
