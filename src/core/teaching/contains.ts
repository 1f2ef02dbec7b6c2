import type { RungId } from './rungs'

/** What whoever is right on a rung needs as well, so that its answers speak for these too. */
const CONTAINS: Partial<Record<RungId, readonly RungId[]>> = {
  half: ['oclock'],
  quarters: ['oclock', 'half'],
  'past-fives': ['hour-hand', 'oclock', 'half', 'fives'],
  'to-fives': ['hour-hand', 'oclock', 'fives'],
  minute: ['hour-hand', 'oclock', 'half', 'fives', 'quarters', 'past-fives', 'to-fives'],
}

/** The rungs that contain this one: whoever is secure on one of them is so on it. */
export function containing(rung: RungId): RungId[] {
  return (Object.keys(CONTAINS) as RungId[]).filter((id) => CONTAINS[id]?.includes(rung))
}
