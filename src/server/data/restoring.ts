import { told } from '../../core/wording'
import type { Compared, Undo } from '../../core/keeping'
import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { type Db, connect, fileOf } from '../connection'
import { backUp, backupFile, backupFolder } from '../keeping/backups'
import type { Doing } from '../keeping/deeds'
import { type Workspace, readWorkspace } from '../keeping/docs'
import { migrationNames, migrationSource } from '../migrations'
import { Problem } from '../problem'
import { compareWith, restore } from './takingIn'

/* Backups read and put back. A backup itself is never changed: a copy of it is brought up to date and read. */

async function readBackup(db: Db, name: string): Promise<Workspace> {
  const file = backupFile(await backupFolder(db), name)
  // Beside the data, where nobody else looks.
  const folder = mkdtempSync(join(dirname(fileOf(db)), 'reading-'))
  const copy = join(folder, 'copy.sqlite')
  copyFileSync(file, copy)
  const opened = connect(copy)
  try {
    const done = await opened<{ name: string }>('knex_migrations').pluck('name')
    if (done.some((each) => !migrationNames.includes(each)))
      throw new Problem(409, told('This backup cannot be read'), {
        field: 'name',
        detail: told('The backup was made by a newer version of Ripe Acorn. Start that version to restore it.'),
      })
    await opened.migrate.latest({ migrationSource })
    return (await readWorkspace(opened)).workspace
  } finally {
    await opened.destroy()
    rmSync(folder, { recursive: true, force: true })
  }
}

/** What would change if a backup were restored. Nothing is written. */
export async function compareBackup(db: Db, name: string): Promise<Compared[]> {
  const compared = await compareWith(db, await readBackup(db, name))
  // What was done since stays written down.
  return compared.filter(({ kind }) => kind !== 'deeds')
}

/** Makes everything what it was in a backup, after a backup of what is here. */
export async function restoreBackup(db: Db, name: string, doing: Doing): Promise<Undo> {
  const there = await readBackup(db, name)
  await backUp(db, 'before a restore', doing.now)
  return restore(db, there, name, doing)
}
