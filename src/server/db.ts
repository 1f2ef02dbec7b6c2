import { accessSync, constants, mkdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import knex, { type Knex } from 'knex'
import { migrationSource } from './migrations'

export type Db = Knex

/** Where the data lives: RIPE_ACORN_DATA, or ./data. */
export function dataFolder(env: NodeJS.ProcessEnv = process.env): string {
  return resolve(env.RIPE_ACORN_DATA ?? './data')
}

const quiet = () => undefined

/** Opens (and makes, where missing) the database of a folder and brings it up to date. */
export async function openDb(folder: string): Promise<Db> {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch (cause) {
    throw new Error(`The data folder ${folder} cannot be written. Set RIPE_ACORN_DATA to one that can.`, { cause })
  }
  const db = knex({
    client: 'better-sqlite3',
    connection: { filename: join(folder, 'ripe-acorn.sqlite') },
    useNullAsDefault: true,
    // Errors are thrown and reported where they are caught. Knex would print them a second time.
    log: { warn: quiet, error: quiet, deprecate: quiet, debug: quiet },
    pool: {
      min: 1,
      max: 1,
      afterCreate: (
        connection: { pragma: (text: string) => unknown },
        done: (error: Error | null, connection: unknown) => void,
      ) => {
        connection.pragma('journal_mode = WAL')
        connection.pragma('foreign_keys = ON')
        done(null, connection)
      },
    },
  })
  try {
    await db.migrate.latest({ migrationSource })
  } catch (cause) {
    await db.destroy()
    throw new Error(`The database in ${folder} could not be opened or brought up to date.`, { cause })
  }
  return db
}

/**
 * Runs reads and writes as one: what is read is not changed by others before what follows from it is written. Work that
 * is already inside a transaction joins it.
 */
export function inTransaction<T>(db: Db, work: (trx: Db) => Promise<T>): Promise<T> {
  return db.isTransaction ? work(db) : db.transaction(work)
}

/** Kept on the global object, so that a development reload does not open a second one. */
const holder = globalThis as { ripeAcornDb?: Promise<Db> }

/** The one database of this process. */
export function appDb(): Promise<Db> {
  holder.ripeAcornDb ??= openDb(dataFolder())
  return holder.ripeAcornDb
}
