import { describe, expect, it } from 'vitest'
import { languages, parseTime, say, sayDuration, type Wording } from '.'

const everyMinute = Array.from({ length: 1440 }, (_, minute) => minute)

describe('saying', () => {
  it.each([
    [480, 'eight o’clock'],
    [485, 'five past eight'],
    [495, 'quarter past eight'],
    [493, 'thirteen minutes past eight'],
    [510, 'half past eight'],
    [515, 'twenty-five to nine'],
    [525, 'quarter to nine'],
    [539, 'one minute to nine'],
    [715, 'five to twelve'],
    [720, 'twelve o’clock'],
  ])('puts %i in British turns as %s', (minute, words) => {
    expect(say(minute, { language: 'en-GB', form: 'turns' })).toBe(words)
  })

  it('follows the school and the place', () => {
    expect(say(395, { language: 'en-GB', form: 'minutes-past' })).toBe('thirty-five minutes past six')
    expect(say(255, { language: 'en-US', form: 'turns' })).toBe('quarter after four')
    expect(say(270, { language: 'en-US', form: 'turns' })).toBe('half past four')
    expect(say(5, { language: 'en-GB', form: 'digital' })).toBe('12:05')
    expect(say(720, { language: 'en-GB', form: 'digital', options: { dayHalf: true } })).toBe('noon')
    expect(say(0, { language: 'en-GB', form: 'turns', options: { noonAndMidnight: true } })).toBe('midnight')
    expect(sayDuration(60)).toBe('1 h')
  })

  it('writes two minute digits in every digital form', () => {
    for (const minute of everyMinute)
      for (const form of ['digital', 'day-24'] as const)
        expect(say(minute, { language: 'en-GB', form })).toMatch(/^\d{1,2}:\d{2}$/)
  })
})

describe('parsing', () => {
  it('reads back every minute of the day in every form of every language', () => {
    for (const language of Object.values(languages))
      for (const form of language.forms) {
        const wording: Wording = { language: language.id, form }
        for (const minute of everyMinute) {
          const parsed = parseTime(say(minute, wording), language.id, { figures: form === 'day-24' ? 'day' : 'dial' })
          expect(parsed?.minute, say(minute, wording)).toBe(form === 'day-24' ? minute : minute % 720)
        }
        const dayed: Wording = { language: language.id, form: 'digital', options: { dayHalf: true } }
        for (const minute of everyMinute)
          expect(parseTime(say(minute, dayed), language.id)).toEqual({ minute, kind: 'day' })
      }
  })

  it.each([
    ['half 4', 270, 'dial'],
    ['4.30pm', 990, 'day'],
    ['16h30', 990, 'day'],
    ['quarter till five', 285, 'dial'],
    ['a quarter of five', 285, 'dial'],
    ['ten before 3', 170, 'dial'],
    ['four oh five', 245, 'dial'],
    ['four fifteen', 255, 'dial'],
    ['Twenty five past 6 in the evening', 1105, 'day'],
    ['thirteen minutes past four', 253, 'dial'],
    ['24:00', 0, 'day'],
    ['noon', 720, 'day'],
    ['12 midnight', 0, 'day'],
    ['4 o’clock', 240, 'dial'],
    ['7 pm', 1140, 'day'],
    ['12 am', 0, 'day'],
  ])('takes what adults type: %s', (text, minute, kind) => {
    expect(parseTime(text, 'en-GB')).toEqual({ minute, kind })
  })

  it.each(['', '25:00', '9:5', '6:0', 'half past 13', '4:60', '24:30', '13pm', 'quarter', 'past four', 'half to four',
    'four five', '4:3o', '٤:٣٠', '0 past 4', 'sixty past four', '4m', 'x'.repeat(10_000)])('refuses %j', (text) => {
    expect(parseTime(text, 'en-GB')).toBeUndefined()
  }) // prettier-ignore
})
