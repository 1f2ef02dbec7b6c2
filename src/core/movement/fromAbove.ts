import { circle, GOLD, group, INK, line, PAPER, path, type Point, pointOnDial, type Shape, SLATE } from '../drawing'
import { type Quarter, QUARTERS } from './moves'
import { joined } from './walkShapes'

/** From the middle to each of the four things. */
const THING_AT = 52
const THING_R = 14

const angleOf = (quarter: Quarter) => 45 + 90 * QUARTERS.indexOf(quarter)

/** The four things differ in shape, so that they can be told apart without colour. */
export function thing(quarter: Quarter, isTarget: boolean): Shape {
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
export function childFromAbove(): Shape {
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
