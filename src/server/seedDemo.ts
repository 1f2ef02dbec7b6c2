import { readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { dataFile, dataFolder, makeFolder, openDb } from './db'
import { holdFolder } from './keeping/folderLock'
import { type Scenario, seedDemo } from './demo'
import { listGroups } from './stores/people'

/* Fills an empty database with the demo. `npm run build` bundles it to dist/seed-demo.mjs. */

const folder = dataFolder()

try {
  makeFolder(folder)
  // A server that runs on it must not have its file taken away.
  const letGo = holdFolder(folder, `process ${process.pid}, which makes the demo`)
  const isAnew = process.argv.includes('--reset')
  if (isAnew) for (const end of ['', '-wal', '-shm']) rmSync(dataFile(folder) + end, { force: true })
  const db = await openDb(folder, isAnew ? 'anew' : undefined)
  if ((await listGroups(db)).length === 0) {
    const scenario = JSON.parse(readFileSync(join(import.meta.dirname, '../demo/heron-lock.json'), 'utf8')) as Scenario
    const made = await seedDemo(db, scenario, Date.now())
    process.stdout.write(`The demo has ${made.sessions} sessions and ${made.answers} answers.\n`)
  }
  await db.destroy()
  letGo()
} catch (error) {
  process.stderr.write(`The demo could not be made: ${error instanceof Error ? error.message : String(error)}\n`)
  process.exit(1)
}
