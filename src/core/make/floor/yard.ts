import { RefusedValue } from '../../errors'
import { IN_ENGLISH, type PrintedPhrase, type Wording, printedAs } from '../../wording'
import type { PaperId } from '../../drawing'
import type { Taped } from './laid'
import { type Ground, type Marker, type Space, largestClock } from './space'

export type SurfaceId = 'grass' | 'tarmac' | 'hall' | 'carpet'
export const surfaces: Record<SurfaceId, { name: string; peg: string }> = {
  grass: { name: 'grass', peg: 'a blunt peg pushed down to ground level, or a stander-in child' },
  tarmac: { name: 'tarmac or paving', peg: 'a foot on the string, and chalk' },
  hall: { name: 'hall floor', peg: 'tape on the floor' },
  carpet: { name: 'carpet', peg: 'tape, or a heavy book' },
}

/** What 12 faces, and who stands where. */
export type FacingId = 'wall' | 'north' | 'children'

/** A floor clock as it is planned and kept, mm and degrees. */
export interface Yard {
  readonly space: Space
  /** Left out: the largest that fits. */
  readonly radiusMm?: number
  readonly surface: SurfaceId
  readonly markers: readonly Marker[]
  /** 12 is turned so far clockwise from the back of the space (the top of the plan), degrees. */
  readonly turnDeg: number
  readonly facing: FacingId
  readonly hands: 'ropes' | 'sticks' | 'children'
  readonly children: number
  readonly age: number
  readonly unit: 'm' | 'ft'
  readonly paper: PaperId
  readonly laid: readonly Taped[]
}

export const USUAL_YARD: Yard = {
  space: { kind: 'rectangle', widthMm: 8000, depthMm: 7000, obstacles: [] },
  surface: 'grass',
  markers: [{ name: 'cones', count: 16, sizeMm: 200 }],
  turnDeg: 0,
  facing: 'wall',
  hands: 'ropes',
  children: 6,
  age: 6,
  unit: 'm',
  paper: 'a4',
  laid: [],
}

/** Where the clock lies and how large it is. Throws RefusedValue for a radius that the space cannot take. */
export function groundOf({ space, radiusMm }: Pick<Yard, 'space' | 'radiusMm'>): Ground {
  const largest = largestClock(space)
  if (radiusMm === undefined) return largest
  if (!(radiusMm >= 300 && radiusMm <= largest.radiusMm + 0.5))
    throw new RefusedValue(
      'radius',
      `0.30 to ${(largest.radiusMm / 1000).toFixed(2)} m here, with a lane of 1 m all round`,
      Number.isFinite(radiusMm) ? `${(radiusMm / 1000).toFixed(2)} m` : radiusMm,
    )
  return { ...largest, radiusMm }
}

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
