import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll } from 'vitest'
import { closeAppDb } from '../../src/server/db'
import { startIds } from './calls'

/* Files of tests share a process, so that the server is loaded once. Each has a data folder and ids of its own. */

const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-'))
process.env.RIPE_ACORN_DATA = folder
process.env.RIPE_ACORN_LOG = 'silent'
startIds()

afterAll(async () => {
  await closeAppDb()
  rmSync(folder, { recursive: true, force: true })
})
