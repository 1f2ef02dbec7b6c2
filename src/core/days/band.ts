import { MINUTES_PER_TURN } from '../clock'
import {
  centredText,
  circle,
  type Drawing,
  FAINT,
  GOLD,
  group,
  INK,
  path,
  type PathCommand,
  pointOnDial,
  type Shape,
} from '../drawing'
import { dialShapes } from '../faces'
import type { DayRow } from './types'
import { type BandLook, edgeOf, stretches, tintOf } from './stretches'

const RADIUS = 46
const BAND_FROM = 52
const BAND_WIDTH = 11
const SIDE = 2 * (BAND_FROM + BAND_WIDTH + 3)

/** A day as a band round two turns of the dial, before noon and after it, each row at its hours. */
export function dayBand(rows: readonly DayRow[], { lit, now, names }: BandLook): Drawing {
  const turn = (half: 0 | 1): Shape => {
    const own = stretches(rows).flatMap(({ row, from, to }) => {
      const [a, b] = [Math.max(from, half * MINUTES_PER_TURN), Math.min(to, (half + 1) * MINUTES_PER_TURN)]
      return b > a ? [sector(row, a, b, row === lit)] : []
    })
    const isNow = now !== undefined && Math.floor(now / MINUTES_PER_TURN) === half
    return group(
      [
        circle({ x: 0, y: 0 }, BAND_FROM + BAND_WIDTH / 2, { fill: 'none', stroke: FAINT, strokeMm: 0.2 }),
        ...own,
        group(dialShapes(isNow ? now % MINUTES_PER_TURN : 0, { radius: RADIUS, hands: isNow ? 'both' : 'none' }), {
          part: 'dial',
        }),
        centredText(names[half], { x: 0, y: SIDE / 2 + 3 }, { size: 7, fill: INK }),
      ],
      { part: `turn-${half}`, x: SIDE / 2 + half * SIDE, y: SIDE / 2 },
    )
  }
  return { width: 2 * SIDE, height: SIDE + 9, title: 'day', shapes: [turn(0), turn(1)] }
}

/** A piece of the ring round the dial, from one minute of the day to another of the same half. */
function sector(row: number, from: number, to: number, isLit: boolean): Shape {
  const [a, b] = [(from % MINUTES_PER_TURN) / 2, (((to - 1) % MINUTES_PER_TURN) + 1) / 2]
  const outer = BAND_FROM + BAND_WIDTH + (isLit ? 2.5 : 0)
  const large = b - a > 180
  const commands: PathCommand[] =
    b - a >= 360
      ? []
      : [
          { op: 'M', ...pointOnDial(a, BAND_FROM) },
          { op: 'L', ...pointOnDial(a, outer) },
          { op: 'A', r: outer, large, sweep: true, ...pointOnDial(b, outer) },
          { op: 'L', ...pointOnDial(b, BAND_FROM) },
          { op: 'A', r: BAND_FROM, large, sweep: false, ...pointOnDial(a, BAND_FROM) },
          { op: 'Z' },
        ]
  const middle = (a + b) / 2
  const number = pointOnDial(middle, BAND_FROM + BAND_WIDTH / 2)
  return group(
    [
      path(commands, {
        fill: isLit ? GOLD : tintOf(row),
        stroke: isLit ? INK : edgeOf(row),
        strokeMm: isLit ? 1 : 0.4,
      }),
      ...(b - a >= 7 ? [centredText(String(row + 1), number, { size: b - a >= 12 ? 6 : 4.5, fill: INK })] : []),
    ],
    { part: `row-${row}` },
  )
}
