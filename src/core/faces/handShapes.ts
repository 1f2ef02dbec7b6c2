import type { PathCommand } from '../drawing'
import { acorn, leaf } from './hourHandShapes'

export interface HandMeasures {
  /** From the pivot to the tip, mm. */
  readonly length: number
  /** Of the body, mm; the tip is wider. */
  readonly width: number
  /** From the pivot to the rounded end behind it, mm; at least half the width. */
  readonly tail: number
}

/** How much wider than its body a tip is. */
export const TIP_SPREAD = 1.5

/**
 * The outline of a hand that points at 12, its pivot at the origin. The hour hand ends in an acorn, cap and nut; the
 * minute hand in a leaf; the second hand is a needle with a round boss. Told apart by length, width and tip, without
 * colour.
 */
export function handOutline(hand: 'hour' | 'minute' | 'second', { length, width, tail }: HandMeasures): PathCommand[] {
  const half = width / 2
  if (hand === 'second') return needle(length, half)
  const wide = half * TIP_SPREAD
  const tip = hand === 'hour' ? acorn(length, half, wide) : leaf(length, half, wide)
  const shoulder = tip[0]
  if (shoulder?.op !== 'M') throw new Error('a tip starts where the body ends')
  return [
    { op: 'M', x: -half, y: tail - half },
    { op: 'L', x: -half, y: shoulder.y },
    ...tip.slice(1),
    { op: 'L', x: half, y: shoulder.y },
    { op: 'L', x: half, y: tail - half },
    { op: 'A', r: half, large: false, sweep: true, x: -half, y: tail - half },
    { op: 'Z' },
  ]
}

const NEEDLE_MM = 8

function needle(length: number, boss: number): PathCommand[] {
  const half = Math.min(NEEDLE_MM / 2, boss * 0.9)
  const y = -Math.sqrt(boss * boss - half * half)
  return [
    { op: 'M', x: -half, y },
    { op: 'L', x: -half, y: -length + half },
    { op: 'L', x: 0, y: -length },
    { op: 'L', x: half, y: -length + half },
    { op: 'L', x: half, y },
    { op: 'A', r: boss, large: true, sweep: true, x: -half, y },
    { op: 'Z' },
  ]
}
