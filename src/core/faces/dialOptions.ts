import type { ClockPart } from '../teaching'
import { RIM_TO } from './geometry'
import { DIAL_WORDS } from './overlays'
import { faceInRing, ringExtent } from './ringOfFives'

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
export type Unset = 'secondHand' | 'arc' | 'pointedAt'

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
