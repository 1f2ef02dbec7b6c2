import { told } from '../../core/wording'
import type { GroupId } from '../../core/ids'
import type { Instant } from '../../core/knowing'
import type { KeptTerm, TermEdit } from '../../core/records'
import { type Db, inTransaction } from '../connection'
import { staleVersion } from '../problem'
import { getGroup } from './people'
import { docOf } from '../keeping/docs'
import { kinds } from '../keeping/kinds'
import { readable } from './readable'

type TermRow = { body: string; version: number; created_at: number }

/** A group's term as it was kept; null where none was. */
export async function findTerm(db: Db, groupId: GroupId): Promise<KeptTerm | null> {
  const row: TermRow | undefined = await db('terms').where({ group_id: groupId }).first()
  if (!row) return null
  const [body] = readable([row], () => docOf(kinds.terms, row).body as Omit<KeptTerm, 'version'>)
  return body ? { ...body, version: row.version } : null
}

/** Keeps a term in the place of the one before, unless somebody changed that one in between. */
export function keepTerm(db: Db, groupId: GroupId, { version, ...edit }: TermEdit, now: Instant): Promise<KeptTerm> {
  return inTransaction(db, async (trx) => {
    await getGroup(trx, groupId)
    const known: TermRow | undefined = await trx('terms').where({ group_id: groupId }).first()
    const current = await findTerm(trx, groupId)
    if ((known?.version ?? 0) !== version && current) throw staleVersion(told('term'), current)
    const kept: KeptTerm = { ...edit, at: now, version: (known?.version ?? 0) + 1 }
    const { version: next, ...body } = kept
    await trx('terms')
      .insert({ group_id: groupId, body: JSON.stringify(body), version: next, created_at: now })
      .onConflict('group_id')
      .merge({ body: JSON.stringify(body), version: next })
    return kept
  })
}
