import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { angleOnDial, pointInDrawing, pointOnDial, seenFromPivot } from '.'

const px = fc.double({ min: 1, max: 4000, noNaN: true })

describe('a point of the screen', () => {
  it('falls into a drawing where the drawing shows it', () => {
    fc.assert(
      fc.property(px, px, px, px, px, px, px, px, (left, top, width, height, w, h, x, y) => {
        const at = pointInDrawing({ x, y }, { left, top, width, height }, { width: w, height: h })
        // Drawn again at that place, it is where it was.
        expect(left + (at.x / w) * width).toBeCloseTo(x, 6)
        expect(top + (at.y / h) * height).toBeCloseTo(y, 6)
      }),
    )
  })

  it('is refused where nothing is shown', () => {
    const box = { left: 0, top: 0, width: 0, height: 10 }
    expect(() => pointInDrawing({ x: 1, y: 1 }, box, { width: 1, height: 1 })).toThrow(/^box must be wider and higher/)
  })

  it('is seen from a pivot at the angle and distance at which it lies', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 359.9, noNaN: true }), px, px, px, (angle, distance, x, y) => {
        const on = pointOnDial(angle, distance)
        const seen = seenFromPivot({ x: x + on.x, y: y + on.y }, { x, y })
        expect(seen.distance).toBeCloseTo(distance, 6)
        expect(Math.abs(((seen.angle - angle + 540) % 360) - 180)).toBeLessThan(1e-6)
        expect(seen.angle).toBeCloseTo(angleOnDial(x + on.x - x, y + on.y - y), 9)
      }),
    )
  })
})
