import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { handAngles, midnightsPassed, signedGap, snapMinuteHand, turnGeared, turnSecondHand } from '.'

const anyMinute = fc.integer({ min: 0, max: 1439 })

describe('a geared clock', () => {
  it('goes through the hours, noon and midnight when its long hand is brought round, either way, and comes back', () => {
    for (const way of [1, -1]) {
      let at = 0
      const seen = new Set<number>()
      for (let i = 0; i < 1440; i++) {
        const next = turnGeared(at, 'minute', (((i + 1) * 6 * way) % 360) + 360, 1)
        expect(((((next - at) * way) % 1440) + 1440) % 1440).toBe(1)
        at = next
        seen.add(at)
      }
      expect(at).toBe(0)
      expect(seen.size).toBe(1440)
    }
  })

  it('takes the shorter way to where a hand is put: never more than half a turn of it', () => {
    fc.assert(
      fc.property(
        anyMinute,
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.constantFrom(1, 5, 15, 30),
        (minute, angle, step) => {
          for (const [hand, halfTurn] of [
            ['minute', 30],
            ['hour', 360],
          ] as const) {
            const turned = turnGeared(minute, hand, angle, step)
            const moved = Math.abs(((turned - minute + 720 + 1440) % 1440) - 720)
            expect(moved).toBeLessThanOrEqual(halfTurn + step / 2)
            expect(turned % step).toBe(0)
          }
        },
      ),
    )
  })

  it('lands where its hand was put, to the step', () => {
    fc.assert(
      fc.property(anyMinute, fc.double({ min: 0, max: 359, noNaN: true }), (minute, angle) => {
        expect(
          Math.abs(signedGap(handAngles(turnGeared(minute, 'minute', angle, 1)).minute, angle)),
        ).toBeLessThanOrEqual(3.001)
        expect(Math.abs(signedGap(handAngles(turnGeared(minute, 'hour', angle, 1)).hour, angle))).toBeLessThanOrEqual(
          0.251,
        )
      }),
    )
  })

  it('refuses a time that is none', () => {
    for (const minute of [-1, 1440, NaN, 1.5]) expect(() => turnGeared(minute, 'minute', 0, 1)).toThrow(/minuteOfDay/)
  })
})

describe('a free minute hand', () => {
  it('clicks to the nearest of the practised steps', () => {
    expect(snapMinuteHand(44, 5)).toBe(30)
    expect(snapMinuteHand(46, 5)).toBe(60)
    expect(snapMinuteHand(359, 1)).toBe(0)
    fc.assert(
      fc.property(fc.double({ min: -720, max: 720, noNaN: true }), fc.constantFrom(1, 5, 15), (angle, step) => {
        const snapped = snapMinuteHand(angle, step)
        expect(snapped).toBeGreaterThanOrEqual(0)
        expect(snapped).toBeLessThan(360)
        expect(Math.abs(signedGap(snapped, angle))).toBeLessThanOrEqual(step * 3 + 1e-9)
      }),
    )
  })
})

describe('turning past midnight', () => {
  it('counts a day on and a day back, and never one at noon', () => {
    for (const way of [1, -1]) {
      let [at, days] = [540, 0]
      for (let i = 0; i < 3 * 1440; i += 5) {
        const next = turnGeared(at, 'minute', ((((at + 5 * way) * 6) % 360) + 360) % 360, 5)
        const passed = midnightsPassed(at, next)
        if (at === 715 || at === 720) expect(passed).toBe(0)
        days += passed
        at = next
      }
      expect([at, days]).toEqual([540, 3 * way])
    }
  })
})

describe('a second hand', () => {
  it('takes the minute with it over 12, on and back, and comes round to where it was', () => {
    let at = { minute: 59, second: 0 }
    for (let i = 1; i <= 120; i++) at = turnSecondHand(at, (i * 6) % 360)
    expect(at).toEqual({ minute: 61, second: 0 })
    for (let i = 119; i >= 0; i--) at = turnSecondHand(at, (i * 6) % 360)
    expect(at).toEqual({ minute: 59, second: 0 })
  })
})
