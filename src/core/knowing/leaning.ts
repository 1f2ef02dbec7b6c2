import type { MisreadingId } from '../teaching'

/** How much likelier a misreading is made among wrong choices, once it was found or picked. */
const LEANING = 6

/** A misreading that was found in a child comes up more often in what the child gets. */
export function leaningOn(ids: readonly MisreadingId[]): Partial<Record<MisreadingId, number>> {
  return Object.fromEntries(ids.map((id) => [id, LEANING]))
}
