import { circle, INK, line, PAPER, type Point, type Shape } from '../../drawing'

/** One tone for all: skin that is nobody's in particular. */
export const SKIN = '#D9A878'
export const HAIR = '#4A3024'
export const SHIRT = '#E6DAC3'
export const TROUSERS = '#5B6470'
export const SHADE = '#454D57'

/** The contour of a limb, and the light rim that parts it from what lies beneath, mm on each side. */
const CONTOUR_MM = 0.9
const RIM_MM = 1.2
/** So far from where a limb is joined it has no rim. */
const JOINED_MM = 12

interface LimbLook {
  readonly fill: string
  readonly width: number
}

/** Through some joints, of even width, round at its ends and joints, with a contour. */
export function limb(joints: readonly Point[], { fill, width }: LimbLook): Shape[] {
  return [...rounded(joints, INK, width + 2 * CONTOUR_MM), ...rounded(joints, fill, width)]
}

/** A limb that lies before others: a light rim parts it from them, but for its first joint, where it is joined. */
export function limbInFront([first, second, ...rest]: readonly [Point, Point, ...Point[]], look: LimbLook): Shape[] {
  const share = Math.min(1, JOINED_MM / Math.hypot(second.x - first.x, second.y - first.y))
  const start = { x: first.x + (second.x - first.x) * share, y: first.y + (second.y - first.y) * share }
  const rim = rounded([start, second, ...rest], PAPER, look.width + 2 * (CONTOUR_MM + RIM_MM))
  return [...rim, ...limb([first, second, ...rest], look)]
}

function rounded(joints: readonly Point[], colour: string, width: number): Shape[] {
  const parts = joints.slice(1).map((to, i) => line(joints[i] ?? to, to, { stroke: colour, strokeMm: width }))
  return [...parts, ...joints.map((joint) => circle(joint, width / 2, { fill: colour }))]
}
