import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, daysOf, weekdayOf } from '../clock'
import { nextSessionDay, type TermWish } from '.'

const TERM: TermWish = {
  from: '2026-11-02',
  until: '2026-12-18',
  weekdays: [0, 3],
  minutes: 30,
  homeMinutes: 0,
  goal: null,
  holidays: [{ from: '2026-11-30', until: '2026-12-04' }],
  school: 'turns-first',
}

describe('the day of the next session', () => {
  it.each([
    ['today, before there was any', { today: '2026-11-28', sessions: [] }, '2026-11-28'],
    ['a week after the last one', { today: '2026-11-28', sessions: ['2026-11-26'] }, '2026-12-03'],
    [
      'a week after the one that is planned',
      { today: '2026-11-28', sessions: ['2026-11-26', '2026-12-05'] },
      '2026-12-12',
    ],
    ['a week from today after one today', { today: '2026-11-28', sessions: ['2026-11-28'] }, '2026-12-05'],
    ['the same day of the week after a long time', { today: '2026-11-28', sessions: ['2026-09-02'] }, '2026-12-02'],
    ['the next day of the term', { today: '2026-11-23', sessions: ['2026-11-23'], term: TERM }, '2026-11-26'],
    ['not one on which one is planned', { today: '2026-11-23', sessions: ['2026-11-26'], term: TERM }, '2026-12-07'],
    ['after a holiday', { today: '2026-11-26', sessions: ['2026-11-26'], term: TERM }, '2026-12-07'],
    [
      'a week after the last one, once the term is over',
      { today: '2026-12-17', sessions: ['2026-12-17'], term: TERM },
      '2026-12-24',
    ],
    ['of the term, though there was none yet', { today: '2026-10-20', sessions: [], term: TERM }, '2026-11-02'],
  ])('is %s', (_, known, due) => expect(nextSessionDay(known)).toBe(due))

  it('is always after today and on the weekday of the latest one, without a term', () => {
    const day = fc.integer({ min: daysOf('2026-01-01'), max: daysOf('2027-12-31') })
    fc.assert(
      fc.property(day, fc.array(day, { minLength: 1, maxLength: 6 }), (now, days) => {
        const next = daysOf(nextSessionDay({ today: dateOf(now), sessions: days.map(dateOf) }))
        expect(next).toBeGreaterThan(now)
        expect(days).not.toContain(next)
        expect(weekdayOf(next)).toBe(weekdayOf(Math.max(...days)))
        expect(next - Math.max(now, ...days)).toBeLessThanOrEqual(7)
      }),
    )
  })
})
