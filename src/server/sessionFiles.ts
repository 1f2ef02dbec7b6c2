import ical, { ICalCalendarMethod } from 'ical-generator'
import { activityWords, activityOf, placeNames } from '../core/activities'
import type { GroupId, SessionId } from '../core/ids'
import { plannedMinutes, timeline } from '../core/planning'
import { type Session, type Settings, rulesFor, wordingOf } from '../core/records'
import { rungOf } from '../core/teaching'
import { nameIn, say } from '../core/wording'
import type { Db } from './connection'
import { getGroup } from './stores/people'
import { getSession, listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'

/*
 * Sessions as a calendar reads them. Their times have no time zone: half past nine is half past nine where they are
 * read.
 */

/** One session for the calendar. */
export async function sessionCalendar(db: Db, id: SessionId, now: number): Promise<string> {
  const session = await getSession(db, id)
  const group = await getGroup(db, session.groupId)
  return calendarOf(group, [session], rulesFor(await getSettings(db), group), now)
}

/** All sessions of a group that are still to be held, as a file that a calendar can take in. */
export async function groupCalendar(db: Db, id: GroupId, now: number): Promise<string> {
  const group = await getGroup(db, id)
  const sessions = (await listSessions(db, id)).filter(({ doneAt }) => doneAt === null).reverse()
  return calendarOf(group, sessions, rulesFor(await getSettings(db), group), now)
}

function calendarOf({ name }: { name: string }, sessions: readonly Session[], settings: Settings, now: number): string {
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
  return calendar.toString()
}
