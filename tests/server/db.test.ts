import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { openDb } from '../../src/server/db'
import { type Scenario, seedDemo } from '../../src/server/demo'
import { migrationSource } from '../../src/server/migrations'
import { overview } from '../../src/server/overview'
import { childReports } from '../../src/server/reports'
import scenario from '../../demo/heron-lock.json'

const folder = () => mkdtempSync(join(tmpdir(), 'ripe-acorn-db-'))

describe('the database', () => {
  it('goes all the way back and up again', async () => {
    const db = await openDb(folder())
    const tables = async () =>
      (await db('sqlite_master').where({ type: 'table' }).select('name')).map((row: { name: string }) => row.name)
    expect(await tables()).toEqual(
      expect.arrayContaining(['children', 'groups', 'sessions', 'session_steps', 'answers', 'settings']),
    )
    await db.migrate.rollback({ migrationSource }, true)
    expect((await tables()).filter((name) => !/^(knex|sqlite)_/.test(name))).toEqual([])
    await db.migrate.latest({ migrationSource })
    expect(await tables()).toContain('answers')
    await db.destroy()
  })

  it('says in one line why a folder will not do', async () => {
    const file = join(folder(), 'a-file')
    writeFileSync(file, 'not a folder')
    await expect(openDb(join(file, 'data'))).rejects.toThrow(
      /^The data folder .* cannot be written\. Set RIPE_ACORN_DATA/,
    )
    const broken = folder()
    writeFileSync(join(broken, 'ripe-acorn.sqlite'), 'this is no database, whatever its name says')
    await expect(openDb(broken)).rejects.toThrow(/is no database of Ripe Acorn\. Move it away/)
  })
})

describe('the demo', () => {
  it('is the same for the same day, and its planted misreadings are found', async () => {
    const now = Date.UTC(2026, 10, 25, 8)
    const db = await openDb(folder())
    const made = await seedDemo(db, scenario as Scenario, now)
    const again = await openDb(folder())
    expect(await seedDemo(again, scenario as Scenario, now)).toEqual(made)
    expect(await childReports(again, now)).toEqual(await childReports(db, now))

    const reports = await childReports(db, now)
    const planted = (scenario as Scenario).groups.flatMap((group) => group.children)
    const found = planted.filter(({ name, misreadings }) => {
      const [finding] = reports.find((report) => report.child.name === name)?.diagnosis.findings ?? []
      return misreadings.length === 0
        ? finding === undefined
        : finding !== undefined && misreadings.includes(finding.misreading)
    })
    expect(found.map(({ name }) => name)).toEqual(planted.map(({ name }) => name))
    const { groups } = await overview(db, now)
    for (const { next, last } of groups) {
      expect(next?.doneAt).toBeNull()
      expect(last?.note).toBeDefined()
    }
    await Promise.all([db.destroy(), again.destroy()])
  })
})
