import { copyFileSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import scenario from '../../demo/heron-lock.json'
import type { Db } from '../../src/server/connection'
import { dataFile, openDb } from '../../src/server/db'
import { type Scenario, seedDemo } from '../../src/server/demo'
import { canonical } from '../../src/server/keeping/docs'
import { Problem } from '../../src/server/problem'

/* A database with the demo's data, and how it is looked at as a whole. */

export const NOW = Date.UTC(2026, 10, 25, 8)
export const doing = (minutes = 0) => ({ now: NOW + minutes * 60_000, by: 'a test' })
export const folder = () => mkdtempSync(join(tmpdir(), 'ripe-acorn-keeping-'))

let seeded: Promise<string> | undefined

/** Made once, and copied for each test. */
async function seed(): Promise<string> {
  const made = folder()
  const db = await openDb(made)
  await seedDemo(db, scenario as Scenario, NOW)
  // So that the file has everything.
  await db.raw('pragma wal_checkpoint(TRUNCATE)')
  await db.destroy()
  return dataFile(made)
}

export async function demo(): Promise<{ db: Db; made: string }> {
  const made = folder()
  copyFileSync(await (seeded ??= seed()), dataFile(made))
  return { db: await openDb(made), made }
}

/** Everything in every table but our own notes of what was done, as SQLite has it. */
export async function dump(db: Db): Promise<string> {
  const names = (await db('sqlite_master').where({ type: 'table' }).orderBy('name').pluck('name')) as string[]
  const kept = names.filter(
    (name) => !/^(knex|sqlite)_/.test(name) && !['deeds', 'undos', 'keeping', 'gone'].includes(name),
  )
  const tables: unknown[] = []
  for (const name of kept) tables.push([name, ((await db(name)) as unknown[]).map((row) => canonical(row)).sort()])
  return JSON.stringify(tables)
}

export const problemOf = (work: Promise<unknown>) =>
  work.then(
    () => undefined,
    (error: unknown) => (error instanceof Problem ? `${error.extra.field}: ${error.message}` : String(error)),
  )

export const refusal = (work: () => unknown) => {
  try {
    work()
    return undefined
  } catch (error) {
    return error instanceof Problem ? `${error.extra.field}: ${error.message}` : String(error)
  }
}
