import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { handAngles, handsHidden, minutesPast } from '../clock'
import { randomFrom } from '../random'
import { type Wording, languages } from '../wording'
import {
  type Item,
  explain,
  hasItems,
  isRight,
  itemAt,
  luresFor,
  makeItems,
  misreadingOf,
  misreadings,
  readWritten,
  rungTimes,
  rungs,
  sameValue,
  sayValue,
  schools,
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

const practised = rungs.filter((rung) => hasItems(rung.id)).map((rung) => rung.id)
const anyItem = fc
  .record({ rung: fc.constantFrom(...practised), ask: fc.constantFrom('read', 'set', 'write', 'match'), at: fc.nat() })
  .map(({ rung, ask, at }) => {
    const pool = rungTimes(rung, { hiddenHands: true })
    return itemAt(rung, ask as Item['ask'], pool[at % pool.length] as number)
  })

describe('misreadings, by worked examples', () => {
  it('swap the hands', () => {
    expect(wrong('swapped-hands', { ...readAt(4, 51), rung: 'past-fives' })).toEqual(times([10, 25]))
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
    expect(wrong('minutes-only-fives', readAt(7, 55))).toEqual(times([7, 50]))
    expect(wrong('one-mark-out', readAt(7, 18))).toEqual(times([7, 17], [7, 19]))
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
      const shows = practised.some((rung) =>
        (['read', 'set', 'write'] as const).some((ask) =>
          rungTimes(rung, {}).some((minute) => wrongAnswers(misreading, itemAt(rung, ask, minute)).length > 0),
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

  it('orders the same rungs in both schools', () => {
    expect([...schools['fives-first'].order].sort()).toEqual([...schools['turns-first'].order].sort())
  })

  it('names each language by its own id', () => {
    for (const [id, language] of Object.entries(languages)) expect(language.id).toBe(id)
  })
})
