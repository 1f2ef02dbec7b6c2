import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { dataFolder, openDb } from '../src/server/db'
import { type Scenario, seedDemo } from '../src/server/demo'
import { listGroups } from '../src/server/stores/people'

const folder = dataFolder()
if (process.argv.includes('--reset'))
  for (const end of ['', '-wal', '-shm']) rmSync(join(folder, `ripe-acorn.sqlite${end}`), { force: true })

try {
  const db = await openDb(folder)
  if ((await listGroups(db)).length === 0) {
    const scenario = JSON.parse(readFileSync(join(import.meta.dirname, '../demo/heron-lock.json'), 'utf8')) as Scenario
    const made = await seedDemo(db, scenario, Date.now())
    console.log(`The demo has ${made.sessions} sessions and ${made.answers} answers.`)
  }
  await db.destroy()
} catch (error) {
  console.error(`The demo could not be made: ${error instanceof Error ? error.message : String(error)}`)
  process.exit(1)
}
