import { told, type Told, asPart } from '../../wording'
import { RefusedValue } from '../../errors'
import type { PaperId } from '../../drawing'
import type { Taped } from './laid'
import { type Ground, largestClock, type Marker, type Space } from './space'

export type SurfaceId = 'grass' | 'tarmac' | 'hall' | 'carpet'

export const surfaces: Record<SurfaceId, { name: Told; peg: Told }> = {
  grass: { name: told('grass'), peg: told('a blunt peg pushed down to ground level, or a stander-in child') },
  tarmac: { name: told('tarmac or paving'), peg: told('a foot on the string, and chalk') },
  hall: { name: told('hall floor'), peg: told('tape on the floor') },
  carpet: { name: told('carpet'), peg: told('tape, or a heavy book') },
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
      told('radius'),
      told('{0} to {1} m here, with a lane of 1 m all round', 0.3, Math.round(largest.radiusMm / 10) / 100),
      Number.isFinite(radiusMm) ? asPart(told('{0} m', Math.round(radiusMm / 10) / 100)) : radiusMm,
    )
  return { ...largest, radiusMm }
}
