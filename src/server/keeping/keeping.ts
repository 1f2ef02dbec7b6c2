import type { Db } from '../connection'
import { parsed } from '../stores/readable'

/** How the data is kept: where backups go, how many, and the hash of the passcode where one was set in the app. */
export interface Keeping {
  /** Of the backups; empty is `backups` beside the data. */
  readonly folder: string
  /** How many backups are kept. */
  readonly keep: number
  readonly passcode: string | null
}

export const KEEPING_DEFAULTS = { folder: '', keep: 14, passcode: null } as const satisfies Keeping

export async function getKeeping(db: Db): Promise<Keeping> {
  // A database that is about to be brought up to date has no such table yet.
  if (!(await db.schema.hasTable('keeping'))) return KEEPING_DEFAULTS
  const row = (await db('keeping').where({ id: 1 }).first()) as { body: string } | undefined
  return { ...KEEPING_DEFAULTS, ...(row && parsed<Partial<Keeping>>(row.body)) }
}

export async function setKeeping(db: Db, change: Partial<Keeping>): Promise<Keeping> {
  const keeping = { ...(await getKeeping(db)), ...change }
  const body = JSON.stringify(keeping)
  await db('keeping').insert({ id: 1, body }).onConflict('id').merge(['body'])
  return keeping
}
