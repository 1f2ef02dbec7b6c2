import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8 } from 'fflate'
import { expect, it } from 'vitest'
import { readWorkspaceFile } from '../../src/server/data/readWorkspace'
import { openDb } from '../../src/server/db'
import { KIND_IDS } from '../../src/server/keeping/kinds'
import { takeBackChange } from '../../src/server/keeping/undos'
import { migrationNames, migrationSource } from '../../src/server/migrations'
import { uuid } from './calls'

/* Kept prints once had the rows of one's own day as they were typed. */

const print = (rows: unknown, language = 'de') => ({
  printable: 'timetable',
  options: { paper: 'a4', wording: { language, form: 'turns' }, rung: 'timetable', count: 3, rows },
  seed: 3,
  made: 7,
})
const TYPED = ['halb acht Bus', '12–12:45 Mittagessen', '15:45 Schwimmen [pool]', '10:50 Mathe']
const READ = [
  { minute: 450, what: 'Bus' },
  { minute: 720, to: 765, what: 'Mittagessen' },
  { minute: 945, what: 'Schwimmen [pool]' },
  // Both 10:50 and 22:50 could be meant; no such day could be printed, so none was kept, and nothing is guessed late.
  { minute: 650, what: 'Mathe' },
]

it('come out of a file of version 4 as rows', () => {
  const kept = { id: uuid(), name: 'Our day', version: 1, created_at: 1, session_id: null, body: print(TYPED) }
  const things = { ...Object.fromEntries(KIND_IDS.map((id) => [id, []])), prints: [kept] }
  const file = { format: 'ripe-acorn-workspace', formatVersion: 4, madeAt: '2026-11-28T10:00:00.000Z', things }
  expect(readWorkspaceFile(strToU8(JSON.stringify(file))).prints).toMatchObject([{ body: print(READ) }])
  const newer = { ...file, formatVersion: 5 }
  expect(() => readWorkspaceFile(strToU8(JSON.stringify(newer)))).toThrow(/In prints, number 1: .*rows/)
})

it('are rows in the database once it is taken over, and what is damaged there stays as it is', async () => {
  const db = await openDb(mkdtempSync(join(tmpdir(), 'ripe-acorn-rows-')))
  // The newest migration goes back first.
  const back = migrationNames.length - migrationNames.indexOf('010_rows')
  for (let i = 0; i < back; i++) await db.migrate.down({ migrationSource })
  const row = { name: 'Our day', version: 1, created_at: 1, session_id: null }
  await db('prints').insert({ ...row, id: 'a', body: JSON.stringify(print(TYPED)) })
  await db('prints').insert({ ...row, id: 'b', body: '{"options":{"rows":["7:30' })
  await db('prints').insert({ ...row, id: 'c', body: JSON.stringify(print(undefined)) })
  await db.migrate.latest({ migrationSource })
  const bodies = (await db('prints').orderBy('id').select('body')) as { body: string }[]
  expect(JSON.parse(bodies[0]?.body ?? '')).toEqual(print(READ))
  expect(bodies[1]?.body).toBe('{"options":{"rows":["7:30')
  expect(bodies[2]?.body).toBe(JSON.stringify(print(undefined)))
  await db.destroy()
})

it('come back as rows from what an older version kept to be taken back', async () => {
  const db = await openDb(mkdtempSync(join(tmpdir(), 'ripe-acorn-undo-')))
  const doc = { id: uuid(), name: 'Our day', body: print(TYPED), session_id: null, version: 1, created_at: 1 }
  const body = JSON.stringify({ what: 'removed', changes: [{ kind: 'prints', before: doc, after: null }] })
  await db('undos').insert({ id: 'u', at: 1, until: 100, what: 'A print', body })
  expect(await takeBackChange(db, 'u', { now: 50, by: 'this one' })).toEqual({ back: 1, stays: 0 })
  const [row] = (await db('prints').select('body')) as { body: string }[]
  expect(JSON.parse(row?.body ?? '')).toEqual(print(READ))
  await db.destroy()
})
