import { inEnglish, told } from './'
import { describe, expect, it } from 'vitest'
import {
  LANGUAGE_IDS,
  type LanguageId,
  languages,
  markWritten,
  parseTime,
  printedAs,
  say,
  sayDuration,
  whyNoTime,
} from '.'

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

const FORMS = ['turns', 'minutes-past', 'digital', 'day-24'] as const

describe('parsing', () => {
  it.each(LANGUAGE_IDS)('reads back every minute of the day in every form: %s', (id) => {
    const { noon, midnight } = languages[id]
    for (const form of FORMS)
      for (const minute of everyMinute) {
        const said = say(minute, { language: id, form })
        const parsed = parseTime(said, id, { figures: form === 'day-24' ? 'day' : 'dial' })
        expect(parsed?.minute, said).toBe(form === 'day-24' ? minute : minute % 720)
        if (form === 'day-24') continue
        const dayed = say(minute, { language: id, form, options: { dayHalf: true } })
        expect(parseTime(dayed, id), dayed).toEqual({ minute, kind: 'day' })
      }
    expect(parseTime(noon, id)).toEqual({ minute: 720, kind: 'day' })
    expect(parseTime(midnight, id)).toEqual({ minute: 0, kind: 'day' })
  })

  it.each(LANGUAGE_IDS)('says different times differently: %s', (id) => {
    for (const form of FORMS) {
      const said = everyMinute.slice(0, 720).map((minute) => say(minute, { language: id, form }))
      expect(new Set(said).size).toBe(720)
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

  it.each([
    '',
    '25:00',
    '9:5',
    '6:0',
    'half past 13',
    '4:60',
    '24:30',
    '13pm',
    'quarter',
    'past four',
    'half to four',
    'four five',
    '4:3o',
    '٤:٣٠',
    '0 past 4',
    'sixty past four',
    '4m',
    'x'.repeat(10_000),
  ])('refuses %j', (text) => {
    expect(parseTime(text, 'en-GB')).toBeUndefined()
  })
})

describe('other languages', () => {
  it.each<[LanguageId, number, string]>([
    ['de', 195, 'Viertel nach drei'],
    ['de', 210, 'halb vier'],
    ['de', 225, 'Viertel vor vier'],
    ['de', 205, 'fünf vor halb vier'],
    ['de', 190, 'zehn nach drei'],
    ['de', 60, 'ein Uhr'],
    ['de', 30, 'halb eins'],
    ['de-quarters', 195, 'viertel vier'],
    ['de-quarters', 225, 'drei viertel vier'],
    ['fr', 60, 'une heure'],
    ['fr', 285, 'cinq heures moins le quart'],
    ['fr', 270, 'quatre heures et demie'],
    ['fr', 261, 'quatre heures vingt et une'],
    ['es', 60, 'la una'],
    ['es', 45, 'la una menos cuarto'],
    ['es', 270, 'las cuatro y media'],
  ])('in %s, %i is said %s', (language, minute, words) => {
    expect(say(minute, { language, form: 'turns' })).toBe(words)
  })

  it.each<[LanguageId, string, number, 'dial' | 'day']>([
    ['de', 'viertel vier', 195, 'dial'],
    ['de', 'dreiviertel vier', 225, 'dial'],
    ['de', '15 Uhr 30', 930, 'day'],
    ['de', '15.30 Uhr', 930, 'day'],
    ['de', 'fuenfzehn Uhr dreissig', 930, 'day'],
    ['de', 'um halb vier nachmittags', 930, 'day'],
    ['de', '3 Uhr', 180, 'dial'],
    ['fr', '16h30', 990, 'day'],
    ['fr', '16 h 5', 965, 'day'],
    ['fr', 'il est midi et demi', 750, 'day'],
    ['fr', 'minuit moins le quart', 1425, 'day'],
    ['fr', 'sept heures du soir', 1140, 'day'],
    ['fr', 'vingt-deux heures trente', 1350, 'day'],
    ['fr', 'vingt heures moins le quart', 1185, 'day'],
    ['es', 'son las cinco menos cuarto', 285, 'dial'],
    ['es', 'un cuarto para las cinco', 285, 'dial'],
    ['es', 'faltan diez para las cinco', 290, 'dial'],
    ['es', 'a las 4:30 p. m.', 990, 'day'],
    ['es', 'las dieciseis y media', 990, 'day'],
    ['es', 'las once de la noche', 1380, 'day'],
  ])('%s takes what adults type: %s', (language, text, minute, kind) => {
    expect(parseTime(text, language)).toEqual({ minute, kind })
  })

  it.each<[LanguageId, string]>([
    ['de', 'halb dreizehn'],
    ['de', 'fünfundzwanzig Uhr'],
    ['de', 'half past four'],
    ['fr', 'vingt-cinq heures'],
    ['fr', 'quatre heures et'],
    ['fr', 'half past quatre'],
    ['es', 'las trece menos'],
    ['es', 'las cuatro y cero'],
    ['es', 'las cuatro y sesenta'],
  ])('%s refuses what is no time: %s', (language, text) => {
    expect(parseTime(text, language)).toBeUndefined()
    expect(inEnglish(whyNoTime(text, language) ?? told(''))).toBeTruthy()
  })
})

describe('a refusal', () => {
  it.each([
    ['', /Nothing is there yet/],
    ['25:00', /no 25/],
    ['24:30', /no 24:30/],
    ['9:5', /9:05 or as 9:50/],
    ['4:75', /no :75/],
    ['half past 13', /1 to 12: there is no 13/],
    ['13pm', /1 to 12: there is no 13/],
    ['٤:٣٠', /0 to 9/],
    ['half past quatre', /no time in English/],
    ['x'.repeat(10_000), /at most 80 characters, this has 10000/],
  ])('of %j says why', (text, reason) => {
    expect(inEnglish(whyNoTime(text, 'en-GB') ?? told(''))).toMatch(reason)
  })

  it('is none for a time', () => {
    expect(whyNoTime('half 4', 'en-GB')).toBeUndefined()
  })

  it('keeps what a child wrote, and marks it', () => {
    expect(['9:5', '6:0', '6:60', '9:05', '4.5', 'soon'].map((text) => markWritten(text, 'en-GB'))).toEqual([
      'bare-digit',
      'bare-digit',
      'sixty',
      undefined,
      'bare-digit',
      'no-time',
    ])
  })
})

describe('what is asked and printed', () => {
  it.each(Object.values(languages))('has its own words, with what they are about in them: $name', ({ phrases }) => {
    const about = {
      showMe: phrases.showMe('§'),
      later: phrases.later('§'),
      sooner: phrases.sooner('§'),
      whichHalf: phrases.whichHalf('§'),
      write24: phrases.write24('§'),
      whenIs: phrases.whenIs('§'),
      whoHas: phrases.whoHas('§'),
      laterBy: phrases.laterBy('§'),
      soonerBy: phrases.soonerBy('§'),
    }
    for (const [name, said] of Object.entries(about)) expect(said.split('§'), name).toHaveLength(2)
    expect(phrases.howLong('§', '¤')).toMatch(/§.*¤/)
    expect(phrases.startWhen('§', ['10 min', '20 min'])).toMatch(/§.*10 min.*20 min/)
    expect(phrases.roundTo(5)).toContain('5')
    expect(phrases.stillHour(10)).toContain('10')
    const plain = [
      phrases.whatTime,
      phrases.howManyMinutes,
      phrases.whatHourHand,
      phrases.sayAloud,
      phrases.write,
      phrases.whichPart,
      phrases.drawHands,
      phrases.spotSame,
      phrases.howLongEach,
      phrases.iHave,
      phrases.name,
    ]
    expect(plain.every((text) => text.trim().length > 1)).toBe(true)
    // What stands over a sheet says what to do: no two sheets the same.
    const over = [
      phrases.joinPairs,
      phrases.orderMorning,
      phrases.rightOrWrong,
      phrases.ringRight,
      phrases.colourZone,
      phrases.drawClock,
      phrases.markLine,
      phrases.thenWhat,
      phrases.startAt,
      phrases.planClocks,
      phrases.planTimes,
      phrases.findNext,
      phrases.showKnow,
      phrases.drawHands,
      phrases.spotSame,
    ]
    expect(new Set(over).size).toBe(over.length)
    for (const text of over) expect(text).toMatch(/[.?]$/)
    for (const text of [phrases.doneBy, phrases.start, phrases.bingo, phrases.noonOrNight])
      expect(text.trim().length).toBeGreaterThan(2)
    expect(phrases.laterBy('§')).not.toBe(phrases.soonerBy('§'))
    // Parts and doings are told apart by their names.
    for (const names of [phrases.parts, phrases.doings, phrases.onDial])
      expect(new Set(Object.values(names)).size).toBe(Object.keys(names).length)
  })

  it('is in another language for each, and alike in the two Englishes and the two Germans', () => {
    const asked = (id: LanguageId) => languages[id].phrases.whatTime
    expect(new Set(LANGUAGE_IDS.map(asked)).size).toBe(4)
    expect(asked('en-US')).toBe(asked('en-GB'))
    expect(asked('de-quarters')).toBe(asked('de'))
  })

  it.each(Object.values(languages))(
    'says an hour hand alone in zones that differ: $name',
    ({ sayAbout, sayMinutes }) => {
      const said = [240, 250, 270, 290].map((minute) => sayAbout(minute))
      expect(new Set(said).size).toBe(4)
      expect(new Set([0, 60, 120, 660].map((minute) => sayAbout(minute))).size).toBe(4)
      expect(sayMinutes(1)).not.toBe(sayMinutes(5).replace('5', '1'))
    },
  )
})

describe('what is printed in French', () => {
  const french = { language: 'fr', form: 'turns' } as const

  it('leaves out the e before a vowel, and takes a name as it is', () => {
    const does = (name: string) => printedAs('This is what {0} can do now:', french, name)
    expect(does('Odalys')).toBe('Voici ce qu’Odalys sait faire maintenant :')
    expect(does('Tavi')).toBe('Voici ce que Tavi sait faire maintenant :')
    expect(does('{1}')).toBe('Voici ce que {1} sait faire maintenant :')
    const mat = (name: string) => printedAs('Mat for {0}', french, name)
    expect([mat('Élodie'), mat('Onze'), mat('Wren')]).toEqual([
      'Plateau d’Élodie',
      'Plateau de Onze',
      'Plateau de Wren',
    ])
  })
})
