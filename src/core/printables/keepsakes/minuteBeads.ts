import { type Area, centredText, circle, INK, type Point, type Shape } from '../../drawing'
import { part } from '../kit/frame'
import { THIN } from '../kit/looks'

const BEADS = 60
/** Half across: a bead of every fifth minute, which has its number in it, and any other, mm. */
export const LARGE_BEAD_MM = 5
const SMALL_BEAD_MM = 3.2
const NUMBER_MM = 4.2

/** The point so far along the sides of a rectangle, clockwise from the middle of its top, mm. */
function along({ x, y, width, height }: Area, way: number): Point {
  const sides = [
    { length: width / 2, at: (on: number) => ({ x: x + width / 2 + on, y }) },
    { length: height, at: (on: number) => ({ x: x + width, y: y + on }) },
    { length: width, at: (on: number) => ({ x: x + width - on, y: y + height }) },
    { length: height, at: (on: number) => ({ x, y: y + height - on }) },
    { length: width / 2, at: (on: number) => ({ x: x + on, y }) },
  ]
  let left = way
  for (const { length, at } of sides) {
    if (left <= length) return at(left)
    left -= length
  }
  return { x: x + width / 2, y }
}

/**
 * The minutes of an hour as beads round an area, its edges just inside it: the 60th at the middle of the top, then
 * clockwise at equal ways. Every fifth is larger and numbered.
 */
export function minuteBeads(area: Area): Shape[] {
  const string: Area = {
    x: area.x + LARGE_BEAD_MM,
    y: area.y + LARGE_BEAD_MM,
    width: area.width - 2 * LARGE_BEAD_MM,
    height: area.height - 2 * LARGE_BEAD_MM,
  }
  const apart = (2 * (string.width + string.height)) / BEADS
  return Array.from({ length: BEADS }, (_, i) => {
    const minute = i + 1
    const at = along(string, apart * (minute % BEADS))
    if (minute % 5 !== 0) return part(`minute-${minute}`, [circle(at, SMALL_BEAD_MM, THIN)])
    return part(`minute-${minute}`, [
      circle(at, LARGE_BEAD_MM, THIN),
      centredText(String(minute), at, { size: NUMBER_MM, fill: INK }),
    ])
  })
}
