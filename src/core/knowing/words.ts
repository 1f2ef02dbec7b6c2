import { type Mode, misreadingOf } from '../teaching'
import type { Finding } from './weighing'

const PLACES: Readonly<Record<Mode, string>> = {
  reading: 'reading',
  setting: 'setting',
  saying: 'saying it',
  writing: 'writing',
  reckoning: 'reckoning',
}

type NamedFinding = Pick<Finding, 'misreading' | 'heldIn' | 'or'>

/**
 * What a child does, with no subject, and where it was seen: a child may misread a dial and set it well. Where two
 * explain the answers as well as each other, both are said.
 *
 * findingInWords({ misreading: 'next-hour', heldIn: ['reading'] }) //=> 'takes the number the hour hand is nearing, when reading'
 */
export function findingInWords({ misreading, heldIn, or }: NamedFinding): string {
  const one = `${misreadingOf(misreading).does}${placesInWords(misreading, heldIn)}`
  return or ? `either ${one}, or ${misreadingOf(or).does}` : one
}

/** Nothing where it can be held in one place only, since it says so itself. */
function placesInWords(id: NamedFinding['misreading'], heldIn: readonly Mode[]): string {
  if (misreadingOf(id).heldIn.length === 1 || heldIn.length === 0) return ''
  return `, when ${heldIn.map((mode) => PLACES[mode]).join(' and ')}`
}
