import { type Jump, countJumps, modulo, shiftTime, type MinuteOfDay } from '../clock'
import {
  type Drawing,
  FAINT,
  INK,
  MOSS,
  OAK,
  type Shape,
  SLATE,
  textWidth,
  line,
  path,
  group,
  centredText,
} from '../drawing'
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

/** The line's own height on its drawing, mm from the top. */
const LINE_Y = 20

const onLine = (minutes: number, dy = 0) => ({ x: numberLineX(minutes), y: LINE_Y + dy })

/**
 * The hour as a line from 0 to 60: counts past above it, counts to below its second half, and the way from 0
 * or to 60 that the minute hand (0 to 59) has counted. Blank, it is the line alone, to mark the minutes on. The past
 * side and the to side differ in tint and hatch.
 */
export function numberLine(minutes: number, words = DIAL_WORDS, { isBlank = false, lowInk = false } = {}): Drawing {
  const tints: Shape[] = [
    path(box(numberLineX(0), LINE_Y - 2, numberLineX(30), LINE_Y + 2), { fill: '#F6E7CF' }),
    path(box(numberLineX(30), LINE_Y - 2, numberLineX(60), LINE_Y + 2), { fill: '#E3EEF4' }),
  ]
  return {
    width: NUMBER_LINE.width,
    height: NUMBER_LINE.height,
    title: 'number line',
    shapes: [
      ...(lowInk ? [] : tints),
      ...hatchOfTo(),
      line(onLine(0), onLine(60), { stroke: INK, strokeMm: 0.5 }),
      ...(isBlank ? [] : [counted(minutes)]),
      ...ticks(),
      ...counts(),
      centredText(words.past, onLine(15, 7.5), { size: 5, fill: OAK, weight: 'bold' }),
      centredText(words.to, onLine(45, 15), { size: 5, fill: SLATE, weight: 'bold' }),
      ...(isBlank ? [] : [marker(minutes)]),
    ],
  }
}

function hatchOfTo(): Shape[] {
  return Array.from({ length: 15 }, (_, i) =>
    line(onLine(31 + 2 * i, -2), onLine(32 + 2 * i, 2), { stroke: FAINT, strokeMm: 0.3 }),
  )
}

/** From 0 on the past side; to 60 on the to side. */
function counted(minutes: number): Shape {
  const isTo = minutes > 30
  return line(onLine(isTo ? minutes : 0), onLine(isTo ? 60 : minutes), { stroke: isTo ? SLATE : OAK, strokeMm: 2 })
}

function ticks(): Shape[] {
  return Array.from({ length: 61 }, (_, at) => {
    const half = at % 5 === 0 ? 3 : 1.4
    return line(onLine(at, -half), onLine(at, half), { stroke: INK, strokeMm: at % 5 === 0 ? 0.6 : 0.3 })
  })
}

/** 0, 5 … 60 above the line, and below its second half how many are left. */
function counts(): Shape[] {
  const fives = Array.from({ length: 13 }, (_, i) => i * 5)
  return [
    ...fives.map((count) => centredText(String(count), onLine(count, -10.5), { size: 5, fill: OAK })),
    ...fives
      .filter((count) => count >= 30)
      .map((count) => centredText(String(60 - count), onLine(count, 7.5), { size: 5, fill: SLATE })),
  ]
}

function marker(minutes: number): Shape {
  const tip = path(
    [
      { op: 'M', x: -3, y: LINE_Y - 7.5 },
      { op: 'L', x: 3, y: LINE_Y - 7.5 },
      { op: 'L', x: 0, y: LINE_Y - 2.4 },
      { op: 'Z' },
    ],
    { fill: INK },
  )
  return group([tip], { part: 'marker', x: numberLineX(minutes), y: 0 })
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
      line({ x: MARGIN, y }, { x: WIDTH - MARGIN, y }, { stroke: INK, strokeMm: 0.5 }),
      ...placed.flatMap((each) => arch(each, y, { backwards, textMm })),
      ...stops.flatMap((stop) => [
        line({ x: stop.x, y: y - 2 }, { x: stop.x, y: y + 2 }, { stroke: INK, strokeMm: 0.7 }),
        centredText(sayTime(stop.minute), { x: stop.x, y: y + 2 + textMm }, { size: textMm, fill: INK }),
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

interface Placed {
  readonly jump: Jump
  readonly start: number
  readonly end: number
}

/** A jump as an arch over the line at height `y`, with its length in words. */
function arch(
  { jump, start, end }: Placed,
  y: number,
  { backwards, textMm }: { readonly backwards: boolean; readonly textMm: number },
): Shape[] {
  const top = y - 20
  const [a, b] = backwards ? [end, start] : [start, end]
  const way = backwards ? -1 : 1
  return [
    path(
      [
        { op: 'M', x: a, y },
        { op: 'C', x1: a + (b - a) * 0.15, y1: top, x2: b - (b - a) * 0.15, y2: top, x: b, y: y - 1 },
      ],
      { stroke: MOSS, strokeMm: 0.9 },
    ),
    path(
      [
        { op: 'M', x: b, y: y - 0.5 },
        { op: 'L', x: b - way * 3.2, y: y - 3.4 },
        { op: 'L', x: b - way * 0.4, y: y - 5 },
        { op: 'Z' },
      ],
      { fill: MOSS },
    ),
    centredText(
      sayDuration(jump.minutes),
      { x: (start + end) / 2, y: top + 2 - textMm / 2 },
      { size: textMm, fill: MOSS, weight: 'bold' },
    ),
  ]
}

/** Where a time moved on or back by some minutes ends, for a jump line: the earlier and the later time. */
export function jumpEnds(minute: MinuteOfDay, by: number): { from: MinuteOfDay; to: MinuteOfDay } {
  const other = shiftTime(minute, by).minute
  return by >= 0 ? { from: minute, to: other } : { from: other, to: modulo(minute, 1440) }
}
