import { told, type Told } from '../wording'
/** What clocks are made of: thicknesses and holes in mm. */

export type FastenerId = 'fastener' | 'hairpins' | 'pushpin' | 'pipe-cleaner'

export interface Fastener {
  readonly name: Told
  /** Across the hole (a slit's length for hairpins). */
  readonly holeMm: number
  /** Least width of a hand at the pivot: the hole with 5 mm of paper on each side, and what small hands can cut. */
  readonly leastHandMm: number
  /** How much longer than the stack its leg must be. */
  readonly beyondStackMm: number
  /** Lengths it is sold in, the usual one first. */
  readonly legsMm: readonly number[]
  readonly isSharp: boolean
}

export const fasteners: Record<FastenerId, Fastener> = {
  fastener: {
    name: told('Paper fastener'),
    holeMm: 4,
    leastHandMm: 14,
    beyondStackMm: 8,
    legsMm: [12, 15, 20, 25, 38],
    isSharp: false,
  },
  hairpins: {
    name: told('Two hairpins'),
    holeMm: 3,
    leastHandMm: 13,
    beyondStackMm: 8,
    legsMm: [45, 50, 60],
    isSharp: false,
  },
  pushpin: {
    name: told('Pushpin into an eraser'),
    holeMm: 1,
    leastHandMm: 12,
    beyondStackMm: 3,
    legsMm: [8, 9.5, 11, 13],
    isSharp: true,
  },
  'pipe-cleaner': {
    name: told('Pipe cleaner'),
    holeMm: 6,
    leastHandMm: 20,
    beyondStackMm: 8,
    legsMm: [60, 80],
    isSharp: false,
  },
}

export type CardGsm = 80 | 160 | 300
export const CARD_MM: Readonly<Record<CardGsm, number>> = { 80: 0.1, 160: 0.2, 300: 0.4 }

/** Paper all round a hole. */
export const PAPER_ROUND_HOLE_MM = 5
/** The eraser under a pushpin: its point must end inside. */
export const ERASER_MM = 8
/** A ring's band narrower than this cannot be written in. */
export const LEAST_BAND_MM = 18
export const HUB_MM = 50
