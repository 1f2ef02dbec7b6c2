import { PARTS_FIRST_UNTIL_AGE } from '../knowing'
import type { RungId, School } from '../teaching'

/* Where a child starts of whom nothing is known yet. */

/** A child of six starts with the order; each year more, about two rungs are known. Our own guess, to be confirmed. */
const RUNGS_A_YEAR = 2

/**
 * Where a child of this age is likely to start. A guess for the adult to confirm; without an age, the very beginning.
 */
export function likelyStart(age: number | null | undefined, { order }: Pick<School, 'order'>): RungId {
  const [first] = order
  if (!first) throw new Error('a school must have steps')
  if (age === null || age === undefined) return first
  if (age <= PARTS_FIRST_UNTIL_AGE) return 'parts'
  const ahead = (age - PARTS_FIRST_UNTIL_AGE - 1) * RUNGS_A_YEAR
  return order[Math.min(ahead, order.length - 1)] ?? first
}

/**
 * Rungs that a child knows who starts at this one: all that come before it in the school's order, and the parts of the
 * clock for one so young that they would come first.
 */
export function knownBefore(start: RungId, age: number | null | undefined, { order }: Pick<School, 'order'>): RungId[] {
  if (start === 'parts') return []
  const before = order.slice(0, Math.max(0, order.indexOf(start)))
  const isYoung = age !== null && age !== undefined && age <= PARTS_FIRST_UNTIL_AGE
  return isYoung ? ['parts', ...before] : before
}

/** Where a child can start: the parts of the clock, then the school's order. */
export function startsOf({ order }: Pick<School, 'order'>): RungId[] {
  return ['parts', ...order]
}
