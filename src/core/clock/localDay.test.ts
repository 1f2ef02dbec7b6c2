import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, dateOfDay, dayAfter, isZone, localDay, weekOfDay } from '.'

const ZONES = ['UTC', 'Pacific/Auckland', 'America/Los_Angeles', 'Asia/Kathmandu', 'Europe/London', 'Pacific/Apia']

describe('a day of a place', () => {
  it('is the one that a calendar there shows, on every moment of 90 years', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ZONES),
        fc.integer({ min: Date.UTC(1970, 0, 2), max: Date.UTC(2060, 0, 1) }),
        (zone, at) => {
          const shown = new Intl.DateTimeFormat('sv-SE', { timeZone: zone, dateStyle: 'short' }).format(at)
          expect(dateOfDay(localDay(at, zone))).toBe(shown)
        },
      ),
    )
  })

  it('is one for a lesson at noon in Auckland, and another than in Greenwich', () => {
    const begin = Date.UTC(2026, 10, 28, 23, 50)
    const end = begin + 20 * 60_000
    expect(localDay(begin, 'Pacific/Auckland')).toBe(localDay(end, 'Pacific/Auckland'))
    expect(localDay(begin, 'UTC')).not.toBe(localDay(end, 'UTC'))
  })

  it('has a Monday and days after it', () => {
    const day = localDay(Date.UTC(2026, 10, 29, 12), 'UTC')
    expect(dateOf(weekOfDay(day))).toBe('2026-11-23')
    expect(dateOf(dayAfter(day, 3))).toBe('2026-12-02')
  })

  it('needs a zone that there is', () => {
    expect(isZone('Europe/London')).toBe(true)
    for (const zone of ['', 'Moon/Base', 'Europe']) {
      expect(isZone(zone)).toBe(false)
      expect(() => localDay(0, zone)).toThrow(/zone must be a time zone such as Europe\/London/)
    }
  })
})
