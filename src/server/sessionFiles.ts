import ical, { type ICalCalendar, ICalCalendarMethod } from 'ical-generator'
import { activityWords, activityOf, placeNames } from '../core/activities'
import type { GroupId, SessionId } from '../core/ids'
import { dateOf, localDay, type PlainDate } from '../core/clock'
import { meetingsOf, plannedMinutes, timeline } from '../core/planning'
import { type Group, type Session, type Settings, rulesFor, wordingOf } from '../core/records'
import { rungOf } from '../core/teaching'
import { nameIn, say } from '../core/wording'
import type { Db } from './connection'
import { getGroup } from './stores/people'
import { getSession, listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'
import { findTerm } from './stores/terms'

/*
 * Sessions as a calendar reads them. Their times have no time zone: half past nine is half past nine where they are
 * read.
 */

/** One session for the calendar. */
export async function sessionCalendar(db: Db, id: SessionId, now: number): Promise<string> {
  const session = await getSession(db, id)
  const group = await getGroup(db, session.groupId)
  return calendarOf(group, [session], rulesFor(await getSettings(db), group), now).toString()
}

/**
 * All sessions of a group that are still to be held, and the days of its term for which none is planned yet, as a file
 * that a calendar can take in.
 */
export async function groupCalendar(db: Db, id: GroupId, now: number): Promise<string> {
  const group = await getGroup(db, id)
  const all = await listSessions(db, id)
  const settings = rulesFor(await getSettings(db), group)
  const open = all.filter(({ doneAt }) => doneAt === null).reverse()
  const calendar = calendarOf(group, open, settings, now)
  const term = (await findTerm(db, id))?.wish
  const today = localDay(now, settings.zone)
  const days = (term ? meetingsOf(term) : []).filter((day) => day >= today).map(dateOf)
  for (const date of days.filter((day) => !all.some((session) => session.date === day)))
    addTermDay(calendar, { group, date, minutes: term?.minutes ?? 0, start: all[0]?.start }, now)
  return calendar.toString()
}

function calendarOf({ name }: { name: string }, sessions: readonly Session[], settings: Settings, now: number) {
  const wording = wordingOf(settings)
  const calendar = ical({ name, method: ICalCalendarMethod.PUBLISH, prodId: '//Ripe Acorn//Sessions//EN' })
  for (const { id, date, start, minutes, place, plan, version } of sessions) {
    const midnight = Date.parse(`${date}T00:00:00Z`)
    const begins = midnight + start * 60_000
    const clock = (minute: number) => say(minute, { language: wording.language, form: 'digital' })
    calendar.createEvent({
      id: `${id}@ripe-acorn`,
      sequence: version,
      stamp: new Date(now),
      start: new Date(begins),
      end: new Date(begins + Math.max(minutes, plannedMinutes(plan)) * 60_000),
      floating: true,
      summary: `${name}: ${nameIn(wording, rungOf(plan.rung).name)}`,
      location: nameIn(wording, placeNames[place]),
      description: timeline(plan, start)
        .map((timed) => {
          const { step, start: begins } = timed
          return `${clock(begins)} ${activityWords(activityOf(step), wording.language, step.rung).name}`
        })
        .join('\n'),
    })
  }
  return calendar
}

interface TermDay {
  readonly group: Group
  readonly date: PlainDate
  readonly minutes: number
  /** When the group's latest session began; without any, the whole day stands in the calendar. */
  readonly start: number | undefined
}

function addTermDay(calendar: ICalCalendar, { group, date, minutes, start }: TermDay, now: number): void {
  const begins = Date.parse(`${date}T00:00:00Z`) + (start ?? 0) * 60_000
  calendar.createEvent({
    id: `${group.id}-${date}@ripe-acorn`,
    stamp: new Date(now),
    start: new Date(begins),
    ...(start === undefined ? { allDay: true } : { end: new Date(begins + minutes * 60_000) }),
    floating: true,
    summary: group.name,
  })
}
