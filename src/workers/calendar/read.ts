import type { Told } from '../../core/wording'
import { MS_PER_DAY } from '../../core/clock'
import ICAL from 'ical.js'
import { type DayRow, MOST_WHAT_LETTERS, inOrder, isPictureId, withoutUnseen } from '../../core/days'
import { type SoundLines, soundLines } from './lines'
import { type ReadTally, notesOf } from './notes'
import { type EventTime, happenings } from './repeats'
import { type WallTime, isoOf, wallTime } from './zones'

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
  readonly notes: readonly Told[]
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
/** More events are not read: so many already take seconds. */
export const MOST_EVENTS = 50_000
/** Repeats are worked out for so many days from a week ago on. */
const DAYS_SHOWN = 92
const DAYS_BEFORE = 7

interface CalendarReading {
  readonly wish: CalendarWish
  readonly from: string
  readonly to: string
  readonly byDate: Map<string, DayRow[]>
  readonly tally: ReadTally
}

/**
 * Reads iCalendar (RFC 5545) by a kept library: folded lines, time zones, repeats with their exceptions, all-day
 * events. A line or an event that is wrong is told of and passed over. Throws NoCalendar for what is none.
 */
export function readCalendar(file: string, wish: CalendarWish): ReadCalendar {
  const lines = checkedLines(file)
  const start = Date.parse(`${wish.today}T00:00:00Z`) - DAYS_BEFORE * MS_PER_DAY
  const tally: ReadTally = { allDay: 0, long: 0, shortened: 0, unreadable: 0, endless: 0, unknownZones: new Set() }
  const reading: CalendarReading = {
    wish,
    from: isoDate(start),
    to: isoDate(start + DAYS_SHOWN * MS_PER_DAY),
    byDate: new Map(),
    tally,
  }
  let events = 0
  ICAL.TimezoneService.reset()
  for (const [, , components] of parsed(lines.text)) {
    for (const zone of components.filter(([name]) => name === 'vtimezone'))
      ICAL.TimezoneService.register(new ICAL.Component(zone))
    // Apart from their calendar, since the library would search all of it for the time zone of each event.
    const all = components.filter(([name]) => name === 'vevent').map((event) => new ICAL.Component(event))
    events += all.length
    addEvents(all, reading)
  }
  if (events === 0 && lines.bad.length > 0)
    throw new NoCalendar(
      `The calendar cannot be read: it has no event, and “${lines.bad[0]?.slice(0, 60)}” is no line of one.`,
    )
  const days = [...reading.byDate]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([date, rows]) => ({ date, rows: inOrder(rows) }))
  return { days, events, notes: notesOf({ lines, tally, zone: wish.zone }) }
}

/** The lines of a file that is a calendar, and not too large to be read. */
function checkedLines(file: string): SoundLines {
  if (file.length > LARGEST_CALENDAR)
    throw new NoCalendar(
      `The file is too large: it has ${Math.round(file.length / 1e6)} million characters, and at most ${LARGEST_CALENDAR / 1e6} million are read. Export a shorter time.`,
    )
  if (!/BEGIN:VCALENDAR/i.test(file.slice(0, 100_000)))
    throw new NoCalendar('This is no calendar: an iCalendar file begins with BEGIN:VCALENDAR.')
  const events = file.match(/^BEGIN:VEVENT/gim)?.length ?? 0
  if (events > MOST_EVENTS)
    throw new NoCalendar(
      `The calendar has ${events} events, and at most ${MOST_EVENTS} are read. Export a shorter time.`,
    )
  return soundLines(file)
}

const isoDate = (ms: number) => new Date(ms).toISOString().slice(0, 10)

/** A component as the library parses it: its name, its properties, the components in it. */
type Parsed = [string, unknown[], Parsed[]]

function parsed(text: string): Parsed[] {
  try {
    const calendars = ICAL.parse(text) as Parsed | Parsed[]
    return typeof calendars[0] === 'string' ? [calendars as Parsed] : (calendars as Parsed[])
  } catch (error) {
    throw new NoCalendar(`The calendar cannot be read: ${error instanceof Error ? error.message : String(error)}.`)
  }
}

