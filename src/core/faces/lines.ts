import { centredText, type Drawing, FAINT, group, INK, line, OAK, path, type Shape, SLATE } from '../drawing'
import { DIAL_WORDS } from './overlays'
import { type MinuteOfDay, minutesPast } from '../clock'

/* Lines that stand beside a dial: the minutes of one hour, and a stretch of time in jumps. Drawn in mm. */

export const WIDTH = 220
export const MARGIN = 10

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

/**
 * A time of the day after a touch on the number line: within the hour that it shows, 60 being the next hour's nought.
 *
 * minuteTouched(615, NUMBER_LINE.to) //=> 659
 */
export function minuteTouched(minute: MinuteOfDay, x: number): MinuteOfDay {
  return minute - minutesPast(minute) + Math.min(59, minutesAtX(x))
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
