import { told, type Told, asPart } from '../../wording'
import { RefusedValue, requireNumber } from '../../errors'

/** Free ground beyond the ring, all round, for running. */
export const LANE_MM = 1000

/** Something that stands in the way: a round spot in the space, from its left back corner, mm. */
export interface Obstacle {
  readonly name: string
  readonly x: number
  readonly y: number
  readonly radiusMm: number
}

/** Where the clock is to lie, mm. A rectangle is measured from its left back corner, x to the right, y to the front. */
export type Space =
  | {
      readonly kind: 'rectangle'
      readonly widthMm: number
      readonly depthMm: number
      readonly obstacles: readonly Obstacle[]
    }
  | { readonly kind: 'round'; readonly radiusMm: number }

export interface Ground {
  readonly radiusMm: number
  /** Of the clock's centre, in the space's own coordinates. */
  readonly x: number
  readonly y: number
}

const LEAST_RADIUS_MM = 500
const LARGEST_SIDE_MM = 200_000

/**
 * The largest clock that fits the space with its lane all round, and where its centre lies. In a rectangle
 * with obstacles the centre is searched on a grid and then ever finer, to under a millimetre. Throws
 * RefusedValue, with what is needed, where not even a ring of half a metre fits.
 */
export function largestClock(space: Space): Ground {
  if (space.kind === 'round') {
    const radiusMm = requireNumber(told('free radius (mm)'), space.radiusMm, 1, LARGEST_SIDE_MM) - LANE_MM
    return requireRoom({ radiusMm, x: space.radiusMm, y: space.radiusMm })
  }
  requireNumber(told('width (mm)'), space.widthMm, 1, LARGEST_SIDE_MM)
  requireNumber(told('depth (mm)'), space.depthMm, 1, LARGEST_SIDE_MM)
  const middle = { x: space.widthMm / 2, y: space.depthMm / 2 }
  let best = { ...middle, radiusMm: roomAt(space, middle.x, middle.y) }
  // From the whole space down: each round looks about the best so far, at a fifth of the step before.
  for (let reach = Math.max(space.widthMm, space.depthMm) / 2; reach > 0.5; reach /= 5) {
    const { x: cx, y: cy } = best
    for (let i = -10; i <= 10; i++)
      for (let j = -10; j <= 10; j++) {
        const [x, y] = [cx + (i * reach) / 10, cy + (j * reach) / 10]
        const radiusMm = roomAt(space, x, y)
        if (radiusMm > best.radiusMm + 1e-6) best = { x, y, radiusMm }
      }
  }
  return requireRoom(best)
}

/** How large a ring with its lane could be about a point; less than nothing where it stands in the way. */
export function roomAt(space: Extract<Space, { kind: 'rectangle' }>, x: number, y: number): number {
  const walls = Math.min(x, y, space.widthMm - x, space.depthMm - y)
  const things = space.obstacles.map((each) => Math.hypot(each.x - x, each.y - y) - each.radiusMm)
  return Math.min(walls, ...things) - LANE_MM
}

function requireRoom(ground: Ground): Ground {
  if (ground.radiusMm < LEAST_RADIUS_MM)
    throw new RefusedValue(
      told('free space'),
      told(
        'at least {0} m across, a ring of 1 m with a lane of 1 m all round',
        (2 * (LEAST_RADIUS_MM + LANE_MM)) / 1000,
      ),
      asPart(told('{0} m across', Math.max(0, Math.round((ground.radiusMm + LANE_MM) / 5) / 100))),
    )
  return ground
}

/**
 * The least radius for 60 markers of a size with a gap between them, mm: (d + g) / (2 sin 3°), half the
 * chord between minutes turned round (DOMAIN: 0.105 r a minute).
 *
 * Math.round(leastRadiusFor(100, 20)) //=> 1146
 */
export function leastRadiusFor(sizeMm: number, gapMm: number, count = 60): number {
  return (
    (requireNumber(told('marker size (mm)'), sizeMm, 1, 2000) + requireNumber(told('gap (mm)'), gapMm, 0, 2000)) /
    (2 * Math.sin(Math.PI / count))
  )
}

export interface Marker {
  readonly name: string
  readonly count: number
  readonly sizeMm: number
}

export type MarkerChoiceId = 'all' | 'fives-chalk' | 'hours' | 'quarters-hours'

export interface MarkerChoice {
  readonly id: MarkerChoiceId
  readonly name: Told
  readonly needs: number
  readonly ok: boolean
  readonly says: Told
}

/** The gap that keeps two markers apart to the eye. */
export const USUAL_GAP_MM = 20

/** What can be laid with the markers to hand on a ring, all of it first, each with what it needs. */
export function markerChoices(radiusMm: number, markers: readonly Marker[]): MarkerChoice[] {
  const count = markers.reduce((sum, marker) => sum + marker.count, 0)
  const largest = Math.max(0, ...markers.filter((marker) => marker.count > 0).map((marker) => marker.sizeMm))
  const least = largest > 0 ? leastRadiusFor(largest, USUAL_GAP_MM) : 0
  const wide = radiusMm >= least
  const enough = (needs: number) =>
    count >= needs
      ? told('{0} of your {1} markers', needs, count)
      : told('{0} short of {1} markers', needs - count, needs)
  return [
    {
      id: 'all',
      name: told('All 60: hours doubled at the quarters'),
      needs: 64,
      ok: count >= 64 && wide,
      says: wide ? enough(64) : told('markers of {0} mm need a radius of {1} m', largest, Math.round(least / 10) / 100),
    },
    {
      id: 'fives-chalk',
      name: told('Twelve hours, the minutes between in chalk'),
      needs: 16,
      ok: count >= 16,
      says: enough(16),
    },
    { id: 'hours', name: told('The twelve hours only'), needs: 12, ok: count >= 12, says: enough(12) },
    {
      id: 'quarters-hours',
      name: told('The four quarters, the other hours in chalk'),
      needs: 4,
      ok: count >= 4,
      says: enough(4),
    },
  ]
}
