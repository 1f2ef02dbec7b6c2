import { describe, expect, it } from 'vitest'
import { handOutline } from './handShapes'
import { quarterShapes } from './overlays'

describe('the needle of a second hand', () => {
  /** Half its width along its straight sides, and how far from the pivot they begin, mm. */
  const sides = (width: number) => {
    const outline = handOutline('second', { length: 100, width, tail: width / 2 })
    const [start] = outline
    if (start?.op !== 'M') throw new Error('an outline starts somewhere')
    return { half: -start.x, fromPivot: Math.hypot(start.x, start.y) }
  }

  it('stands on the rim of its boss, and is narrower than it', () => {
    expect(sides(4).half).toBeCloseTo(1.8, 9)
    expect(sides(4).fromPivot).toBeCloseTo(2, 9)
  })

  it('is never wider than 8 mm, however large its boss', () => {
    expect(sides(40).half).toBe(4)
    expect(sides(40).fromPivot).toBeCloseTo(20, 9)
  })
})

describe('quarters that save ink', () => {
  it('are hatched by five strokes a sixth of the way apart, in every second quarter', () => {
    const lines = quarterShapes(60, true).flatMap((shape) => (shape.type === 'line' ? [shape] : []))
    expect(lines).toHaveLength(10)
    const sixths = lines.map(({ x1, y1, x2, y2 }) => [Math.hypot(x1, y1), Math.hypot(x2, y2)].map((mm) => mm / 59.1))
    const expected = [0, 1].flatMap(() => [1, 2, 3, 4, 5].map((i) => [i / 6, i / 6]))
    sixths.forEach((ends, i) => ends.forEach((share, end) => expect(share).toBeCloseTo(expected[i]?.[end] ?? NaN, 9)))
    // From 12 to 3 and from 6 to 9.
    expect(lines.every(({ x1, x2, y1, y2 }) => (x1 + x2) * (y1 + y2) < 0)).toBe(true)
  })
})
