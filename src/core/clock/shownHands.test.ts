import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Hands, handTaken, handsDragged, handsMoved, minuteOnTheWay, minuteShown } from '.'

const geared = (minute: number, second?: number): Hands => ({ gear: 'geared', minute, second })
const anyAngle = fc.double({ min: 0, max: 359.99, noNaN: true })
const anyMinute = fc.integer({ min: 0, max: 1439 })

describe('the hand that a touch takes', () => {
  it('is the only one there is, wherever the touch lies', () => {
    fc.assert(
      fc.property(anyAngle, fc.double({ min: 0, max: 1.5, noNaN: true }), anyMinute, (angle, distance, minute) => {
        expect(handTaken({ angle, distance }, geared(minute), 'hour')).toBe('hour')
        expect(handTaken({ angle, distance }, geared(minute), 'minute')).toBe('minute')
      }),
    )
  })

  it('is the long one far out, the short one near the pivot, and the long one there where the touch lies on it alone', () => {
    // At 10:00 the long hand stands at 0°, the short one at 300°.
    expect(handTaken({ angle: 300, distance: 0.59 }, geared(600))).toBe('minute')
    expect(handTaken({ angle: 300, distance: 0.57 }, geared(600))).toBe('hour')
    expect(handTaken({ angle: 150, distance: 0.3 }, geared(600))).toBe('hour')
    expect(handTaken({ angle: 19, distance: 0.3 }, geared(600))).toBe('minute')
    expect(handTaken({ angle: 21, distance: 0.3 }, geared(600))).toBe('hour')
    // At noon both lie there.
    expect(handTaken({ angle: 5, distance: 0.3 }, geared(720))).toBe('hour')
  })

  it('is the second hand only where there is one, close by, and the minute hand is not', () => {
    const at = (angle: number, distance: number) => handTaken({ angle, distance }, geared(600, 15))
    expect(at(90, 0.9)).toBe('second')
    expect(at(99, 0.9)).toBe('second')
    expect(at(101, 0.9)).toBe('minute')
    expect(handTaken({ angle: 90, distance: 0.9 }, geared(600))).toBe('minute')
    // Two seconds past: at 12° it lies by the minute hand.
    expect(handTaken({ angle: 11, distance: 0.9 }, geared(600, 2))).toBe('minute')
    // Near the pivot the hour hand comes first where it lies as well: 3:00 with 15 seconds.
    expect(handTaken({ angle: 90, distance: 0.3 }, geared(180, 15))).toBe('hour')
    expect(handTaken({ angle: 90, distance: 0.3 }, geared(600, 15))).toBe('second')
  })
})

describe('hands that are dragged', () => {
  it('land where the finger is: a free hour hand to a degree, a free minute hand to at most five minutes', () => {
    fc.assert(
      fc.property(anyAngle, fc.constantFrom(1, 5, 15, 30), (angle, step) => {
        const from: Hands = { gear: 'free', hour: 12, minute: 34 }
        const hour = handsDragged(from, 'hour', angle, step)
        expect(hour).toMatchObject({ gear: 'free', hour: Math.round(angle) % 360, minute: 34 })
        const { minute, hour: still } = handsDragged(from, 'minute', angle, step) as { minute: number; hour: number }
        const gap = Math.abs(((minute - angle + 540) % 360) - 180)
        expect(gap).toBeLessThanOrEqual(Math.min(step, 5) * 3 + 1e-9)
        expect([still, minute % (6 * Math.min(step, 5))]).toEqual([12, 0])
      }),
    )
  })

  it('move together when geared, the second hand taking its minute along', () => {
    expect(handsDragged(geared(719, 55), 'second', 30, 5)).toEqual(geared(720, 5))
    expect(handsDragged(geared(595), 'minute', 12, 5)).toEqual(geared(600))
    expect(handsDragged(geared(690), 'hour', 5, 5)).toEqual(geared(730))
  })
})

describe('hands that are moved by key', () => {
  it('come back after as many pushes the other way, through noon and midnight', () => {
    fc.assert(
      fc.property(anyMinute, fc.constantFrom(1, 5, 15, 60), fc.constantFrom('hour', 'minute'), (at, by, hand) => {
        const on = handsMoved(geared(at), hand, by)
        expect(minuteShown(handsMoved(on, hand, -by))).toBe(at)
        expect(minuteShown(on)).toBe((at + (hand === 'hour' ? 60 : by)) % 1440)
      }),
    )
  })
})

it('a time on its way stays between the two, and ends where it goes', () => {
  fc.assert(
    fc.property(anyMinute, anyMinute, fc.double({ min: -1, max: 2, noNaN: true }), (from, to, share) => {
      const at = minuteOnTheWay(from, to, share)
      expect(at).toBeGreaterThanOrEqual(Math.min(from, to))
      expect(at).toBeLessThanOrEqual(Math.max(from, to))
      if (share >= 1) expect(at).toBe(to)
      if (share <= 0) expect(at).toBe(from)
    }),
  )
})
