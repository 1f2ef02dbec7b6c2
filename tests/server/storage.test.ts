import { spawn } from 'node:child_process'
import {
  chmodSync,
  closeSync,
  copyFileSync,
  existsSync,
  mkdtempSync,
  openSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { describe, expect, it } from 'vitest'
import { backUp, backupsIn } from '../../src/server/keeping/backups'
import { holdFolder } from '../../src/server/keeping/folderLock'
import { StorageTrouble, troubleOf } from '../../src/server/keeping/storageTrouble'
import { withoutWords } from '../../src/server/log'
import { dataFile, openDb } from '../../src/server/db'
import { migrationNames, migrationSource } from '../../src/server/migrations'
import { connect } from '../../src/server/connection'
import { addChild } from '../../src/server/stores/people'

const folder = () => mkdtempSync(join(tmpdir(), 'ripe-acorn-storage-'))
const uuid = () => crypto.randomUUID()

/** A folder with some hundred children, closed. */
async function filled(): Promise<string> {
  const made = folder()
  const db = await openDb(made)
  for (let i = 0; i < 300; i++) await addChild(db, { id: uuid(), name: `Child ${i} ${'x'.repeat(40)}` }, i)
  await db.raw('pragma wal_checkpoint(TRUNCATE)')
  await db.destroy()
  return made
}

/** Another program that writes to the file for so many ms from now on. */
async function heldElsewhere(file: string, ms: number): Promise<{ over: Promise<unknown> }> {
  const holding = `const db = new (require('better-sqlite3'))(process.argv[1])
    db.exec('begin immediate; update children set name = name')
    process.stdout.write('held')
    setTimeout(() => { db.exec('commit'); db.close() }, ${ms})`
  const holder = spawn('node', ['-e', holding, file], { stdio: ['ignore', 'pipe', 'inherit'] })
  const over = new Promise((resolve) => holder.once('close', resolve))
  await new Promise((resolve) => holder.stdout.once('data', resolve))
  return { over }
}

const kindOf = (work: Promise<unknown>) =>
  work.then(
    () => 'no trouble',
    (error: unknown) => (error instanceof StorageTrouble ? error.kind : String(error)),
  )

describe('a data file that cannot be used', () => {
  it('is told from others, each by its own name', async () => {
    const random = folder()
    writeFileSync(dataFile(random), Buffer.from(Array.from({ length: 9000 }, (_, i) => (i * 7919) % 251)))
    expect(await kindOf(openDb(random))).toBe('not-a-database')

    const foreign = folder()
    const other = new Database(dataFile(foreign))
    other.exec('create table things (id)')
    other.close()
    expect(await kindOf(openDb(foreign))).toBe('not-a-database')

    const cut = await filled()
    truncateSync(dataFile(cut), Math.floor(statSync(dataFile(cut)).size / 2 / 4096) * 4096)
    expect(await kindOf(openDb(cut))).toBe('damaged')

    const scratched = await filled()
    const file = openSync(dataFile(scratched), 'r+')
    writeSync(file, Buffer.alloc(4096, 0xa5), 0, 4096, 4096 * 5)
    closeSync(file)
    expect(await kindOf(openDb(scratched))).toBe('damaged')

    const newer = await filled()
    const later = connect(dataFile(newer))
    await later('knex_migrations').insert({ name: '999_later', batch: 9, migration_time: 0 })
    await later.destroy()
    expect(await kindOf(openDb(newer))).toBe('newer')

    const held = await filled()
    const older = connect(dataFile(held))
    await older.migrate.down({ migrationSource })
    await older.destroy()
    const holder = new Database(dataFile(held))
    holder.exec('begin exclusive')
    expect(await kindOf(openDb(held))).toBe('locked')
    holder.exec('rollback')
    holder.close()
    expect(await kindOf(openDb(held))).toBe('no trouble')
  }, 30_000)

  it('says what to do, and names the folder', () => {
    const codes = [
      'SQLITE_FULL',
      'SQLITE_READONLY',
      'SQLITE_IOERR_READ',
      'ENOSPC',
      'SQLITE_BUSY_SNAPSHOT',
      'SQLITE_READONLY_DBMOVED',
    ]
    const said = codes.map((code) => troubleOf(Object.assign(new Error('raw'), { code }), '/the/folder'))
    expect(said.map((each) => each?.kind)).toEqual(['full', 'read-only', 'unreadable', 'full', 'locked', 'vanished'])
    for (const each of said) expect(each?.message).toContain('/the/folder')
    expect(troubleOf(new Error('something else'), '/the/folder')).toBeUndefined()
  })

  it('is never half-migrated: a backup of the older one is made first', async () => {
    const made = await filled()
    const db = connect(dataFile(made))
    await db.migrate.down({ migrationSource })
    await db.destroy()
    const again = await openDb(made)
    const [backup] = backupsIn(join(made, 'backups'))
    expect(backup?.reason).toBe('before an update')
    const copy = new Database(join(made, 'backups', backup?.name ?? ''), { readonly: true })
    expect(copy.prepare('select count(*) as n from children').get()).toEqual({ n: 300 })
    expect(copy.prepare('select count(*) as n from knex_migrations').get()).toEqual({ n: migrationNames.length - 1 })
    copy.close()
    await again.destroy()
  })
})

describe('an open database', () => {
  it('that another program holds says so at a write, within two seconds, and goes on after it', async () => {
    const made = await filled()
    const db = await openDb(made)
    const holder = new Database(dataFile(made))
    holder.exec('begin exclusive')
    const refused: unknown = await addChild(db, { id: uuid(), name: 'Odalys' }, 1).catch((error: unknown) => error)
    expect(troubleOf(refused, made)?.kind).toBe('locked')
    holder.exec('rollback')
    holder.close()
    await addChild(db, { id: uuid(), name: 'Odalys' }, 1)
    await db.destroy()
  })

  it('waits for a short holder, at a write that reads first too', async () => {
    const made = await filled()
    const db = await openDb(made)
    const holder = await heldElsewhere(dataFile(made), 600)
    const names = await db.transaction(async (trx) => {
      const [first] = await trx<{ id: string }>('children').limit(1)
      await trx('children').where({ id: first?.id }).update({ name: 'Odalys' })
      return trx('children').where({ name: 'Odalys' }).pluck('name')
    })
    expect(names).toEqual(['Odalys'])
    await holder.over
    await db.destroy()
  })

  it('opens again after a migration that was killed half-way', async () => {
    const made = await filled()
    const db = connect(dataFile(made))
    await db.migrate.down({ migrationSource })
    await db('knex_migrations_lock').update({ is_locked: 1 })
    await db.destroy()
    await (await openDb(made)).destroy()
  })
})

describe('the data folder', () => {
  it('is held by one process, which is named to the second', () => {
    const made = folder()
    const letGo = holdFolder(made, 'process 17, at 127.0.0.1:4321')
    expect(() => holdFolder(made, 'another')).toThrow(
      /in use by another Ripe Acorn.*It is process 17, at 127\.0\.0\.1:4321\./,
    )
    letGo()
    const again = holdFolder(made, 'another')
    again()
    expect(existsSync(join(made, 'in-use.txt'))).toBe(false)
  })

  it('is closed to others on this machine, and what is written is on the disk', async () => {
    const made = join(folder(), 'data')
    const db = await openDb(made)
    await addChild(db, { id: uuid(), name: 'Tavi' }, 1)
    expect(statSync(made).mode & 0o777).toBe(0o700)
    for (const end of ['', '-wal', '-shm']) expect(statSync(dataFile(made) + end).mode & 0o777).toBe(0o600)
    expect(await db.raw('pragma synchronous')).toEqual([{ synchronous: 2 }])
    expect(await db.raw('pragma secure_delete')).toEqual([{ secure_delete: 1 }])
    await db.destroy()
  })

  it('closes to others what was open to them before', async () => {
    const made = await filled()
    const db = await openDb(made)
    await backUp(db, 'daily', Date.now())
    await db.destroy()
    const letGo = holdFolder(made, 'a test')
    const [backup] = backupsIn(join(made, 'backups'))
    const all = ['ripe-acorn.sqlite', 'in-use.lock', 'in-use.txt', join('backups', backup?.name ?? '')]
    expect(statSync(join(made, 'in-use.lock')).mode & 0o777).toBe(0o600)
    for (const name of all) chmodSync(join(made, name), 0o644)
    chmodSync(join(made, 'backups'), 0o755)
    letGo()
    await (await openDb(made)).destroy()
    holdFolder(made, 'a test')()
    expect(all.filter((name) => existsSync(join(made, name)) && statSync(join(made, name)).mode & 0o077)).toEqual([])
    expect(statSync(join(made, 'backups')).mode & 0o777).toBe(0o700)
  })

  it('that has lost its data, with backups beside it, is no new one', async () => {
    const made = await filled()
    const db = await openDb(made)
    await backUp(db, 'daily', Date.now())
    await db.destroy()
    truncateSync(dataFile(made), 0)
    expect(await kindOf(openDb(made))).toBe('emptied')
    expect(statSync(dataFile(made)).size).toBe(0)
    rmSync(dataFile(made))
    expect(await kindOf(openDb(made))).toBe('emptied')
    expect(existsSync(dataFile(made))).toBe(false)
    rmSync(join(made, 'backups'), { recursive: true })
    expect(await kindOf(openDb(made))).toBe('no trouble')
  })

  it('has all of it in the one file once it is closed', async () => {
    const made = await filled()
    const alone = join(folder(), 'copy.sqlite')
    copyFileSync(dataFile(made), alone)
    const copy = new Database(alone, { readonly: true })
    expect(copy.prepare('select count(*) as n from children').get()).toEqual({ n: 300 })
    copy.close()
  })

  it('that is read-only for us is told', async () => {
    // For root nothing is read-only by its mode, so this needs a file that is none.
    const made = folder()
    rmSync(made, { recursive: true })
    writeFileSync(made, '')
    chmodSync(made, 0o400)
    expect(await kindOf(openDb(made))).toBe('not-writable')
  })
})

describe('the log', () => {
  it('never has the words that were to be written', async () => {
    const db = await openDb(folder())
    const secret = 'Wren cried at the quarter'
    const error: unknown = await db('no_such_table')
      .insert({ text: secret })
      .catch((cause: unknown) => cause)
    expect(String(error)).toContain(secret)
    expect(JSON.stringify(withoutWords(error))).not.toContain('Wren')
    expect(withoutWords(error).where[0]).toMatch(/^at /)
    await db.destroy()
  })
})
