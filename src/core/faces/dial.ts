import { handAngles, type HandAngles, signedGap } from '../clock'
import { requireNumber } from '../errors'
import {
  CAP_HEIGHT,
  type Drawing,
  GOLD,
  INK,
  OAK,
  PAPER,
  type Point,
  type Shape,
  SLATE,
  pointOnDial,
  circle,
  path,
  textAt,
  group,
  line,
  centredText,
} from '../drawing'
import type { ClockPart } from '../teaching'
import {
  HOUR_HAND_SHARE,
  HOUR_MARK_FROM,
  MARK_TO,
  MINUTE_HAND_REACH,
  MINUTE_MARK_FROM,
  NUMERAL_ORDER,
  NUMERAL_RADIUS,
  NUMERAL_SIZE,
  RIM_TO,
  SECOND_HAND_REACH,
  WORDS_WITHIN,
} from './geometry'
import { type Corners, placedAt, rectangle, roomFor, wordCorners } from './clear'
import { handOutline } from './handShapes'
import {
  DIAL_WORDS,
  countedArc,
  faceInRing,
  foldLines,
  halvesShapes,
  lettersOn,
  quarterShapes,
  ringExtent,
  ringOfFives,
  zoneLines,
  zoneShapes,
} from './overlays'

export interface DialOptions {
  /** Of the face's edge, mm. */
  readonly radius: number
  readonly hands?: 'both' | 'hour' | 'minute' | 'none'
  readonly numerals?: 'all' | 'quarters' | 'none'
  readonly marks?: 'all' | 'hours' | 'none'
  /** 5, 10 … 60 outside the face. */
  readonly ringOfFives?: boolean
  /** Past side and to side, by tint and hatch. */
  readonly halves?: boolean
  /** The hour's zone, from the numeral passed to the next one. */
  readonly zones?: boolean
  /** Lines between all twelve zones. */
  readonly zoneLines?: boolean
  /** The four quarters of a turn. */
  readonly quarterShading?: boolean
  /** The creases of a face folded in half and in half again. */
  readonly foldLines?: boolean
  /** The minutes counted from 12 to the minute hand: clockwise for `past`, back for `to`. */
  readonly arc?: 'past' | 'to'
  /** What stands on the sides and the hands, in the group's language. */
  readonly words?: typeof DIAL_WORDS
  /** A part of the clock that is pointed at, by a ring round it. */
  readonly pointedAt?: ClockPart
  /** A thin third hand, at the second (0 to 59). */
  readonly secondHand?: number
  readonly handLabels?: boolean
  /** Outlines instead of filled hands and tints. */
  readonly lowInk?: boolean
}

/** What is simply left out where it is not asked for. */
type Unset = 'secondHand' | 'arc' | 'pointedAt'

export const DIAL_DEFAULTS = {
  hands: 'both',
  numerals: 'all',
  marks: 'all',
  ringOfFives: false,
  halves: false,
  zones: false,
  zoneLines: false,
  quarterShading: false,
  foldLines: false,
  words: DIAL_WORDS,
  handLabels: false,
  lowInk: false,
} as const satisfies Omit<DialOptions, 'radius' | Unset>

/** The radius of all that is drawn, ring of fives and edge line included. */
export function dialExtent({ radius, ringOfFives: ring }: Pick<DialOptions, 'radius' | 'ringOfFives'>): number {
  return ring ? ringExtent(radius) : radius * RIM_TO
}

/** The radius of the face that, drawn with all of it, just stays within `room` mm of its centre. */
export function faceWithin(room: number, ring = false): number {
  return ring ? faceInRing(room) : room / RIM_TO
}

/**
 * A clock face about the origin, its hands where `at` puts them: a dial time (minutes, 0 to 1439) or
 * two angles for hands that were set freely. The hour hand lies under the minute hand.
 */
