import type { PathCommand } from '../drawing'

interface HandMeasures {
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

/** Cap wider than the nut, the nut rounding to a small point. Starts at the body, ends at the cap's right. */
function acorn(length: number, half: number, wide: number): PathCommand[] {
  const tall = Math.min(wide * 2.6, length * 0.5)
  const base = -(length - tall)
  const rim = base - tall * 0.34
  const nut = wide * 0.82
  return [
    { op: 'M', x: 0, y: base },
    { op: 'C', x1: -wide * 0.9, y1: base, x2: -wide, y2: base - tall * 0.12, x: -wide, y: rim },
    { op: 'L', x: -nut, y: rim },
    { op: 'C', x1: -nut, y1: rim - tall * 0.4, x2: -nut * 0.35, y2: -length + tall * 0.12, x: 0, y: -length },
    { op: 'C', x1: nut * 0.35, y1: -length + tall * 0.12, x2: nut, y2: rim - tall * 0.4, x: nut, y: rim },
    { op: 'L', x: wide, y: rim },
    { op: 'C', x1: wide, y1: base - tall * 0.12, x2: wide * 0.9, y2: base, x: half, y: base },
  ]
}

/** The broad end of an hour hand, in mm: its tip is `length` up, and it begins `half` beside the middle. */
function leaf(length: number, half: number, wide: number): PathCommand[] {
  const tall = Math.min(wide * 5.5, length * 0.45)
  const base = -(length - tall)
  return [
    { op: 'M', x: -half, y: base },
    { op: 'C', x1: -wide * 1.5, y1: base - tall * 0.3, x2: -wide * 0.9, y2: base - tall * 0.75, x: 0, y: -length },
    { op: 'C', x1: wide * 0.9, y1: base - tall * 0.75, x2: wide * 1.5, y2: base - tall * 0.3, x: half, y: base },
  ]
}
