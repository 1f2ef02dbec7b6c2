import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { handAngles, handsHidden, minutesPast } from '../clock'
import { randomFrom } from '../random'
import { type Wording, LANGUAGE_IDS } from '../wording'
import {
  type Item,
  asksOf,
  askInWords,
  itemKey,
  itemPool,
  minuteOf,
  readLike,
  explain,
  hasDialTimes,
  isRight,
  itemAt,
  luresFor,
  makeItems,
  type MisreadingId,
  durationOf,
  misreadingOf,
  misreadings,
  modeIn,
  readWritten,
  rungTimes,
  rungs,
  sameValue,
  sayAnswer,
  sayValue,
  schools,
  valueKey,
  withChoices,
  wrongAnswers,
} from '.'
import { timeAt } from '../clock'
import { RefusedValue } from '../errors'

const gb: Wording = { language: 'en-GB', form: 'turns' }
const readAt = (hour: number, minute: number) =>
  itemAt(minute % 5 ? 'minute' : 'past-fives', 'read', timeAt(hour, minute))
const wrong = (id: Parameters<typeof misreadingOf>[0], item: Item) => wrongAnswers(misreadingOf(id), item)
const times = (...hm: [number, number][]) => hm.map(([h, m]) => ({ kind: 'time', minute: timeAt(h % 12, m) }))

const practised = rungs.filter((rung) => hasDialTimes(rung.id)).map((rung) => rung.id)
const anyItem = fc
  .record({ rung: fc.constantFrom(...practised), ask: fc.constantFrom('read', 'set', 'write', 'match'), at: fc.nat() })
  .map(({ rung, ask, at }) => {
    const pool = rungTimes(rung, { hiddenHands: true })
    return itemAt(rung, ask as Item['ask'], pool[at % pool.length] as number)
  })

describe('misreadings, by worked examples', () => {
  it('swap the hands', () => {
    expect(wrong('swapped-hands', readAt(4, 51))).toEqual(times([10, 25]))
    expect(wrong('swapped-hands', readAt(2, 53))).toEqual(times([10, 15]))
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

describe('items', () => {
  it('never repeat a time, hide no hands and hold to the rung', () => {
    fc.assert(
      fc.property(fc.constantFrom(...practised), fc.integer({ min: 1, max: 11 }), fc.nat(), (rung, count, seed) => {
        const items = makeItems(randomFrom(seed), { rung, ask: 'read', count })
        const minutes = items.map((item) => item.shown.minute)
        expect(new Set(minutes).size).toBe(count)
        for (const item of items) {
          if (item.shown.as === 'dial' && item.shown.hands === 'both')
            expect(handsHidden(item.shown.minute)).toBe(false)
          expect(rungTimes(rung, { hiddenHands: true })).toContain(item.shown.minute)
        }
      }),
    )
  })

  it('spread over the hours and both halves of the face', () => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const items = makeItems(randomFrom(seed), { rung: 'past-fives', ask: 'read', count: 12 })
        const hours = new Set(items.map((item) => Math.floor(item.shown.minute / 60)))
        expect(hours.size).toBeGreaterThanOrEqual(10)
        const late = items.filter((item) => minutesPast(item.shown.minute) >= 30).length
        expect(late).toBeGreaterThanOrEqual(4)
        expect(late).toBeLessThanOrEqual(8)
      }),
    )
  })

  it('say what is possible when too many are asked for', () => {
    const ask = () => makeItems(randomFrom(1), { rung: 'oclock', ask: 'read', count: 60 })
    expect(ask).toThrow(RefusedValue)
    expect(ask).toThrow(/\[1, 11\], got 60/)
  })

  it('are the same for the same seed', () => {
    const make = (seed: number) => makeItems(randomFrom(seed), { rung: 'minute', ask: 'read', count: 9 })
    expect(make(7)).toEqual(make(7))
    expect(make(7)).not.toEqual(make(8))
  })
})

