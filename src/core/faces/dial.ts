import { told } from '../wording'
import { handAngles, type HandAngles } from '../clock'
import { requireNumber } from '../errors'
import { circle, type Drawing, GOLD, group, INK, pointOnDial, type Shape } from '../drawing'
import type { ClockPart } from '../teaching'
import { NUMERAL_RADIUS } from './geometry'
import { type Corners, placedAt, rectangle } from './clear'
import { countedArc, foldLines, halvesShapes, quarterShapes, zoneLines, zoneShapes } from './overlays'
import { ringOfFives } from './ringOfFives'
import { DIAL_DEFAULTS, dialExtent, type DialOptions, type Unset } from './dialOptions'
import { numeralCorners, scale, shownNumerals } from './dialScale'
import { handGroup, handMeasures, handsOf, nameCorners, ORIGIN, secondHand } from './dialHands'

/**
 * A clock face about the origin, its hands where `at` puts them: a dial time (minutes, 0 to 1439) or
 * two angles for hands that were set freely. The hour hand lies under the minute hand.
 */
export function dialShapes(at: number | HandAngles, options: DialOptions): Shape[] {
  requireNumber(told('radius'), options.radius, 1, 2000)
  const o = { ...DIAL_DEFAULTS, ...options }
  const angles = typeof at === 'number' ? handAngles(at) : at
  const r = o.radius
  return [
    circle({ x: 0, y: 0 }, r, { stroke: INK, strokeMm: r * 0.025, fill: o.lowInk ? 'none' : '#FFFFFF' }),
    ...(o.quarterShading ? quarterShapes(r, o.lowInk) : []),
    ...(o.halves ? halvesShapes(r, o.lowInk, o.words, takenOn(angles, o)) : []),
    ...(o.zones ? zoneShapes(r, angles.hour, o.lowInk) : []),
    ...(o.zoneLines ? zoneLines(r) : []),
    ...(o.foldLines ? foldLines(r) : []),
    ...scale(r, o.marks, o.numerals),
    ...(o.ringOfFives ? ringOfFives(r) : []),
    ...(o.arc ? countedArc(r, angles.minute, o.arc) : []),
    ...handsOf(o.hands).map((hand) => handGroup(hand, angles, o)),
    ...(o.secondHand === undefined ? [] : [secondHand(r, o.secondHand)]),
    circle({ x: 0, y: 0 }, r * 0.035, { fill: INK }),
    ...(o.pointedAt ? [ringRound(r, o.pointedAt, angles, o.secondHand ?? 0)] : []),
  ]
}

/** What the names of the sides must not lie on: the hands with their names, and the numerals. */
function takenOn(angles: HandAngles, o: Required<Omit<DialOptions, Unset>>): Corners[] {
  const r = o.radius
  const hands = handsOf(o.hands).flatMap((hand) => {
    const { length, width, tail } = handMeasures(hand, r)
    const half = width / 2 + r * AROUND_HAND
    const body = rectangle({ left: -half, right: half, top: -length, bottom: tail })
    return [placedAt(body, ORIGIN, angles[hand]), ...(o.handLabels ? [nameCorners(hand, angles, o)] : [])]
  })
  const numerals = shownNumerals(o.numerals).map((hour) =>
    placedAt(numeralCorners(hour, r), pointOnDial(hour * 30, r * NUMERAL_RADIUS)),
  )
  return [...hands, ...numerals]
}

/** How far words stay off a hand, as a share of the radius. */
const AROUND_HAND = 0.015

/** A ring round one part: on a hand where no other hand lies, round the pivot, or round the whole face. */
function ringRound(r: number, part: ClockPart, angles: HandAngles, second: number): Shape {
  const ring = (cx: number, cy: number, of: number): Shape =>
    circle({ x: cx, y: cy }, of, { fill: 'none', stroke: GOLD, strokeMm: r * 0.035 })
  if (part === 'centre') return ring(0, 0, r * 0.09)
  if (part === 'face') return ring(0, 0, r * 0.99)
  const angle = part === 'hour-hand' ? angles.hour : part === 'minute-hand' ? angles.minute : second * 6
  const at = pointOnDial(angle, r * (part === 'hour-hand' ? 0.4 : 0.62))
  return ring(at.x, at.y, r * 0.12)
}

/** A dial alone, edge to edge. */
export function dialDrawing(at: number | HandAngles, options: DialOptions, title: string): Drawing {
  const extent = dialExtent(options)
  return {
    width: extent * 2,
    height: extent * 2,
    title,
    shapes: [group(dialShapes(at, options), { part: 'dial', x: extent, y: extent })],
  }
}
