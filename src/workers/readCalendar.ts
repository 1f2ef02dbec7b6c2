import ICAL from 'ical.js'
import { type DayRow, MOST_WHAT_LETTERS, inOrder, isPictureId, withoutUnseen } from '../core/days'

/** The rows of one date of a calendar. */
export interface CalendarDay {
  /** 2026-11-28. */
  readonly date: string
  readonly rows: readonly DayRow[]
}

export interface ReadCalendar {
  readonly days: readonly CalendarDay[]
  readonly events: number
  /** What was left out or changed, a sentence each. */
  readonly notes: readonly string[]
}

export interface CalendarWish {
  /** The time zone in which times are shown: "Europe/Berlin". */
  readonly zone: string
  /** The date from which on repeats are worked out, 2026-11-28. */
  readonly today: string
}

/** No calendar, and what would be right. */
export class NoCalendar extends Error {
  constructor(detail: string) {
    super(detail)
    this.name = 'NoCalendar'
  }
}

/** A larger file is refused before it is read, characters. */
export const LARGEST_CALENDAR = 24_000_000
/** Repeats are worked out for so many days from a week ago on. */
const DAYS_SHOWN = 92
const DAYS_BEFORE = 7
/** A rule that repeats more often than this in its life is not followed to its end. */
const MOST_REPEATS = 20_000
const MS_PER_DAY = 86_400_000

interface Sum {
  readonly wish: CalendarWish
  readonly from: string
  readonly to: string
  readonly byDate: Map<string, DayRow[]>
  allDay: number
  shortened: number
  unreadable: number
  endless: number
}

/**
 * Reads iCalendar (RFC 5545) by a kept library: folded lines, time zones, repeats with their exceptions, all-day
 * events. Throws NoCalendar for what is none.
 */
export function readCalendar(text: string, wish: CalendarWish): ReadCalendar {
  if (text.length > LARGEST_CALENDAR)
    throw new NoCalendar(
      `The file is too large: it has ${Math.round(text.length / 1e6)} million characters, and at most ${LARGEST_CALENDAR / 1e6} million are read. Export a shorter time.`,
    )
  const calendars = parsed(text)
  const start = Date.parse(`${wish.today}T00:00:00Z`) - DAYS_BEFORE * MS_PER_DAY
  const sum: Sum = {
    wish,
    from: isoDate(start),
    to: isoDate(start + DAYS_SHOWN * MS_PER_DAY),
    byDate: new Map(),
    allDay: 0,
    shortened: 0,
    unreadable: 0,
    endless: 0,
  }
  let events = 0
  ICAL.TimezoneService.reset()
  for (const [, , components] of calendars) {
    for (const zone of components.filter(([name]) => name === 'vtimezone'))
      ICAL.TimezoneService.register(new ICAL.Component(zone))
    // Apart from their calendar, since the library would search all of it for the time zone of each event.
    const all = components.filter(([name]) => name === 'vevent').map((event) => new ICAL.Component(event))
    events += all.length
    addEvents(all, sum)
  }
  const days = [...sum.byDate]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([date, rows]) => ({ date, rows: inOrder(rows) }))
  return { days, events, notes: notesOf(sum) }
}

const isoDate = (ms: number) => new Date(ms).toISOString().slice(0, 10)

/** A component as the library parses it: its name, its properties, the components in it. */
type Parsed = [string, unknown[], Parsed[]]

function parsed(text: string): Parsed[] {
  if (!/BEGIN:VCALENDAR/i.test(text.slice(0, 100_000)))
    throw new NoCalendar('This is no calendar: an iCalendar file begins with BEGIN:VCALENDAR.')
  try {
    const calendars = ICAL.parse(text) as Parsed | Parsed[]
    return typeof calendars[0] === 'string' ? [calendars as Parsed] : (calendars as Parsed[])
  } catch (error) {
    throw new NoCalendar(`The calendar cannot be read: ${error instanceof Error ? error.message : String(error)}.`)
  }
}

/** Single events, and repeating ones with the exceptions that belong to them. */
function addEvents(all: readonly ICAL.Component[], sum: Sum): void {
  const exceptions = new Map<string, ICAL.Component[]>()
  for (const each of all) {
    if (!each.hasProperty('recurrence-id')) continue
    const uid = String(each.getFirstPropertyValue('uid'))
    exceptions.set(uid, [...(exceptions.get(uid) ?? []), each])
  }
  for (const each of all) {
    if (each.hasProperty('recurrence-id')) continue
    try {
      const own = exceptions.get(String(each.getFirstPropertyValue('uid'))) ?? []
      const event = new ICAL.Event(each, { exceptions: own })
      if (event.isRecurring()) addRepeats(event, sum)
      else addRow(event.startDate, event.endDate, each, sum)
    } catch {
      sum.unreadable++
    }
  }
}

