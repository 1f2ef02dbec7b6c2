import {
  FAINT,
  INK,
  line,
  path,
  type PathCommand,
  type Shape,
  circle,
  group,
  rectanglePath,
  scaledPath,
} from '../../drawing'
import { RIM_TO } from '../../faces'
import type { ClockToMake } from './madeClock'
import { CUT, THIN } from '../kit/looks'
import { smallClock } from '../kit/smallClock'

/*
 * A strap that lies upright on the page: a tongue at its upper end, the face in its middle, slits at its lower end. The
 * neck of the tongue is the origin, y down. The strap is a fifth longer than the wrist. All in mm.
 */

export const WRIST_CLOCK: ClockToMake = { radius: 26, handWidth: 9, hole: 2 }
const [WIDE, NECK, HEAD, SLIT] = [26, 13, 19, 15] as const
/** The tongue above its neck, and the neck itself, which is the strap's card and as long as a slit is deep. */
const [TONGUE, SHOULDER] = [9, 4] as const
/** From slit to slit, and from the last to the end. */
const [STEP, END] = [6, 8] as const
/** Paper round the face. */
const ROUND = 2
const LONGER = 1.2

/** From the neck to the end. */
export const strapLength = (wrist: number): number => wrist * LONGER
/** From the tip of the tongue to the end. */
export const strapHeight = (wrist: number): number => TONGUE + strapLength(wrist)
export const tongueHeight = TONGUE

/** How far each slit is from the neck, which is how long the strap then is round the wrist. */
export function slitsFor(wrist: number): number[] {
  const count = Math.floor((strapLength(wrist) - END - wrist) / STEP) + 1
  return Array.from({ length: count }, (_, i) => wrist + i * STEP)
}

const discRadius = WRIST_CLOCK.radius * RIM_TO + ROUND
export const strapWidth = 2 * discRadius

/** The middle of the face: across from where the strap is closed. */
export const faceDown = (wrist: number): number => {
  const slits = slitsFor(wrist)
  return (slits[Math.floor(slits.length / 2)] ?? wrist) / 2
}

/** The outline that the strap is cut along. */
function outline(wrist: number): PathCommand[] {
  const [half, length, face] = [WIDE / 2, strapLength(wrist), faceDown(wrist)]
  const meet = Math.sqrt(discRadius ** 2 - half ** 2)
  const [neck, head] = [NECK / 2, HEAD / 2]
  return [
    { op: 'M', x: -neck, y: SHOULDER },
    { op: 'L', x: -neck, y: 0 },
    { op: 'L', x: -head, y: -1.5 },
    { op: 'L', x: -4, y: -TONGUE },
    { op: 'L', x: 4, y: -TONGUE },
    { op: 'L', x: head, y: -1.5 },
    { op: 'L', x: neck, y: 0 },
    { op: 'L', x: neck, y: SHOULDER },
    { op: 'L', x: half, y: SHOULDER },
    { op: 'L', x: half, y: face - meet },
    { op: 'A', r: discRadius, large: false, sweep: true, x: discRadius, y: face },
    { op: 'A', r: discRadius, large: false, sweep: true, x: half, y: face + meet },
    { op: 'L', x: half, y: length - 5 },
    { op: 'A', r: 5, large: false, sweep: true, x: half - 5, y: length },
    { op: 'L', x: 5 - half, y: length },
    { op: 'A', r: 5, large: false, sweep: true, x: -half, y: length - 5 },
    { op: 'L', x: -half, y: face + meet },
    { op: 'A', r: discRadius, large: false, sweep: true, x: -discRadius, y: face },
    { op: 'A', r: discRadius, large: false, sweep: true, x: -half, y: face - meet },
    { op: 'L', x: -half, y: SHOULDER },
    { op: 'Z' },
  ]
}

/** The strap with its slits, without the face. */
export function strapShapes(wrist: number): Shape[] {
  return [
    path(outline(wrist), CUT),
    ...slitsFor(wrist).map((y, i) =>
      group([line({ x: -SLIT / 2, y }, { x: SLIT / 2, y }, CUT)], { part: `slit-${i}` }),
    ),
  ]
}

/** How it is made, in small. */
export function strapPictures(wrist: number, half: number): readonly (readonly Shape[])[] {
  const k = (2 * half) / strapHeight(wrist)
  const face = { x: 0, y: (faceDown(wrist) + TONGUE) * k - half }
  const radius = half * 0.62
  const middle = { x: 0, y: 0 }
  const arm = { stroke: FAINT, strokeMm: 0.5 } as const
  return [
    [
      group([path(scaledPath(outline(wrist), k), THIN)], { y: TONGUE * k - half }),
      ...smallClock(face, WRIST_CLOCK.radius * k, { hasHands: false }),
    ],
    [...smallClock(middle, half * 0.8), circle(middle, 1.2, { fill: INK })],
    [
      line({ x: -half * 0.95, y: -half * 0.42 }, { x: half * 0.95, y: -half * 0.5 }, arm),
      line({ x: -half * 0.95, y: half * 0.42 }, { x: half * 0.95, y: half * 0.5 }, arm),
      path(rectanglePath(-radius * 0.5, -half * 0.5, radius, half), { ...THIN, fill: '#F7E6C9' }),
      ...smallClock(middle, radius),
    ],
  ]
}
