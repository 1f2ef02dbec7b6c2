import { MINUTES_PER_DAY, MINUTES_PER_HOUR } from '../clock'
import {
  centredText,
  circle,
  type Drawing,
  GOLD,
  group,
  INK,
  line,
  path,
  rectanglePath,
  type Shape,
  shortened,
  textAt,
} from '../drawing'
import { spanText } from './rowText'
import type { DayRow } from './types'
import { type BandLook, edgeOf, stretches, tintOf } from './stretches'

export const DAY_STRIP = { width: 264, height: 34, from: 6, to: 258 } as const
const STRIP_TOP = 5
const STRIP_HIGH = 15

/** The hours that a strip shows: whole hours round all rows. */
export function stripHours(rows: readonly DayRow[]): { readonly first: number; readonly last: number } {
  const all = stretches(rows)
  const first = Math.floor(Math.min(MINUTES_PER_DAY - 60, ...all.map(({ from }) => from)) / MINUTES_PER_HOUR)
  const last = Math.ceil(Math.max(first * MINUTES_PER_HOUR + 60, ...all.map(({ to }) => to)) / MINUTES_PER_HOUR)
  return { first, last }
}

/** Where a minute of the day lies on the strip, mm from its left. */
export function stripX(minute: number, { first, last }: { readonly first: number; readonly last: number }): number {
  const share = (minute - first * MINUTES_PER_HOUR) / ((last - first) * MINUTES_PER_HOUR)
  return DAY_STRIP.from + share * (DAY_STRIP.to - DAY_STRIP.from)
}

/** A day as a strip of minutes, each row as wide as it is long, with the hours under it. */
export function dayStrip(rows: readonly DayRow[], { lit, now }: Pick<BandLook, 'lit' | 'now'> = {}): Drawing {
  const hours = stripHours(rows)
  const pieces = stretches(rows).map(({ row, from, to }) => {
    const [x, end] = [stripX(from, hours), stripX(to, hours)]
    const isLit = row === lit
    const name = `${row + 1} ${rows[row]?.what ?? ''}`
    const width = end - x
    const [fits] = width > 5 ? shortened(name, { size: 4.4 }, width - 1.6, 1) : []
    return group(
      [
        path(rectanglePath(x, STRIP_TOP, width, STRIP_HIGH), {
          fill: isLit ? GOLD : tintOf(row),
          stroke: isLit ? INK : edgeOf(row),
          strokeMm: isLit ? 0.8 : 0.3,
        }),
        ...(fits ? [textAt(fits, { x: x + 0.8, y: STRIP_TOP + 9 }, { size: 4.4, fill: INK })] : []),
      ],
      { part: `row-${row}` },
    )
  })
  const ticks = Array.from({ length: hours.last - hours.first + 1 }, (_, i) => {
    const hour = hours.first + i
    const x = stripX(hour * MINUTES_PER_HOUR, hours)
    return group([
      line({ x, y: STRIP_TOP + STRIP_HIGH }, { x, y: STRIP_TOP + STRIP_HIGH + 3 }, { stroke: INK, strokeMm: 0.4 }),
      centredText(
        spanText({ minute: (hour % 24) * 60 }).replace(/^0/, ''),
        { x, y: STRIP_TOP + STRIP_HIGH + 7 },
        {
          size: hours.last - hours.first > 14 ? 3.6 : 4.6,
          fill: INK,
        },
      ),
    ])
  })
  return {
    width: DAY_STRIP.width,
    height: DAY_STRIP.height,
    title: 'strip of minutes',
    shapes: [...pieces, ...ticks, ...nowMark(now, hours)],
  }
}

function nowMark(now: number | undefined, hours: { readonly first: number; readonly last: number }): Shape[] {
  if (now === undefined || now < hours.first * 60 || now > hours.last * 60) return []
  const x = stripX(now, hours)
  return [
    group(
      [
        line({ x, y: 1 }, { x, y: STRIP_TOP + STRIP_HIGH + 1 }, { stroke: INK, strokeMm: 0.9 }),
        circle({ x, y: 2 }, 1.8, { fill: GOLD, stroke: INK, strokeMm: 0.4 }),
      ],
      { part: 'now' },
    ),
  ]
}
