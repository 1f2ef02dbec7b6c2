import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HAND_SET_TOLERANCE_DEG, HOUR_HAND_TOLERANCE_DEG, handAngles } from '../clock'
import { type Wording, inEnglish } from '../wording'
import { type Value, durationOf, askInWords, readLike, sameValue, sayHands, valueKey, whyNotLike } from '.'

const gb: Wording = { language: 'en-GB', form: 'turns' }
const minuteOfDial = fc.integer({ min: 0, max: 719 })
const handsAt = (minute: number, hourOff = 0): Value => {
  const { hour, minute: long } = handAngles(minute)
  return { kind: 'hands', hour: (hour + hourOff + 360) % 360, minute: long }
}

describe('values that say the same', () => {
  it('are hands that agree with each other and the time that they say, whichever is named first', () => {
    fc.assert(
      fc.property(minuteOfDial, fc.integer({ min: 1, max: 719 }), (minute, later) => {
        const time: Value = { kind: 'time', minute }
        const other: Value = { kind: 'time', minute: (minute + later) % 720 }
        expect([sameValue(handsAt(minute), time), sameValue(time, handsAt(minute))]).toEqual([true, true])
        expect([sameValue(handsAt(minute), other), sameValue(other, handsAt(minute))]).toEqual([false, false])
      }),
    )
  })

  it('are not hands whose hour hand is further off than it may be', () => {
    const time: Value = { kind: 'time', minute: 270 }
    for (const sign of [-1, 1]) {
      expect(sameValue(handsAt(270, sign * (HOUR_HAND_TOLERANCE_DEG - 0.1)), time)).toBe(true)
      expect(sameValue(handsAt(270, sign * (HOUR_HAND_TOLERANCE_DEG + 0.1)), time)).toBe(false)
      expect(sameValue(handsAt(270), handsAt(270, sign * (HAND_SET_TOLERANCE_DEG - 0.1)))).toBe(true)
      expect(sameValue(handsAt(270), handsAt(270, sign * (HAND_SET_TOLERANCE_DEG + 0.1)))).toBe(false)
    }
  })

  it('are of one kind otherwise: no key of one kind is a key of another', () => {
    const numbers: readonly ((n: number) => Exclude<Value, { kind: 'hands' }>)[] = [
      (n) => ({ kind: 'time', minute: n % 720 }),
      (n) => ({ kind: 'about', minute: n % 720 }),
      (n) => ({ kind: 'minutes', minutes: n % 61 }),
      (n) => ({ kind: 'day', minute: n % 1440 }),
      (n) => durationOf(n),
    ]
    fc.assert(
      fc.property(fc.nat(1439), fc.nat(1439), fc.nat(4), fc.nat(4), (n, m, i, j) => {
        const [a, b] = [numbers[i]?.(n), numbers[j]?.(m)]
        if (!a || !b) throw new Error('none')
        const isSame = JSON.stringify(a) === JSON.stringify(b)
        expect(valueKey(a) === valueKey(b)).toBe(isSame)
        expect(sameValue(a, b)).toBe(isSame)
      }),
      { numRuns: 500 },
    )
    expect(sameValue(durationOf(275), { kind: 'duration', hours: 3, minutes: 95 })).toBe(true)
    expect(sameValue(handsAt(60), { kind: 'minutes', minutes: 0 })).toBe(false)
    expect(sameValue({ kind: 'written', text: ' 9:5' }, { kind: 'written', text: '9:5 ' })).toBe(true)
  })
})

describe('hands that were to be set to a time, in words', () => {
  const { minute } = handAngles(415)
  it.each([
    ['de', 180, 'fünf vor sieben, Stundenzeiger auf der 6 stehen geblieben (27,5° zu weit zurück)'],
    ['fr', 180, 'sept heures moins cinq, aiguille des heures restée sur le 6 (en retard de 27,5°)'],
    ['es', 180, 'las siete menos cinco, aguja de las horas quieta en el 6 (27,5° atrasada)'],
    ['en-GB', 195, 'five to seven, hour hand 12.5° behind'],
    ['de', 195, 'fünf vor sieben, Stundenzeiger 12,5° zu weit zurück'],
    ['en-GB', 220, 'five to seven, hour hand 12.5° ahead'],
    ['fr', 220, 'sept heures moins cinq, aiguille des heures en avance de 12,5°'],
    ['es', 220, 'las siete menos cinco, aguja de las horas 12,5° adelantada'],
    ['en-GB', 207.5, 'five to seven'],
  ] as const)('%s, hour hand at %d°: %s', (language, hour, said) => {
    expect(sayHands({ hour, minute }, { language, form: 'turns' }, 415)).toBe(said)
  })

  it('say what they show where no time was asked for', () => {
    expect(sayHands(handAngles(415), gb)).toBe('five to seven')
    expect(sayHands({ hour: 180, minute: 0 }, gb)).toBe('six o’clock')
  })

  it('name 12 where the hour hand was left at the top', () => {
    expect(sayHands({ hour: 0, minute: handAngles(40).minute }, gb, 40)).toBe(
      'twenty to one, hour hand left on 12 (20° behind)',
    )
  })
})

describe('a key', () => {
  it('is shared only by values that say the same, whatever their kinds', () => {
    const values: Value[] = [
      ...Array.from({ length: 720 }, (_, minute): Value => ({ kind: 'time', minute })),
      ...Array.from({ length: 720 }, (_, minute): Value => ({ kind: 'about', minute })),
      ...Array.from({ length: 61 }, (_, minutes): Value => ({ kind: 'minutes', minutes })),
      ...Array.from({ length: 1440 }, (_, minute): Value => ({ kind: 'day', minute })),
      ...Array.from({ length: 1440 }, (_, minutes): Value => durationOf(minutes)),
    ]
    const keys = values.flatMap((value) => (value.kind === 'hands' ? [] : [valueKey(value)]))
    expect(new Set(keys).size).toBe(values.length)
  })
})

describe('a typed answer that is none', () => {
  const why = (like: Value, text: string) => whyNotLike(like, text, gb)
  it('is told what its kind wants', () => {
    expect(inEnglish(why(durationOf(20), 'soon'))).toMatch(/^Type a length such as/)
    expect(inEnglish(why({ kind: 'minutes', minutes: 5 }, 'many'))).toBe('Type a count of minutes from 0 to 60.')
    expect(inEnglish(why({ kind: 'time', minute: 5 }, '9:75'))).toBe('Minutes go from 00 to 59: there is no :75.')
    expect(inEnglish(why({ kind: 'day', minute: 5 }, 'half past four'))).toBe(
      'Tell the half of the day too, as in 16:05.',
    )
    expect(readLike({ kind: 'day', minute: 5 }, 'half past four', gb)).toBeUndefined()
  })
})

describe('what is asked of a dial', () => {
  it('is its time, its figures or its time rounded', () => {
    const asked = (ask: 'read' | 'write' | 'round') =>
      askInWords(
        {
          rung: 'past-fives',
          ask,
          shown: { as: 'dial', minute: 275, hands: 'both' },
          answer: { kind: 'time', minute: 275 },
          lures: [],
        },
        gb,
      )
    expect(asked('read')).toBe('What time is it?')
    expect(asked('write')).toBe('Write this time in figures.')
    expect(asked('round')).toBe('What is it to the nearest 5 minutes?')
  })
})
