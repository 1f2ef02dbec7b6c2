import { spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import Database from 'better-sqlite3'
import { type Random, drawInt } from '../../src/core/random'
import { end, folder, send, start } from './server'

/*
 * Power cuts. The server runs on a disk that forgets what was not synced (`powerCut.c`); it is killed under load, and
 * what it had not synced is gone.
 */

export interface Cuts {
  readonly cuts: number
  readonly acknowledged: number
  readonly lost: number
  /** Files that SQLite itself says are not whole. */
  readonly damaged: number
}

const shim = join(folder, 'power-cut.so')
const [running, synced, looked] = ['running', 'synced', 'looked-at'].map((name) => join(folder, name)) as [
  string,
  string,
  string,
]

/** Whether such a disk can be made here: it needs a C compiler. */
export function canCutPower(): boolean {
  const made = spawnSync('cc', ['-shared', '-fPIC', '-O1', '-o', shim, 'scripts/faults/powerCut.c', '-ldl'])
  return made.status === 0 && existsSync(shim)
}

/** Adds answers until the server is gone; what it acknowledged goes into the set. */
async function load(answers: () => readonly { readonly id: string }[], acknowledged: Set<string>): Promise<void> {
  for (;;)
    try {
      const { status, body } = await send<{ kept: string[] }>('POST', '/api/answers', { answers: answers() })
      if (status !== 200) return
      for (const id of body.kept) acknowledged.add(id)
    } catch {
      return
    }
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

interface Wish {
  readonly cuts: number
  readonly random: Random
  /** A group of children, and answers of theirs. */
  readonly group: object
  readonly answers: () => readonly { readonly id: string }[]
  /** A disk that lies: nothing is ever synced but what was there at the beginning. The check must see it. */
  readonly isLying?: boolean
}

export async function cutPower({ cuts, random, group, answers, isLying = false }: Wish): Promise<Cuts> {
  for (const place of [running, synced]) {
    rmSync(place, { recursive: true, force: true })
    mkdirSync(place)
  }
  const env = { RIPE_ACORN_DATA: running, LD_PRELOAD: shim, POWER_FROM: running, POWER_TO: synced }
  await start(env)
  await send('POST', '/api/groups', group)
  await end('SIGTERM')
  const acknowledged = new Set<string>()
  let [lost, damaged] = [0, 0]
  for (let i = 0; i < cuts; i++) {
    await start({ ...env, ...(isLying && { POWER_DROPS: '1' }) })
    const before = acknowledged.size
    const loads = Array.from({ length: 4 }, () => load(answers, acknowledged))
    while (acknowledged.size === before) await pause(10)
    await pause(drawInt(random, 5, 400))
    await end('SIGKILL')
    await Promise.all(loads)
    // What was not synced is gone.
    for (const place of [running, looked]) {
      rmSync(place, { recursive: true, force: true })
      cpSync(synced, place, { recursive: true })
    }
    const found = look(acknowledged)
    lost = Math.max(lost, found.lost)
    if (!found.isWhole) damaged++
  }
  return { cuts, acknowledged: acknowledged.size, lost, damaged }
}

/** What is in the file by SQLite itself, in a copy: it mends what it opens, which the disk would know nothing of. */
function look(acknowledged: ReadonlySet<string>): { lost: number; isWhole: boolean } {
  const db = new Database(join(looked, 'ripe-acorn.sqlite'))
  const [whole] = db.pragma('integrity_check(1)') as { integrity_check: string }[]
  const there = new Set((db.prepare('select id from answers').all() as { id: string }[]).map(({ id }) => id))
  db.close()
  return { lost: [...acknowledged].filter((id) => !there.has(id)).length, isWhole: whole?.integrity_check === 'ok' }
}
