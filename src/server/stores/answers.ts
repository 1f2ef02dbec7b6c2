import type { AnswerId, ChangeId, ChildId, SessionId } from '../../core/ids'
import type { Answer, Instant } from '../../core/knowing'
import type { AnswerChange, Correction, RecordedAnswers, SentAnswer } from '../../core/records'
import { isRight } from '../../core/teaching'
import type { Db } from '../db'
import { notFound } from '../problem'

/** A clock on another machine may be a little fast. */
const FUTURE_LEEWAY_MS = 10 * 60_000

type Row = Record<string, unknown>

function answerToRow(answer: SentAnswer, sessionId: SessionId | null): Row {
  const right = isRight(answer.item, answer.given)
  const { id, childId, at, item, choices, given, stage, helped, tookMs, scaffolds } = answer
  return {
    id,
    child_id: childId,
    session_id: sessionId,
    at,
    right,
    body: JSON.stringify({ item, choices, given, stage, helped, tookMs, scaffolds }),
  }
}

type Body = Pick<Answer, 'item' | 'choices' | 'given' | 'stage' | 'helped' | 'tookMs' | 'scaffolds'>

function rowToAnswer(row: Row): Answer {
  return {
    id: String(row.id),
    childId: String(row.child_id),
    sessionId: row.session_id === null ? undefined : String(row.session_id),
    at: Number(row.at),
    right: Boolean(row.right),
    ...(JSON.parse(String(row.body)) as Body),
  }
}

/**
 * Keeps answers: one sent twice counts once, one for a child that is gone is refused and named, one
 * from a session that is gone is kept with the child.
 */
export async function recordAnswers(db: Db, answers: readonly SentAnswer[], now: Instant): Promise<RecordedAnswers> {
  return db.transaction(async (trx) => {
    const children = new Set<string>((await trx('children').select('id')).map((row: Row) => String(row.id)))
    const sessions = new Set<string>((await trx('sessions').select('id')).map((row: Row) => String(row.id)))
    const refused = answers.flatMap((answer) => {
      if (!children.has(answer.childId))
        return [{ id: answer.id, field: 'childId', reason: 'This child is no longer here.' }]
      if (answer.at > now + FUTURE_LEEWAY_MS)
        return [{ id: answer.id, field: 'at', reason: 'The answer’s time must not be in the future.' }]
      return []
    })
    const kept = answers.filter((answer) => !refused.some(({ id }) => id === answer.id))
    for (const answer of kept) {
      const sessionId = answer.sessionId !== undefined && sessions.has(answer.sessionId) ? answer.sessionId : null
      await trx('answers').insert(answerToRow(answer, sessionId)).onConflict('id').ignore()
    }
    return { kept: kept.map((answer) => answer.id), refused }
  })
}

export interface AnswerFilter {
  readonly childId?: ChildId
  readonly sessionId?: SessionId
}

/** Answers, the oldest first. */
export async function listAnswers(db: Db, { childId, sessionId }: AnswerFilter = {}): Promise<Answer[]> {
  const query = db('answers').orderBy('at')
  if (childId) query.where({ child_id: childId })
  if (sessionId) query.where({ session_id: sessionId })
  const rows: Row[] = await query
  return rows.map(rowToAnswer)
}

/** Deletes an answer that was tapped by mistake. This is the table's undo, so it leaves no trace. */
export async function takeBackAnswer(db: Db, id: AnswerId): Promise<void> {
  const removed = await db('answers').where({ id }).delete()
  if (removed === 0) throw notFound('answer', id)
}

async function getAnswer(db: Db, id: AnswerId): Promise<Answer> {
  const row: Row | undefined = await db('answers').where({ id }).first()
  if (!row) throw notFound('answer', id)
  return rowToAnswer(row)
}

/** Puts another answer in place of a kept one; the old one stays in the trace. */
export async function correctAnswer(
  db: Db,
  id: string,
  { given, helped, reason }: Correction,
  now: Instant,
): Promise<Answer> {
  return db.transaction(async (trx) => {
    const before = await getAnswer(trx, id)
    const after: Answer = { ...before, given, helped, right: isRight(before.item, given) }
    const { body, right } = answerToRow(after, after.sessionId ?? null)
    await trx('answers').where({ id }).update({ body, right })
    await addChange(trx, { before, after, what: 'corrected', reason }, now)
    return after
  })
}

/** Removes a kept answer. The trace keeps it, so that it can be put back. */
export async function removeAnswer(db: Db, id: AnswerId, reason: string, now: Instant): Promise<void> {
  await db.transaction(async (trx) => {
    const before = await getAnswer(trx, id)
    await trx('answers').where({ id }).delete()
    await addChange(trx, { before, after: null, what: 'removed', reason }, now)
  })
}

type NewChange = Pick<AnswerChange, 'before' | 'after' | 'what' | 'reason'>

async function addChange(db: Db, { before, after, what, reason }: NewChange, now: Instant): Promise<void> {
  await db('answer_changes').insert({
    id: crypto.randomUUID(),
    child_id: before.childId,
    at: now,
    what,
    reason,
    before: JSON.stringify(before),
    after: after && JSON.stringify(after),
  })
}

function rowToChange(row: Row): AnswerChange {
  return {
    id: String(row.id),
    childId: String(row.child_id),
    at: Number(row.at),
    what: row.what === 'removed' ? 'removed' : 'corrected',
    reason: String(row.reason),
    before: JSON.parse(String(row.before)) as Answer,
    after: row.after === null ? null : (JSON.parse(String(row.after)) as Answer),
  }
}

/** What was changed in a child's answers, the newest first. */
export async function listChanges(db: Db, childId: ChildId): Promise<AnswerChange[]> {
  const rows: Row[] = await db('answer_changes').where({ child_id: childId }).orderBy('at', 'desc')
  return rows.map(rowToChange)
}

/** Restores an answer as it was before a change, and removes that change from the trace. */
export async function undoChange(db: Db, id: ChangeId): Promise<void> {
  await db.transaction(async (trx) => {
    const row: Row | undefined = await trx('answer_changes').where({ id }).first()
    if (!row) throw notFound('change', id)
    const { before } = rowToChange(row)
    const session: Row | undefined = await trx('sessions')
      .where({ id: before.sessionId ?? '' })
      .first('id')
    await trx('answers')
      .insert(answerToRow(before, session ? String(session.id) : null))
      .onConflict('id')
      .merge(['body', 'right'])
    await trx('answer_changes').where({ id }).delete()
  })
}

/** All answers, by child. */
export async function answersByChild(db: Db): Promise<Map<string, Answer[]>> {
  const byChild = new Map<string, Answer[]>()
  for (const answer of await listAnswers(db)) {
    const list = byChild.get(answer.childId)
    if (list) list.push(answer)
    else byChild.set(answer.childId, [answer])
  }
  return byChild
}
