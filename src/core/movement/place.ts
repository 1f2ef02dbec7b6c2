import { circle, FAINT, group, INK, line, PAPER, type Shape } from '../drawing'
import { type Facing, type Quarter, QUARTERS } from './moves'
import { numeralAt, RING } from './walkShapes'
import { childFromAbove, thing } from './fromAbove'

/*
 * Pictures of the floor from above, mm, y down, the middle at the origin. What is ahead of the children is at the top:
 *
 *      ▲   ■          ahead left     ahead right
 *        ☺                    child
 *      ⬣   ●          behind left    behind right
 */

/** In which quarter an hour (0 to 23) lies round the children: 12, 1 and 2 are in one, 3, 4 and 5 in the next. */
export function quarterOf(hour: number, facing: Facing): Quarter {
  const quarter = Math.floor((hour % 12) / 3) + (facing === 'twelve' ? 0 : 2)
  return QUARTERS[quarter % 4] as Quarter
}

/** How far each of the four things lies from the middle one, metres to a tenth: our own careful estimate, by age. */
export function jumpMetres(age = 5): number {
  return Math.round(10 * Math.min(0.8, Math.max(0.4, 0.5 + 0.1 * (age - 5)))) / 10
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

/** The room that these pictures take about their middle, mm. */
export const FLOOR_HALF_MM = 96
