import { textWidth } from '../../../src/core/drawing'
import { inkCorners } from '../ink'
import type { Point, ReadShape } from '../svg'
import type { Shapes } from './reading'

/* What checkers measure on a page, in mm and in degrees clockwise from 12. */

export const NOWHERE: Point = { x: NaN, y: NaN }
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)
export const bearing = (from: Point, to: Point): number =>
  ((Math.atan2(to.x - from.x, from.y - to.y) * 180) / Math.PI + 360) % 360

export interface Extent {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

/** The sides of the smallest box round some points. */
export function extentOf(points: readonly Point[]): Extent {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)]
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) }
}

export const xsOf = (shapes: Shapes): number[] => shapes.flatMap(({ points }) => points.map(({ x }) => x))
export const ysOf = (shapes: Shapes): number[] => shapes.flatMap(({ points }) => points.map(({ y }) => y))
export const pointsIn = (shapes: Shapes): Point[] => shapes.flatMap(({ points }) => [...points])

/** The middle of the box round some points: of a circle that was read as some of them too. */
export function middleOf(points: readonly Point[]): Point {
  const { left, right, top, bottom } = extentOf(points)
  return { x: (left + right) / 2, y: (top + bottom) / 2 }
}

/** The corners of what a text covers. */
export const cornersOf = (text: ReadShape): Point[] =>
  inkCorners(text, (letter, isBold) => textWidth(letter, 1, isBold ? 'bold' : 'regular'))
