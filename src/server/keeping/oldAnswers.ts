import { told, datePart } from '../../core/wording'
import type { Undo } from '../../core/keeping'
import { type Db, inTransaction } from '../connection'
import type { Doing } from './deeds'
import { readKind } from './docs'
import { type Change, makeChanges } from './undos'
import { kinds } from './kinds'

/** How many answers were given before an instant. */
export async function countAnswersBefore(db: Db, before: number): Promise<number> {
  const [row] = (await db('answers').where('at', '<', before).count({ n: '*' })) as { n: number }[]
  return row?.n ?? 0
}

/** Forgets the answers that were given before an instant, and what was changed in such answers. */
export function forgetAnswersBefore(db: Db, before: number, doing: Doing): Promise<Undo> {
  return inTransaction(db, async (trx) => {
    const answers = (await readKind(trx, kinds.answers)).docs.filter((doc) => Number(doc.at) < before)
    const changed = (await readKind(trx, kinds.answer_changes)).docs.filter(
      (doc) => Number((doc.before as { at: number }).at) < before,
    )
    const changes: Change[] = [
      ...answers.map((doc): Change => ({ kind: 'answers', before: doc, after: null })),
      ...changed.map((doc): Change => ({ kind: 'answer_changes', before: doc, after: null })),
    ]
    const detail = told(
      'Answers from before {0}: {1}',
      datePart(new Date(before).toISOString().slice(0, 10)),
      answers.length,
    )
    return makeChanges(trx, changes, { what: 'removed', detail }, doing)
  })
}
