import fc from 'fast-check'
import { expect } from 'vitest'
import { type Place, catalogue, materials, type MaterialId } from '../../src/core/activities'
import { RefusedValue } from '../../src/core/errors'
import type { Standing } from '../../src/core/knowing'
import { type MisreadingId, schools } from '../../src/core/teaching'
import { type SessionRequest, planSession } from '../../src/core/planning'
import { standingAfter } from './planRequests'

/* Requests for a session that tests plan from. */

export const school = schools['turns-first']
export const everything = Object.keys(materials) as MaterialId[]

export const standings = Array.from({ length: 9 }, (_, firm) => standingAfter(firm, school))

export function request(
  change: Partial<SessionRequest> & { firm?: readonly number[]; findings?: readonly MisreadingId[] } = {},
): SessionRequest {
  const { firm = [2, 2, 2], findings = [], ...rest } = change
  const children = firm.map((count, i) => ({
    id: `c${i}`,
    name: `Child ${i}`,
    age: 6,
    standing: standings[count] as Standing,
    findings: findings.map((misreading) => ({ misreading })),
  }))
  return { children, minutes: 25, start: 570, place: 'table', materials: everything, lastTime: [], school, ...rest }
}

export const anyRequest = fc
  .record({
    firm: fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 1, maxLength: 8 }),
    minutes: fc.integer({ min: 15, max: 60 }),
    place: fc.constantFrom<Place>('table', 'floor', 'hall', 'outdoors'),
    lastTime: fc.subarray(
      catalogue.map((activity) => activity.id),
      { maxLength: 5 },
    ),
  })
  .map(request)

/** The plan, or undefined where the planner says that nothing fits. */
export function tryPlan(from: SessionRequest, seed: number) {
  try {
    return planSession(from, { seed: seed })
  } catch (error) {
    expect(error).toBeInstanceOf(RefusedValue)
    return undefined
  }
}
