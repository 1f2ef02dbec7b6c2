import { told } from '../../core/wording'
import type { SessionId } from '../../core/ids'
import type { SavedPrint } from '../../core/printables'
import type { Kept } from '../../core/records'
import { type Db, inTransaction } from '../connection'
import { notFound } from '../problem'
import { getKept, rowToKept } from './kept'
import { readable, type DbRow } from './readable'
import { getSession } from './sessions'

/** The prints that are printed with a session, the earliest kept first. */
export async function printsOfSession(db: Db, sessionId: SessionId): Promise<Kept<SavedPrint>[]> {
  const rows: DbRow[] = await db('prints').where({ session_id: sessionId }).orderBy('created_at')
  return readable(rows, (row) => rowToKept<SavedPrint>('prints', row))
}

/** The session that a kept print is in; null where it is in none. */
export async function sessionOfPrint(db: Db, id: string): Promise<SessionId | null> {
  const row: DbRow | undefined = await db('prints').where({ id }).first('session_id')
  return (row?.session_id as SessionId | null | undefined) ?? null
}

/** Puts a kept print into a session, or with null out of the one that it is in. */
export function putPrintInto(db: Db, id: string, sessionId: SessionId | null): Promise<Kept<SavedPrint>> {
  return inTransaction(db, async (trx) => {
    if (sessionId !== null) await getSession(trx, sessionId)
    const changed = await trx('prints').where({ id }).update({ session_id: sessionId })
    if (changed === 0) throw notFound(told('print'))
    return getKept<SavedPrint>(trx, 'prints', id)
  })
}
