import type { Point } from '../drawing'

/* Where words on a dial have room: boxes of what is there already, and whether two of them touch. */

/** Four corners in turn, mm; boxes may be turned. */
export type Corners = readonly [Point, Point, Point, Point]

/** How wide a letter is at most, ems: the widths of the font weigh too much for a view that shows a clock. */
const WIDE = 0.96
const NARROW = 0.42
const USUAL = 0.66
/** How far letters with their dots reach above the baseline, and their tails below it, ems. */
const REACH = 0.8
const TAIL = 0.22

/** The width in mm that a word surely fits into, at an em of `size` mm. */
export function roomFor(text: string, size: number): number {
  const widths = [...text].map((letter) => (/[mwMW]/.test(letter) ? WIDE : /[iljtrf ]/.test(letter) ? NARROW : USUAL))
  return widths.reduce((sum, width) => sum + width, 0) * size
}

/** The box of a word in the middle of its baseline. */
export function wordCorners(text: string, size: number): Corners {
  const half = roomFor(text, size) / 2
  return rectangle({ left: -half, right: half, top: -size * REACH, bottom: size * TAIL })
}

export function rectangle(sides: { left: number; right: number; top: number; bottom: number }): Corners {
  const { left, right, top, bottom } = sides
  return [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ]
}

/** Moved by a point, after a turn about the origin (degrees clockwise). */
export function placedAt(corners: Corners, { x, y }: Point, turn = 0): Corners {
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const moved = (at: Point): Point => ({ x: x + at.x * cos - at.y * sin, y: y + at.x * sin + at.y * cos })
  const [a, b, c, d] = corners
  return [moved(a), moved(b), moved(c), moved(d)]
}

/** Two boxes do not touch if some side of either has all of the other beyond it. */
export function boxesTouch(a: Corners, b: Corners): boolean {
  const apart = (own: Corners, other: Corners) =>
    own.some((from, i) => {
      const to = own[(i + 1) % own.length] as Point
      const side = (at: Point) => (to.x - from.x) * (at.y - from.y) - (to.y - from.y) * (at.x - from.x)
      return other.every((at) => side(at) < 0)
    })
  return !apart(a, b) && !apart(b, a)
}
