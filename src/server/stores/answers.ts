import { type Answer, type Instant, type RecordedAnswers, type SentAnswer, isRight } from '../../core'
import type { Db } from '../db'
import { notFound } from '../problem'

/** A clock on another machine may be a little fast. */
const FUTURE_LEEWAY_MS = 10 * 60_000

type Row = Record<string, unknown>

function answerToRow(answer: SentAnswer, sessionId: string | null): Row {
  const right = isRight(answer.item, answer.given)
  const { id, childId, at, item, choices, given, stage, helped, tookMs } = answer
  return { id, child_id: childId, session_id: sessionId, at, right, body: JSON.stringify({ item, choices, given, stage, helped, tookMs }) } // prettier-ignore
}

type Body = Pick<Answer, 'item' | 'choices' | 'given' | 'stage' | 'helped' | 'tookMs'>

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
  readonly childId?: string
  readonly sessionId?: string
}

/** Answers, the oldest first. */
export async function listAnswers(db: Db, { childId, sessionId }: AnswerFilter = {}): Promise<Answer[]> {
  const query = db('answers').orderBy('at')
  if (childId) query.where({ child_id: childId })
  if (sessionId) query.where({ session_id: sessionId })
  const rows: Row[] = await query
  return rows.map(rowToAnswer)
}

export async function removeAnswer(db: Db, id: string): Promise<void> {
  const removed = await db('answers').where({ id }).delete()
  if (removed === 0) throw notFound('answer', id)
}
