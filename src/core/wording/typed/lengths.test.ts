import { describe, expect, it } from 'vitest'
import { LANGUAGE_IDS, type LanguageId, languages, parseDuration, sayDuration } from '..'

/** Hours and minutes as they are said; "no" is refused. */
type Row = readonly [string, string]

const FIGURES: readonly Row[] = [
  ['1h20', '1:20'],
  ['2h05', '2:5'],
  ['1 h 20 min', '1:20'],
  ['1 h 20', '1:20'],
  ['4 h 75 min', '4:75'],
  ['35 min', '0:35'],
  ['35', '0:35'],
  ['120', '0:120'],
  ['1:20', '1:20'],
  ['1,5 h', '1:30'],
  ['1.5 h', '1:30'],
  ['1½ h', '1:30'],
  ['1 1/2 h', '1:30'],
  ['2 h', '2:0'],
  ['', 'no'],
  ['h', 'no'],
  ['-20', 'no'],
  ['1.2 h', 'no'],
  ['1:75', 'no'],
  ['1 h 20 min 5 s', 'no'],
  ['20 h 5 h', 'no'],
  ['1234', 'no'],
  ['1 h 20 x', 'no'],
]

const TABLES: Readonly<Record<'en' | 'de' | 'fr' | 'es', readonly Row[]>> = {
  en: [
    ['4 hours and 35 minutes', '4:35'],
    ['half an hour', '0:30'],
    ['a half hour', '0:30'],
    ['a quarter of an hour', '0:15'],
    ['three quarters of an hour', '0:45'],
    ['an hour', '1:0'],
    ['an hour and a half', '1:30'],
    ['an hour and a quarter', '1:15'],
    ['one and a half hours', '1:30'],
    ['two and a half hours', '2:30'],
    ['1 hr 20', '1:20'],
    ['2 hrs and 5 mins', '2:5'],
    ['one hour twenty', '1:20'],
    ['twenty-five minutes', '0:25'],
    ['ninety minutes', '0:90'],
    ['a minute', '0:1'],
    ['thirty-five', '0:35'],
    ['about an hour', 'no'],
    ['half past', 'no'],
    ['an hour ago', 'no'],
    ['eine halbe Stunde', 'no'],
  ],
  de: [
    ['35 Minuten', '0:35'],
    ['1 Std. 10', '1:10'],
    ['1 Std. 10 Min.', '1:10'],
    ['eine halbe Stunde', '0:30'],
    ['eine Viertelstunde', '0:15'],
    ['eine Dreiviertelstunde', '0:45'],
    ['drei viertel Stunden', '0:45'],
    ['anderthalb Stunden', '1:30'],
    ['eineinhalb Stunden', '1:30'],
    ['zweieinhalb Stunden', '2:30'],
    ['eine Stunde', '1:0'],
    ['eine Stunde und zehn Minuten', '1:10'],
    ['eine Stunde zehn', '1:10'],
    ['zwei Stunden und eine Viertelstunde', '2:15'],
    ['fünfunddreißig Minuten', '0:35'],
    ['fuenf', 'no'],
    ['neunzig Minuten', '0:90'],
    ['eine Minute', '0:1'],
    ['halb vier', 'no'],
    ['etwa eine Stunde', 'no'],
    ['half an hour', 'no'],
  ],
  fr: [
    ['une heure et demie', '1:30'],
    ['une demi-heure', '0:30'],
    ['un quart d’heure', '0:15'],
    ['trois quarts d’heure', '0:45'],
    ['deux heures et quart', '2:15'],
    ['une heure dix', '1:10'],
    ['une heure et dix minutes', '1:10'],
    ['1 heure 5 minutes', '1:5'],
    ['trente-cinq minutes', '0:35'],
    ['soixante-quinze minutes', '0:75'],
    ['quatre-vingt-dix minutes', '0:90'],
    ['quatre heures trente-cinq', '4:35'],
    ['deux heures', '2:0'],
    ['deux heures moins le quart', 'no'],
    ['environ une heure', 'no'],
    ['half an hour', 'no'],
  ],
  es: [
    ['media hora', '0:30'],
    ['hora y media', '1:30'],
    ['una hora y media', '1:30'],
    ['un cuarto de hora', '0:15'],
    ['tres cuartos de hora', '0:45'],
    ['hora y cuarto', '1:15'],
    ['dos horas y cuarto', '2:15'],
    ['una hora y veinte minutos', '1:20'],
    ['una hora y veinte', '1:20'],
    ['4 horas con 35 minutos', '4:35'],
    ['treinta y cinco minutos', '0:35'],
    ['noventa minutos', '0:90'],
    ['un minuto', '0:1'],
    ['dos horas', '2:0'],
    ['dos horas menos cuarto', 'no'],
    ['casi una hora', 'no'],
    ['half an hour', 'no'],
  ],
}

const tableOf = (id: LanguageId) => TABLES[id.slice(0, 2) as keyof typeof TABLES]

describe.each(LANGUAGE_IDS)('lengths as adults type them: %s', (id) => {
  it.each([...FIGURES, ...tableOf(id)])('%j is %s', (text, expected) => {
    const read = parseDuration(text, id)
    expect(read ? `${read.hours}:${read.minutes}` : 'no').toBe(expected)
  })

  it('reads all that is printed, and refuses what is too long', () => {
    for (let minutes = 0; minutes <= 1440; minutes++) {
      const read = parseDuration(sayDuration(minutes), id)
      expect(read && read.hours * 60 + read.minutes, sayDuration(minutes)).toBe(minutes)
      if (minutes > 60) continue
      expect(parseDuration(languages[id].sayMinutes(minutes), id)).toEqual({ hours: 0, minutes })
    }
    expect(parseDuration('1 h '.repeat(40), id)).toBeUndefined()
  })
})
