import { centredText, INK, path, pointOnDial, type Shape } from '../drawing'
import { HOUR_MARK_FROM, MARK_TO, MINUTE_MARK_FROM, NUMERAL_ORDER, NUMERAL_RADIUS, NUMERAL_SIZE } from './geometry'
import { type Corners, rectangle } from './clear'
import type { DialOptions } from './dialOptions'

/** About the middle of the numeral. */
export function numeralCorners(hour: number, r: number): Corners {
  const size = r * NUMERAL_SIZE
  const half = (String(hour).length * DIGIT_SHARE * size) / 2
  const tall = (size * DIGIT_HEIGHT) / 2
  return rectangle({ left: -half, right: half, top: -tall, bottom: tall })
}

type ScaleMarks = Exclude<DialOptions['marks'], undefined>
type Numerals = Exclude<DialOptions['numerals'], undefined>

const KEPT_SCALES = 64
const scales = new Map<string, readonly Shape[]>()

/** Marks and numerals, which are the same on all dials of a page: made once for a radius, and kept. */
export function scale(r: number, marks: ScaleMarks, numerals: Numerals): readonly Shape[] {
  const name = `${r} ${marks} ${numerals}`
  const kept = scales.get(name)
  if (kept) return kept
  const made = [...markShapes(r, marks), ...numeralShapes(r, numerals)]
  if (scales.size >= KEPT_SCALES) scales.clear()
  scales.set(name, made)
  return made
}

/** Two paths, one of the hours' marks and one of the minutes' between them: a page of dials has some thousand marks. */
function markShapes(r: number, marks: ScaleMarks): Shape[] {
  if (marks === 'none') return []
  const marksAt = (minutes: readonly number[], from: number, strokeMm: number): Shape =>
    path(
      minutes.flatMap((minute) => [
        { op: 'M', ...pointOnDial(minute * 6, r * from) },
        { op: 'L', ...pointOnDial(minute * 6, r * MARK_TO) },
      ]),
      { stroke: INK, strokeMm },
    )
  const all = Array.from({ length: 60 }, (_, minute) => minute)
  const hours = marksAt(
    all.filter((minute) => minute % 5 === 0),
    HOUR_MARK_FROM,
    r * 0.022,
  )
  if (marks === 'hours') return [hours]
  return [
    hours,
    marksAt(
      all.filter((minute) => minute % 5 !== 0),
      MINUTE_MARK_FROM,
      r * 0.009,
    ),
  ]
}

function numeralShapes(r: number, numerals: Numerals): Shape[] {
  if (numerals === 'none') return []
  const size = r * NUMERAL_SIZE
  return shownNumerals(numerals).map((hour) => {
    const at = pointOnDial(hour * 30, r * NUMERAL_RADIUS)
    return centredText(String(hour), { x: at.x, y: at.y }, { size, fill: INK, weight: 'bold' })
  })
}

/** The numerals that a face shows, in the order in which they are drawn. */
export function shownNumerals(numerals: Numerals): readonly number[] {
  if (numerals === 'none') return []
  return numerals === 'quarters' ? NUMERAL_ORDER.slice(0, 4) : NUMERAL_ORDER
}

/** Figures are all of one width; round ones are a little taller than capitals, ems. */
const DIGIT_SHARE = 0.66
const DIGIT_HEIGHT = 0.77
