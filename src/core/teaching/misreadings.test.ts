import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gb, readAt, wrong, times } from '../../../tests/readback/misreadTimes'
import { handAngles, timeAt } from '../clock'
import { randomFrom } from '../random'
import {
  type Item,
  asksOf,
  itemPool,
  readLike,
  explain,
  isRight,
  itemAt,
  type MisreadingId,
  durationOf,
  misreadingOf,
  misreadings,
  modeIn,
  readWritten,
  rungs,
  sayAnswer,
  schools,
  valueKey,
  wrongAnswers,
} from '.'

describe('misreadings, by worked examples', () => {
  it('swap the hands', () => {
    // By fives, and to the mark where single marks are counted.
    expect(wrong('swapped-hands', readAt(4, 51))).toEqual(times([10, 25], [10, 24]))
    expect(wrong('swapped-hands', readAt(7, 12))).toEqual(times([2, 35], [2, 36]))
    expect(wrong('swapped-hands', readAt(2, 55))).toEqual(times([11, 15]))
    expect(wrong('swapped-hands', readAt(8, 30))).toEqual(times([6, 40]))
  })

  it('mistake the hour', () => {
    expect(wrong('next-hour', readAt(8, 30))).toEqual(times([9, 30]))
    expect(wrong('next-hour', readAt(8, 25))).toEqual([])
    expect(wrong('hour-just-gone', readAt(8, 45))).toEqual(times([7, 45]))
    expect(wrong('hour-only', readAt(8, 45))).toEqual(times([8, 0]))
    expect(wrong('hour-only', readAt(8, 0))).toEqual([])
  })

  it('mistake the minutes', () => {
    expect(wrong('numeral-as-minutes', readAt(7, 20))).toEqual(times([7, 4]))
    expect(wrong('quarter-as-25', readAt(7, 15))).toEqual(times([7, 25]))
    expect(wrong('quarter-as-25', readAt(7, 45))).toEqual([])
    expect(wrong('past-for-to', readAt(8, 40))).toEqual(times([8, 20], [9, 20]))
    expect(wrong('past-for-to', readAt(8, 20))).toEqual(times([7, 40], [8, 40]))
    expect(wrong('wrong-way', readAt(4, 20))).toEqual(times([8, 40], [7, 40]))
    expect(wrong('minutes-only-fives', readAt(6, 55))).toEqual(times([6, 50], [7, 0]))
    expect(wrong('one-mark-out', readAt(7, 18))).toEqual(times([7, 17], [7, 19]))
    expect(wrong('one-mark-out', readAt(7, 59))).toEqual(times([7, 58], [8, 0]))
    expect(wrong('marks-left-out', readAt(4, 53))).toEqual(times([4, 50], [4, 55]))
    expect(wrong('marks-left-out', readAt(4, 13))).toEqual(times([4, 10]))
  })

  it('set the clock that the child would read as the wanted time', () => {
    const asked = (hour: number, minute: number) =>
      itemAt(minute % 5 ? 'minute' : 'past-fives', 'set', timeAt(hour, minute))
    expect(wrong('next-hour', asked(8, 45))).toEqual(times([7, 45]))
    expect(wrong('hour-just-gone', asked(8, 45))).toEqual(times([9, 45]))
    expect(wrong('numeral-as-minutes', asked(7, 10))).toEqual(times([7, 50]))
    expect(wrong('numeral-as-minutes', asked(7, 20))).toEqual([])
    expect(wrong('quarter-as-25', asked(7, 25))).toEqual(times([7, 15]))
    expect(wrong('swapped-hands', asked(4, 50))).toEqual([{ kind: 'hands', hour: 300, minute: 145 }])
    // Where reading and setting are mirror images, setting and then reading gives the wanted time back.
    for (const id of ['wrong-way', 'minutes-only-fives', 'past-for-to', 'next-hour', 'hour-just-gone'] as const)
      for (const { minute } of wrong(id, asked(8, 40)) as { minute: number }[])
        expect(wrong(id, itemAt('past-fives', 'read', minute)), id).toContainEqual({ kind: 'time', minute: 520 })
  })

  it('are held where the item asks', () => {
    const mode = (id: MisreadingId, ask: Item['ask']) => modeIn(misreadingOf(id), itemAt('digital', ask, 500))
    expect(mode('next-hour', 'set')).toBe('setting')
    expect(mode('next-hour', 'say')).toBe('saying')
    expect(mode('next-hour', 'write')).toBe('reading')
    expect(mode('sixty', 'write')).toBe('writing')
    expect(mode('parked-hour', 'set')).toBe('setting')
  })

  it('are the wrong answers that a rung’s own arithmetic invites', () => {
    const about = (minute: number) => wrong('before-for-after', itemAt('hour-hand', 'read', minute))
    expect(about(timeAt(5, 10))).toEqual([{ kind: 'about', minute: timeAt(4, 50) }])
    expect(about(timeAt(4, 50))).toEqual([{ kind: 'about', minute: timeAt(5, 10) }])
    expect(about(timeAt(4, 30))).toEqual([])
    const onOne = itemAt('hour-hand', 'read', timeAt(4, 30))
    expect(wrong('on-the-number', onOne)).toEqual([{ kind: 'about', minute: timeAt(4, 0) }])
    // One hand alone is never said to be read without the other.
    expect(wrong('hour-only', onOne)).toEqual([])
    const between = (from: number, to: number): Item => ({
      rung: 'elapsed',
      ask: 'how-long',
      shown: { as: 'span', minute: from, to },
      answer: durationOf(to - from),
      lures: [],
    })
    const minutes = (id: MisreadingId, item: Item) => wrong(id, item).map((value) => valueKey(value as never))
    const key = (length: number) => valueKey(durationOf(length))
    // 20 past 7 to 8 o'clock, answered “20 minutes”; 8:35 to 13:10 in jumps, and one hour too few.
    expect(minutes('minutes-shown', between(440, 480))).toEqual([key(20)])
    expect(minutes('no-bridge', between(515, 790))).toEqual([key(335), key(215)])
    expect(minutes('no-bridge', between(515, 830))).toEqual([key(255)])
    expect(minutes('no-bridge', between(480, 830))).toEqual([])
    const afternoon: Item = {
      rung: 'day-24',
      ask: 'write-24',
      shown: { as: 'day', minute: timeAt(15, 5) },
      answer: { kind: 'day', minute: timeAt(15, 5) },
      lures: [],
    }
    expect(wrong('adds-ten', afternoon)).toEqual([{ kind: 'day', minute: timeAt(13, 5) }])
    const nineOhFive = itemAt('digital', 'write', timeAt(9, 5))
    expect(explain(nineOhFive, readWritten('9:50', gb))).toEqual(['zero-after'])
    expect(wrong('wrong-way', itemAt('fives', 'read', 20))).toEqual([{ kind: 'minutes', minutes: 40 }])
  })

  it('keep what a child wrote as text', () => {
    const item = itemAt('digital', 'write', timeAt(9, 5))
    expect(readWritten('9:5', gb)).toEqual({ kind: 'written', text: '9:5' })
    expect(explain(item, readWritten('9:5', gb))).toEqual(['bare-digit'])
    expect(explain(itemAt('digital', 'write', timeAt(6, 0)), readWritten('6:60', gb))).toEqual(['sixty'])
    expect(isRight(item, readWritten('9:05', gb))).toBe(true)
  })

  it('leave the long hand anywhere, and only where nothing else explains the hands', () => {
    const seven = itemAt('oclock', 'set', timeAt(7, 0))
    for (const minute of [84, 150, 276])
      expect(explain(seven, { kind: 'hands', hour: 212, minute }), String(minute)).toEqual(['hour-only'])
    const twentyPast = itemAt('past-fives', 'set', timeAt(7, 20))
    for (const hour of [210, 220])
      expect(explain(twentyPast, { kind: 'hands', hour, minute: 20 })).toEqual(['hour-only'])
    // Both hands on 7, five too many, the hour before, and the long hand where it should be, are no such thing.
    expect(explain(seven, { kind: 'hands', hour: 210, minute: 210 })).toContain('both-on-numeral')
    expect(explain(twentyPast, { kind: 'hands', ...handAngles(timeAt(7, 25)) })).toEqual(['minutes-only-fives'])
    expect(explain(twentyPast, { kind: 'hands', hour: 190, minute: 20 })).toEqual([])
    expect(explain(twentyPast, { kind: 'hands', hour: 190, minute: 120 })).toEqual([])
  })

  it('set the hands wrongly', () => {
    const halfPastEight = itemAt('half', 'set', timeAt(8, 30))
    expect(explain(halfPastEight, { kind: 'hands', hour: 240, minute: 180 })).toEqual(['parked-hour'])
    expect(explain(halfPastEight, { kind: 'hands', hour: 180, minute: 255 })).toContain('swapped-set')
    // Parked on the 6 and not five to six, which is as near: the wanted time decides.
    const fiveToSeven = itemAt('to-fives', 'set', timeAt(6, 55))
    const parked = { kind: 'hands', hour: 180, minute: 330 } as const
    expect(explain(fiveToSeven, parked)).toEqual(['parked-hour'])
    expect(sayAnswer(fiveToSeven, parked, gb)).toBe('five to seven, hour hand left on 6 (27.5° behind)')
    const fiveToSix = { kind: 'hands', hour: 177.5, minute: 330 } as const
    expect(explain(fiveToSeven, fiveToSix)).toEqual(['next-hour'])
    expect(sayAnswer(fiveToSeven, fiveToSix, gb)).toBe('five to six')
    expect(sayAnswer(fiveToSeven, { kind: 'hands', hour: 190, minute: 330 }, gb)).toContain('17.5° behind')
    for (let minute = 16; minute < 720; minute++) {
      if (minute % 60 < 15 || rungs.every(({ dial }) => !dial?.minutes.includes(minute % 60))) continue
      const item = itemAt(minute % 5 ? 'minute' : 'past-fives', 'set', minute)
      const hour = 30 * Math.floor(minute / 60)
      expect(explain(item, { kind: 'hands', hour, minute: 6 * (minute % 60) }), String(minute)).toContain('parked-hour')
    }
    const six = itemAt('oclock', 'set', timeAt(6, 0))
    expect(explain(six, { kind: 'hands', hour: 180, minute: 180 })).toContain('both-on-numeral')
    expect(isRight(six, { kind: 'hands', hour: 190, minute: 1 })).toBe(true)
  })
})

