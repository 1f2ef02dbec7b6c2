import { describe, expect, it } from 'vitest'
import { dayInWords, dayOf, fromTimeField, momentInWords, soon, toTimeField, today } from './dates'

describe('dates', () => {
  it('are those of the place where the adult is, at both ends of the day', () => {
    expect(today(new Date(2026, 10, 5, 0, 1))).toBe('2026-11-05')
    expect(today(new Date(2026, 10, 5, 23, 59))).toBe('2026-11-05')
    expect(dayInWords('2026-11-28', new Date(2026, 10, 25))).toBe('Sat 28 Nov')
    expect(dayInWords('2026-11-25', new Date(2026, 10, 25, 23, 30))).toBe('today')
    expect(dayOf(new Date(2027, 0, 3, 0, 1).getTime())).toBe('Sun 3 Jan')
    expect(momentInWords(new Date(2026, 8, 5, 9, 5).getTime())).toBe('5 Sep, 09:05')
    expect(momentInWords(new Date(2026, 11, 31, 23, 59).getTime())).toBe('31 Dec, 23:59')
  })

  it('start a session at the next whole five minutes, never after the day', () => {
    expect(soon(new Date(2026, 10, 5, 9, 27))).toBe(9 * 60 + 30)
    expect(soon(new Date(2026, 10, 5, 9, 30))).toBe(9 * 60 + 35)
    expect(soon(new Date(2026, 10, 5, 23, 59))).toBe(23 * 60 + 55)
  })

  it('go into a time field and come back, at every minute of the day', () => {
    for (let minute = 0; minute < 1440; minute++) expect(fromTimeField(toTimeField(minute))).toBe(minute)
    expect(fromTimeField('09:45:00')).toBe(585)
    expect(fromTimeField('')).toBeUndefined()
  })
})
