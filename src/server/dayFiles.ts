import { told } from '../core/wording'
import { MS_PER_DAY } from '../core/clock'
import ical, { ICalCalendarMethod, ICalEventRepeatingFreq, ICalWeekday } from 'ical-generator'
import { type Day, type DayRow, type Weekday, endOf, inOrder, spanText } from '../core/days'
import type { Kept } from '../core/records'
import { csvTable } from './data/table'
import { textFile } from './http'
import { Problem } from './problem'

export const DAY_FORMAT = 'ripe-acorn-day'
export const DAY_FORMAT_VERSION = 1

const WEEKDAY_CODES = [
  ICalWeekday.MO,
  ICalWeekday.TU,
  ICalWeekday.WE,
  ICalWeekday.TH,
  ICalWeekday.FR,
  ICalWeekday.SA,
  ICalWeekday.SU,
] as const

/**
 * A day as a file to be taken elsewhere. Its times have no time zone: half past nine is half past nine where it is
 * read.
 */
export function dayFile(day: Kept<Day>, as: string | null, now: number): Response {
  const file = (text: string, type: string) => textFile(text, `day.${as ?? ''}`, type)
  switch (as) {
    case 'ics':
      return file(dayCalendar(day, now), 'text/calendar')
    case 'csv':
      return file(dayTable(day.body), 'text/csv')
    case 'json':
      return file(JSON.stringify(dayJson(day), null, 2), 'application/json')
    default:
      throw new Problem(400, told('No such file'), { field: 'as', detail: told('as must be ics, csv or json.') })
  }
}

export function dayJson({ name, body }: Pick<Kept<Day>, 'name' | 'body'>) {
  return { format: DAY_FORMAT, formatVersion: DAY_FORMAT_VERSION, name, day: body }
}

/** A table that spreadsheets open: begin, end, what and picture. A cell never begins a formula. */
export function dayTable({ rows }: Pick<Day, 'rows'>): string {
  return csvTable(
    ['begin', 'end', 'what', 'picture'],
    inOrder(rows).map(({ minute, to, what, picture }) => [
      spanText({ minute }),
      to === undefined ? '' : spanText({ minute: to }),
      what,
      picture,
    ]),
  )
}

/** The most that a row without an end lasts in the calendar, minutes: a calendar draws nothing that has no length. */
const OPEN_MINUTES = 30

/** iCalendar with floating times; a day of weekdays repeats every week on them. */
export function dayCalendar({ id, name, body }: Kept<Day>, now: number): string {
  const calendar = ical({ name, method: ICalCalendarMethod.PUBLISH, prodId: '//Ripe Acorn//Days//EN' })
  const { on } = body
  const date = on.kind === 'date' ? on.date : nextOf(on.days, now)
  inOrder(body.rows).forEach((row, i, rows) => {
    const midnight = Date.parse(`${date}T00:00:00Z`)
    const end = row.to === undefined ? openEnd(row.minute, rows) : endOf(row)
    const event = calendar.createEvent({
      id: `${id}-${i}@ripe-acorn`,
      stamp: new Date(now),
      start: new Date(midnight + row.minute * 60_000),
      end: new Date(midnight + end * 60_000),
      floating: true,
      summary: row.what,
    })
    // So that the row comes back as it was: without an end.
    if (row.to === undefined) event.x('X-RIPE-ACORN-OPEN', '1')
    if (row.picture) event.x('X-RIPE-ACORN-PICTURE', row.picture)
    if (on.kind === 'weekdays' && on.days.length > 0)
      event.repeating({
        freq: ICalEventRepeatingFreq.WEEKLY,
        byDay: on.days.map((day) => WEEKDAY_CODES[day]),
      })
  })
  return calendar.toString()
}

/** Where a row without an end is drawn to: the next one at the latest. */
function openEnd(minute: number, rows: readonly DayRow[]): number {
  const next = rows.find((each) => each.minute > minute)
  return Math.min(minute + OPEN_MINUTES, next?.minute ?? Infinity)
}

/** The first date from today on that is one of the weekdays; today where there are none. */
function nextOf(days: readonly Weekday[], now: number): string {
  const dateAfter = (ahead: number) => new Date(now + ahead * MS_PER_DAY)
  const isOn = (date: Date) => days.includes(((date.getUTCDay() + 6) % 7) as Weekday)
  const ahead = [0, 1, 2, 3, 4, 5, 6].find((each) => isOn(dateAfter(each))) ?? 0
  return dateAfter(ahead).toISOString().slice(0, 10)
}
