import { toKeep } from './keptText'
import { told, asPart, type Told } from '../../core/wording'
import { MS_PER_DAY } from '../../core/clock'
import { accessSync, constants, existsSync, readdirSync, rmSync, statSync } from 'node:fs'
import { basename, dirname, isAbsolute, join, resolve } from 'node:path'
import Database from 'better-sqlite3'
import { BACKUP_REASONS, type Backup, type BackupReason } from '../../core/keeping'
import { type Db, fileOf } from '../connection'
import { Problem, notFound } from '../problem'
import { type Doing, writeDeed } from './deeds'
import { makeFolders } from './folders'
import { type Keeping, getKeeping, setKeeping } from './keeping'

/** The folder beside the data that backups go to where none was chosen. */
export const BACKUPS = 'backups'

/* Backups, by SQLite's own online backup: whole at one moment, while others go on writing. */

const NAME = /^ripe-acorn-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)-(\d{3})Z-([a-z-]+)\.sqlite$/

const reasonOf = (words: string) => BACKUP_REASONS.find((reason) => reason.replaceAll(' ', '-') === words)

/** Where backups go: the folder that was chosen, else `backups` beside the data. */
export async function backupFolder(db: Db): Promise<string> {
  const { folder } = await getKeeping(db)
  return folder ? resolve(folder) : join(dirname(fileOf(db)), BACKUPS)
}

/** All backups in the folder, the newest first. Other files in it are left alone. */
export function backupsIn(folder: string): Backup[] {
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .flatMap((name) => {
      const [, day, hour, minute, second, ms, words = ''] = NAME.exec(name) ?? []
      const reason = reasonOf(words)
      if (!day || !reason) return []
      const at = Date.parse(`${day}T${hour}:${minute}:${second}.${ms}Z`)
      return [{ name, at, reason, bytes: statSync(join(folder, name)).size }]
    })
    .sort((a, b) => b.at - a.at)
}

/** The file of a backup that is in the folder; a name that is none of them is refused. */
export function backupFile(folder: string, name: string): string {
  if (!backupsIn(folder).some((each) => each.name === name)) throw notFound(told('backup'))
  return join(folder, basename(name))
}

/** Makes a backup, opens it to see that it is whole, and removes the oldest beyond the number that is kept. */
export async function backUp(db: Db, reason: BackupReason, now: number): Promise<Backup> {
  const folder = await backupFolder(db)
  const name = `ripe-acorn-${new Date(now).toISOString().replaceAll(/[:.]/g, '-')}-${reason.replaceAll(' ', '-')}.sqlite`
  const file = join(folder, name)
  try {
    makeFolders(folder)
    await copyTo(fileOf(db), file)
    lookAt(file)
  } catch (error) {
    rmSync(file, { force: true })
    throw new Problem(507, told('No backup was made'), {
      field: 'folder',
      detail: told(
        'No backup could be made in {0}: {1}.',
        folder,
        error instanceof Error ? error.message : String(error),
      ),
    })
  }
  const { keep } = await getKeeping(db)
  for (const old of backupsIn(folder).slice(keep)) rmSync(join(folder, old.name), { force: true })
  return { name, at: now, reason, bytes: statSync(file).size }
}

async function copyTo(from: string, to: string): Promise<void> {
  const source = new Database(from, { readonly: true, fileMustExist: true })
  try {
    // All pages in one go: a write in between would begin the copy again.
    await source.backup(to, { progress: () => 2 ** 30 })
  } finally {
    source.close()
  }
}

/** Opens a backup by itself. Without a log beside it, the one file is all of it. */
function lookAt(file: string): void {
  const copy = new Database(file, { fileMustExist: true })
  try {
    copy.pragma('journal_mode = DELETE')
    const [whole] = copy.pragma('integrity_check(1)') as { integrity_check: string }[]
    if (whole?.integrity_check !== 'ok') throw new Error(`the copy is not whole: ${whole?.integrity_check}`)
    copy.prepare('select count(*) from children').get()
  } finally {
    copy.close()
  }
}

/** Chooses where backups go and how many are kept. A folder that cannot be written is refused. */
export async function changeKeeping(
  db: Db,
  { folder, keep }: Pick<Keeping, 'folder' | 'keep'>,
  doing: Doing,
): Promise<Pick<Keeping, 'folder' | 'keep'>> {
  if (folder !== '') {
    if (!isAbsolute(folder)) throw noFolder(folder, told('it must be a whole path from the root'))
    try {
      makeFolders(folder)
      accessSync(folder, constants.W_OK)
    } catch {
      throw noFolder(folder, told('it cannot be made or written'))
    }
    // The oldest are removed from it, and it is closed to others: it may hold nothing of anybody else.
    const others = readdirSync(folder).filter((name) => !NAME.test(name))
    if (others.length > 0) throw noFolder(folder, told('it must be empty or hold backups of Ripe Acorn alone'))
  }
  await setKeeping(db, { folder, keep })
  await writeDeed(
    db,
    'changed the keeping',
    toKeep(folder ? told('{0} backups in {1}', keep, folder) : told('{0} backups', keep)),
    doing,
  )
  return { folder, keep }
}

const noFolder = (folder: string, why: Told) =>
  new Problem(400, told('This cannot be taken'), {
    field: 'folder',
    detail: told('folder will not do: {0}, not {1}.', asPart(why), folder),
  })

/** Removes the backups that were made before an instant, and says how many. */
export async function removeBackupsBefore(db: Db, at: number): Promise<number> {
  const folder = await backupFolder(db)
  const old = backupsIn(folder).filter((each) => each.at < at)
  for (const { name } of old) rmSync(join(folder, name), { force: true })
  return old.length
}

/** Makes the day's backup where the newest is older than a day. */
export async function backUpDaily(db: Db, now: number): Promise<void> {
  const [newest] = backupsIn(await backupFolder(db)).filter(({ reason }) => reason === 'daily')
  if (!newest || now - newest.at >= MS_PER_DAY) await backUp(db, 'daily', now)
}
