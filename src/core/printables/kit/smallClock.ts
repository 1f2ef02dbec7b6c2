import { circle, INK, line, type Point, pointOnDial, type Shape } from '../../drawing'
import { THIN } from './looks'

/** A clock in a picture of a few millimetres: marks, and two hands that stand apart. */
export function smallClock({ x, y }: Point, r: number, { hasHands = true }: { hasHands?: boolean } = {}): Shape[] {
  const at = (turn: number, share: number) => {
    const point = pointOnDial(turn, r * share)
    return { x: x + point.x, y: y + point.y }
  }
  const hands = [
    line({ x, y }, at(120, 0.45), { stroke: INK, strokeMm: 1 }),
    line({ x, y }, at(0, 0.7), { stroke: INK, strokeMm: 0.7 }),
  ]
  return [
    circle({ x, y }, r, THIN),
    ...Array.from({ length: 12 }, (_, i) => line(at(30 * i, 0.78), at(30 * i, 0.92), THIN)),
    ...(hasHands ? hands : []),
  ]
}
