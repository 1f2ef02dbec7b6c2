import { modulo } from '../../clock'
import { angleOnDial, type Point, pointOnDial, seenFromPivot } from '../../drawing'
import type { Taped } from './laid'
import type { Ground } from './space'

/** How a floor clock lies on its plan. */
export interface PlanLay {
  readonly ground: Ground
  /** 12 is turned so far clockwise from the top of the plan, degrees. */
  readonly turnDeg: number
  /** Millimetres of the plan for a metre on the ground. */
  readonly mmPerMetre: number
}

function centreOnPlan({ ground, mmPerMetre }: PlanLay): Point {
  return { x: (ground.x * mmPerMetre) / 1000, y: (ground.y * mmPerMetre) / 1000 }
}

/** The direction of a point of the plan (mm of paper) from the clock's centre: degrees clockwise from the plan's top. */
export function angleOnPlan(at: Point, lay: PlanLay): number {
  return seenFromPivot(at, centreOnPlan(lay)).angle
}

/** The hour, 1 to 12, in whose direction a point of the plan lies. */
export function hourOnPlan(at: Point, lay: PlanLay): number {
  return modulo(Math.round((angleOnPlan(at, lay) - lay.turnDeg) / 30), 12) || 12
}

/** The two tapes of a marker that lies at a point of the plan (mm of paper), in mm on the ground. */
export function tapedOnPlan(hour: number, at: Point, lay: PlanLay): Taped {
  const { angle, distance } = seenFromPivot(at, centreOnPlan(lay))
  const fromCentreMm = (distance * 1000) / lay.mmPerMetre
  const facingTwelve = pointOnDial(angle - lay.turnDeg, fromCentreMm)
  return { hour, fromCentreMm, fromTwelveMm: Math.hypot(facingTwelve.x, facingTwelve.y + lay.ground.radiusMm) }
}

/** Where on the plan (mm of paper) something lies that is so far to the right and ahead of the centre, facing 12. */
export function pointOnPlan(
  { rightMm, aheadMm }: { readonly rightMm: number; readonly aheadMm: number },
  lay: PlanLay,
): Point {
  const centre = centreOnPlan(lay)
  const distance = (Math.hypot(rightMm, aheadMm) * lay.mmPerMetre) / 1000
  const from = pointOnDial(angleOnDial(rightMm, -aheadMm) + lay.turnDeg, distance)
  return { x: centre.x + from.x, y: centre.y + from.y }
}

/** The markers that were found, with one put in or put right, in the order of the hours. */
export function withTaped(laid: readonly Taped[], taped: Taped): Taped[] {
  return [...laid.filter(({ hour }) => hour !== taped.hour), taped].sort((a, b) => a.hour - b.hour)
}
