import { createHash } from 'node:crypto'
import type { ChildId } from '../core/ids'
import { type Answer, type Diagnosis, believe, diagnose } from '../core/knowing'
import type { PlanChild } from '../core/planning'
import { misreadings } from '../core/teaching'

/*
 * What is found in a child's answers. Finding it takes most of the time that a view of many children needs, and the
 * answers of most have not changed since the last one: so it is worked out again only where they are not the same.
 */

type Chances = NonNullable<PlanChild['before']>

export interface Found {
  readonly diagnosis: Diagnosis
  /** How likely each misreading is after all answers so far. The next quick check starts from these chances. */
  readonly chances: Chances
}

const lastFound = new Map<ChildId, Found & { readonly digest: string }>()

/** Of a child that was removed nothing stays, here as elsewhere. */
export function forgetAllBut(ids: readonly ChildId[]): void {
  const known = new Set(ids)
  for (const id of lastFound.keys()) if (!known.has(id)) lastFound.delete(id)
}

/** What is found in the answers of one child, which are all of them. */
export function foundIn(id: ChildId, answers: readonly Answer[]): Found {
  const digest = createHash('sha256').update(JSON.stringify(answers)).digest('base64')
  const last = lastFound.get(id)
  if (last?.digest === digest) return last
  const found = { digest, diagnosis: diagnose(answers), chances: chancesFrom(answers) }
  lastFound.set(id, found)
  return found
}

function chancesFrom(answers: readonly Answer[]): Chances {
  if (answers.length === 0) return {}
  const { findings, chances } = believe(answers)
  const known = misreadings.map(
    ({ id }, at) => [id, findings.some((found) => found.misreading === id) ? 0.8 : (chances[at] ?? 0)] as const,
  )
  return Object.fromEntries(known.map(([id, chance]) => [id, Math.round(Math.max(0.01, chance) * 1000) / 1000]))
}