describe('the table', () => {
  it('gives every misreading a use: some item where it shows', () => {
    for (const misreading of misreadings) {
      const shows = rungs.some(({ id: rung }) =>
        asksOf(rung).some((ask) =>
          itemPool(randomFrom(1), { rung, ask }).some((item) => wrongAnswers(misreading, item).length > 0),
        ),
      )
      expect(shows, misreading.id).toBe(true)
    }
  })

  it('marks hands set exactly as right', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 719 }), (minute) => {
        expect(isRight(itemAt('minute', 'set', minute), { kind: 'hands', ...handAngles(minute) })).toBe(true)
      }),
    )
  })

  it('reads a count of minutes up to sixty, and no other', () => {
    const like = { kind: 'minutes', minutes: 0 } as const
    const read = (text: string) => readLike(like, text, { language: 'en-GB', form: 'turns' })
    expect(read('60')).toEqual({ kind: 'minutes', minutes: 60 })
    expect(read('35 minutes')).toEqual({ kind: 'minutes', minutes: 35 })
    for (const none of ['61', '', 'about ten', '5 hours']) expect(read(none), none).toBeUndefined()
  })

  it('orders the same rungs in both schools', () => {
    expect([...schools['fives-first'].order].sort()).toEqual([...schools['turns-first'].order].sort())
  })
})
