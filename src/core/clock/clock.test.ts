import { inEnglish, told } from '../told'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { RefusedValue } from '../errors'
import {
  countJumps,
  describeHourHandError,
  handAngles,
  handsHidden,
  readHands,
  readHandsAgainst,
  roundToStep,
  workBack,
} from '.'

const anyMinute = fc.integer({ min: 0, max: 1439 })

describe('hands', () => {
  it('stand where a worked example says', () => {
    // 4:51: the long hand 51 × 6 = 306, the short one 4 × 30 + 25.5.
    expect(handAngles(4 * 60 + 51)).toEqual({ hour: 145.5, minute: 306 })
    expect(handAngles(0)).toEqual({ hour: 0, minute: 0 })
  })

  it('are read back as the time they were set to, without error', () => {
    fc.assert(
      fc.property(anyMinute, (minute) => {
        const read = readHands(handAngles(minute))
        expect(read.minute).toBe(minute % 720)
        expect(read.hourHandError).toBeCloseTo(0, 9)
      }),
    )
  })

  it('read the same from angles a whole turn away, and refuse what is no angle', () => {
    expect(readHands({ hour: 255 - 360, minute: 180 + 720 })).toEqual({ minute: 510, hourHandError: 0 })
    expect(() => readHands({ hour: NaN, minute: 0 })).toThrow(RefusedValue)
    expect(() => readHands({ hour: 0, minute: Infinity })).toThrow(/minute hand angle/)
  })

  it('report an hour hand parked on its numeral as half a degree a minute behind', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 11 }), fc.integer({ min: 0, max: 30 }), (hour, minutes) => {
        const read = readHands({ hour: hour * 30, minute: minutes * 6 })
        expect(read.minute).toBe(hour * 60 + minutes)
        expect(read.hourHandError).toBeCloseTo(-0.5 * minutes, 9)
      }),
    )
  })

  it('are judged against the wanted time at every minute: a parked hour hand is half a degree a minute behind', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 719 }), (wanted) => {
        const minutes = wanted % 60
        const read = readHandsAgainst({ hour: 30 * Math.floor(wanted / 60), minute: 6 * minutes }, wanted)
        expect(read.minute).toBe(wanted)
        expect(read.hourHandError).toBeCloseTo(-0.5 * minutes, 9)
        // Two hands that agree on another hour show that hour.
        const later = handAngles((wanted + 60) % 720)
        expect(readHandsAgainst(later, wanted)).toEqual({ minute: (wanted + 60) % 720, hourHandError: 0 })
      }),
    )
  })

  it('say in words what the two hands disagree about', () => {
    expect(inEnglish(describeHourHandError({ hour: 250, minute: 300 }) ?? told(''))).toContain(
      'about 20 past, your minute hand says 50',
    )
    expect(describeHourHandError(handAngles(470))).toBeUndefined()
  })

  it('hide each other around exactly eleven meetings in half a day', () => {
    const hidden = Array.from({ length: 720 }, (_, m) => handsHidden(m))
    const meetings = hidden.filter((now, m) => now && !hidden[(m + 719) % 720]).length
    expect(meetings).toBe(11)
  })
})

describe('rounding', () => {
  it('carries through the hour, noon and midnight', () => {
    expect(roundToStep(23 * 60 + 58, 5)).toEqual({ minute: 0, dayShift: 1 })
    expect(roundToStep(11 * 60 + 58, 5)).toEqual({ minute: 720, dayShift: 0 })
    expect(roundToStep(7 * 60 + 32, 5)).toEqual({ minute: 7 * 60 + 30, dayShift: 0 })
  })

  it('lands on a multiple at most half a step away', () => {
    fc.assert(
      fc.property(anyMinute, fc.constantFrom(1, 5, 10, 15, 30, 60), (minute, step) => {
        const { minute: rounded, dayShift } = roundToStep(minute, step)
        expect(rounded % step).toBe(0)
        expect(Math.abs(rounded + dayShift * 1440 - minute)).toBeLessThanOrEqual(step / 2)
      }),
    )
  })

  it('refuses a step that does not divide a day', () => {
    for (const step of [0, -5, 7, 2.5, NaN]) expect(() => roundToStep(10, step)).toThrow(RefusedValue)
  })
})

describe('spans', () => {
  it('bridges through whole hours: 8:35 to 1:10 is 25 min, 4 h, 10 min', () => {
    const { minutes, jumps } = countJumps(8 * 60 + 35, 13 * 60 + 10)
    expect(minutes).toBe(4 * 60 + 35)
    expect(jumps.map((jump) => jump.minutes)).toEqual([25, 240, 10])
  })

  it('joins up from the first time to the last, and is never longer than a day', () => {
    fc.assert(
      fc.property(anyMinute, anyMinute, (from, to) => {
        const { minutes, jumps } = countJumps(from, to)
        expect(jumps.reduce((sum, jump) => sum + jump.minutes, 0)).toBe(minutes)
        expect((from + minutes) % 1440).toBe(to)
        jumps.forEach((jump, i) => expect(jump.from).toBe(i === 0 ? from : jumps[i - 1]?.to))
        expect(jumps.length).toBeLessThanOrEqual(3)
      }),
    )
  })

  it('works back from the deadline, over midnight too', () => {
    expect(workBack(9 * 60 + 20, [12, 8, 20])).toEqual({ start: 8 * 60 + 40, dayShift: 0, total: 40 })
    expect(workBack(10, [30])).toEqual({ start: 1420, dayShift: -1, total: 30 })
    expect(() => workBack(10, [5, -1])).toThrow(/steps\[1\]/)
  })
})
