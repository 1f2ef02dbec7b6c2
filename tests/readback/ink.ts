import { fontOutlines } from '../../scripts/outlines'
import type { Point, ReadShape } from './svg'

/*
 * What letters really cover, from the outlines of the font that ships: apart from the widths that the core reckons
 * with.
 */

interface Ink {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
  readonly advance: number
}

const outlines = fontOutlines()
const known = new Map<string, Ink>()

/**
 * One letter in ems: what its outline covers right of its origin and above the baseline, and how far the next one is.
 */
function inkOf(letter: string, weight: 'regular' | 'bold', advance: number): Ink {
  const name = `${letter}${weight}`
  const found = known.get(name)
  if (found) return found
  const numbers = (outlines[weight][String(letter.codePointAt(0))] ?? '').match(/-?\d+/g)?.map(Number) ?? []
  const [xs, ys] = [0, 1].map((at) => numbers.filter((_, i) => i % 2 === at).map((each) => each / outlines.unitsPerEm))
  const made = {
    left: Math.min(...(xs ?? [])),
    right: Math.max(...(xs ?? [])),
    top: Math.max(...(ys ?? [])),
    bottom: Math.min(...(ys ?? [])),
    advance,
  }
  known.set(name, made)
  return made
}

/** The corners of what a text covers, as it is turned; `widthOf` has the advance of each letter in ems. */
export function inkCorners(shape: ReadShape, widthOf: (letter: string, isBold: boolean) => number): Point[] {
  const { text = '', size = 0, anchor, turn = 0, weight, points } = shape
  const isBold = weight === 'bold'
  let pen = 0
  const box = { left: Infinity, right: -Infinity, top: -Infinity, bottom: Infinity }
  for (const letter of text) {
    const ink = inkOf(letter, isBold ? 'bold' : 'regular', widthOf(letter, isBold))
    box.left = Math.min(box.left, pen + ink.left)
    box.right = Math.max(box.right, pen + ink.right)
    box.top = Math.max(box.top, ink.top)
    box.bottom = Math.min(box.bottom, ink.bottom)
    pen += ink.advance
  }
  const before = anchor === 'middle' ? pen / 2 : anchor === 'end' ? pen : 0
  const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const at = points[0] ?? { x: NaN, y: NaN }
  return [
    [box.left, box.top],
    [box.right, box.top],
    [box.right, box.bottom],
    [box.left, box.bottom],
  ].map(([along = 0, up = 0]) => {
    const [x, y] = [(along - before) * size, -up * size]
    return { x: at.x + x * cos - y * sin, y: at.y + x * sin + y * cos }
  })
}

/** Two convex outlines do not touch if some side of either has all of the other beyond it. */
export function outlinesTouch(a: readonly Point[], b: readonly Point[]): boolean {
  return ![
    [a, b],
    [b, a],
  ].some(([own = [], other = []]) =>
    own.some((from, i) => {
      const to = own[(i + 1) % own.length] as Point
      const side = (p: Point) => (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x)
      const inside = Math.sign(Math.max(...own.map(side)) + Math.min(...own.map(side)))
      return other.every((p) => side(p) * inside < -1e-6)
    }),
  )
}

/** A thin box about a stretch, so that it can be held against others. */
export function stroke(from: Point, to: Point, half = 0.01): Point[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y)
  const [x, y] = [((to.y - from.y) / length) * half, ((from.x - to.x) / length) * half]
  return [
    { x: from.x + x, y: from.y + y },
    { x: to.x + x, y: to.y + y },
    { x: to.x - x, y: to.y - y },
    { x: from.x - x, y: from.y - y },
  ]
}
