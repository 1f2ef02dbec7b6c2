import { placeNames } from '../core/activities'
import type { Drawing } from '../core/drawing'
import {
  type Answer,
  type Instant,
  type Overrule,
  believe,
  diagnose,
  scaffoldsInUse,
  readinessInWords,
  standingOf,
} from '../core/knowing'
import { type Recipe, type Yard, yardPages } from '../core/make'
import { type PlanChild, planSession, runSheetPages, sessionPrints } from '../core/planning'
import {
  type ChildReport,
  type Overview,
  type Session,
  type SessionContext,
  type Settings,
  requestOf,
  wordingOf,
} from '../core/records'
import { misreadings, schools } from '../core/teaching'
import type { Db } from './db'
import { Problem } from './problem'
import { listAnswers } from './stores/answers'
import { childBelongings, getChild, getGroup, listChildren, listGroups } from './stores/people'
import { addSession, getSession, listSessions } from './stores/sessions'
import { findKept, printsOfSession } from './stores/kept'
import { countNotes, overrulesByChild } from './stores/judgement'
import { getSettings } from './stores/settings'

/** All answers, by child. */
async function answersByChild(db: Db): Promise<Map<string, Answer[]>> {
  const byChild = new Map<string, Answer[]>()
  for (const answer of await listAnswers(db)) {
    const list = byChild.get(answer.childId)
    if (list) list.push(answer)
    else byChild.set(answer.childId, [answer])
  }
  return byChild
}

export async function planChildren(
  db: Db,
  childIds: readonly string[],
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
    const findings = diagnose(own).findings.map(({ misreading }) => ({ misreading }))
    const met = [...new Set(own.map((answer) => answer.item.rung))]
    return [
      {
        id,
        name: child.name,
        age: child.age ?? undefined,
        standing: standingOf(own, school, now, overrules.get(id)),
        findings,
        before: chancesFrom(own),
        scaffolds: Object.fromEntries(met.map((rung) => [rung, scaffoldsInUse(own, rung, []).inUse])),
      },
    ]
  })
}

/** What all answers so far make of each misreading: where the next check starts from. */
function chancesFrom(answers: readonly Answer[]): NonNullable<PlanChild['before']> {
  if (answers.length === 0) return {}
  const { findings, likely } = believe(answers)
  const known = misreadings.map(
    ({ id }, at) => [id, findings.some((found) => found.misreading === id) ? 0.8 : (likely[at] ?? 0)] as const,
  )
  return Object.fromEntries(known.map(([id, chance]) => [id, Math.round(Math.max(0.01, chance) * 1000) / 1000]))
}

/** The activities of the group's latest session before this one, by date and start. */
function activitiesBefore(sessions: readonly Session[], at: Pick<Session, 'id' | 'date' | 'start'>): string[] {
  const when = (session: Pick<Session, 'date' | 'start'>) => `${session.date} ${String(session.start).padStart(4, '0')}`
  const before = sessions.find((session) => session.id !== at.id && when(session) < when(at))
  return before?.plan.steps.map((step) => step.activityId) ?? []
}

/** What a session is asked for with; the plan follows. */
export type SessionWish = Pick<Session, 'id' | 'groupId' | 'date' | 'start' | 'minutes' | 'place' | 'materials'>

/** Plans a session for a group and keeps it. */
export async function createSession(db: Db, wish: SessionWish, now: Instant): Promise<Session> {
  const group = await getGroup(db, wish.groupId)
  if (group.childIds.length === 0)
    throw new Problem(400, 'An empty group', {
      field: 'groupId',
      detail: `${group.name} has no children yet: add one first.`,
    })
  const settings = await getSettings(db)
  const seed = seedFrom(wish.id)
  const plan = planSession(
    {
      children: await planChildren(db, group.childIds, settings, now),
      minutes: wish.minutes,
      start: wish.start,
      place: wish.place,
      materials: wish.materials,
      lastTime: activitiesBefore(await listSessions(db, group.id), wish),
      school: schools[settings.school],
    },
    undefined,
    seed,
  )
  return addSession(db, { ...wish, plan, seed, note: '' }, now)
}

/** A seed that is a session's own: the first 24 bits of its id. */
function seedFrom(id: string): number {
  return parseInt(id.replace(/-/g, '').slice(0, 6), 16)
}