describe('lures', () => {
  it('are distinct, never right, and say different things', () => {
    fc.assert(
      fc.property(anyItem, fc.nat(), fc.integer({ min: 1, max: 4 }), (item, seed, count) => {
        const lures = luresFor(item, { count, seed })
        expect(lures.length).toBe(count)
        const said = [item.answer, ...lures.map((lure) => lure.value)].map((value) => sayValue(value, gb))
        expect(new Set(said).size).toBe(said.length)
        for (const lure of lures) {
          expect(isRight(item, lure.value)).toBe(false)
          if (lure.misreading) expect(explain(item, lure.value)).toContain(lure.misreading)
        }
      }),
    )
  })

  it('bring a child’s own misreading to the front', () => {
    const item = readAt(8, 45)
    const seen = Array.from({ length: 200 }, (_, seed) =>
      luresFor(item, { count: 1, seed, weights: { 'hour-just-gone': 40 } }),
    ).filter(([lure]) => lure?.misreading === 'hour-just-gone').length
    expect(seen).toBeGreaterThan(150)
  })

  it('offer the true answer exactly once', () => {
    fc.assert(
      fc.property(anyItem, fc.nat({ max: 1e6 }), (item, seed) => {
        const { choices } = withChoices(item, { count: 3, seed })
        expect(choices.filter((choice) => sameValue(choice, item.answer)).length).toBe(1)
      }),
    )
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

describe('questions that are more than one dial time', () => {
  const everyAsk = rungs.flatMap(({ id }) => asksOf(id).map((ask) => [id, ask] as const))
  const anyPool = fc.record({ at: fc.constantFrom(...everyAsk), seed: fc.nat() })

  it('are different ones, with hands apart, at every rung and in every way of asking', () => {
    fc.assert(
      fc.property(anyPool, ({ at: [rung, ask], seed }) => {
        const pool = itemPool(randomFrom(seed), { rung, ask })
        expect(pool.length).toBeGreaterThanOrEqual(rung === 'parts' ? 5 : 10)
        expect(new Set(pool.map(itemKey)).size).toBe(pool.length)
        for (const item of pool) {
          expect(item).toMatchObject({ rung, ask: item.ask })
          if (rung !== 'fives' && rung !== 'hour-hand' && rung !== 'parts' && rung !== 'day-halves')
            expect(handsHidden(minuteOf(item))).toBe(false)
          expect(askInWords(item, gb).length).toBeGreaterThan(5)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('have lures that are distinct, never right and said differently, in every language', () => {
    fc.assert(
      fc.property(anyPool, fc.constantFrom(...LANGUAGE_IDS), ({ at: [rung, ask], seed }, id) => {
        const pool = itemPool(randomFrom(seed), { rung, ask })
        const item = pool[seed % pool.length] as Item
        const { choices } = withChoices(item, { count: 4, seed })
        expect(choices.filter((choice) => isRight(item, choice)).length).toBe(1)
        const said = choices.map((choice) => sayAnswer(item, choice, { language: id, form: 'turns' }))
        expect(new Set(said).size, said.join(' | ')).toBe(choices.length)
        expect(choices.length).toBeGreaterThanOrEqual(4)
      }),
      { numRuns: 300 },
    )
  })

  const item = (rung: Item['rung'], ask: Item['ask'], shown: Item['shown'], answer: Item['answer']): Item => ({
    rung,
    ask,
    shown,
    answer,
    lures: [],
  })
  const minute = timeAt

  it('are got wrong as in worked examples: how long', () => {
    // 8:35 → 1:10 is 4 h 35 min; 13.10 − 8.35 = 4.75; 5 h or 3 h with the minutes not carried; one five more.
    const span = item(
      'elapsed',
      'how-long',
      { as: 'span', minute: minute(8, 35), to: minute(13, 10) },
      { kind: 'duration', hours: 4, minutes: 35 },
    )
    expect(wrong('base-100', span)).toEqual([{ kind: 'duration', hours: 4, minutes: 75 }])
    expect(wrong('no-bridge', span)).toEqual([
      { kind: 'duration', hours: 5, minutes: 35 },
      { kind: 'duration', hours: 3, minutes: 35 },
    ])
    expect(wrong('fence-post', span)).toEqual([{ kind: 'duration', hours: 4, minutes: 40 }])
    expect(sayAnswer(span, { kind: 'duration', hours: 4, minutes: 75 }, gb)).toBe('4 h 75 min')
    // Within the hour nothing has to be carried.
    const short = item(
      'elapsed',
      'how-long',
      { as: 'span', minute: minute(8, 5), to: minute(8, 25) },
      { kind: 'duration', hours: 0, minutes: 20 },
    )
    expect(wrong('base-100', short)).toEqual([])
    expect(wrong('no-bridge', short)).toEqual([])
  })

  it('are got wrong as in worked examples: later, rounding, when to start, the halves of the day', () => {
    const later = item(
      'later',
      'later',
      { as: 'shift', minute: minute(7, 50), by: 20 },
      { kind: 'time', minute: minute(8, 10) },
    )
    expect(wrong('no-bridge', later)).toEqual(times([7, 10]))
    expect(wrong('counted-forward', later)).toEqual(times([7, 30]))
    expect(wrong('fence-post', later)).toEqual(times([8, 5]))
    const round = item(
      'rounding',
      'round',
      { as: 'dial', minute: minute(7, 58), hands: 'both' },
      { kind: 'time', minute: minute(8, 0) },
    )
    expect(wrong('no-bridge', round)).toEqual(times([7, 0]))
    expect(wrong('other-five', round)).toEqual(times([7, 55]))
    const near = item(
      'rounding',
      'round',
      { as: 'dial', minute: minute(8, 56), hands: 'both' },
      { kind: 'time', minute: minute(8, 55) },
    )
    expect(wrong('other-five', near)).toEqual(times([9, 0]))
    const named = (part: 'hour-hand' | 'minute-hand' | 'centre') =>
      item('parts', 'name', { as: 'part', minute: 610, part }, { kind: 'part', part })
    expect(wrong('swapped-hands', named('hour-hand'))).toEqual([{ kind: 'part', part: 'minute-hand' }])
    expect(wrong('swapped-hands', named('minute-hand'))).toEqual([{ kind: 'part', part: 'hour-hand' }])
    expect(wrong('swapped-hands', named('centre'))).toEqual([])
    const start = item(
      'work-back',
      'work-back',
      { as: 'steps', minute: minute(9, 20), steps: [10, 20] },
      { kind: 'time', minute: minute(8, 50) },
    )
    expect(wrong('step-left-out', start)).toEqual(times([9, 0], [9, 10]))
    expect(wrong('counted-forward', start)).toEqual(times([9, 50]))
    const noon = item(
      'day-halves',
      'half-of-day',
      { as: 'doing', minute: 720, doing: 'lunch' },
      { kind: 'day', minute: 720 },
    )
    expect(wrong('noon-midnight', noon)).toEqual([{ kind: 'day', minute: 0 }])
    expect(sayAnswer(noon, { kind: 'day', minute: 0 }, gb)).toBe('midnight')
  })

  it('take what an adult types for a child’s answer', () => {
    const hours = { kind: 'duration', hours: 0, minutes: 0 } as const
    expect(readLike(hours, '4 h 75 min', gb)).toEqual({ kind: 'duration', hours: 4, minutes: 75 })
    expect(readLike(hours, '20', gb)).toEqual({ kind: 'duration', hours: 0, minutes: 20 })
    expect(readLike({ kind: 'time', minute: 0 }, 'half 4', gb)).toEqual({ kind: 'time', minute: 270 })
    expect(readLike({ kind: 'day', minute: 0 }, '16:05', gb)).toEqual({ kind: 'day', minute: 965 })
    for (const text of ['soon', '', '99 h 5 x']) expect(readLike(hours, text, gb)).toBeUndefined()
    expect(readLike({ kind: 'minutes', minutes: 0 }, '61', gb)).toBeUndefined()
  })
})
