import { told } from '../../wording'
import { requireNumber } from '../../errors'

/** The hour hand on the ground, as a share of the radius. */
export const FLOOR_HOUR_SHARE = 0.6
const KNOTS_MM = 300

export interface FloorHands {
  readonly minuteMm: number
  readonly hourMm: number
  /** Rope for each, with what the loops take. */
  readonly minuteRopeMm: number
  readonly hourRopeMm: number
  /** What the child at the tip walks in an hour of clock time, mm. */
  readonly minuteWalkMm: number
  readonly hourWalkMm: number
  readonly minutePaces: number
  readonly hourPaces: number
}

/** A child's pace by age, mm: 450 under seven, 550 from seven on; ours, from a child's usual step. */
export function paceMm(age: number): number {
  return requireNumber(told('age'), age, 3, 99) < 7 ? 450 : 550
}

/** The two hands of a ring: lengths, ropes, what is walked in an hour of clock time. */
export function floorHands(radiusMm: number, age: number): FloorHands {
  const hourMm = radiusMm * FLOOR_HOUR_SHARE
  const minuteWalkMm = 2 * Math.PI * radiusMm
  const hourWalkMm = (2 * Math.PI * hourMm) / 12
  return {
    minuteMm: radiusMm,
    hourMm,
    minuteRopeMm: radiusMm + KNOTS_MM,
    hourRopeMm: hourMm + KNOTS_MM,
    minuteWalkMm,
    hourWalkMm,
    minutePaces: Math.round(minuteWalkMm / paceMm(age)),
    hourPaces: Math.round(hourWalkMm / paceMm(age)),
  }
}
