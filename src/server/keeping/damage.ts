import { said } from '#words'
import { told } from '../../core/wording'
import { toKeep } from './keptText'
import type { DamagedRow } from '../../core/keeping'
import { v4 as newId } from 'uuid'
import { type Db, inTransaction } from '../connection'
import { type Doing, writeDeed } from './deeds'
import { type Damaged, readWorkspace } from './docs'
import { kinds } from './kinds'

const asSaid = ({ kind, row }: Damaged): DamagedRow => ({ kind: said(kinds[kind].one), row: JSON.stringify(row) })

/** The rows that cannot be read. Everything else is shown as if they were not there. */
export async function damagedRows(db: Db): Promise<DamagedRow[]> {
  return (await readWorkspace(db)).damaged.map(asSaid)
}

/** Puts damaged rows aside, as they are, so that they are no longer in the way. They stay in the exported file. */
export function setDamagedAside(db: Db, doing: Doing): Promise<{ set: number }> {
  return inTransaction(db, async (trx) => {
    const { damaged } = await readWorkspace(trx)
    for (const { kind, key, row } of damaged) {
      const { table } = kinds[kind]
      await trx('set_aside').insert({ id: newId(), at: doing.now, from_table: table, body: JSON.stringify(row) })
      // Counts of a session would go with it, so they are put aside with it.
      if (kind === 'sessions') await asideWith(trx, 'group_counts', { session_id: key.id }, doing)
      await trx(table).where(key).delete()
    }
    if (damaged.length > 0) await writeDeed(trx, 'set aside', toKeep(told('{0} damaged rows', damaged.length)), doing)
    return { set: damaged.length }
  })
}

async function asideWith(db: Db, table: string, where: Record<string, unknown>, { now }: Doing): Promise<void> {
  for (const row of (await db(table).where(where)) as unknown[])
    await db('set_aside').insert({ id: newId(), at: now, from_table: table, body: JSON.stringify(row) })
}
