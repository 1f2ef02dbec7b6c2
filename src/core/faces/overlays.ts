import {
  CAP_HEIGHT,
  circle,
  FAINT,
  INK,
  line,
  MOSS,
  OAK,
  path,
  type PathCommand,
  pointOnDial,
  type Shape,
  SLATE,
  textAt,
} from '../drawing'
import { boxesTouch, type Corners, placedAt, roomFor, wordCorners } from './clear'
import { lettersOn } from './ringOfFives'

/** The words on a dial, in English; `phrases.onDial` of a language has its own. */
export const DIAL_WORDS: {
  readonly past: string
  readonly to: string
  readonly hour: string
  readonly minute: string
} = {
  past: 'past',
  to: 'to',
  hour: 'hour',
  minute: 'minute',
}

/** A slice of the face between two angles (degrees clockwise from 12, less than half a turn or just half). */
function slice(r: number, from: number, to: number): PathCommand[] {
  const start = pointOnDial(from, r)
  const end = pointOnDial(to, r)
  return [
    { op: 'M', x: 0, y: 0 },
    { op: 'L', ...start },
    { op: 'A', r, large: to - from > 180, sweep: true, ...end },
    { op: 'Z' },
  ]
}

/**
 * Past side and to side: two tints, and a hatch on the to side, so that colour is not needed.
 * Their names stand where nothing else is: below the middle, above it, nearer or farther; nowhere where it is too full.
 */
export function halvesShapes(r: number, lowInk: boolean, words = DIAL_WORDS, taken: readonly Corners[] = []): Shape[] {
  const inner = r * 0.985
  const tint = (from: number, to: number, fill: string): Shape => path(slice(inner, from, to), { fill })
  const hatch: Shape[] = Array.from({ length: 9 }, (_, i) => {
    const x = -inner * (i + 1) * 0.1
    const y = Math.sqrt(inner * inner - x * x)
    return line({ x, y: -y }, { x, y }, { stroke: lowInk ? FAINT : '#B9CBD6', strokeMm: r * 0.006 })
  })
  const name = (text: string, side: 1 | -1, fill: string): Shape[] => {
    const size = lettersOn(r, 0.12)
    const corners = wordCorners(text, size)
    const at = SIDE_NAME_PLACES.map(([x, y]) => ({ x: side * r * x, y: r * y + (size * CAP_HEIGHT) / 2 })).find(
      (place) => isOnSide(place.x, side, roomFor(text, size)) && isClear(placedAt(corners, place), taken),
    )
    return at ? [textAt(text, at, { size, anchor: 'middle', fill, weight: 'bold' })] : []
  }
  return [
    ...(lowInk ? [] : [tint(0, 180, '#F6E7CF'), tint(180, 360, '#E3EEF4')]),
    ...hatch,
    ...name(words.past, 1, OAK),
    ...name(words.to, -1, SLATE),
  ]
}

/** Where the middle of a side's name may lie, shares of the radius, the best first; y below the pivot. */
const SIDE_NAME_PLACES = [0.31, -0.34, 0.4, -0.43, 0.22, -0.25, 0.13, -0.16].flatMap((y) =>
  [0.3, 0.36, 0.25, 0.42].map((x) => [x, y] as const),
)

/** A name stands on its own side of the middle line. */
const isOnSide = (x: number, side: 1 | -1, width: number) => side * x - width / 2 > 0

const isClear = (corners: Corners, taken: readonly Corners[]) => !taken.some((other) => boxesTouch(corners, other))

/** The zone of the hour that the hour hand is in: from the numeral it has passed to the next. */
export function zoneShapes(r: number, hourAngle: number, lowInk: boolean): Shape[] {
  const from = Math.floor(hourAngle / 30) * 30
  const fill = lowInk ? undefined : '#E4EFE6'
  return [
    path(slice(r * 0.86, from, from + 30), { fill, stroke: MOSS, strokeMm: r * 0.012, dashMm: [r * 0.03, r * 0.02] }),
  ]
}

/** All twelve hour zones: dashed lines from the middle to each numeral's place. */
export function zoneLines(r: number): Shape[] {
  return Array.from({ length: 12 }, (_, hour) => {
    const end = pointOnDial(hour * 30, r * 0.58)
    return line({ x: 0, y: 0 }, end, { stroke: MOSS, strokeMm: r * 0.008, dashMm: [r * 0.03, r * 0.025] })
  })
}

/** The four quarters of a turn, every second one tinted or, to save ink, hatched. */
export function quarterShapes(r: number, lowInk: boolean): Shape[] {
  const inner = r * 0.985
  return [0, 180].flatMap((from): Shape[] =>
    lowInk
      ? Array.from({ length: 5 }, (_, i) => {
          const reach = (inner * (i + 1)) / 6
          const [a, b] = [pointOnDial(from, reach), pointOnDial(from + 90, reach)]
          return line(a, b, { stroke: INK, strokeMm: r * 0.006 })
        })
      : [path(slice(inner, from, from + 90), { fill: '#F1E6CC' })],
  )
}

/** Where a round face is creased by folding it in half and in half again. */
export function foldLines(r: number): Shape[] {
  return [0, 90, 180, 270].map((angle) => {
    const end = pointOnDial(angle, r * 0.985)
    return line({ x: 0, y: 0 }, end, { stroke: MOSS, strokeMm: r * 0.012, dashMm: [r * 0.05, r * 0.035] })
  })
}

const ARC_RADIUS = 0.585

/** The way from 12 to the minute hand with a dot at every five: clockwise for past, back for to. */
export function countedArc(r: number, minuteAngle: number, side: 'past' | 'to'): Shape[] {
  const colour = side === 'past' ? OAK : SLATE
  const sweep = side === 'past' ? minuteAngle : 360 - minuteAngle
  if (sweep < 0.5) return []
  const way = side === 'past' ? 1 : -1
  const on = (angle: number) => pointOnDial(way * angle, r * ARC_RADIUS)
  const dots = Array.from({ length: Math.floor(sweep / 30 + 1e-9) + 1 }, (_, i): Shape =>
    circle({ x: on(i * 30).x, y: on(i * 30).y }, r * 0.02, { fill: colour }),
  )
  const isLong = sweep > 180
  const commands: PathCommand[] = [
    { op: 'M', ...on(0) },
    { op: 'A', r: r * ARC_RADIUS, large: isLong, sweep: side === 'past', ...on(sweep) },
  ]
  return [path(commands, { stroke: colour, strokeMm: r * 0.014 }), ...dots, arrowHead(r, way * sweep, way, colour)]
}

function arrowHead(r: number, angle: number, way: number, fill: string): Shape {
  const tip = pointOnDial(angle, r * ARC_RADIUS)
  const inner = pointOnDial(angle - way * 6, r * (ARC_RADIUS - 0.035))
  const outer = pointOnDial(angle - way * 6, r * (ARC_RADIUS + 0.035))
  return path([{ op: 'M', ...tip }, { op: 'L', ...inner }, { op: 'L', ...outer }, { op: 'Z' }], { fill })
}