/** Single events, and repeating ones with the exceptions that belong to them. */
function addEvents(all: readonly ICAL.Component[], reading: CalendarReading): void {
  const exceptions = new Map<string, ICAL.Component[]>()
  for (const each of all) {
    if (!each.hasProperty('recurrence-id')) continue
    const uid = String(each.getFirstPropertyValue('uid'))
    exceptions.set(uid, [...(exceptions.get(uid) ?? []), each])
  }
  for (const each of all) {
    if (each.hasProperty('recurrence-id')) continue
    try {
      addEvent(each, exceptions.get(String(each.getFirstPropertyValue('uid'))) ?? [], reading)
    } catch {
      reading.tally.unreadable++
    }
  }
}

function addEvent(component: ICAL.Component, exceptions: ICAL.Component[], reading: CalendarReading): void {
  if (!component.hasProperty('dtstart')) throw new Error('no beginning')
  if (!component.hasProperty('rrule') && !component.hasProperty('rdate')) {
    const event = new ICAL.Event(component)
    add({ start: event.startDate, end: event.endDate, component }, reading)
    return
  }
  const { all, isEndless } = happenings(component, exceptions, reading.to)
  for (const each of all) if (isoOf(each.start) >= reading.from) add(each, reading)
  if (isEndless) reading.tally.endless++
}

const MIDNIGHT = 0

function add(happening: EventTime, { wish, byDate, tally }: CalendarReading): void {
  const { start, component } = happening
  if (String(component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') return
  if (start.isDate) {
    tally.allDay++
    return
  }
  const { begin, finish } = wallTimes(happening, wish, tally)
  const picture = String(component.getFirstPropertyValue('x-ripe-acorn-picture') ?? '')
  const what = titleOf(component, tally)
  const put = (date: string, minute: number, to?: number) => {
    const row = { minute, ...(to !== undefined && { to }), what, ...(isPictureId(picture) && { picture }) }
    const rows = byDate.get(date)
    if (rows) rows.push(row)
    else byDate.set(date, [row])
  }
  const minutes = finish
    ? (Date.parse(finish.date) - Date.parse(begin.date)) / 60_000 + finish.minute - begin.minute
    : 0
  if (!finish || minutes <= 0) put(begin.date, begin.minute)
  else if (minutes < 1440) put(begin.date, begin.minute, finish.minute)
  else {
    // A row ends within a day, so its first day and its last one have a row each.
    tally.long++
    put(begin.date, begin.minute, MIDNIGHT)
    if (finish.minute !== MIDNIGHT) put(finish.date, MIDNIGHT, finish.minute)
  }
}

function wallTimes({ start, end, component, zone }: EventTime, wish: CalendarWish, tally: ReadTally) {
  const shownIn = (time: ICAL.Time, property: string): WallTime =>
    wallTime(time, {
      written: zone ?? tzid(component, property),
      shown: wish.zone,
      onUnknown: (name) => tally.unknownZones.add(name),
    })
  const isOpen = component.hasProperty('x-ripe-acorn-open')
  const endIn = component.hasProperty('dtend') ? 'dtend' : 'dtstart'
  return { begin: shownIn(start, 'dtstart'), finish: end && !isOpen ? shownIn(end, endIn) : null }
}

const tzid = (component: ICAL.Component, name: string) => {
  const value = component.getFirstProperty(name)?.getParameter('tzid')
  return typeof value === 'string' ? value : undefined
}

function titleOf(component: ICAL.Component, tally: ReadTally): string {
  const title = withoutUnseen(String(component.getFirstPropertyValue('summary') ?? ''))
    .replace(/[\p{Cc}\s]+/gu, ' ')
    .trim()
  if (title.length <= MOST_WHAT_LETTERS) return title || 'without a name'
  tally.shortened++
  return `${title.slice(0, MOST_WHAT_LETTERS - 1).trimEnd()}…`
}
