import { type Jump, countJumps, modulo, shiftTime, type MinuteOfDay } from '../clock'
import { CAP_HEIGHT, type Drawing, FAINT, INK, MOSS, OAK, type Shape, SLATE, textWidth } from '../drawing'
import { sayDuration } from '../wording'
import { DIAL_WORDS } from './overlays'

/* Lines that stand beside a dial: the minutes of one hour, and a stretch of time in jumps. Drawn in mm. */

const WIDTH = 220
const MARGIN = 10

export const NUMBER_LINE = { width: WIDTH, height: 40, from: MARGIN, to: WIDTH - MARGIN } as const

/** Where a count of minutes (0 to 60) is on the number line, mm from its left. */
export function numberLineX(minutes: number): number {
  return NUMBER_LINE.from + (minutes / 60) * (NUMBER_LINE.to - NUMBER_LINE.from)
}

/** The count of minutes (whole, 0 to 60) that a place on the number line means. */
export function minutesAtX(x: number): number {
  const share = (x - NUMBER_LINE.from) / (NUMBER_LINE.to - NUMBER_LINE.from)
  return Math.min(60, Math.max(0, Math.round(share * 60)))
}

function text(x: number, y: number, words: string, size: number, fill: string, weight?: 'bold'): Shape {
  return {
    type: 'text',
    layer: 'ink',
    x,
    y: y + (size * CAP_HEIGHT) / 2,
    text: words,
    size,
    anchor: 'middle',
    fill,
    weight,
  }
}

function line(x1: number, y1: number, x2: number, y2: number, stroke: string, strokeMm: number): Shape {
  return { type: 'line', layer: 'ink', x1, y1, x2, y2, stroke, strokeMm }
}

/**
 * The hour as a line from 0 to 60: counts past above it, counts to below its second half, and the way from 0
 * or to 60 that the minute hand (0 to 59) has counted; blank, the line alone, to mark the minutes on. The past side
 * and the to side differ in tint and hatch.
 */
export function numberLine(minutes: number, words = DIAL_WORDS, { isBlank = false, lowInk = false } = {}): Drawing {
  const y = 20
  const isTo = minutes > 30
  const counted = isTo ? [minutes, 60] : [0, minutes]
  const ticks = Array.from({ length: 61 }, (_, at) => {
    const half = at % 5 === 0 ? 3 : 1.4
    return line(numberLineX(at), y - half, numberLineX(at), y + half, INK, at % 5 === 0 ? 0.6 : 0.3)
  })
  const hatch = Array.from({ length: 15 }, (_, i) =>
    line(numberLineX(31 + 2 * i), y - 2, numberLineX(32 + 2 * i), y + 2, FAINT, 0.3),
  )
  const tints: Shape[] = [
    { type: 'path', layer: 'ink', commands: box(numberLineX(0), y - 2, numberLineX(30), y + 2), fill: '#F6E7CF' },
    { type: 'path', layer: 'ink', commands: box(numberLineX(30), y - 2, numberLineX(60), y + 2), fill: '#E3EEF4' },
  ]
  const fives = Array.from({ length: 13 }, (_, i) => i * 5)
  const at = numberLineX(minutes)
  const marker: Shape = {
    type: 'group',
    part: 'marker',
    x: at,
    y: 0,
    shapes: [
      {
        type: 'path',
        layer: 'ink',
        commands: [
          { op: 'M', x: -3, y: y - 7.5 },
          { op: 'L', x: 3, y: y - 7.5 },
          { op: 'L', x: 0, y: y - 2.4 },
          { op: 'Z' },
        ],
        fill: INK,
      },
    ],
  }
  return {
    width: NUMBER_LINE.width,
    height: NUMBER_LINE.height,
    title: 'number line',
    shapes: [
      ...(lowInk ? [] : tints),
      ...hatch,
      line(numberLineX(0), y, numberLineX(60), y, INK, 0.5),
      ...(isBlank
        ? []
        : [line(numberLineX(counted[0] ?? 0), y, numberLineX(counted[1] ?? 0), y, isTo ? SLATE : OAK, 2)]),
      ...ticks,
      ...fives.map((count) => text(numberLineX(count), y - 10.5, String(count), 5, OAK)),
      ...fives
        .filter((count) => count >= 30)
        .map((count) => text(numberLineX(count), y + 7.5, String(60 - count), 5, SLATE)),
      text(numberLineX(15), y + 7.5, words.past, 5, OAK, 'bold'),
      text(numberLineX(45), y + 15, words.to, 5, SLATE, 'bold'),
      ...(isBlank ? [] : [marker]),
    ],
  }
}

