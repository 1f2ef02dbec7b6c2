import { told } from '../told'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, daysOf, mondayOf, weekdayOf } from '.'

const anyDay = fc.integer({ min: -20_000, max: 60_000 })

describe('dates as days', () => {
  it('agree with the calendar of the machine, both ways', () => {
    fc.assert(
      fc.property(anyDay, (days) => {
        const date = new Date(days * 86_400_000).toISOString().slice(0, 10)
        expect(dateOf(days)).toBe(date)
        expect(daysOf(date)).toBe(days)
        expect(weekdayOf(days)).toBe((new Date(days * 86_400_000).getUTCDay() + 6) % 7)
      }),
    )
  })

  it('know the Monday of a week', () => {
    expect(dateOf(mondayOf(daysOf('2026-11-29')))).toBe('2026-11-23')
    expect(dateOf(mondayOf(daysOf('2026-11-23')))).toBe('2026-11-23')
  })

  it.each(['2026-02-29', '2026-13-01', '2026-00-10', '2026-04-31', '26-04-30', 'Easter'])(
    'refuse %s by its field',
    (text) => {
      expect(() => daysOf(text, told('until'))).toThrow(/until must be a date such as 2026-11-28/)
    },
  )
})
