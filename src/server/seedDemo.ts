import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { dataFolder, openDb } from './db'
import { type Scenario, seedDemo } from './demo'
import { listGroups } from './stores/people'

/* Fills an empty database with the demo. `npm run build` bundles it to dist/seed-demo.mjs. */

const folder = dataFolder()
if (process.argv.includes('--reset'))
  for (const end of ['', '-wal', '-shm']) rmSync(join(folder, `ripe-acorn.sqlite${end}`), { force: true })

try {
  const db = await openDb(folder)
  if ((await listGroups(db)).length === 0) {
    const scenario = JSON.parse(readFileSync(join(import.meta.dirname, '../demo/heron-lock.json'), 'utf8')) as Scenario
    const made = await seedDemo(db, scenario, Date.now())
    process.stdout.write(`The demo has ${made.sessions} sessions and ${made.answers} answers.\n`)
  }
  await db.destroy()
} catch (error) {
  process.stderr.write(`The demo could not be made: ${error instanceof Error ? error.message : String(error)}\n`)
  process.exit(1)
}
