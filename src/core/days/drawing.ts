import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MINUTES_PER_TURN } from '../clock'
import {
  type Drawing,
  FAINT,
  GOLD,
  INK,
  MOSS,
  OAK,
  type PathCommand,
  SLATE,
  type Shape,
  centredText,
  circle,
  group,
  line,
  path,
  pointOnDial,
  rectanglePath,
  shortened,
  textAt,
} from '../drawing'
import { dialShapes } from '../faces'
import { endOf } from './order'
import { spanText } from './readLine'
import type { DayRow } from './types'

/** Fills of the rows, one after the other; every second one has a hatch too, so that colour is not needed. */
const TINTS = ['#F6E7CF', '#E3EEF4', '#E4EFE6', '#F4E3E0'] as const
const EDGES = [OAK, SLATE, MOSS, '#7A4A5E'] as const

const tintOf = (i: number) => TINTS[i % TINTS.length] as string
const edgeOf = (i: number) => EDGES[i % EDGES.length] as string

/** Where each row is between, minutes since the day's midnight: one without an end lasts until the next begins. */
export function stretches(
  rows: readonly DayRow[],
): { readonly row: number; readonly from: number; readonly to: number }[] {
  return rows.map((row, i) => {
    const next = rows.slice(i + 1).find(({ minute }) => minute > row.minute)?.minute
    const open = Math.min(next ?? row.minute + MINUTES_PER_HOUR, row.minute + MINUTES_PER_HOUR, MINUTES_PER_DAY)
    return { row: i, from: row.minute, to: row.to === undefined ? open : Math.min(endOf(row), MINUTES_PER_DAY) }
  })
}

const RADIUS = 46
const BAND_FROM = 52
const BAND_WIDTH = 11
const SIDE = 2 * (BAND_FROM + BAND_WIDTH + 3)

interface BandLook {
  /** The row that is lit. */
  readonly lit?: number
  /** The time that the dials show, minutes since midnight; left out, they have no hands. */
  readonly now?: number
  /** What stands under each dial. */
  readonly names: readonly [string, string]
}

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
