import {
  bodyArea,
  centredText,
  type Drawing,
  fitSize,
  wrapText,
  group,
  INK,
  line,
  makePage,
  MOSS,
  path,
  type PathCommand,
  type Point,
  polygonPath,
  rectanglePath,
  scaledPath,
  type Shape,
} from '../../drawing'
import { RefusedValue } from '../../errors'
import { CARD_MM, type CardGsm } from '../../make'
import { rungOf } from '../../teaching'
import { barText, nameIn, printedAs, type Told, told } from '../../wording'
import type { PrintOptions } from './choices'
import { printFooter } from './footers'
import { part } from './frame'
import { CUT, FOLD, THIN } from './looks'
import { pictureSteps, stepsOf } from './pictureSteps'

/*
 * A box to fold for a deck of cards, its lid to tuck in. All in mm:
 *
 *                       +------+
 *                       | tuck |
 *                       +------+  lid
 *   +---+------+--+------+--+
 *   |glue front|  | back |  |     the sides are as deep as the deck is thick
 *   +---+------+--+------+--+
 *                       +------+  floor
 *                       | glue |
 *                       +------+
 */

export interface Deck {
  readonly cards: number
  readonly width: number
  readonly height: number
}

/** Of the flap down the front's edge, the tuck and the flap of the floor. */
const [SIDE_FLAP, TUCK, FLOOR_FLAP] = [12, 14, 12] as const
/** Taken off the corners of flaps, so that they go in. */
const TAPER = 3
const NOTCH_RADIUS = 8
/** Room beside the cards, each way, and beyond their thickness. */
const [EASE, SLACK] = [1, 0.5] as const
/** Two folds nearer than this cannot be made. */
const LEAST_DEPTH = 3
const STEP_HALF_MM = 14

/** How large letters on the label are at most, as a share of the way from line to line, and at least, em in mm. */
const [LABEL_SHARE, LEAST_LABEL_MM] = [0.85, 2.6] as const

export interface BoxMeasures {
  readonly wide: number
  readonly high: number
  readonly deep: number
}

/** What a deck needs inside: upright, half a millimetre more than its paper is thick, and never too flat to fold. */
export function boxFor({ cards, width, height }: Deck, gsm: CardGsm): BoxMeasures {
  return {
    wide: Math.min(width, height) + EASE,
    high: Math.max(width, height) + EASE,
    deep: Math.max(LEAST_DEPTH, cards * CARD_MM[gsm] + SLACK),
  }
}

const netWidth = ({ wide, deep }: BoxMeasures) => SIDE_FLAP + 2 * wide + 2 * deep
const netHeight = ({ high, deep }: BoxMeasures) => TUCK + FLOOR_FLAP + high + 2 * deep

/** The fold lines between the walls, mm from the edge of the glue flap. */
function wallsOf({ wide, deep }: BoxMeasures) {
  const front = SIDE_FLAP
  const side = front + wide
  const back = side + deep
  const last = back + wide
  return { front, side, back, last, end: last + deep }
}

/** The outline; the upper edge of the walls is at 0. */
function outline(box: BoxMeasures): PathCommand[] {
  const { high, deep, wide } = box
  const { front, side, back, last, end } = wallsOf(box)
  const to = (x: number, y: number): PathCommand => ({ op: 'L', x, y })
  const notch = front + wide / 2
  return [
    { op: 'M', x: 0, y: TAPER },
    to(front, 0),
    to(notch - NOTCH_RADIUS, 0),
    { op: 'A', r: NOTCH_RADIUS, large: false, sweep: false, x: notch + NOTCH_RADIUS, y: 0 },
    to(side, 0),
    to(back, 0),
    to(back, -deep),
    to(back + TAPER, -deep - TUCK),
    to(last - TAPER, -deep - TUCK),
    to(last, -deep),
    to(last, 0),
    to(end, 0),
    to(end, high),
    to(last, high),
    to(last, high + deep),
    to(last - TAPER, high + deep + FLOOR_FLAP),
    to(back + TAPER, high + deep + FLOOR_FLAP),
    to(back, high + deep),
    to(back, high),
    to(front, high),
    to(0, high - TAPER),
    { op: 'Z' },
  ]
}

function folds(box: BoxMeasures): (readonly [Point, Point])[] {
  const { high, deep } = box
  const { front, side, back, last } = wallsOf(box)
  return [
    ...[front, side, back, last].map(
      (x) =>
        [
          { x, y: 0 },
          { x, y: high },
        ] as const,
    ),
    ...[-deep, 0, high, high + deep].map(
      (y) =>
        [
          { x: back, y },
          { x: last, y },
        ] as const,
    ),
  ]
}

