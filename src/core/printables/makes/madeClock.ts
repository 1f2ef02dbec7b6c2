import { circle, fitSize, group, INK, path, type Point, rectanglePath, type Shape } from '../../drawing'
import { dialShapes, handOutline, handsOf, HOUR_HAND_SHARE, MINUTE_HAND_REACH, TIP_SPREAD } from '../../faces'
import { type Item, rungOf, sayAnswer } from '../../teaching'
import { printedAs } from '../../wording'
import type { PrintOptions } from '../kit/choices'
import { dialLook } from '../kit/dialPlace'
import { part } from '../kit/frame'
import { textFrom } from '../kit/wordLists'
import { CUT } from '../kit/looks'

/* What clocks that are made have in common: a face, hands to cut out, and times to set on it. All in mm. */

export interface ClockToMake {
  /** Of the face. */
  readonly radius: number
  /** Of each hand where it is joined. */
  readonly handWidth: number
  /** Across the hole in the face and in the hands. */
  readonly hole: number
}

/** A face without hands about the origin, with the hole that they are joined at. */
export function faceToTurn({ radius, hole }: ClockToMake, options: PrintOptions): Shape {
  const look = { ...dialLook(options), handLabels: false, radius, hands: 'none' } as const
  return part('dial', [...dialShapes(0, look), circle({ x: 0, y: 0 }, hole / 2, { ...CUT, fill: '#FFFFFF' })])
}

const LENGTHS = { hour: MINUTE_HAND_REACH * HOUR_HAND_SHARE, minute: MINUTE_HAND_REACH } as const
/** A tip bulges a little beyond its width. */
const BULGE = 1.1

/** How high a row of lying hands is. */
export const handsHeight = ({ handWidth }: ClockToMake): number => handWidth * TIP_SPREAD * BULGE

/** Between two hands that lie side by side. */
const APART_MM = 4

/** The hands that a rung is read by, lying side by side to the right of a point at their middle height. */
export function handsToCut({ radius, handWidth, hole }: ClockToMake, { rung }: PrintOptions, { x, y }: Point): Shape[] {
  const tail = handWidth / 2 + hole
  const hands = handsOf(rungOf(rung).dial?.hands ?? 'both')
  return hands.map((hand, i) => {
    const before = hands.slice(0, i).reduce((sum, each) => sum + tail + radius * LENGTHS[each] + APART_MM, 0)
    return group(
      [
        path(handOutline(hand, { length: radius * LENGTHS[hand], width: handWidth, tail }), CUT),
        circle({ x: 0, y: 0 }, hole / 2, CUT),
      ],
      { part: `cut-${hand}-hand`, x: x + before + tail, y, turn: 90 },
    )
  })
}

const [HEAD_MM, ROW_MM, BOX_MM] = [11, 11, 6]

/** How high a list of so many times is. */
export const timesHeight = (count: number): number => HEAD_MM + count * ROW_MM

/** The times to set on the clock, each with a box to tick. */
export function timesToSet(
  items: readonly Item[],
  options: PrintOptions,
  { x, y, width }: Point & { width: number },
): Shape[] {
  const { wording } = options
  const texts = items.map((item) => sayAnswer(item, item.answer, wording))
  // All of one size, whichever is the longest.
  const size = Math.min(...texts.map((text) => fitSize(text, 6, width - BOX_MM - 4.2)))
  return [
    textFrom(
      printedAs('Set these times. Tick each one that is right.', wording),
      { x, y: y + 5 },
      { width: width - 0.2, most: 5 },
    ),
    ...texts.map((text, i) => {
      const top = y + HEAD_MM + i * ROW_MM
      return part(`time-${i}`, [
        path(rectanglePath(x, top, BOX_MM, BOX_MM), { stroke: INK, strokeMm: 0.4 }),
        part('words', [
          textFrom(text, { x: x + BOX_MM + 4, y: top + BOX_MM * 0.8 }, { width: width - BOX_MM - 4.2, most: size }),
        ]),
      ])
    }),
  ]
}
