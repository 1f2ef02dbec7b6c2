import { told } from '../core/wording'
import { type Activity, type OwnActivityBody, ownActivity } from '../core/activities'
import { attempt } from '../core/errors'
import type { ChildId, GroupId, SessionId } from '../core/ids'
import { type Instant, scaffoldsInUse, standingOf } from '../core/knowing'
import type { Recipe, Yard } from '../core/make'
import {
  type PlanChild,
  type SessionPlan,
  type SessionRequest,
  type Timing,
  activitiesOf,
  haveClocks,
  paceOf,
  planAfterPrint,
  planWithoutPrint,
  speedFit,
  timingsOf,
} from '../core/planning'
import {
  type Kept,
  type Session,
  type SessionContext,
  type SessionWish,
  type Settings,
  type TermData,
  editOf,
  requestOf,
  rulesFor,
} from '../core/records'
import type { SavedPrint } from '../core/printables'
import { schools } from '../core/teaching'
import { type Db, inTransaction } from './connection'
import { foundIn } from './found'
import { planApart } from './apart/apart'
import { Problem } from './problem'
import { answersByChild } from './stores/answers'
import { overrulesByChild } from './stores/judgement'
import { findKept, listKept } from './stores/kept'
import { printsOfSession, putPrintInto, sessionOfPrint } from './stores/sessionPrints'
import { getGroup, listChildren } from './stores/people'
import { addSession, editSession, getSession, listSessions } from './stores/sessions'
import { getSettings } from './stores/settings'
import { findTerm } from './stores/terms'

/** Children as the planner needs them: where each stands, and what was found in their answers. */
export async function planChildren(
  db: Db,
  childIds: readonly ChildId[],
  settings: Settings,
  now: Instant,
): Promise<PlanChild[]> {
  const children = await listChildren(db)
  const answers = await answersByChild(db)
  const overrules = await overrulesByChild(db)
  const school = schools[settings.school]
  return childIds.flatMap((id) => {
    const child = children.find((each) => each.id === id)
    if (!child) return []
    const own = answers.get(id) ?? []
    const { diagnosis, chances } = foundIn(id, own)
    const findings = diagnosis.findings.map(({ misreading }) => ({ misreading }))
    const met = [...new Set(own.map((answer) => answer.item.rung))]
    return [
      {
        id,
        name: child.name,
        age: child.age ?? undefined,
        picture: child.picture ?? undefined,
        standing: standingOf(own, school, now, overrules.get(id)),
        findings,
        before: chances,
        scaffolds: Object.fromEntries(met.map((rung) => [rung, scaffoldsInUse(own, rung, []).inUse])),
      },
    ]
  })
}

/** What a group's term is forecast from, and the one that was kept. */
export async function termData(db: Db, groupId: GroupId, now: Instant): Promise<TermData> {
  const group = await getGroup(db, groupId)
  const settings = rulesFor(await getSettings(db), group)
  const answers = await answersByChild(db)
  const children = await planChildren(db, group.childIds, settings, now)
  return {
    group,
    children: children.map((child) => ({ ...child, speedFit: speedFit(answers.get(child.id) ?? []) })),
    settings,
    kept: await findTerm(db, groupId),
  }
}

/** The adult's own activities. One that no longer makes sense to this version is left out. */
async function ownActivities(db: Db): Promise<Activity[]> {
  const kept = await listKept<OwnActivityBody>(db, 'own_activities')
  return kept.flatMap(({ id, name, body }) => attempt(() => ownActivity(id, name, body)).value ?? [])
}

/** The activities of the group's latest session before this one, by date and start, and of the one before that. */
function activitiesBefore(sessions: readonly Session[], at: Pick<Session, 'id' | 'date' | 'start'>) {
  const when = (session: Pick<Session, 'date' | 'start'>) => `${session.date} ${String(session.start).padStart(4, '0')}`
  const [last, beforeLast] = sessions.filter((session) => session.id !== at.id && when(session) < when(at))
  const activities = (session: Session | undefined) =>
    session?.plan.steps.flatMap((step) => activitiesOf(step).map(({ id }) => id)) ?? []
  return { lastTime: activities(last), beforeLast: activities(beforeLast) }
}

