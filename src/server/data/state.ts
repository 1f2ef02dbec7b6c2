import { said } from '#words'
import type { Counted, DataState } from '../../core/keeping'
import { type Db, fileOf } from '../connection'
import { backupFolder, backupsIn } from '../keeping/backups'
import { damagedRows } from '../keeping/damage'
import { listDeeds } from '../keeping/deeds'
import { getKeeping } from '../keeping/keeping'
import { KIND_IDS, kinds } from '../keeping/kinds'
import { listUndos } from '../keeping/undos'

export async function dataState(db: Db, now: number): Promise<DataState> {
  const counts: Counted[] = []
  for (const kind of KIND_IDS.map((id) => kinds[id])) {
    if (kind.id === 'settings' || kind.id === 'deeds') continue
    const count = await countOf(db, kind.table)
    counts.push({ what: said(count === 1 ? kind.one : kind.many), count })
  }
  const folder = await backupFolder(db)
  const { folder: chosen, keep } = await getKeeping(db)
  return {
    file: fileOf(db),
    counts,
    damaged: await damagedRows(db),
    setAside: await countOf(db, 'set_aside'),
    undos: await listUndos(db, now),
    deeds: await listDeeds(db),
    backups: backupsIn(folder),
    backupFolder: folder,
    keeping: { folder: chosen, keep },
  }
}

async function countOf(db: Db, table: string): Promise<number> {
  const [row] = (await db(table).count({ n: '*' })) as { n: number }[]
  return row?.n ?? 0
}
