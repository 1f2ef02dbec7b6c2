import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOf, daysOf, handAngles } from '../clock'
import type { ChildId } from '../ids'
import { type Day, type DayOn, type DayRow, OPEN_ROW_LASTS, type Weekday, nowAndNext } from '.'

/** A Saturday. */
const SATURDAY = '2026-11-28'
const onDays = (...days: Weekday[]): DayOn => ({ kind: 'weekdays', days })
const EVERY_DAY = onDays(0, 1, 2, 3, 4, 5, 6)
const dayOf = (rows: readonly DayRow[], on = EVERY_DAY, whose: Day['whose'] = { kind: 'everybody' }): Day => ({
  on,
  whose,
  rows,
  starts: [],
})
const at = (days: readonly Day[], minute: number, date = SATURDAY) => {
  const { now, next, ...rest } = nowAndNext(days, { date, minute })
  return { now: now.map(({ what }) => what), next: next?.what, ...rest }
}

describe('now and next', () => {
  const rows: DayRow[] = [
    { minute: 550, what: 'lock' },
    { minute: 570, to: 595, what: 'stories' },
    { minute: 620, what: 'clocks' },
  ]
  const today = [dayOf(rows, { kind: 'date', date: SATURDAY })]

  it('is looked up by hand', () => {
    expect(at(today, 549)).toEqual({
      now: [],
      next: 'lock',
      until: 1,
      hand: { numeral: 2, marks: 0, roundsBefore: 0 },
    })
    expect(at(today, 560)).toMatchObject({ now: ['lock'], next: 'stories', until: 10, gone: 0.5 })
    expect(at(today, 594).now).toEqual(['stories'])
    expect(at(today, 595)).toMatchObject({ now: [], next: 'clocks', until: 25 })
    expect(at([dayOf([{ minute: 780, what: 'x' }])], 600).hand).toEqual({ numeral: 12, marks: 0, roundsBefore: 2 })
    expect(at([dayOf([{ minute: 614, what: 'x' }])], 600).hand).toEqual({ numeral: 2, marks: 4, roundsBefore: 0 })
  })

  it('ends the last row that has no end after an hour, and then says that nothing is on', () => {
    expect(at(today, 620 + OPEN_ROW_LASTS - 1).now).toEqual(['clocks'])
    expect(at(today, 620 + OPEN_ROW_LASTS)).toEqual({ now: [], next: undefined })
  })

  it('shows a longer row while and after a shorter one in it', () => {
    const school = [
      dayOf([
        { minute: 480, to: 900, what: 'school' },
        { minute: 720, to: 765, what: 'lunch' },
        { minute: 840, what: 'songs' },
      ]),
    ]
    expect(at(school, 719).now).toEqual(['school'])
    expect(at(school, 730).now).toEqual(['lunch', 'school'])
    expect(at(school, 780)).toMatchObject({ now: ['school'], next: 'songs' })
    expect(at(school, 870).now).toEqual(['songs', 'school'])
    expect(at(school, 900).now).toEqual([])
  })

  it('goes on over midnight, and looks to the morning', () => {
    const home = [
      dayOf([
        { minute: 420, to: 450, what: 'breakfast' },
        { minute: 1200, to: 390, what: 'sleep' },
      ]),
    ]
    expect(at(home, 1439)).toMatchObject({ now: ['sleep'], next: 'breakfast', until: 421 })
    expect(at(home, 0)).toMatchObject({ now: ['sleep'], next: 'breakfast', until: 420 })
    // Of the first thing of tomorrow nothing is told in the morning.
    const once = [dayOf([{ minute: 540, what: 'swim' }])]
    expect(at(once, 600)).toMatchObject({ now: [], next: undefined })
    expect(at(once, 1260)).toMatchObject({ now: [], next: 'swim', until: 720 })
    expect(at(home, 389).now).toEqual(['sleep'])
    expect(at(home, 390)).toMatchObject({ now: [], next: 'breakfast', until: 30 })
    // Of Friday alone, it goes on into Saturday, and no further.
    const friday = [dayOf(home[0]?.rows ?? [], onDays(4))]
    expect(at(friday, 60)).toEqual({ now: ['sleep'], gone: 300 / 630, next: undefined })
    expect(at(friday, 60, '2026-11-29').now).toEqual([])
  })

  it('follows the calendar: a weekday is not Sunday, and a day of its own date takes the place of a weekly one', () => {
    const weekly = dayOf([{ minute: 540, what: 'school' }], onDays(0, 1, 2, 3, 4))
    expect(at([weekly], 550, '2026-11-29').now).toEqual([])
    expect(at([weekly], 550, '2026-11-30').now).toEqual(['school'])
    const trip = dayOf([{ minute: 545, what: 'the boat' }], { kind: 'date', date: '2026-11-30' })
    expect(at([weekly, trip], 550, '2026-11-30').now).toEqual(['the boat'])
    const ofOne = dayOf([{ minute: 545, what: 'dentist' }], trip.on, { kind: 'child', childId: 'c' as ChildId })
    expect(at([weekly, ofOne], 550, '2026-11-30').now).toEqual(['dentist', 'school'])
  })

  it('has nothing where there are no days, and none without rows', () => {
    expect(at([], 600)).toEqual({ now: [], next: undefined })
    expect(at([dayOf([])], 600)).toEqual({ now: [], next: undefined })
  })

  it('tells where the true long hand will be', () => {
    fc.assert(
      fc.property(fc.nat(1438), fc.integer({ min: 1, max: 180 }), (minute, after) => {
        const then = minute + after
        fc.pre(then <= 1439)
        const { hand } = at([dayOf([{ minute: then, what: 'x' }], { kind: 'date', date: SATURDAY })], minute)
        const angle = (((hand?.numeral ?? 0) % 12) * 30 + (hand?.marks ?? 0) * 6) % 360
        expect(angle).toBeCloseTo(handAngles(then).minute)
        // Counted minute by minute: how often the hand comes there before.
        let seen = 0
        for (let each = minute + 1; each < then; each++) if (each % 60 === then % 60) seen++
        expect(hand?.roundsBefore).toBe(seen)
      }),
      { numRuns: 50 },
    )
  })

  it('is the same as asking every row of every day by itself', () => {
    const row = fc.record({ minute: fc.nat(1439), to: fc.nat(1439), what: fc.constantFrom('a', 'b', 'c') })
    fc.assert(
      fc.property(
        fc.array(row, { maxLength: 6 }),
        fc.integer({ min: 0, max: 6 }),
        fc.nat(1439),
        (list, days, minute) => {
          const date = dateOf(daysOf(SATURDAY) + days)
          const isOn = ({ minute: from, to }: (typeof list)[number]) =>
            to > from ? from <= minute && minute < to : minute >= from || minute < to
          const found = nowAndNext([dayOf(list)], { date, minute }).now
          // What lasts a whole day and more is on twice at its edge, and told once for each.
          expect(new Set(found)).toEqual(new Set(list.filter(isOn)))
        },
      ),
    )
  })
})
