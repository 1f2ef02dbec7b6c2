import { INK, line, path, polygonPath, rectanglePath, type Shape } from '../../drawing'
import type { ClockToMake } from './madeClock'
import { CUT, FOLD, THIN } from '../kit/looks'
import { smallClock } from '../kit/smallClock'

/*
 * A tent of two equal walls with a fold between them, the clock on the front one. A tie glued to the foot of both keeps
 * them apart:
 *
 *        fold
 *        /\
 *  front/  \back     the walls are WALL long and lean by LEAN degrees each way
 *      /____\
 *        tie         FOOT between the feet, with a flap at either end
 */

export const TENT_CLOCK: ClockToMake = { radius: 46, handWidth: 14, hole: 4 }
const [WIDE, WALL] = [108, 104] as const
const LEAN_DEGREES = 14
/** For small hands, mm. */
const FLAP = 12
const TIE_WIDE = 40
/** Between the feet, to a tenth of a millimetre. */
const FOOT = Math.round(20 * WALL * Math.sin((LEAN_DEGREES * Math.PI) / 180)) / 10

export const TENT = { width: WIDE, height: 2 * WALL, wall: WALL } as const
export const TIE = { width: TIE_WIDE, length: FOOT + 2 * FLAP } as const

/** Of card, g for each mm²; of a paper fastener, g. */
const [CARD_GRAMS, FASTENER_GRAMS] = [160 / 1_000_000, 1.2]
/** What two hands weigh is a leaf each as wide as they are joined, at most. */
const handsGrams = ({ radius, handWidth }: ClockToMake) => 2 * radius * handWidth * 1.5 * CARD_GRAMS

/**
 * How far the centre of gravity of the made clock is inside its front foot, mm. Each wall weighs at its middle, halfway
 * between its foot and the fold; hands and fastener weigh on the front one at that height, the tie at the floor.
 */
export function tentMargin(clock: ClockToMake = TENT_CLOCK): number {
  const wall = WIDE * WALL * CARD_GRAMS
  const tie = TIE_WIDE * FOOT * CARD_GRAMS
  const more = FASTENER_GRAMS + handsGrams(clock)
  const forward = ((FOOT / 4) * more) / (2 * wall + tie + more)
  return FOOT / 2 - forward
}

/** Both walls from the upper edge of the back one down, the fold between them at the origin. */
export function tentShapes(): Shape[] {
  return [
    path(rectanglePath(-WIDE / 2, -WALL, WIDE, 2 * WALL), CUT),
    line({ x: -WIDE / 2, y: 0 }, { x: WIDE / 2, y: 0 }, FOLD),
  ]
}

/** The middle of the face, below the fold: where the wall weighs. */
export const FACE_DOWN = WALL / 2

/** The tie about its middle, lying. */
export function tieShapes(): Shape[] {
  const [half, wide] = [TIE.length / 2, TIE_WIDE / 2]
  const fold = (x: number) => line({ x, y: -wide }, { x, y: wide }, FOLD)
  return [path(rectanglePath(-half, -wide, TIE.length, TIE_WIDE), CUT), fold(-FOOT / 2), fold(FOOT / 2)]
}

const TINTED = { ...THIN, fill: '#F7E6C9' } as const

/** How it is made, in small: cut and joined, folded, tied, standing. */
export function tentPictures(half: number): readonly (readonly Shape[])[] {
  const k = half / WALL
  const [wide, wall] = [(WIDE * k) / 2, WALL * k]
  // From the side it is half as high, so that it can be drawn larger.
  const larger = (1.8 * half) / WALL
  const [foot, slope, flap] = [FOOT * larger, WALL * larger, FLAP * larger]
  const flat = path(rectanglePath(-wide, -wall, 2 * wide, 2 * wall), THIN)
  const crease = line({ x: -wide, y: 0 }, { x: wide, y: 0 }, { ...THIN, dashMm: [1.2, 1] })
  const high = Math.sqrt(slope ** 2 - (foot / 2) ** 2)
  const [top, floor] = [-high / 2, high / 2]
  const side = path(
    [
      { op: 'M', x: -foot / 2, y: floor },
      { op: 'L', x: 0, y: top },
      { op: 'L', x: foot / 2, y: floor },
    ],
    { stroke: INK, strokeMm: 0.7 },
  )
  const tie = path(
    [
      { op: 'M', x: -foot / 2 + flap * 0.25, y: floor - flap },
      { op: 'L', x: -foot / 2, y: floor },
      { op: 'L', x: foot / 2, y: floor },
      { op: 'L', x: foot / 2 - flap * 0.25, y: floor - flap },
    ],
    { stroke: '#2F6B4F', strokeMm: 1 },
  )
  const behind = polygonPath([
    { x: -wide * 0.8, y: -wall * 0.55 },
    { x: wide * 0.8, y: -wall * 0.55 },
    { x: wide * 1.15, y: wall * 0.42 },
    { x: -wide * 0.6, y: wall * 0.42 },
  ])
  const front = path(
    polygonPath([
      { x: -wide * 0.8, y: -wall * 0.55 },
      { x: wide * 0.8, y: -wall * 0.55 },
      { x: wide * 0.9, y: wall * 0.55 },
      { x: -wide * 0.9, y: wall * 0.55 },
    ]),
    THIN,
  )
  return [
    [flat, crease, ...smallClock({ x: 0, y: wall / 2 }, wide * 0.8)],
    [side],
    [side, tie],
    [path(behind, TINTED), front, ...smallClock({ x: 0, y: 0 }, wide * 0.7)],
  ]
}