function box(x1: number, y1: number, x2: number, y2: number) {
  return [
    { op: 'M', x: x1, y: y1 },
    { op: 'L', x: x2, y: y1 },
    { op: 'L', x: x2, y: y2 },
    { op: 'L', x: x1, y: y2 },
    { op: 'Z' },
  ] as const
}

export const JUMP_LINE = { width: WIDTH, height: 46 } as const

/**
 * A stretch of time in the jumps a child can do, from `from` to `to` (a `to` before it is on the next
 * day), or drawn backwards from the later time. A jump is as wide as its words and times need, and wider with the root
 * of its minutes, so that five minutes beside four hours can still be seen. `sayTime` puts the times under the line.
 */
export function jumpLine(
  from: MinuteOfDay,
  to: MinuteOfDay,
  sayTime: (minute: MinuteOfDay) => string,
  { backwards = false, textMm = 5 } = {},
): Drawing {
  const { jumps } = countJumps(from, to)
  const y = 32
  const widths = jumpWidths(from, jumps, sayTime, textMm)
  let x = 2 * MARGIN
  const placed = jumps.map((jump, i) => {
    const start = x
    x += widths[i] ?? 0
    return { jump, start, end: x }
  })
  const stops = [{ x: 2 * MARGIN, minute: from }, ...placed.map(({ jump, end }) => ({ x: end, minute: jump.to }))]
  return {
    width: JUMP_LINE.width,
    height: JUMP_LINE.height,
    title: 'jump line',
    shapes: [
      line(MARGIN, y, WIDTH - MARGIN, y, INK, 0.5),
      ...placed.flatMap(({ jump, start, end }) => arch(jump, start, end, y, backwards, textMm)),
      ...stops.flatMap((stop) => [
        line(stop.x, y - 2, stop.x, y + 2, INK, 0.7),
        text(stop.x, y + 2 + textMm, sayTime(stop.minute), textMm, INK),
      ]),
    ],
  }
}

function jumpWidths(
  from: MinuteOfDay,
  jumps: readonly Jump[],
  sayTime: (minute: MinuteOfDay) => string,
  textMm: number,
): number[] {
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)
  const room = WIDTH - 4 * MARGIN
  const least = jumps.map(({ minutes, to }, i) => {
    const times = textWidth(sayTime(jumps[i - 1]?.to ?? from), textMm) + textWidth(sayTime(to), textMm)
    return Math.max(textWidth(sayDuration(minutes), textMm, 'bold'), times / 2) + textMm / 3
  })
  const spare = room - sum(least)
  if (spare < 0) return least.map((width) => (width * room) / sum(least))
  const roots = jumps.map(({ minutes }) => Math.sqrt(minutes))
  return least.map((width, i) => width + (spare * (roots[i] ?? 0)) / sum(roots))
}

function arch(jump: Jump, start: number, end: number, y: number, backwards: boolean, textMm: number): Shape[] {
  const top = y - 20
  const [a, b] = backwards ? [end, start] : [start, end]
  const way = backwards ? -1 : 1
  return [
    {
      type: 'path',
      layer: 'ink',
      commands: [
        { op: 'M', x: a, y },
        { op: 'C', x1: a + (b - a) * 0.15, y1: top, x2: b - (b - a) * 0.15, y2: top, x: b, y: y - 1 },
      ],
      stroke: MOSS,
      strokeMm: 0.9,
    },
    {
      type: 'path',
      layer: 'ink',
      commands: [
        { op: 'M', x: b, y: y - 0.5 },
        { op: 'L', x: b - way * 3.2, y: y - 3.4 },
        { op: 'L', x: b - way * 0.4, y: y - 5 },
        { op: 'Z' },
      ],
      fill: MOSS,
    },
    text((start + end) / 2, top + 2 - textMm / 2, sayDuration(jump.minutes), textMm, MOSS, 'bold'),
  ]
}

/** Where a time moved on or back by some minutes ends, for a jump line: the earlier and the later time. */
export function jumpEnds(minute: MinuteOfDay, by: number): { from: MinuteOfDay; to: MinuteOfDay } {
  const other = shiftTime(minute, by).minute
  return by >= 0 ? { from: minute, to: other } : { from: other, to: modulo(minute, 1440) }
}
