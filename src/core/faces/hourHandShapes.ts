import type { PathCommand } from '../drawing'

/** Cap wider than the nut, the nut rounding to a small point. Starts at the body, ends at the cap's right. */
export function acorn(length: number, half: number, wide: number): PathCommand[] {
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
export function leaf(length: number, half: number, wide: number): PathCommand[] {
  const tall = Math.min(wide * 5.5, length * 0.45)
  const base = -(length - tall)
  return [
    { op: 'M', x: -half, y: base },
    { op: 'C', x1: -wide * 1.5, y1: base - tall * 0.3, x2: -wide * 0.9, y2: base - tall * 0.75, x: 0, y: -length },
    { op: 'C', x1: wide * 0.9, y1: base - tall * 0.75, x2: wide * 1.5, y2: base - tall * 0.3, x: half, y: base },
  ]
}
