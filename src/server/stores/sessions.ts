import { daysOf, type PlainDate } from '../../core/clock'
import { attempt } from '../../core/errors'
import type { GroupId, RecipeId, SessionId, YardId } from '../../core/ids'
import type { MaterialId, Place } from '../../core/activities'
import type { Instant } from '../../core/knowing'
import type { PlanStep } from '../../core/planning'
import { type Told, told } from '../../core/wording'
import type { Session, SessionEdit } from '../../core/records'
import type { RungId } from '../../core/teaching'
import { type Db, inTransaction } from '../connection'
import { notFound, staleVersion } from '../problem'
import { getKept } from './kept'
import { catalogueId, own, stations, told as toldSchema } from '../planningSchemas'
import { DamagedRow, fits, instantIn, isRung, parsed, readable, type DbRow } from './readable'

const [isOwn, isStations, isActivity, isTold] = [fits(own), fits(stations), fits(catalogueId), fits(toldSchema)]

function rungIn({ rung }: DbRow): RungId {
  if (!isRung(rung)) throw new DamagedRow()
  return rung as RungId
}

function dateIn({ date }: DbRow): PlainDate {
  const { refusal } = attempt(() => daysOf(String(date)))
  if (refusal) throw new DamagedRow()
  return String(date)
}

/** What the session does not have yet is null. */
const instantOrNone = (value: unknown): Instant | null => (value === null ? null : instantIn(value))

/** The activity of a step: one of the catalogue, or one of the adult's own as it was then. */
function activityIn({ activity_id: id, own: ownBody }: DbRow): string {
  if (ownBody === null && !isActivity(id)) throw new DamagedRow()
  return String(id)
}

function rowToSession(row: DbRow, steps: readonly DbRow[]): Session {
  return {
    id: String(row.id),
    groupId: String(row.group_id),
    date: dateIn(row),
    start: Number(row.start),
    minutes: Number(row.minutes),
    place: row.place as Place,
    materials: parsed<MaterialId[]>(row.materials, Array.isArray),
    plan: { rung: rungIn(row), steps: steps.map(rowToStep) },
    seed: Number(row.seed),
    note: String(row.note),
    recipeId: (row.recipe_id as string | null) ?? null,
    yardId: (row.yard_id as string | null) ?? null,
    printedAt: instantOrNone(row.printed_at),
    doneAt: instantOrNone(row.done_at),
    version: Number(row.version),
  }
}

function rowToStep(row: DbRow): PlanStep {
  return {
    id: String(row.id),
    activityId: activityIn(row),
    rung: rungIn(row),
    minutes: Number(row.minutes),
    why: parsed<Told>(row.why, isTold),
    ...(row.own !== null && { own: parsed<NonNullable<PlanStep['own']>>(row.own, isOwn) }),
    ...(row.stations !== null && { stations: parsed<NonNullable<PlanStep['stations']>>(row.stations, isStations) }),
    ...(row.locked === 1 && { locked: true }),
    ...(row.took_seconds !== null && { tookSeconds: Number(row.took_seconds) }),
  }
}

/** All sessions, or one group's, the latest date first. */
export async function listSessions(db: Db, groupId?: GroupId): Promise<Session[]> {
  const query = db('sessions').orderBy([
    { column: 'date', order: 'desc' },
    { column: 'start', order: 'desc' },
  ])
  const rows: DbRow[] = groupId ? await query.where({ group_id: groupId }) : await query
  const steps: DbRow[] = await db('session_steps')
    .whereIn(
      'session_id',
      rows.map((row) => String(row.id)),
    )
    .orderBy('position')
  return readable(rows, (row) =>
    rowToSession(
      row,
      steps.filter((step) => step.session_id === row.id),
    ),
  )
}

export async function getSession(db: Db, id: SessionId): Promise<Session> {
  const row: DbRow | undefined = await db('sessions').where({ id }).first()
  if (!row) throw notFound(told('session'))
  return rowToSession(row, await db('session_steps').where({ session_id: id }).orderBy('position'))
}

export type NewSession = Omit<Session, 'version' | 'printedAt' | 'doneAt' | 'recipeId' | 'yardId'>

