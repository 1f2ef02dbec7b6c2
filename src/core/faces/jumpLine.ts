import { countJumps, type Jump, type MinuteOfDay, modulo, shiftTime } from '../clock'
import { centredText, type Drawing, INK, line, MOSS, path, type Shape, textWidth } from '../drawing'
import { sayDuration } from '../wording'
import { MARGIN, WIDTH } from './lines'

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

interface PlacedJump {
  readonly jump: Jump
  readonly start: number
  readonly end: number
}

/** A jump as an arch over the line at height `y`, with its length in words. */
function arch(
  { jump, start, end }: PlacedJump,
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
