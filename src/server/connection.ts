import type { Database } from 'better-sqlite3'
import knex, { type Knex } from 'knex'

/* A connection to SQLite, as everything here uses it. */

export type Db = Knex

/** How long a write waits for another program that holds the file. While it waits, nothing else is answered. */
const LOCK_WAIT_MS = 1500

const quiet = () => undefined

/** Makes ready what SQLite leaves open: what is acknowledged is on the disk, and what is deleted is overwritten. */
function prepare(connection: Database): void {
  connection.pragma(`busy_timeout = ${LOCK_WAIT_MS}`)
  connection.pragma('journal_mode = WAL')
  connection.pragma('synchronous = FULL')
  connection.pragma('secure_delete = ON')
  connection.pragma('foreign_keys = ON')
  waitAtTheBegin(connection)
}

/**
 * Knex begins a transaction as one that reads. SQLite does not wait when such a one comes to write: it would be refused
 * at once while another program holds the file. One that may write from its begin waits as long as it says.
 */
function waitAtTheBegin(connection: Database): void {
  const { prepare: prepared } = connection
  connection.prepare = ((sql: string) =>
    prepared.call(connection, sql === 'BEGIN;' ? 'BEGIN IMMEDIATE;' : sql)) as typeof prepared
}

/** A connection to a file that exists or is made. Nothing is migrated. */
export function connect(filename: string): Db {
  return knex({
    client: 'better-sqlite3',
    connection: { filename },
    useNullAsDefault: true,
    // Errors are thrown and reported where they are caught. Knex would print them a second time.
    log: { warn: quiet, error: quiet, deprecate: quiet, debug: quiet },
    pool: {
      min: 1,
      max: 1,
      afterCreate: (connection: Database, done: (error: Error | null, connection: unknown) => void) => {
        try {
          prepare(connection)
          done(null, connection)
        } catch (error) {
          done(error as Error, connection)
        }
      },
    },
  })
}

/** The file that a database is kept in. */
export function fileOf(db: Db): string {
  const { connection } = (db as unknown as { client: { config: { connection: { filename: string } } } }).client.config
  return connection.filename
}

/**
 * Runs reads and writes as one: what is read is not changed by others before what follows from it is written. Work that
 * is already inside a transaction joins it.
 */
export function inTransaction<T>(db: Db, work: (trx: Db) => Promise<T>): Promise<T> {
  return db.isTransaction ? work(db) : db.transaction(work)
}
