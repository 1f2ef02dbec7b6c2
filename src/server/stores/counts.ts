import type { CountId, SessionId } from '../../core/ids'
import type { GroupCount } from '../../core/records'
import { type Db, inTransaction } from '../connection'
import { docOf } from '../keeping/docs'
import { kinds } from '../keeping/kinds'
import { readable, type DbRow } from './readable'
import { getSession } from './sessions'

/** Keeps how many of a group showed what; a later count of the same call takes the place of the one before. */
export function putCount(db: Db, { id, sessionId, at, item, lines }: GroupCount): Promise<GroupCount> {
  return inTransaction(db, async (trx) => {
    await getSession(trx, sessionId)
    const row = { id, session_id: sessionId, at, body: JSON.stringify({ item, lines }) }
    await trx('group_counts').insert(row).onConflict('id').merge(['at', 'body'])
    return { id, sessionId, at, item, lines }
  })
}

/** The counts of a session, the oldest first. */
export async function listCounts(db: Db, sessionId: SessionId): Promise<GroupCount[]> {
  await getSession(db, sessionId)
  const rows: DbRow[] = await db('group_counts').where({ session_id: sessionId }).orderBy('at')
  return readable(rows, (row) => {
    const { id, at, body } = docOf(kinds.group_counts, row)
    return { id: id as CountId, sessionId, at: Number(at), ...(body as Pick<GroupCount, 'item' | 'lines'>) }
  })
}
