import { chmodSync, existsSync, readdirSync, statSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { type Db, connect } from './connection'
import { BACKUPS, backUp, backupsIn } from './keeping/backups'
import { makeFolders } from './keeping/folders'
import { trouble, troubleOf } from './keeping/storageTrouble'
import { migrationNames, migrationSource } from './migrations'
import { Problem } from './problem'

/** Where the data lives: RIPE_ACORN_DATA, or ./data. */
export function dataFolder(env: NodeJS.ProcessEnv = process.env): string {
  return resolve(env.RIPE_ACORN_DATA ?? './data')
}

export const dataFile = (folder: string): string => join(folder, 'ripe-acorn.sqlite')

/** Makes the folder where it is missing; nobody else can look into one that is made here. */
export function makeFolder(folder: string): void {
  try {
    makeFolders(folder)
    readdirSync(folder)
  } catch (error) {
    throw trouble('not-writable', folder, error)
  }
}

/**
 * Opens (and makes, where missing) the database of a folder, looks whether it is whole, and brings it up to date. One
 * that is missing beside backups was lost, unless it was just taken away to begin `anew`.
 */
export async function openDb(folder: string, begin?: 'anew'): Promise<Db> {
  makeFolder(folder)
  const file = dataFile(folder)
  const isNew = isEmpty(file)
  if (isNew && begin !== 'anew' && backupsIn(join(folder, BACKUPS)).length > 0) throw trouble('emptied', folder)
  const db = connect(file)
  try {
    await lookWhole(db, folder)
    if (isNew || (await isOld(db, folder))) await migrate(db, isNew)
    await writeOnce(db)
    closeToOthers(folder)
  } catch (error) {
    await db.destroy()
    // The backup before an update could not be made: it says why itself.
    if (error instanceof Problem) throw error
    throw (
      troubleOf(error, folder) ??
      new Error(`The database in ${folder} could not be opened or brought up to date.`, { cause: error })
    )
  }
  return db
}

/** Writes a number that SQLite leaves to us, as it is: a file that cannot be written says so now, not at an answer. */
async function writeOnce(db: Db): Promise<void> {
  const [row] = await db.raw<{ user_version: number }[]>('pragma user_version')
  await db.raw(`pragma user_version = ${row?.user_version ?? 0}`)
}

/** One of no bytes is as good as none. */
const isEmpty = (file: string) => (statSync(file, { throwIfNoEntry: false })?.size ?? 0) === 0

/** Whoever else uses this machine must not read children's records, in files that an older version made either. */
function closeToOthers(folder: string): void {
  const ours = ['ripe-acorn.sqlite', 'ripe-acorn.sqlite-wal', 'ripe-acorn.sqlite-shm']
  const backups = backupsIn(join(folder, BACKUPS)).map(({ name }) => join(BACKUPS, name))
  for (const name of [...ours, ...backups]) if (existsSync(join(folder, name))) chmodSync(join(folder, name), 0o600)
  if (existsSync(join(folder, BACKUPS))) chmodSync(join(folder, BACKUPS), 0o700)
}

/** A quick check of the whole file, as SQLite does it. */
async function lookWhole(db: Db, folder: string): Promise<void> {
  const [row] = await db.raw<{ quick_check: string }[]>('pragma quick_check(1)')
  if (row?.quick_check !== 'ok') throw trouble('damaged', folder, new Error(row?.quick_check))
}

/** Whether the file must be brought up to date. One of a newer version or of another program is left as it is. */
async function isOld(db: Db, folder: string): Promise<boolean> {
  if (!(await db.schema.hasTable('knex_migrations'))) {
    const [row] = await db.raw<{ n: number }[]>('select count(*) as n from sqlite_master')
    // Another program's database. An empty file is as good as none.
    if (row?.n) throw trouble('not-a-database', folder)
    return true
  }
  const done = await db<{ name: string }>('knex_migrations').pluck('name')
  if (done.some((name) => !migrationNames.includes(name))) throw trouble('newer', folder)
  return done.length < migrationNames.length
}

async function migrate(db: Db, isNew: boolean): Promise<void> {
  if (!isNew && (await db.schema.hasTable('children'))) await backUp(db, 'before an update', Date.now())
  // Whoever was killed while migrating left this lock behind. Nobody else can be at it: the folder is ours.
  if (await db.schema.hasTable('knex_migrations_lock')) await db.migrate.forceFreeMigrationsLock({ migrationSource })
  await db.migrate.latest({ migrationSource })
}

interface Opened {
  readonly db: Db
  readonly folder: string
  /** Of the file: another file under its name is not the one that is open. */
  readonly inode: number
}

/** Kept on the global object, so that the server and its pages, which are bundled apart, share one. */
const holder = globalThis as { ripeAcorn?: Promise<Opened> }

async function open(folder: string): Promise<Opened> {
  const db = await openDb(folder)
  return { db, folder, inode: statSync(dataFile(folder)).ino }
}

/** The one database of this process. It is refused while its file is not where it was. */
export async function appDb(): Promise<Db> {
  holder.ripeAcorn ??= open(dataFolder())
  const { db, folder, inode } = await holder.ripeAcorn
  // A file that was removed can still be written until it is closed, and then all of it would be gone.
  if (statSync(dataFile(folder), { throwIfNoEntry: false })?.ino !== inode) throw trouble('vanished', folder)
  return db
}

/** Puts what is still in the log into the file itself and closes it, so that a copy of the file has everything. */
export async function closeAppDb(): Promise<void> {
  if (!holder.ripeAcorn) return
  const { db } = await holder.ripeAcorn
  holder.ripeAcorn = undefined
  await db.raw('pragma wal_checkpoint(TRUNCATE)')
  await db.destroy()
}
