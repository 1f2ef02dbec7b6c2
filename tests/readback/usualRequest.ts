import { MATERIAL_IDS } from '../../src/core/activities'
import { MS_PER_DAY } from '../../src/core/clock'
import { standingOf } from '../../src/core/knowing'
import type { PlanChild, SessionRequest } from '../../src/core/planning'
import { type RungId, schools } from '../../src/core/teaching'

/* A session as the tests of planning usually ask for it. */

export const NOW = Date.UTC(2026, 10, 20, 9)
export const school = schools['turns-first']

/** A child whose first rungs the adult calls firm. */
export function child(id: string, firm: readonly RungId[], age?: number): PlanChild {
  const overrules = firm.map((rung) => ({ rung, verdict: 'firm' as const, at: NOW - MS_PER_DAY, note: '' }))
  return { id, name: id, age, standing: standingOf([], school, NOW, overrules), findings: [] }
}

/** Half an hour at a table for two of them. */
export function request(change: Partial<SessionRequest> = {}): SessionRequest {
  return {
    children: [child('Tavi', school.order.slice(0, 2)), child('Bram', school.order.slice(0, 2))],
    minutes: 30,
    start: 570,
    place: 'table',
    materials: MATERIAL_IDS.filter((id) => id !== 'clock'),
    lastTime: [],
    school,
    ...change,
  }
}