function addRepeats(event: ICAL.Event, sum: Sum): void {
  const repeats = event.iterator()
  for (let i = 0; i < MOST_REPEATS; i++) {
    const at = repeats.next() as ICAL.Time | null
    if (!at || isoOf(at) > sum.to) return
    const { item, startDate, endDate } = event.getOccurrenceDetails(at)
    if (isoOf(startDate) >= sum.from) addRow(startDate, endDate, item.component, sum)
  }
  sum.endless++
}

const isoOf = (time: ICAL.Time) => time.toString().slice(0, 10)

function addRow(start: ICAL.Time, end: ICAL.Time | null, component: ICAL.Component, sum: Sum): void {
  if (start.isDate) {
    sum.allDay++
    return
  }
  if (String(component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') return
  const begin = wallTime(start, tzid(component, 'dtstart'), sum.wish.zone)
  const finish =
    end && wallTime(end, tzid(component, component.hasProperty('dtend') ? 'dtend' : 'dtstart'), sum.wish.zone)
  const length = finish ? (Date.parse(finish.date) - Date.parse(begin.date)) / 60_000 + finish.minute - begin.minute : 0
  const what = titleOf(component, sum)
  const picture = String(component.getFirstPropertyValue('x-ripe-acorn-picture') ?? '')
  const row: DayRow = {
    minute: begin.minute,
    ...(finish && length > 0 && length < 1440 && { to: finish.minute }),
    what,
    ...(isPictureId(picture) && { picture }),
  }
  const rows = sum.byDate.get(begin.date)
  if (rows) rows.push(row)
  else sum.byDate.set(begin.date, [row])
}

const tzid = (component: ICAL.Component, name: string) => {
  const value = component.getFirstProperty(name)?.getParameter('tzid')
  return typeof value === 'string' ? value : undefined
}

function titleOf(component: ICAL.Component, sum: Sum): string {
  const title = withoutUnseen(String(component.getFirstPropertyValue('summary') ?? ''))
    .replace(/[\p{Cc}\s]+/gu, ' ')
    .trim()
  if (title.length <= MOST_WHAT_LETTERS) return title || 'without a name'
  sum.shortened++
  return `${title.slice(0, MOST_WHAT_LETTERS - 1).trimEnd()}…`
}

interface WallTime {
  readonly date: string
  readonly minute: number
}

/** What a clock on the wall shows in a zone. A time without a zone is the same everywhere. */
function wallTime(time: ICAL.Time, zoneId: string | undefined, zone: string): WallTime {
  const isUtc = time.zone === ICAL.Timezone.utcTimezone
  const isFloating = !isUtc && (time.zone === ICAL.Timezone.localTimezone || !time.zone)
  if (isFloating && (!zoneId || !isKnown(zoneId))) return { date: isoOf(time), minute: time.hour * 60 + time.minute }
  const ms = isFloating && zoneId ? instantIn(time, zoneId) : time.toUnixTime() * 1000
  return inZone(ms, zone)
}

const formats = new Map<string, Intl.DateTimeFormat>()

function formatOf(zone: string): Intl.DateTimeFormat {
  const known = formats.get(zone)
  if (known) return known
  const made = new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
  })
  formats.set(zone, made)
  return made
}

function isKnown(zone: string): boolean {
  try {
    formatOf(zone)
    return true
  } catch {
    return false
  }
}

function inZone(ms: number, zone: string): WallTime {
  const parts = Object.fromEntries(
    formatOf(zone)
      .formatToParts(ms)
      .map(({ type, value }) => [type, value]),
  )
  return {
    date: `${parts.year}-${parts.month}-${parts.day}`,
    minute: Number(parts.hour) * 60 + Number(parts.minute),
  }
}

/**
 * The instant at which the clocks of a zone show a time: the zone's offset is looked up, and once more at the result.
 */
function instantIn(time: ICAL.Time, zone: string): number {
  const wall = Date.UTC(time.year, time.month - 1, time.day, time.hour, time.minute)
  const shownAt = (ms: number) => {
    const { date, minute } = inZone(ms, zone)
    return Date.parse(`${date}T00:00:00Z`) + minute * 60_000
  }
  const once = wall - (shownAt(wall) - wall)
  return once - (shownAt(once) - wall)
}

function notesOf({ allDay, shortened, unreadable, endless, wish }: Sum): string[] {
  const counted = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`
  return [
    ...(allDay > 0
      ? [
          `${counted(allDay, 'all-day event has', 'all-day events have')} no time and is left out.`.replace(
            'events have no time and is',
            'events have no time and are',
          ),
        ]
      : []),
    ...(shortened > 0
      ? [`${counted(shortened, 'long title was', 'long titles were')} shortened to ${MOST_WHAT_LETTERS} letters.`]
      : []),
    ...(unreadable > 0 ? [`${counted(unreadable, 'event', 'events')} could not be read.`] : []),
    ...(endless > 0
      ? [
          `${counted(endless, 'event repeats', 'events repeat')} so often that only the first ${MOST_REPEATS} times were looked at.`,
        ]
      : []),
    `Times are those of ${wish.zone}.`,
  ]
}
