import { createHash } from 'node:crypto'
import type { ChildId } from '../core/ids'
import { type Answer, type Diagnosis, chancesAfter, diagnose } from '../core/knowing'
import type { PlanChild } from '../core/planning'

/*
 * What is found in a child's answers. Finding it takes most of the time that a view of many children needs, and the
 * answers of most have not changed since the last one: so it is worked out again only where they are not the same.
 */

type Chances = NonNullable<PlanChild['before']>

export interface FoundInAnswers {
  readonly diagnosis: Diagnosis
  /** How likely each misreading is after all answers so far. The next quick check starts from these chances. */
  readonly chances: Chances
}

const lastFound = new Map<ChildId, FoundInAnswers & { readonly digest: string }>()

/** Of a child that was removed nothing stays, here as elsewhere. */
export function forgetAllBut(ids: readonly ChildId[]): void {
  const known = new Set(ids)
  for (const id of lastFound.keys()) if (!known.has(id)) lastFound.delete(id)
}

/** What is found in the answers of one child, which are all of them. */
export function foundIn(id: ChildId, answers: readonly Answer[]): FoundInAnswers {
  const digest = createHash('sha256').update(JSON.stringify(answers)).digest('base64')
  const last = lastFound.get(id)
  if (last?.digest === digest) return last
  const found = { digest, diagnosis: diagnose(answers), chances: chancesAfter(answers) }
  lastFound.set(id, found)
  return found
}
