import { setTimeout as pause } from 'node:timers/promises'
import type { OwnActivityBody } from '../core/activities'
import type { Day } from '../core/days'
import type { ChildId, GroupId, SessionId } from '../core/ids'
import type { Instant } from '../core/knowing'
import {
  type ActivitiesData,
  type ChildData,
  type DaysData,
  type LogData,
  type PeopleData,
  type RecordData,
  type StoriesData,
  rulesFor,
  rulesForDay,
  shownSession,
} from '../core/records'
import type { Story } from '../core/stories'
import { type ViewEntry, packState } from '../core/viewState'
import { type Db, inTransaction } from './connection'
import { appDb } from './db'
import { log } from './log'
import { overview } from './overview'
import { sessionContext, termData } from './planning'
import { Problem } from './problem'
import { childReport, childReports, groupData } from './reports'
import { listAnswers, listChanges } from './stores/answers'
import { listCounts } from './stores/counts'
import { listKept } from './stores/kept'
import { listNotes } from './stores/judgement'
import { listGroups } from './stores/people'
import { listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'

/* What each view shows at first: the keys and the shapes are those of the view's own queries (`ui/queries.ts`). */

type Entry = Omit<ViewEntry, 'at'>
type Read = (db: Db, now: Instant) => Promise<Entry[]>

/**
 * How long reading waits, so that the head of the page has been compressed and has gone out by then: reading and
 * rendering hold up all else.
 */
const HEAD_MS = 4

/**
 * The entries of a view, read as they stood at one moment, as the text that goes into the page. What cannot be read is
 * left out: then the view asks for it itself, and says what is wrong.
 */
export async function viewState(read: Read): Promise<string> {
  await pause(HEAD_MS)
  const at = Date.now()
  try {
    const entries = await inTransaction(await appDb(), (trx) => read(trx, at))
    return packState(entries.map((entry) => ({ ...entry, at })))
  } catch (error) {
    if (!(error instanceof Problem)) log.error({ err: error }, 'a view could not be read')
    return packState([])
  }
}

export const todayView: Read = async (db, now) => [{ key: ['overview'], data: await overview(db, now) }]

export const activitiesView: Read = async (db) => {
  const own = await listKept<OwnActivityBody>(db, 'own_activities')
  const data: ActivitiesData = { own, settings: await getSettings(db) }
  return [{ key: ['activities'], data }]
}

export const shoppingView: Read = async (db) => {
  const data: LogData = { sessions: await listSessions(db), groups: await listGroups(db) }
  return [
    { key: ['log'], data },
    { key: ['settings'], data: await getSettings(db) },
  ]
}

export const settingsView: Read = async (db) => [{ key: ['settings'], data: await getSettings(db) }]

export const peopleView: Read = async (db, now) => {
  const data: PeopleData = { groups: await listGroups(db), reports: await childReports(db, now) }
  return [{ key: ['people'], data }]
}

export function groupView(id: GroupId): Read {
  return async (db, now) => [{ key: ['group', id], data: await groupData(db, id, now) }]
}

export function termView(id: GroupId): Read {
  return async (db, now) => [{ key: ['term', id], data: await termData(db, id, now) }]
}

export function childView(id: ChildId): Read {
  return async (db, now) => {
    const data: ChildData = {
      report: await childReport(db, id, now),
      answers: await listAnswers(db, { childId: id }),
      settings: rulesForDay(await getSettings(db), await listGroups(db), { kind: 'child', childId: id }),
      notes: await listNotes(db, id),
      changes: await listChanges(db, id),
    }
    return [{ key: ['child', id], data }]
  }
}

export function sessionView(id: SessionId): Read {
  return async (db, now) => [{ key: ['session', id], data: await sessionContext(db, id, now) }]
}

export const daysView: Read = async (db, now) => {
  const data: DaysData = {
    days: await listKept<Day>(db, 'days'),
    groups: await listGroups(db),
    reports: await childReports(db, now),
    settings: await getSettings(db),
  }
  return [{ key: ['days'], data }]
}

export const storiesView: Read = async (db, now) => {
  const [days] = await daysView(db, now)
  const data: StoriesData = { ...(days?.data as DaysData), stories: await listKept<Story>(db, 'stories') }
  return [{ key: ['stories'], data }]
}

export function logView(picked: string | undefined): Read {
  return async (db, now) => {
    const data: LogData = { sessions: await listSessions(db), groups: await listGroups(db) }
    const shown = shownSession(data.sessions, picked)
    if (!shown) return [{ key: ['log'], data }]
    const group = data.groups.find(({ id }) => id === shown.groupId)
    const settings = await getSettings(db)
    const record: RecordData = {
      counts: await listCounts(db, shown.id),
      answers: await listAnswers(db, { sessionId: shown.id }),
      reports: await childReports(db, now),
      settings: group ? rulesFor(settings, group) : settings,
    }
    return [
      { key: ['log'], data },
      { key: ['record', shown.id], data: record },
    ]
  }
}
