import { told } from '../../core/wording'
import { validate as isUuid, v4 as newId } from 'uuid'
import type { AnswerId, ChangeId, ChildId, SessionId } from '../../core/ids'
import type { Answer, Instant } from '../../core/knowing'
import type { AnswerChange, ChangedAnswer, Correction, RecordedAnswers, SentAnswer } from '../../core/records'
import { isRight } from '../../core/teaching'
import { type Zone, localDay } from '../../core/clock'
import type { Db } from '../connection'
import { notFound } from '../problem'
import { goneAmong, noteGone } from './gone'
import { getSettings } from './settings'
import { instantIn, isAnswerBody, parsed, readable, type DbRow } from './readable'

/** Two clocks that differ by less are taken to agree: a request may be on its way as long. */
const CLOCKS_AGREE_MS = 60_000

/**
 * When an answer was given by the server's clock. `sentAt` is what the device's own clock said as it sent the answer,
 * so that the clocks differ by `now - sentAt`. What would lie in the future was given at the latest now: a clock that
 * was set right in between cannot be followed further.
 */
export function placedAt(at: Instant, sentAt: Instant | undefined, now: Instant): Instant {
  const offset = sentAt === undefined ? 0 : now - sentAt
  const placed = Math.abs(offset) <= CLOCKS_AGREE_MS ? at : at + offset
  return Math.max(0, Math.min(placed, now))
}

function answerToRow(answer: SentAnswer, sessionId: SessionId | null): DbRow {
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

function rowToAnswer(row: DbRow, zone: Zone): Answer {
  const at = instantIn(row.at)
  return {
    id: String(row.id),
    childId: String(row.child_id),
    sessionId: row.session_id === null ? undefined : String(row.session_id),
    at,
    day: localDay(at, zone),
    right: Boolean(row.right),
    ...parsed<Body>(row.body, isAnswerBody),
  }
}

/**
 * Keeps answers: one sent twice counts once, one for a child that is gone is refused and named, one
 * from a session that is gone is kept with the child. Where the device's clock is wrong, the answer is placed by the
 * server's, and what the device said is kept beside it.
 */
export async function recordAnswers(
  db: Db,
  answers: readonly SentAnswer[],
  now: Instant,
  sentAt?: Instant,
): Promise<RecordedAnswers> {
  return db.transaction(async (trx) => {
    const children = new Set<string>((await trx('children').select('id')).map((row: DbRow) => String(row.id)))
    const sessions = new Set<string>((await trx('sessions').select('id')).map((row: DbRow) => String(row.id)))
    const refused = answers.flatMap((answer) => {
      if (!children.has(answer.childId))
        return [{ id: answer.id, field: 'childId', reason: 'This child is no longer here.' }]
      return []
    })
    const takenBack = await goneAmong(
      trx,
      answers.map(({ id }) => id),
    )
    const kept = answers.filter(({ id }) => !takenBack.has(id) && !refused.some((each) => each.id === id))
    for (const answer of kept) {
      const sessionId = answer.sessionId !== undefined && sessions.has(answer.sessionId) ? answer.sessionId : null
      const at = placedAt(answer.at, sentAt, now)
      const row = {
        ...answerToRow({ ...answer, at }, sessionId),
        received_at: now,
        device_at: at === answer.at ? null : answer.at,
      }
      await trx('answers').insert(row).onConflict('id').ignore()
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
  const rows: DbRow[] = await query
  const { zone } = await getSettings(db)
  return readable(rows, (row) => rowToAnswer(row, zone))
}

/**
 * Deletes an answer that was tapped by mistake. This is the table's undo, so it leaves no trace. It holds as well where
 * the answer itself comes later, from another tab.
 */
export async function takeBackAnswer(db: Db, id: AnswerId, now: Instant): Promise<void> {
  if (!isUuid(id)) throw notFound(told('answer'))
  await db.transaction(async (trx) => {
    await noteGone(trx, id, 'answer', now)
    await trx('answers').where({ id }).delete()
  })
}

async function getAnswer(db: Db, id: AnswerId): Promise<Answer> {
  const row: DbRow | undefined = await db('answers').where({ id }).first()
  if (!row) throw notFound(told('answer'))
  return rowToAnswer(row, (await getSettings(db)).zone)
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
    const { received_at: receivedAt, device_at: deviceAt } = (await trx('answers').where({ id }).first()) as DbRow
    await trx('answers').where({ id }).delete()
    const whole: Removed = { ...before, receivedAt: receivedAt as Instant, deviceAt: deviceAt as Instant }
    await addChange(trx, { before: whole, after: null, what: 'removed', reason }, now)
  })
}

/** A removed answer is kept with what its row says beside it, so that it comes back as it was. */
type Removed = ChangedAnswer & { readonly receivedAt?: Instant | null; readonly deviceAt?: Instant | null }

type NewChange = Pick<AnswerChange, 'before' | 'after' | 'what' | 'reason'>

async function addChange(db: Db, { before, after, what, reason }: NewChange, now: Instant): Promise<void> {
  await db('answer_changes').insert({
    id: newId(),
    child_id: before.childId,
    at: now,
    what,
    reason,
    before: JSON.stringify({ ...before, day: undefined }),
    after: after && JSON.stringify({ ...after, day: undefined }),
  })
}

function rowToChange(row: DbRow): AnswerChange {
  return {
    id: String(row.id),
    childId: String(row.child_id),
    at: Number(row.at),
    what: row.what === 'removed' ? 'removed' : 'corrected',
    reason: String(row.reason),
    before: parsed<ChangedAnswer>(row.before, isAnswerBody),
    after: row.after === null ? null : parsed<ChangedAnswer>(row.after, isAnswerBody),
  }
}

/** What was changed in a child's answers, the newest first. */
export async function listChanges(db: Db, childId: ChildId): Promise<AnswerChange[]> {
  const rows: DbRow[] = await db('answer_changes').where({ child_id: childId }).orderBy('at', 'desc')
  return readable(rows, rowToChange)
}

/** Restores an answer as it was before a change, and removes that change from the trace. */
export async function undoChange(db: Db, id: ChangeId): Promise<void> {
  await db.transaction(async (trx) => {
    const row: DbRow | undefined = await trx('answer_changes').where({ id }).first()
    if (!row) throw notFound(told('change'))
    const before: Removed = rowToChange(row).before
    const session: DbRow | undefined = await trx('sessions')
      .where({ id: before.sessionId ?? '' })
      .first('id')
    await trx('answers')
      .insert({
        ...answerToRow(before, session ? String(session.id) : null),
        received_at: before.receivedAt ?? null,
        device_at: before.deviceAt ?? null,
      })
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
