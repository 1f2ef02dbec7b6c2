import { type Told, told, type Filling, asPart } from '../wording'
import { type Mode, misreadingOf } from '../teaching'
import type { Finding } from './weighing'

const PLACES: Readonly<Record<Mode, Told>> = {
  reading: told('reading'),
  setting: told('setting'),
  saying: told('saying it'),
  writing: told('writing'),
  reckoning: told('reckoning'),
}

type NamedFinding = Pick<Finding, 'misreading' | 'heldIn' | 'or'>

/**
 * What a child does, with no subject, and where it was seen: a child may misread a dial and set it well. Where two
 * explain the answers as well as each other, both are said.
 *
 * inEnglish(findingInWords({ misreading: 'next-hour', heldIn: ['reading'] })) //=> 'takes the number the hour hand is nearing, when reading'
 */
export function findingInWords({ misreading, heldIn, or }: NamedFinding): Told {
  const does = asPart(misreadingOf(misreading).does)
  const places = placesInWords(misreading, heldIn)
  const one = places ? told('{0}, when {1}', does, places) : misreadingOf(misreading).does
  return or ? told('either {0}, or {1}', asPart(one), asPart(misreadingOf(or).does)) : one
}

/** Nothing where it can be held in one place only, since it says so itself. */
function placesInWords(id: NamedFinding['misreading'], heldIn: readonly Mode[]): Filling | undefined {
  const [first, ...others] = misreadingOf(id).heldIn.length === 1 ? [] : heldIn.map((mode) => asPart(PLACES[mode]))
  return first && others.reduce((all, place) => asPart(told('{0} and {1}', all, place)), first)
}