export function dialShapes(at: number | HandAngles, options: DialOptions): Shape[] {
  requireNumber('radius', options.radius, 1, 2000)
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

const ORIGIN: Point = { x: 0, y: 0 }
/** How far words stay off a hand, as a share of the radius. */
const AROUND_HAND = 0.015

/** About the middle of the numeral. */
function numeralCorners(hour: number, r: number): Corners {
  const size = r * NUMERAL_SIZE
  const half = (String(hour).length * DIGIT_SHARE * size) / 2
  const tall = (size * DIGIT_HEIGHT) / 2
  return rectangle({ left: -half, right: half, top: -tall, bottom: tall })
}

/** The hands that are drawn, the lower one first. */
const handsOf = (hands: Hands) => (['hour', 'minute'] as const).filter((hand) => hands === hand || hands === 'both')

type Hands = Exclude<DialOptions['hands'], undefined>
type Marks = Exclude<DialOptions['marks'], undefined>
type Numerals = Exclude<DialOptions['numerals'], undefined>

const KEPT_SCALES = 64
const scales = new Map<string, readonly Shape[]>()

/** Marks and numerals, which are the same on all dials of a page: made once for a radius, and kept. */
function scale(r: number, marks: Marks, numerals: Numerals): readonly Shape[] {
  const name = `${r} ${marks} ${numerals}`
  const kept = scales.get(name)
  if (kept) return kept
  const made = [...markShapes(r, marks), ...numeralShapes(r, numerals)]
  if (scales.size >= KEPT_SCALES) scales.clear()
  scales.set(name, made)
  return made
}

/** Two paths, one of the hours' marks and one of the minutes' between them: a page of dials has some thousand marks. */
function markShapes(r: number, marks: Marks): Shape[] {
  if (marks === 'none') return []
  const marksAt = (minutes: readonly number[], from: number, strokeMm: number): Shape =>
    path(
      minutes.flatMap((minute) => [
        { op: 'M', ...pointOnDial(minute * 6, r * from) },
        { op: 'L', ...pointOnDial(minute * 6, r * MARK_TO) },
      ]),
      { stroke: INK, strokeMm },
    )
  const all = Array.from({ length: 60 }, (_, minute) => minute)
  const hours = marksAt(
    all.filter((minute) => minute % 5 === 0),
    HOUR_MARK_FROM,
    r * 0.022,
  )
  if (marks === 'hours') return [hours]
  return [
    hours,
    marksAt(
      all.filter((minute) => minute % 5 !== 0),
      MINUTE_MARK_FROM,
      r * 0.009,
    ),
  ]
}

function numeralShapes(r: number, numerals: Numerals): Shape[] {
  if (numerals === 'none') return []
  const size = r * NUMERAL_SIZE
  return shownNumerals(numerals).map((hour) => {
    const at = pointOnDial(hour * 30, r * NUMERAL_RADIUS)
    return centredText(String(hour), { x: at.x, y: at.y }, { size, fill: INK, weight: 'bold' })
  })
}

function shownNumerals(numerals: Numerals): readonly number[] {
  if (numerals === 'none') return []
  return numerals === 'quarters' ? NUMERAL_ORDER.slice(0, 4) : NUMERAL_ORDER
}

/** How a drawn hand is measured, in mm, for a face of radius `r`. */
export function handMeasures(hand: 'hour' | 'minute', r: number) {
  const reach = r * MINUTE_HAND_REACH
  return hand === 'hour'
    ? { length: reach * HOUR_HAND_SHARE, width: r * 0.115, tail: r * 0.14 }
    : { length: reach, width: r * 0.044, tail: r * 0.17 }
}

function handGroup(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>): Shape {
  const angle = angles[hand]
  const colour = hand === 'hour' ? OAK : SLATE
  const commands = handOutline(hand, handMeasures(hand, o.radius))
  const body: Shape = o.lowInk
    ? path(commands, { fill: '#FFFFFF', stroke: INK, strokeMm: o.radius * 0.012 })
    : path(commands, { fill: colour, stroke: PAPER, strokeMm: o.radius * 0.008 })
  const label = o.handLabels ? [handLabel(hand, angles, o)] : []
  return group([body, ...label], { part: `${hand}-hand`, turn: angle })
}

function secondHand(r: number, second: number): Shape {
  return group(
    [line({ x: 0, y: r * 0.2 }, { x: 0, y: -r * SECOND_HAND_REACH }, { stroke: INK, strokeMm: r * 0.014 })],
    {
      part: 'second-hand',
      turn: (second * 6) % 360,
    },
  )
}

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

/**
 * Where a hand's name lies along it, between the pivot and the numerals, and the longest it may be: shares of the
 * radius.
 */
const LABEL_MIDDLE = { hour: 0.31, minute: 0.36 }
const LABEL_LENGTH = 0.5
/**
 * How wide a letter of the hands' names is on the average, ems, in any of the languages: all widths of the font weigh
 * too much for a view that shows a clock.
 */
const LETTER_SHARE = 0.57
/** Figures are all of one width; round ones are a little taller than capitals, ems. */
const DIGIT_SHARE = 0.66
const DIGIT_HEIGHT = 0.77

/**
 * Where a hand's name lies on it, before the hand is turned: along its body, never upside down, on the side away from
 * the other hand, and short of the numerals.
 */
function namePlace(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>) {
  const r = o.radius
  const text = o.words[hand]
  const angle = angles[hand]
  const isOnLeft = angle > 180
  // Above the hand, which is after it (clockwise) on the left half and before it on the right.
  const above = isOnLeft ? 1 : -1
  const gap = o.hands === 'both' ? signedGap(angle, angles[hand === 'hour' ? 'minute' : 'hour']) : -above
  const isBelow = gap === 0 ? hand === 'minute' : Math.sign(gap) === above
  const size = Math.min(lettersOn(r, 0.12), (r * LABEL_LENGTH) / (text.length * LETTER_SHARE))
  const off = r * (hand === 'hour' ? 0.1 : 0.055)
  const outside = off + size * CAP_HEIGHT
  // The name's far corner stays inside the ring of numerals.
  const most = Math.sqrt(Math.max(0, (r * WORDS_WITHIN) ** 2 - outside ** 2)) - roomFor(text, size) / 2
  return {
    text,
    size,
    x: above * (isBelow ? -outside : off),
    y: -Math.max(Math.min(r * LABEL_MIDDLE[hand], most), roomFor(text, size) / 2),
    turn: isOnLeft ? 90 : -90,
  }
}

function handLabel(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>): Shape {
  const { text, size, x, y, turn } = namePlace(hand, angles, o)
  const look = { size, anchor: 'middle', fill: hand === 'hour' ? OAK : SLATE, weight: 'bold' } as const
  return group([textAt(text, ORIGIN, look)], { part: 'hand-name', x, y, turn })
}

/** What a hand's name takes on the dial. */
function nameCorners(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>): Corners {
  const { text, size, x, y, turn } = namePlace(hand, angles, o)
  return placedAt(placedAt(wordCorners(text, size), { x, y }, turn), ORIGIN, angles[hand])
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
