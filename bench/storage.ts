import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { v4 as newId } from 'uuid'
import { itemAt } from '../src/core/teaching'
import { openDb } from '../src/server/db'
import { recordAnswers } from '../src/server/stores/answers'
import { addChild } from '../src/server/stores/people'

/* What it costs that an acknowledged answer is on the disk: one answer a transaction, as they come from a table. */

const ROUNDS = 300
const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-bench-'))
const db = await openDb(folder)
const childId = newId()
await addChild(db, { id: childId, name: 'Moss' }, 1)
const item = itemAt('oclock', 'read', 180)

async function run(mode: 'FULL' | 'NORMAL'): Promise<number[]> {
  await db.raw(`pragma synchronous = ${mode}`)
  const took: number[] = []
  for (let i = 0; i < ROUNDS; i++) {
    const answer = {
      id: newId(),
      childId,
      at: i,
      item,
      choices: 0,
      given: item.answer,
      stage: 'pictorial',
      helped: false,
    } as const
    const began = performance.now()
    await recordAnswers(db, [answer], Date.now())
    took.push(performance.now() - began)
  }
  return took.sort((a, b) => a - b)
}

const middle = (list: readonly number[]) => list[Math.floor(list.length / 2)] ?? 0
await run('NORMAL')
const [normal, full] = [middle(await run('NORMAL')), middle(await run('FULL'))]
console.log(
  `An answer kept: ${full.toFixed(2)} ms at the median with synchronous = FULL, ${normal.toFixed(2)} ms with NORMAL, ${(full / normal).toFixed(1)} times.`,
)
await db.destroy()
rmSync(folder, { recursive: true, force: true })
