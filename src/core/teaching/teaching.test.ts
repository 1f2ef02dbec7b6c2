import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gb, readAt, wrong, times } from '../../../tests/readback/misreadTimes'
import { handsHidden, minutesPast, timeAt } from '../clock'
import { randomFrom } from '../random'
import { LANGUAGE_IDS } from '../wording'
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
  rungTimes,
  rungs,
  sameValue,
  sayAnswer,
  sayValue,
  withChoices,
} from '.'
import { RefusedValue } from '../errors'

const practised = rungs.filter((rung) => hasDialTimes(rung.id)).map((rung) => rung.id)
const anyItem = fc
  .record({ rung: fc.constantFrom(...practised), ask: fc.constantFrom('read', 'set', 'write', 'match'), at: fc.nat() })
  .map(({ rung, ask, at }) => {
    const pool = rungTimes(rung, { hiddenHands: true })
    return itemAt(rung, ask as Item['ask'], pool[at % pool.length] as number)
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
    expect(ask).toThrow(/from 1 to 11, not 60/)
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
