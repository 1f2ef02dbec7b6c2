import { IN_ENGLISH, printedAs, type PrintedPhrase, type Wording } from '../../wording'
import type { FacingId, Yard } from './yard'

const FACINGS = {
  wall: '12 faces the wall; you stand outside the ring by the 6 and read as the children do.',
  north: '12 faces north; you stand outside the ring by the 6 and read as the children do.',
  children: '12 faces the children; you stand outside the ring by the 6 and read as the children do.',
} as const satisfies Record<FacingId, PrintedPhrase>

/** Who stands where, in words. */
export function whoStandsWhere(
  { facing, hands, children }: Pick<Yard, 'facing' | 'hands' | 'children'>,
  wording: Wording = IN_ENGLISH,
): string[] {
  const pairs = Math.max(0, children - (hands === 'children' ? 2 : 0))
  return [
    printedAs(FACINGS[facing], wording),
    printedAs(
      hands === 'children'
        ? 'One child lies or walks as the long hand, one as the short hand; both turn about the centre.'
        : 'One child at the end of each hand walks it round; you or a third child holds the centre.',
      wording,
    ),
    printedAs(
      pairs === 1
        ? '1 child stands outside the ring, spread out; the running lane between stays clear.'
        : '{0} children stand outside the ring, spread out; the running lane between stays clear.',
      wording,
      pairs,
    ),
  ]
}
