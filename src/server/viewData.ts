import { told } from '../core/wording'
import type { OwnActivityBody } from '../core/activities'
import type { Day } from '../core/days'
import type { ChildId, GroupId, SessionId } from '../core/ids'
import type { Instant } from '../core/knowing'
import { rulesFor, rulesForDay, shownSession } from '../core/records'
import type { Story } from '../core/stories'
import {
  keyOfRead,
  READS_OF_ONE,
  type ReadId,
  type ReadOfAll,
  type ReadOfOne,
  type Reads,
  type ViewId,
  viewOf,
} from '../core/views'
import { packState, type ViewEntry } from '../core/viewState'
import { type Db, inTransaction } from './connection'
import { appDb } from './db'
import { log } from './log'
import { overview } from './overview'
import { sessionContext, termData } from './planning'
import { notFound, Problem } from './problem'
import { childReport, childReports, groupData } from './reports'
import { listAnswers, listChanges } from './stores/answers'
import { listCounts } from './stores/counts'
import { listNotes } from './stores/judgement'
import { listKept } from './stores/kept'
import { listGroups } from './stores/people'
import { getSession, listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'

/* What views show: read for the first paint, and for the same view when it asks again. */

type ReadersOfAll = { readonly [Id in ReadOfAll]: (db: Db, now: Instant) => Promise<Reads[Id]> }
type ReadersOfOne = { readonly [Id in ReadOfOne]: (db: Db, now: Instant, of: string) => Promise<Reads[Id]> }

const ofAll: ReadersOfAll = {
  overview,
  settings: getSettings,
  people: async (db, now) => ({ groups: await listGroups(db), reports: await childReports(db, now) }),
  activities: async (db) => ({
    own: await listKept<OwnActivityBody>(db, 'own_activities'),
    settings: await getSettings(db),
  }),
  days: async (db, now) => ({
    days: await listKept<Day>(db, 'days'),
    groups: await listGroups(db),
    reports: await childReports(db, now),
    settings: await getSettings(db),
  }),
  stories: async (db, now) => ({ ...(await ofAll.days(db, now)), stories: await listKept<Story>(db, 'stories') }),
  log: async (db) => ({ sessions: await listSessions(db), groups: await listGroups(db) }),
}

const ofOne: ReadersOfOne = {
  group: (db, now, id) => groupData(db, id as GroupId, now),
  term: (db, now, id) => termData(db, id as GroupId, now),
  session: (db, now, id) => sessionContext(db, id as SessionId, now),
  child: async (db, now, of) => {
    const id = of as ChildId
    return {
      report: await childReport(db, id, now),
      answers: await listAnswers(db, { childId: id }),
      settings: rulesForDay(await getSettings(db), await listGroups(db), { kind: 'child', childId: id }),
      notes: await listNotes(db, id),
      changes: await listChanges(db, id),
    }
  },
  record: async (db, now, of) => {
    const { id, groupId } = await getSession(db, of as SessionId)
    const group = (await listGroups(db)).find((each) => each.id === groupId)
    const settings = await getSettings(db)
    return {
      counts: await listCounts(db, id),
      answers: await listAnswers(db, { sessionId: id }),
      reports: await childReports(db, now),
      settings: group ? rulesFor(settings, group) : settings,
    }
  },
}

const isOfOne = (read: ReadId): read is ReadOfOne => (READS_OF_ONE as readonly ReadId[]).includes(read)
const isOfAll = (read: string): read is ReadOfAll => read in ofAll

/** What a view asks for: a read by its name, and by an id where it is of one thing. Throws a 404 for what is none. */
export async function readFor(db: Db, now: Instant, path: string): Promise<Reads[ReadId]> {
  const [read = '', of] = path.split('/')
  if (of === undefined && isOfAll(read)) return ofAll[read](db, now)
  if (of !== undefined && isOfOne(read as ReadId)) return ofOne[read as ReadOfOne](db, now, of)
  throw notFound(told('view'))
}

type Entry = Omit<ViewEntry, 'at'>

async function entryOf(db: Db, now: Instant, read: ReadId, of: string): Promise<Entry> {
  if (isOfOne(read)) return { key: keyOfRead(read, of), data: await ofOne[read](db, now, of) }
  return { key: keyOfRead(read), data: await ofAll[read](db, now) }
}

/** The Log also shows the session that is picked, or the last one. */
async function shownRecord(db: Db, now: Instant, picked: string): Promise<Entry[]> {
  const shown = shownSession(await listSessions(db), picked || undefined)
  return shown ? [await entryOf(db, now, 'record', shown.id)] : []
}

/**
 * What a view shows at first, read as it stood at one moment, as the text that goes into the page. `of` is the id in
 * its address. What cannot be read is left out: then the view asks for it itself, and says what is wrong.
 */
export async function viewState(id: ViewId, of = ''): Promise<string> {
  const at = Date.now()
  try {
    return await inTransaction(await appDb(), async (trx) => packState(await entriesOf(trx, at, id, of)))
  } catch (error) {
    if (!(error instanceof Problem)) log.error({ err: error }, 'a view could not be read')
    return packState([])
  }
}

async function entriesOf(db: Db, at: Instant, id: ViewId, of: string): Promise<ViewEntry[]> {
  const entries: Entry[] = []
  for (const read of viewOf(id).reads) entries.push(await entryOf(db, at, read, of))
  if (id === 'log') entries.push(...(await shownRecord(db, at, of)))
  return entries.map((entry) => ({ ...entry, at }))
}
