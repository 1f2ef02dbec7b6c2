import type { MaterialId, Place } from '../../core/activities'
import type { Instant } from '../../core/knowing'
import type { PlanStep } from '../../core/planning'
import type { Session, SessionEdit } from '../../core/records'
import type { RungId } from '../../core/teaching'
import type { Db } from '../db'
import { notFound, staleVersion } from '../problem'

type Row = Record<string, unknown>

function rowToSession(row: Row, steps: readonly Row[]): Session {
  return {
    id: String(row.id),
    groupId: String(row.group_id),
    date: String(row.date),
    start: Number(row.start),
    minutes: Number(row.minutes),
    place: row.place as Place,
    materials: JSON.parse(String(row.materials)) as MaterialId[],
    plan: { rung: row.rung as RungId, steps: steps.map(rowToStep) },
    seed: Number(row.seed),
    note: String(row.note),
    recipeId: (row.recipe_id as string | null) ?? null,
    yardId: (row.yard_id as string | null) ?? null,
    printedAt: (row.printed_at as number | null) ?? null,
    doneAt: (row.done_at as number | null) ?? null,
    version: Number(row.version),
  }
}

function rowToStep(row: Row): PlanStep {
  return {
    id: String(row.id),
    activityId: String(row.activity_id),
    rung: row.rung as RungId,
    minutes: Number(row.minutes),
    why: String(row.why),
  }
}

/** All sessions, or one group's, the latest date first. */
export async function listSessions(db: Db, groupId?: string): Promise<Session[]> {
  const query = db('sessions').orderBy([
    { column: 'date', order: 'desc' },
    { column: 'start', order: 'desc' },
  ])
  const rows: Row[] = groupId ? await query.where({ group_id: groupId }) : await query
  const steps: Row[] = await db('session_steps')
    .whereIn(
      'session_id',
      rows.map((row) => String(row.id)),
    )
    .orderBy('position')
  return rows.map((row) =>
    rowToSession(
      row,
      steps.filter((step) => step.session_id === row.id),
    ),
  )
}

export async function getSession(db: Db, id: string): Promise<Session> {
  const row: Row | undefined = await db('sessions').where({ id }).first()
  if (!row) throw notFound('session', id)
  return rowToSession(row, await db('session_steps').where({ session_id: id }).orderBy('position'))
}

export type NewSession = Omit<Session, 'version' | 'printedAt' | 'doneAt' | 'recipeId' | 'yardId'>

/** Adding the same session twice (a repeated send) changes nothing. */
export async function addSession(db: Db, session: NewSession, now: Instant): Promise<Session> {
  await db.transaction(async (trx) => {
    const known: Row | undefined = await trx('sessions').where({ id: session.id }).first()
    if (known) return
    await trx('sessions').insert({
      id: session.id,
      group_id: session.groupId,
      seed: session.seed,
      version: 1,
      created_at: now,
      ...columns({ ...session, rung: session.plan.rung }),
    })
    await setSteps(trx, session.id, session.plan.steps)
  })
  return getSession(db, session.id)
}

function columns(session: Omit<SessionEdit, 'steps' | 'version'>): Row {
  const { date, start, minutes, place, materials, note, rung } = session
  return { date, start, minutes, place, materials: JSON.stringify(materials), note, rung }
}

async function setSteps(db: Db, sessionId: string, steps: readonly PlanStep[]): Promise<void> {
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
      why: step.why,
    })),
  )
}

export async function editSession(db: Db, id: string, edit: SessionEdit): Promise<Session> {
  await db.transaction(async (trx) => {
    const changed = await trx('sessions')
      .where({ id, version: edit.version })
      .update({ ...columns(edit), version: edit.version + 1 })
    if (changed === 0) throw staleVersion('session', await getSession(trx, id))
    await setSteps(trx, id, edit.steps)
  })
  return getSession(db, id)
}

/** Marks a session as held; the note, if any, is added to it. Doing it again keeps the first time. */
export async function finishSession(db: Db, id: string, note: string | undefined, now: Instant): Promise<Session> {
  const session = await getSession(db, id)
  await db('sessions')
    .where({ id })
    .update({ done_at: session.doneAt ?? now, note: note ?? session.note, version: session.version + 1 })
  return getSession(db, id)
}

/** Puts a saved clock or floor clock into a session, or takes it out with null; what is not named stays. */
export async function attachToSession(
  db: Db,
  id: string,
  things: { recipeId?: string | null; yardId?: string | null },
): Promise<Session> {
  await getSession(db, id)
  const { recipeId, yardId } = things
  if (recipeId !== undefined) await db('sessions').where({ id }).update({ recipe_id: recipeId })
  if (yardId !== undefined) await db('sessions').where({ id }).update({ yard_id: yardId })
  return getSession(db, id)
}

export async function markPrinted(db: Db, id: string, now: Instant): Promise<void> {
  await db('sessions').where({ id }).update({ printed_at: now })
}

/** Removes a session; the answers given in it stay with the children. */
export async function removeSession(db: Db, id: string): Promise<void> {
  await getSession(db, id)
  await db('sessions').where({ id }).delete()
}
