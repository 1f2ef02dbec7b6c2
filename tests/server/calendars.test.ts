import { inEnglish, told } from '../../src/core/wording'
import { describe, expect, it } from 'vitest'
import { dayCalendar } from '../../src/server/dayFiles'
import { MOST_EVENTS, NoCalendar, readCalendar } from '../../src/workers/calendar/read'

const calendar = (...lines: string[]) => ['BEGIN:VCALENDAR', 'VERSION:2.0', ...lines, 'END:VCALENDAR'].join('\r\n')
const event = (...lines: string[]) => ['BEGIN:VEVENT', `UID:${lines.join()}`, ...lines, 'END:VEVENT']
const wish = { zone: 'Europe/Berlin', today: '2026-11-27' }

describe('a calendar from elsewhere', () => {
  it('is read with zones, folded lines, repeats, exceptions and all-day events', () => {
    const read = readCalendar(
      calendar(
        ...event('DTSTART:20261130T081500Z', 'DTEND:20261130T090000Z', 'SUMMARY:in universal time'),
        ...event('DTSTART;TZID=America/New_York:20261130T040000', 'SUMMARY:in New York'),
        ...event('DTSTART:20261130T123000', 'DURATION:PT45M', 'SUMMARY:a title that is fol', ' ded\\, with a comma'),
        ...event('DTSTART;VALUE=DATE:20261130', 'SUMMARY:all day'),
        'BEGIN:VEVENT',
        'UID:weekly',
        'DTSTART:20261102T093000',
        'RRULE:FREQ=WEEKLY;COUNT=6',
        'EXDATE:20261207T093000',
        'SUMMARY:weekly',
        'END:VEVENT',
        'BEGIN:VEVENT',
        'UID:weekly',
        'RECURRENCE-ID:20261130T093000',
        'DTSTART:20261130T110000',
        'SUMMARY:moved',
        'END:VEVENT',
        ...event('DTSTART:20261130T130000', 'STATUS:CANCELLED', 'SUMMARY:cancelled'),
      ),
      wish,
    )
    expect(read.days.find(({ date }) => date === '2026-11-30')?.rows).toEqual([
      { minute: 555, to: 600, what: 'in universal time' },
      { minute: 600, what: 'in New York' },
      { minute: 660, what: 'moved' },
      { minute: 750, to: 795, what: 'a title that is folded, with a comma' },
    ])
    expect(read.days.map(({ date }) => date)).toEqual(['2026-11-23', '2026-11-30'])
    expect(read.notes.map(inEnglish)).toEqual([
      '1 all-day event has no time and is left out.',
      'Times are those of Europe/Berlin.',
    ])
  })

  it('is read in a zone of its own', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Lock time',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:+0300',
      'TZOFFSETTO:+0300',
      'END:STANDARD',
      'END:VTIMEZONE',
    ]
    const read = readCalendar(calendar(...zone, ...event('DTSTART;TZID=Lock time:20261130T110000', 'SUMMARY:x')), wish)
    expect(read.days).toEqual([{ date: '2026-11-30', rows: [{ minute: 540, what: 'x' }] }])
  })

  it('is refused in words where it is none, and stops at what never ends', () => {
    expect(() => readCalendar('x'.repeat(1_000_000), wish)).toThrow(NoCalendar)
    expect(() => readCalendar('x'.repeat(1_000_000), wish)).toThrow(/begins with BEGIN:VCALENDAR/)
    expect(() => readCalendar('BEGIN:VCALENDAR\nnonsense', wish)).toThrow(/no event, and “nonsense” is no line/)
    const many = 'BEGIN:VEVENT\nEND:VEVENT\n'.repeat(MOST_EVENTS + 1)
    expect(() => readCalendar(`BEGIN:VCALENDAR\n${many}END:VCALENDAR`, wish)).toThrow(/50001 events, and at most 50000/)
    const endless = readCalendar(
      calendar(...event('DTSTART:20200101T000000', 'RRULE:FREQ=SECONDLY', 'SUMMARY:x')),
      wish,
    )
    expect(endless.notes.map(inEnglish)[0]).toMatch(/1 event repeats so often/)
    const script = readCalendar(
      calendar(...event('DTSTART:20261130T110000', 'SUMMARY:<script>alert(1)</script>')),
      wish,
    )
    expect(script.days[0]?.rows[0]?.what).toBe('<script>alert(1)</script>')
    const long = readCalendar(calendar(...event('DTSTART:20261130T110000', `SUMMARY:${'long '.repeat(20)}`)), wish)
    expect(long.days[0]?.rows[0]?.what).toHaveLength(40)
    expect(long.notes.map(inEnglish)[0]).toBe('1 long title was shortened to 40 letters.')
  })

  /** The rows of an event, by its dates. */
  const rowsOf = (...lines: string[]) =>
    readCalendar(calendar(...event(...lines, 'SUMMARY:x')), wish).days.map(
      ({ date, rows }) =>
        `${date} ${rows.map(({ minute, to }) => `${minute}${to === undefined ? '' : `-${to}`}`).join()}`,
    )

  it('has the first date of an event beside those that it lists, without those taken out', () => {
    expect(rowsOf('DTSTART:20261130T100000', 'RDATE:20261202T100000,20261203T110000')).toEqual([
      '2026-11-30 600',
      '2026-12-02 600',
      '2026-12-03 660',
    ])
    expect(
      rowsOf(
        'DTSTART:20261130T100000',
        'DTEND:20261130T110000',
        'RDATE;VALUE=PERIOD:20261202T100000/20261202T113000,20261204T100000/PT15M',
      ),
    ).toEqual(['2026-11-30 600-660', '2026-12-02 600-690', '2026-12-04 600-615'])
    expect(
      rowsOf(
        'DTSTART:20261130T100000',
        'RRULE:FREQ=DAILY;COUNT=3',
        'RDATE:20261201T100000,20261206T083000,20261207T083000',
        'EXDATE:20261202T100000,20261206T083000',
      ),
    ).toEqual(['2026-11-30 600', '2026-12-01 600', '2026-12-07 510'])
    expect(rowsOf('DTSTART;TZID=Europe/Berlin:20261130T100000', 'RDATE;TZID=America/New_York:20261201T040000')).toEqual(
      ['2026-11-30 600', '2026-12-01 600'],
    )
  })

  it.each([
    ['W. Europe Standard Time', 600],
    ['GMT Standard Time', 660],
    ['Eastern Standard Time', 960],
    ['Tokyo Standard Time', 120],
    ['/freely/named/2026a/Europe/Lisbon', 660],
    ['"Europe/Helsinki"', 540],
  ])('knows the zone %s', (zone, minute) => {
    expect(rowsOf(`DTSTART;TZID=${zone}:20261130T100000`)).toEqual([`2026-11-30 ${minute}`])
  })

  it('says so where it does not know a zone, and leaves the time as it is written', () => {
    const read = readCalendar(calendar(...event('DTSTART;TZID=Lock time:20261130T110000', 'SUMMARY:x')), wish)
    expect(read.days[0]?.rows).toEqual([{ minute: 660, what: 'x' }])
    expect(read.notes.map(inEnglish)[0]).toBe(
      'The time zone “Lock time” is not known: its times stand as they are written.',
    )
  })

  it('passes a bad line over, says so, and reads the rest', () => {
    const good = event('DTSTART:20261130T110000', 'SUMMARY:good')
    for (const bad of ['this is nonsense', 'DTEND:20261330T120000', 'DTEND;TZID="x:20261130T120000', 'END:VTODO']) {
      const read = readCalendar(calendar(...good.slice(0, -1), bad, 'END:VEVENT', ...good), wish)
      expect(read.days[0]?.rows).toEqual(Array(2).fill({ minute: 660, what: 'good' }))
      expect(read.notes.map(inEnglish)[0]).toBe(`1 line was passed over, since no calendar has such a line: “${bad}”.`)
    }
    const undated = readCalendar(calendar(...event('DTSTART:20260230T110000'), ...good), wish)
    expect(undated.days[0]?.rows).toEqual([{ minute: 660, what: 'good' }])
    expect(undated.notes.map(inEnglish)[0]).toBe('1 event could not be read.')
  })

  it('reads a file that breaks off, and leaves alarms and what it does not need alone', () => {
    const alarm = ['BEGIN:VALARM', 'DTSTART:nonsense', 'TRIGGER:-PT15M', 'END:VALARM']
    const whole = calendar(...event('DTSTART:20261130T110000', ...alarm, 'ATTENDEE;CN="a:b":mailto:x', 'SUMMARY:good'))
    expect(readCalendar(whole, wish)).toEqual({
      days: [{ date: '2026-11-30', rows: [{ minute: 660, what: 'good' }] }],
      events: 1,
      notes: [told('Times are those of {0}.', 'Europe/Berlin')],
    })
    const cut = readCalendar(whole.slice(0, whole.indexOf('END:VEVENT')), wish)
    expect(cut.days[0]?.rows).toHaveLength(1)
    expect(cut.notes.map(inEnglish)[0]).toBe('The file breaks off before its end: events may be missing.')
  })

  it('keeps the end of what lasts a day or longer', () => {
    expect(rowsOf('DTSTART:20261130T100000', 'DTEND:20261202T120000')).toEqual(['2026-11-30 600-0', '2026-12-02 0-720'])
    expect(rowsOf('DTSTART:20261130T100000', 'DURATION:P1D')).toEqual(['2026-11-30 600-0', '2026-12-01 0-600'])
    expect(rowsOf('DTSTART:20261130T000000', 'DTEND:20261201T000000')).toEqual(['2026-11-30 0-0'])
    expect(rowsOf('DTSTART:20261130T220000', 'DTEND:20261201T060000')).toEqual(['2026-11-30 1320-360'])
  })

  it('is written with a length for a row that has no end', () => {
    const rows = [
      { minute: 600, what: 'a' },
      { minute: 610, what: 'b' },
      { minute: 720, to: 730, what: 'c' },
    ]
    const body = { on: { kind: 'date', date: '2026-11-30' }, whose: { kind: 'everybody' }, rows, starts: [] } as const
    const text = dayCalendar({ id: 'a', name: 'Day', version: 1, body }, Date.parse('2026-11-27T10:00:00Z'))
    expect([...text.matchAll(/DTEND:\d+T(\d{4})/g)].map(([, end]) => end)).toEqual(['1010', '1040', '1210'])
    expect(readCalendar(text, wish).days[0]?.rows).toEqual(rows)
  })
})
