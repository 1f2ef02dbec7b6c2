import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LANGUAGE_IDS, type LanguageId, say, inEnglish } from '../wording'
import { type DayRow, OWN_PICTURE_IDS, dayLine, readDayLine, readDayLines, rowsOfLines } from '.'

const read = (text: string, language: LanguageId = 'en-GB', before?: number) => readDayLine(text, { language, before })
const rowIn = (text: string, language: LanguageId = 'en-GB') => {
  const line = read(text, language)
  return line.kind === 'row' ? line.row : line
}

describe('a row as it is typed', () => {
  it.each<[string, LanguageId, Partial<DayRow>]>([
    ['half 8 bus', 'en-GB', { minute: 510, what: 'bus' }],
    ['12–12:45 Mittagessen', 'en-GB', { minute: 720, to: 765, what: 'Mittagessen' }],
    ['16h goûter', 'en-GB', { minute: 960, what: 'goûter' }],
    ['halb acht Bus', 'en-GB', { minute: 450, what: 'Bus' }],
    ['9-10 maths', 'en-GB', { minute: 540, to: 600, what: 'maths' }],
    ['3 pm-4:15 pm swimming', 'en-GB', { minute: 900, to: 975, what: 'swimming' }],
    ['Monday\t9:00\t9:45\tMaths\tRoom 4', 'en-GB', { minute: 540, to: 585, what: 'Maths, Room 4' }],
    ['| 9:00 | Maths |', 'en-GB', { minute: 540, what: 'Maths' }],
    ['9:00,9:45,Maths', 'en-GB', { minute: 540, to: 585, what: 'Maths' }],
    ['• Maths 9:00 – 9:45', 'en-GB', { minute: 540, to: 585, what: 'Maths' }],
    ['elf workshop 9:30', 'en-GB', { minute: 570, what: 'elf workshop' }],
    ['8 friends at 15:30', 'en-GB', { minute: 930, what: '8 friends' }],
    ['11–1 lunch', 'en-GB', { minute: 660, to: 780, what: 'lunch' }],
    ['23:30-0:30 night walk', 'en-GB', { minute: 1410, to: 30, what: 'night walk' }],
    ['10-0:30 stars', 'en-GB', { minute: 1320, to: 30, what: 'stars' }],
    ['9–13:00 trip', 'en-GB', { minute: 540, to: 780, what: 'trip' }],
    ['0:01–12:01 a long one', 'en-GB', { minute: 1, to: 721, what: 'a long one' }],
    ['12:01–0:01 a long one', 'en-GB', { minute: 721, to: 1, what: 'a long one' }],
    ['13:00–1:00 a long one', 'en-GB', { minute: 780, to: 60, what: 'a long one' }],
    ['quarter to nine: shoes on', 'en-GB', { minute: 525, what: 'shoes on' }],
    ['08:15-09:00 Uhr Deutsch', 'de', { minute: 495, to: 540, what: 'Deutsch' }],
    ['de 9h à 10h calcul', 'fr', { minute: 540, to: 600, what: 'calcul' }],
    ['las 8 y media autobús', 'es', { minute: 510, what: 'autobús' }],
    ['7:00\t19:30\ttrip', 'en-GB', { minute: 420, to: 1170, what: 'trip' }],
    ['9:10 the lock opens [gate]', 'en-GB', { minute: 550, what: 'the lock opens', picture: 'gate' }],
    ['9:10 <script>alert(1)</script>', 'en-GB', { minute: 550, what: '<script>alert(1)</script>' }],
  ])('%s', (text, language, row) => expect(rowIn(text, language)).toEqual(row))

  it('is asked about where it could be two', () => {
    expect(read('10 to 11 art')).toMatchObject({ kind: 'either', choices: [{ minute: 650 }, { minute: 600, to: 660 }] })
    expect(read('8 bed', 'en-GB', 570)).toMatchObject({ kind: 'either', choices: [{ minute: 480 }, { minute: 1200 }] })
    expect(read('8 bed', 'en-GB', 1110)).toMatchObject({ kind: 'row', row: { minute: 1200 } })
  })

  it.each([
    ['Lunch', 'There is no time in it: write one first, such as 7:30 breakfast.'],
    ['25:00 party', 'Hours go from 0 to 23, and 24:00 ends the day: there is no 25.'],
    ['9:60 tea', 'Minutes go from 00 to 59: there is no :60.'],
    ['9:00', 'The time is there, but not what happens then: write it behind the time.'],
    ['9:00–9:00 nothing', 'It ends when it begins: give a later end, or none.'],
    ['9:00 🦆', '“🦆” cannot be printed: name it in Latin letters.'],
    ['9:00 الغداء', '“الغداء” cannot be printed: name it in Latin letters.'],
    [`9:00 ${'very '.repeat(10)}long`, 'What happens must be said in 40 letters at most, this has 54.'],
    ['x'.repeat(301), 'A row has at most 300 letters, this has 301.'],
  ])('%s says what would be right', (text, why) => {
    const line = read(text)
    expect(line.kind === 'none' && inEnglish(line.why)).toBe(why)
  })

  it('reads back as it is written, in every language', () => {
    const row = fc.record({
      minute: fc.nat(1439),
      to: fc.option(fc.nat(1439), { nil: undefined }),
      what: fc.constantFrom('the lock opens', 'Ümit’s long walk', 'two pears'),
      picture: fc.option(fc.constantFrom(...OWN_PICTURE_IDS, 'u1f68c', 'u1f9d1-200d-1f3eb'), { nil: undefined }),
    })
    fc.assert(
      fc.property(row, fc.constantFrom(...LANGUAGE_IDS), ({ minute, to, what, picture }, language) => {
        fc.pre(to !== minute)
        const whole = { minute, ...(to !== undefined && { to }), what, ...(picture && { picture }) }
        const end = to !== undefined && { to: saysNoHalf(minute) && saysNoHalf(to) ? nextOnDial(minute, to) : to }
        expect(rowIn(dayLine(whole), language)).toEqual({ ...whole, ...end })
      }),
    )
  })

  it.each<[string, number, number]>([
    ['7:00–19:30', 420, 1170],
    ['07:00–19:30', 420, 1170],
    ['10:00–22:05', 600, 1325],
    ['22:00–10:30', 1320, 630],
    ['13:00–2:15', 780, 855],
    ['1 to 3 pm', 780, 900],
    ['10:00–3 pm', 600, 900],
  ])('counts both ends of %s alike', (span, minute, to) => {
    expect(rowIn(`${span} trip`)).toEqual({ minute, to, what: 'trip' })
  })

  it('is read in words wherever a language can say it', () => {
    fc.assert(
      fc.property(fc.nat(143), fc.constantFrom(...LANGUAGE_IDS), (five, language) => {
        const said = say(five * 5, { language, form: 'turns' })
        const line = read(`${said}: qqq`, language)
        expect(line.kind, said).not.toBe('none')
        const rows = line.kind === 'either' ? line.choices : line.kind === 'row' ? [line.row] : []
        expect(rows.some(({ minute }) => minute % 720 === (five * 5) % 720)).toBe(true)
      }),
    )
  })

  it('follows the row before it', () => {
    const lines = readDayLines('9:30 maths\n\n1:15 story\n6 supper\n7:30 bed', 'en-GB')
    expect(lines.map((line) => (line.kind === 'row' ? line.row.minute : line.kind))).toEqual([
      570,
      795,
      'either',
      'either',
    ])
    expect(readDayLines('16:00 play\n6 supper', 'en-GB')[1]).toMatchObject({ kind: 'row', row: { minute: 1080 } })
  })
})