export async function sessionContext(db: Db, id: string, now: Instant): Promise<SessionContext> {
  const session = await getSession(db, id)
  const group = await getGroup(db, session.groupId)
  const settings = await getSettings(db)
  return {
    session,
    group,
    children: await planChildren(db, group.childIds, settings, now),
    lastTime: activitiesBefore(await listSessions(db, group.id), session),
    settings,
    recipe: await findKept<Recipe>(db, 'recipes', session.recipeId),
    yard: await findKept<Yard>(db, 'yards', session.yardId),
    prints: await printsOfSession(db, id),
  }
}

/** All pages of a session: the run sheet, what the children get, the keys. */
export function sessionPages(context: SessionContext): Drawing[] {
  const { session, group, settings, recipe, yard, prints: kept } = context
  const request = requestOf(context)
  if (request.children.length === 0)
    throw new Problem(400, 'An empty group', {
      field: 'groupId',
      detail: `${group.name} has no children: there is nobody to print for.`,
    })
  const wording = wordingOf(settings)
  const { paper, lowInk } = settings
  const prints = sessionPrints(
    session.plan,
    request,
    { paper, wording, lowInk, recipe: recipe?.body, kept },
    session.seed,
  )
  const setOut = yard ? yardPages(yard.body, wording) : []
  const yardLine = yard ? [{ title: `Set-out sheet, ${yard.name}`, pages: setOut.length }] : []
  const keyLine = prints.keys.length > 0 ? [{ title: 'Keys, at the end', pages: prints.keys.length }] : []
  const runSheet = runSheetPages(session.plan, request, {
    title: `${group.name}, ${session.date}`,
    paper,
    wording,
    placeName: placeNames[session.place],
    prints: [...yardLine, ...prints.contents, ...keyLine],
  })
  return [...runSheet, ...setOut, ...prints.pages, ...prints.keys]
}

export async function childReport(db: Db, id: string, now: Instant): Promise<ChildReport> {
  const child = await getChild(db, id)
  const settings = await getSettings(db)
  const answers = await listAnswers(db, { childId: id })
  const { groups } = await childBelongings(db, id)
  return reportFrom(
    child,
    { groups, answers, overrules: (await overrulesByChild(db)).get(id), notes: (await countNotes(db)).get(id) },
    settings,
    now,
  )
}

export async function childReports(db: Db, now: Instant): Promise<ChildReport[]> {
  const settings = await getSettings(db)
  const groups = await listGroups(db)
  const answers = await answersByChild(db)
  const overrules = await overrulesByChild(db)
  const notes = await countNotes(db)
  return (await listChildren(db)).map((child) => {
    const names = groups.filter((group) => group.childIds.includes(child.id)).map((group) => group.name)
    const own = {
      groups: names,
      answers: answers.get(child.id) ?? [],
      overrules: overrules.get(child.id),
      notes: notes.get(child.id),
    }
    return reportFrom(child, own, settings, now)
  })
}

interface Own {
  readonly groups: readonly string[]
  readonly answers: readonly Answer[]
  readonly overrules?: readonly Overrule[]
  readonly notes?: number
}

function reportFrom(
  child: ChildReport['child'],
  { groups, answers, overrules, notes = 0 }: Own,
  settings: Settings,
  now: Instant,
): ChildReport {
  const school = schools[settings.school]
  const standing = standingOf(answers, school, now, overrules)
  const readiness = readinessInWords(standing, school)
  return { child, groups, standing, readiness, diagnosis: diagnose(answers), answers: answers.length, notes }
}

/** What Today shows: each group, its next session, who moves on. */
export async function overview(db: Db, now: Instant): Promise<Overview> {
  const settings = await getSettings(db)
  const reports = await childReports(db, now)
  const sessions = await listSessions(db)
  const groups = (await listGroups(db)).map((group) => {
    const own = sessions.filter((session) => session.groupId === group.id)
    const open = own.filter((session) => session.doneAt === null)
    return {
      group,
      children: group.childIds.flatMap((id) => reports.filter((report) => report.child.id === id).map(briefly)),
      next: open[open.length - 1] ?? null,
      last: own.find((session) => session.doneAt !== null) ?? null,
    }
  })
  return { groups, children: reports.length, settings }
}

function briefly({ child, readiness, standing }: ChildReport): Overview['groups'][number]['children'][number] {
  const working = standing.estimates.find((estimate) => estimate.rung === standing.working)
  // Something is firm and the next rung has not been met: the moment to open it.
  const movesOn = standing.firm.length > 0 && (working === undefined || working.answers === 0)
  return { id: child.id, name: child.name, readiness, movesOn }
}
