import { type HandAngles, signedGap } from '../clock'
import { CAP_HEIGHT, group, INK, line, OAK, PAPER, path, type Point, type Shape, SLATE, textAt } from '../drawing'
import { HOUR_HAND_SHARE, MINUTE_HAND_REACH, SECOND_HAND_REACH, WORDS_WITHIN } from './geometry'
import { type Corners, placedAt, roomFor, wordCorners } from './clear'
import { handOutline } from './handShapes'
import { LEAST_LETTERS_MM, lettersOn } from './ringOfFives'
import type { DialOptions, Unset } from './dialOptions'

export const ORIGIN: Point = { x: 0, y: 0 }

/** The hands that are drawn, the lower one first. */
export const handsOf = (hands: DrawnHands) =>
  (['hour', 'minute'] as const).filter((hand) => hands === hand || hands === 'both')

type DrawnHands = Exclude<DialOptions['hands'], undefined>

/** How a drawn hand is measured, in mm, for a face of radius `r`. */
export function handMeasures(hand: 'hour' | 'minute', r: number) {
  const reach = r * MINUTE_HAND_REACH
  return hand === 'hour'
    ? { length: reach * HOUR_HAND_SHARE, width: r * 0.115, tail: r * 0.14 }
    : { length: reach, width: r * 0.044, tail: r * 0.17 }
}

/** One hand as it lies at its angle, with its name where names are wanted. */
export function handGroup(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>): Shape {
  const angle = angles[hand]
  const colour = hand === 'hour' ? OAK : SLATE
  const commands = handOutline(hand, handMeasures(hand, o.radius))
  const body: Shape = o.lowInk
    ? path(commands, { fill: '#FFFFFF', stroke: INK, strokeMm: o.radius * 0.012 })
    : path(commands, { fill: colour, stroke: PAPER, strokeMm: o.radius * 0.008 })
  const label = o.handLabels ? [handLabel(hand, angles, o)] : []
  return group([body, ...label], { part: `${hand}-hand`, turn: angle })
}

/** The second hand of a face of radius `r` (mm), at `second` (0 to 59). */
export function secondHand(r: number, second: number): Shape {
  return group(
    [line({ x: 0, y: r * 0.2 }, { x: 0, y: -r * SECOND_HAND_REACH }, { stroke: INK, strokeMm: r * 0.014 })],
    {
      part: 'second-hand',
      turn: (second * 6) % 360,
    },
  )
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

/** The signs of hours and minutes, for a clock so small that a hand's name on it could not be read. */
export const HAND_SIGNS = { hour: 'h', minute: 'min' } as const

/** The largest em of a text that is no longer than a hand's name may be, mm. */
const longestLetters = (r: number, text: string) => (r * LABEL_LENGTH) / (text.length * LETTER_SHARE)

const nameOn = (r: number, hand: 'hour' | 'minute', name: string) =>
  longestLetters(r, name) < LEAST_LETTERS_MM ? HAND_SIGNS[hand] : name

/**
 * Where a hand's name lies on it, before the hand is turned: along its body, never upside down, on the side away from
 * the other hand, and short of the numerals.
 */
function namePlace(hand: 'hour' | 'minute', angles: HandAngles, o: Required<Omit<DialOptions, Unset>>) {
  const r = o.radius
  const text = nameOn(r, hand, o.words[hand])
  const angle = angles[hand]
  const isOnLeft = angle > 180
  // Above the hand, which is after it (clockwise) on the left half and before it on the right.
  const above = isOnLeft ? 1 : -1
  const gap = o.hands === 'both' ? signedGap(angle, angles[hand === 'hour' ? 'minute' : 'hour']) : -above
  const isBelow = gap === 0 ? hand === 'minute' : Math.sign(gap) === above
  const size = Math.min(lettersOn(r, 0.12), longestLetters(r, text))
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
export function nameCorners(
  hand: 'hour' | 'minute',
  angles: HandAngles,
  o: Required<Omit<DialOptions, Unset>>,
): Corners {
  const { text, size, x, y, turn } = namePlace(hand, angles, o)
  return placedAt(placedAt(wordCorners(text, size), { x, y }, turn), ORIGIN, angles[hand])
}