/** The page with the box of a deck. Throws RefusedValue, naming `box`, where the paper is too small for it. */
export function boxPage(deck: Deck, { name, seed }: { name: Told; seed: number }, options: PrintOptions): Drawing {
  const { wording, paper, box: gsm } = options
  const area = bodyArea(paper)
  const box = boxFor(deck, gsm === '80' ? 80 : gsm === '300' ? 300 : 160)
  if (netWidth(box) > area.width || netHeight(box) > area.height)
    throw new RefusedValue(
      told('box for the cards'),
      told('left out: this paper is too small for a box of these cards'),
      gsm,
    )
  const x = area.x + (area.width - netWidth(box)) / 2
  const y = area.y + TUCK + box.deep
  const doing = [
    printedAs('Cut along the lines.', wording),
    printedAs('Fold the dashed lines. Glue the long flap and the floor.', wording),
    printedAs('Put the cards in and tuck in the lid.', wording),
  ]
  const steps = stepsOf(boxPictures(box, STEP_HALF_MM), doing)
  const stepsAt = y + box.high + box.deep + FLOOR_FLAP + 8
  return makePage({
    paper,
    bar: barText(wording),
    title: printedAs('Box for these cards: {0}', wording, nameIn(wording, name)),
    footer: printFooter(name, options, seed),
    body: [
      part('box', [...netShapes(box), ...label(deck, { name, seed, box }, options)], x, y),
      pictureSteps(steps, { x: area.x, y: stepsAt, width: area.width, half: STEP_HALF_MM }),
    ],
  })
}

function netShapes(box: BoxMeasures): Shape[] {
  return [path(outline(box), CUT), ...folds(box).map(([from, to]) => line(from, to, FOLD))]
}

interface LabelLine {
  readonly text: string
  readonly size: number
  readonly weight?: 'bold'
}

/** A line of the label, or more where it would be too small to read on one. */
function inLines(line: LabelLine, width: number): LabelLine[] {
  const { text, size, weight } = line
  if (fitSize(text, size, width, weight) >= LEAST_LABEL_MM) return [line]
  return wrapText(text, LEAST_LABEL_MM, width, weight).map((each) => ({ ...line, text: each, size: LEAST_LABEL_MM }))
}

/** What is inside, on the front. */
function label(
  { cards }: Deck,
  { name, seed, box }: { name: Told; seed: number; box: BoxMeasures },
  { wording, rung, owner, letter }: PrintOptions,
): Shape[] {
  const { front } = wallsOf(box)
  const width = box.wide - 8
  const lines = [
    { text: nameIn(wording, name), size: 7, weight: 'bold' as const },
    { text: nameIn(wording, rungOf(rung).name), size: 5 },
    { text: printedAs('{0} cards', wording, cards), size: 5 },
    { text: printedAs('no. {0}', wording, seed), size: 4 },
    ...(letter ? [{ text: letter, size: 9 }] : []),
    ...(owner ? [{ text: owner, size: 5 }] : []),
  ].flatMap((line) => inLines(line, width))
  const step = Math.min(9, (box.high - NOTCH_RADIUS - 8) / lines.length)
  const top = NOTCH_RADIUS + 4 + step / 2
  // On a low box the lines come closer than the largest of them are high.
  const most = Math.max(step * LABEL_SHARE, LEAST_LABEL_MM)
  return [
    part(
      'label',
      lines.map(({ text, size, weight }, i) =>
        centredText(
          text,
          { x: front + box.wide / 2, y: top + i * step },
          { size: fitSize(text, Math.min(size, most), width, weight), fill: INK, ...(weight && { weight }) },
        ),
      ),
    ),
  ]
}

/** The net in small, the box open with its cards, and the box shut. */
function boxPictures(box: BoxMeasures, half: number): readonly (readonly Shape[])[] {
  const k = (2 * half) / netHeight(box)
  const [left, top] = [(netWidth(box) * k) / 2, (TUCK + box.deep) * k - half]
  const small = (point: Point) => ({ x: point.x * k - left, y: point.y * k + top })
  const larger = (1.5 * half) / box.high
  const [wide, high, side] = [(box.wide * larger) / 2, box.high * larger, 2.5]
  const standing = (y: number): Shape[] => [
    path(rectanglePath(-wide, y, 2 * wide, high), { ...THIN, fill: '#F7E6C9' }),
    path(
      polygonPath([
        { x: wide, y },
        { x: wide + side, y: y - side },
        { x: wide + side, y: y + high - side },
        { x: wide, y: y + high },
      ]),
      THIN,
    ),
  ]
  const at = half - high
  return [
    [
      group([path(scaledPath(outline(box), k), THIN)], { x: -left, y: top }),
      ...folds(box).map(([from, to]) => line(small(from), small(to), { ...THIN, dashMm: [1, 0.8] })),
    ],
    [
      path(rectanglePath(-wide + side, at - side - 5, 2 * wide, 5), THIN),
      ...standing(at),
      line({ x: -wide, y: at + 1 }, { x: -wide, y: at + high - 1 }, { stroke: MOSS, strokeMm: 1.2 }),
      line({ x: -wide + 1, y: at + high }, { x: wide - 1, y: at + high }, { stroke: MOSS, strokeMm: 1.2 }),
    ],
    [
      path(
        polygonPath([
          { x: -wide, y: at },
          { x: -wide + side, y: at - side },
          { x: wide + side, y: at - side },
          { x: wide, y: at },
        ]),
        THIN,
      ),
      ...standing(at),
    ],
  ]
}
