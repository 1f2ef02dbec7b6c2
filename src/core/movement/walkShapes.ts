import { handAngles } from '../clock'
import {
  centredText,
  circle,
  FAINT,
  GOLD,
  group,
  INK,
  line,
  OAK,
  PAPER,
  path,
  type PathCommand,
  type Point,
  pointOnDial,
  type Shape,
  SLATE,
} from '../drawing'

/** The floor clock's ring, and where the short hand walks. */
export const RING = 72
const SHORT_SHARE = 0.6
const NUMERAL_AT = 86

/** The straight lines from point to point. */
export const joined = (points: readonly Point[]): PathCommand[] =>
  points.map(({ x, y }, i) => ({ op: i === 0 ? 'M' : 'L', x, y }))

/** A numeral of the clock on the floor. */
export function numeralAt(numeral: number, angle: number): Shape {
  return centredText(String(numeral), pointOnDial(angle, NUMERAL_AT), { size: 11, fill: INK, weight: 'bold' })
}

/** An arc the way a clock goes, as a path of short straight lines. */
function arc(from: number, degrees: number, radius: number): Shape[] {
  if (degrees === 0) return []
  const steps = Math.max(2, Math.ceil(degrees / 4))
  const points = Array.from({ length: steps + 1 }, (_, i) => pointOnDial(from + (degrees * i) / steps, radius))
  const look = { stroke: GOLD, strokeMm: 2.4 }
  return [path(joined(points), look)]
}

function walker(
  angle: number,
  radius: number,
  look: { readonly part: string; readonly fill: string; readonly r: number },
): Shape {
  const at = pointOnDial(angle, radius)
  return group(
    [
      line({ x: 0, y: 0 }, at, { stroke: look.fill, strokeMm: look.r / 2.5 }),
      circle(at, look.r, { fill: look.fill, stroke: PAPER, strokeMm: 1 }),
    ],
    { part: look.part },
  )
}

/** A clock on the floor on which the hands walk from one time on to another (both 0 to 719), the way a clock goes. */
export function walkShapes(from: number, minute: number, hands: 'both' | 'hour'): Shape[] {
  const [start, end] = [handAngles(from), handAngles(minute)]
  const walked = (key: 'hour' | 'minute') => (end[key] - start[key] + 360) % 360
  const marks = Array.from({ length: 60 }, (_, i) => {
    const at = pointOnDial(6 * i, RING)
    return i % 5 === 0 ? circle(at, 2.6, { fill: INK }) : circle(at, 1, { fill: FAINT })
  })
  return [
    ...marks,
    ...Array.from({ length: 12 }, (_, i) => numeralAt(i + 1, 30 * (i + 1))),
    ...(hands === 'both' ? arc(start.minute, walked('minute'), RING) : []),
    ...arc(start.hour, walked('hour'), RING * SHORT_SHARE),
    walker(end.hour, RING * SHORT_SHARE, { part: 'short-hand', fill: OAK, r: 8 }),
    ...(hands === 'both' ? [walker(end.minute, RING, { part: 'long-hand', fill: SLATE, r: 6 })] : []),
    circle({ x: 0, y: 0 }, 3, { fill: INK }),
  ]
}