it('reads eighty lines at once, and keeps the others as they are', () => {
  const lines = Array.from({ length: 14_000 }, (_, i) => `${(i % 12) + 1}:30 x${i}`)
  const read = readDayLines(lines.join('\n'), 'en-GB')
  expect(read).toHaveLength(81)
  expect(read[80]).toMatchObject({ kind: 'none', text: lines.slice(80).join('\n') })
  expect(read[80]?.kind === 'none' && inEnglish(read[80].why)).toBe(
    '80 lines are read at once, and 13920 more wait behind them.',
  )
  expect(readDayLines(lines.slice(0, 80).join('\n'), 'en-GB')).toHaveLength(80)
})

describe('a list that is written in 24 hours', () => {
  const times = (text: string, language: LanguageId = 'en-GB') =>
    readDayLines(text, language).map((line) => {
      if (line.kind === 'none') return inEnglish(line.why)
      return (line.kind === 'row' ? [line.row] : line.choices).map(({ minute, to }) => [minute, ...(to ? [to] : [])])
    })

  it('says so by one time over twelve, for all that are in figures', () => {
    expect(times('8:50 Mathe\n12:10 Mittagessen\n15:45 Schwimmen', 'de')).toEqual([[[530]], [[730]], [[945]]])
    expect(times('6:15 up\n10:50–11:20 walk\n20:15 bed')).toEqual([[[375]], [[650, 680]], [[1215]]])
    expect(times('7 h 30 lever\n20h15 lit', 'fr')).toEqual([[[450]], [[1215]]])
  })

  it('is asked about what is out of its order, or in the night', () => {
    expect(times('15:45 Schwimmen\n10:50 Mathe', 'de')).toEqual([[[945]], [[650], [1370]]])
    expect(times('9:15 maths\n1:30 story\n13:45 play')).toEqual([[[555]], [[90], [810]], [[825]]])
  })

  it('leaves words and bare numbers as they are, and lists without such a time', () => {
    expect(times('16:00 play\n6 supper')).toEqual([[[960]], [[1080]]])
    expect(times('half past three play\n16:00 snack')).toEqual([[[930]], [[960]]])
    expect(times('9:30 maths\n1:15 story')).toEqual([[[570]], [[795]]])
    // A price is no time.
    expect(times('9:30 trip for 13.50\n1:15 story')).toEqual([[[570]], [[795]]])
  })

  it('reads every day back that is written in 24 hours', () => {
    const minutes = fc.uniqueArray(fc.integer({ min: 0, max: 1439 }), { minLength: 1, maxLength: 12 })
    fc.assert(
      fc.property(minutes, (drawn) => {
        const day = [...drawn, 1200].sort((a, b) => a - b)
        const text = day.map((minute) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')} x`)
        const read = readDayLines(text.join('\n'), 'en-GB')
        // What is asked has the true time among its choices; from six on nothing is asked of a list in order.
        for (const [i, line] of read.entries()) {
          const rows = line.kind === 'row' ? [line.row] : line.kind === 'either' ? line.choices : []
          expect(rows.map(({ minute }) => minute)).toContain(day[i])
          if ((day[i] as number) >= 360) expect(line.kind).toBe('row')
        }
      }),
    )
  })
})

describe('a day of one’s own', () => {
  const minutes = (lines: string[], language: LanguageId = 'en-GB') =>
    rowsOfLines(lines, language).map(({ minute }) => minute)

  it('has its times before or after what happens, in figures or in words of the day', () => {
    expect(minutes(['7:30 – breakfast', '12.05 lunch', '3:30 pm swimming', 'lights out: 20:00'])).toEqual([
      450, 725, 930, 1200,
    ])
    expect(minutes(['9 maths', '8 friends come 15:30'])).toEqual([540, 930])
    expect(rowsOfLines(['10:30 a snack'], 'en-GB')).toEqual([{ what: 'a snack', minute: 630 }])
    expect(minutes(['sept heures et demie du matin: café', '18h15 bain'], 'fr')).toEqual([450, 1095])
  })

  it('follows the order where the half of the day is not told, and never puts a row into the night', () => {
    expect(minutes(['9:30 maths', '1:15 story'])).toEqual([570, 795])
    expect(minutes(['7:30 breakfast', 'half past eight school', '12 lunch'])).toEqual([450, 510, 720])
    expect(minutes(['4 play', '6 supper', '8 bed'])).toEqual([960, 1080, 1200])
    expect(minutes(['8 Uhr Schule', 'halb eins Mittagessen'], 'de')).toEqual([480, 750])
    expect(minutes(['halb zehn Rechnen', '08:00 Schule'], 'de')).toEqual([480, 570])
  })

  it('is refused by its row where a line is none, or could be two', () => {
    expect(() => minutes(['breakfast'])).toThrow('row 1 of your day must be a time and what happens then')
    expect(() => minutes(['halb zehn Rechnen', '8 Uhr Schule'], 'de')).toThrow(
      'row 2 of your day must be at 08:00 or at 20:00: both could be meant, not 8 Uhr Schule',
    )
  })
})

/** From 10:00 to 12:59 the figures alone do not tell which half of the day is meant. */
const saysNoHalf = (minute: number) => minute >= 600 && minute < 780

/** The first time after a beginning that a dial shows so, if that is less than half a day on. */
const nextOnDial = (minute: number, to: number) => (minute + ((to - minute + 1440) % 720)) % 1440