/** Adding the same session twice (a repeated send) changes nothing. */
export function addSession(db: Db, session: NewSession, now: Instant): Promise<Session> {
  return inTransaction(db, async (trx) => {
    const known: DbRow | undefined = await trx('sessions').where({ id: session.id }).first()
    if (known) return getSession(trx, session.id)
    await trx('sessions').insert({
      id: session.id,
      group_id: session.groupId,
      seed: session.seed,
      version: 1,
      created_at: now,
      ...columns({ ...session, rung: session.plan.rung }),
    })
    await setSteps(trx, session.id, session.plan.steps)
    return getSession(trx, session.id)
  })
}

/** The same plan on another day, as a session of its own. A repeated send makes one. */
export function copySession(db: Db, id: SessionId, copy: Pick<Session, 'id' | 'date'>, now: Instant): Promise<Session> {
  return inTransaction(db, async (trx) => {
    const { plan, ...session } = await getSession(trx, id)
    // How long each step took belongs to the session that was held.
    const steps = plan.steps.map((step) => ({ ...step, tookSeconds: undefined }))
    return addSession(trx, { ...session, ...copy, plan: { ...plan, steps }, note: '' }, now)
  })
}

function columns(session: Omit<SessionEdit, 'steps' | 'version'>): DbRow {
  const { date, start, minutes, place, materials, note, rung } = session
  return { date, start, minutes, place, materials: JSON.stringify(materials), note, rung }
}

async function setSteps(db: Db, sessionId: SessionId, steps: readonly PlanStep[]): Promise<void> {
  await db('session_steps').where({ session_id: sessionId }).delete()
  if (steps.length === 0) return
  await db('session_steps').insert(
    steps.map((step, position) => ({
      session_id: sessionId,
      id: step.id,
      position,
      activity_id: step.activityId,
      rung: step.rung,
      minutes: step.minutes,
      why: JSON.stringify(step.why),
      locked: step.locked === true,
      took_seconds: step.tookSeconds ?? null,
      own: step.own ? JSON.stringify(step.own) : null,
      stations: step.stations ? JSON.stringify(step.stations) : null,
    })),
  )
}

export function editSession(db: Db, id: SessionId, edit: SessionEdit): Promise<Session> {
  return inTransaction(db, async (trx) => {
    const changed = await trx('sessions')
      .where({ id, version: edit.version })
      .update({ ...columns(edit), version: edit.version + 1 })
    if (changed === 0) throw staleVersion(told('session'), await getSession(trx, id))
    await setSteps(trx, id, edit.steps)
    return getSession(trx, id)
  })
}

/** Marks a session as held; the note, if any, replaces the one it has. Doing it again keeps the first time. */
export function finishSession(db: Db, id: SessionId, note: string | undefined, now: Instant): Promise<Session> {
  return inTransaction(db, async (trx) => {
    const session = await getSession(trx, id)
    await trx('sessions')
      .where({ id, version: session.version })
      .update({ done_at: session.doneAt ?? now, note: note ?? session.note, version: session.version + 1 })
    return getSession(trx, id)
  })
}

/**
 * Puts a saved clock or floor clock into a session, or takes it out with null; what is not named stays. The version
 * stays too, since an edit of the plan writes neither of them and must not be refused for it.
 */
export function attachToSession(
  db: Db,
  id: string,
  { recipeId, yardId }: { readonly recipeId?: RecipeId | null; readonly yardId?: YardId | null },
): Promise<Session> {
  return inTransaction(db, async (trx) => {
    await getSession(trx, id)
    if (recipeId) await getKept(trx, 'recipes', recipeId)
    if (yardId) await getKept(trx, 'yards', yardId)
    const change = {
      ...(recipeId !== undefined && { recipe_id: recipeId }),
      ...(yardId !== undefined && { yard_id: yardId }),
    }
    if (Object.keys(change).length > 0) await trx('sessions').where({ id }).update(change)
    return getSession(trx, id)
  })
}

/** Remembers that the pages of a session were asked for to be printed. */
export function markPrinted(db: Db, id: SessionId, now: Instant): Promise<Session> {
  return inTransaction(db, async (trx) => {
    await getSession(trx, id)
    await trx('sessions').where({ id }).update({ printed_at: now })
    return getSession(trx, id)
  })
}