/** How long the steps of the group's other sessions took, the earliest session first. */
function timingsBefore(sessions: readonly Session[], at: Pick<Session, 'id'>): Timing[] {
  const held = sessions.filter(({ id }) => id !== at.id).reverse()
  return timingsOf(held.map(({ plan }) => plan))
}

/** Plans a session for a group and keeps it. Nobody else waits meanwhile: nothing is held while it is planned. */
export async function createSession(db: Db, wish: SessionWish, now: Instant): Promise<Session> {
  const request = await inTransaction(db, (trx) => requestFor(trx, wish, now))
  const seed = seedFrom(wish.id)
  const plan = await planApart({ request, seed })
  return inTransaction(db, async (trx) => {
    // It may have been removed while the plan was made.
    await getGroup(trx, wish.groupId)
    return addSession(trx, { ...wish, plan, seed, note: '' }, now)
  })
}

async function requestFor(db: Db, wish: SessionWish, now: Instant): Promise<SessionRequest> {
  const group = await getGroup(db, wish.groupId)
  if (group.childIds.length === 0)
    throw new Problem(400, told('An empty group'), {
      field: 'groupId',
      detail: told('{0} has no children yet: add one first.', group.name),
    })
  const settings = rulesFor(await getSettings(db), group)
  const before = await listSessions(db, group.id)
  return {
    children: await planChildren(db, group.childIds, settings, now),
    minutes: wish.minutes,
    start: wish.start,
    place: wish.place,
    materials: wish.materials,
    ...activitiesBefore(before, wish),
    school: schools[settings.school],
    hasClocks: haveClocks(before, wish),
    pace: paceOf(timingsBefore(before, wish)),
    own: await ownActivities(db),
    favourites: settings.favourites,
    notForUs: settings.notForUs,
  }
}

/** A seed that is a session's own: the first 24 bits of its id. */
function seedFrom(id: string): number {
  return parseInt(id.replace(/-/g, '').slice(0, 6), 16)
}

/**
 * Puts a kept print into a session, as a step with its minutes and its things; with null out of the one that it is in.
 */
export function putPrint(db: Db, id: string, sessionId: SessionId | null, now: Instant): Promise<Kept<SavedPrint>> {
  return inTransaction(db, async (trx) => {
    const before = await sessionOfPrint(trx, id)
    const print = await putPrintInto(trx, id, sessionId)
    const { printable } = print.body
    if (before !== null && before !== sessionId)
      await changePlan(trx, before, now, ({ plan }) => planWithoutPrint(plan, id))
    if (sessionId !== null)
      await changePlan(trx, sessionId, now, ({ plan }, request) => planAfterPrint(plan, { id, printable }, request))
    return print
  })
}

type PlanChange = (session: Session, request: SessionRequest) => SessionPlan

/** Changes the plan of a session, where that changes anything and there is somebody to plan for. */
async function changePlan(db: Db, id: SessionId, now: Instant, change: PlanChange): Promise<void> {
  const context = await readContext(db, id, now)
  const { session, children } = context
  if (children.length === 0) return
  const plan = change(session, requestOf(context))
  if (plan !== session.plan) await editSession(db, id, editOf({ ...session, plan }))
}

/** A session with all that planning and running it need, read as it stood at one moment. */
export function sessionContext(db: Db, id: SessionId, now: Instant): Promise<SessionContext> {
  return inTransaction(db, (trx) => readContext(trx, id, now))
}

async function readContext(db: Db, id: SessionId, now: Instant): Promise<SessionContext> {
  const session = await getSession(db, id)
  const group = await getGroup(db, session.groupId)
  const settings = rulesFor(await getSettings(db), group)
  const sessions = await listSessions(db, group.id)
  return {
    session,
    group,
    children: await planChildren(db, group.childIds, settings, now),
    ...activitiesBefore(sessions, session),
    hasClocks: haveClocks(sessions, session),
    timings: timingsBefore(sessions, session),
    own: await ownActivities(db),
    settings,
    recipe: await findKept<Recipe>(db, 'recipes', session.recipeId),
    yard: await findKept<Yard>(db, 'yards', session.yardId),
    prints: await printsOfSession(db, id),
  }
}
