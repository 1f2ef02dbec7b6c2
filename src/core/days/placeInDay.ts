import { MINUTES_PER_DAY, MINUTES_PER_HOUR, MINUTES_PER_TURN, modulo } from '../clock'
import type { ParsedTime } from '../wording'
import type { WrittenSpan } from './spans'

/** When a span is in the day: its times there, or both that could be meant. */
export interface PlacedSpan {
  readonly minute: number
  readonly to?: number
}

const SIX = 6 * MINUTES_PER_HOUR
/** From here on a day has come so far that a time between six and twelve is one of the evening. */
const LATE_AFTERNOON = 15 * MINUTES_PER_HOUR

/**
 * A span as one of the day. A dial time from twelve to six is never put into the night; from six to twelve it follows
 * `before`, the row before it, and where it would go back in the day both are given. An end is the first such time
 * after the beginning.
 */
export function placeInDay({ from, to }: WrittenSpan, before: number | undefined): readonly PlacedSpan[] {
  // "13:00–1:00" is half a day: its figures tell the two times apart.
  if (from.kind === 'day') return [endedAt(from.minute, to, MINUTES_PER_TURN)]
  const { minute: dial } = from
  const late = dial + MINUTES_PER_TURN
  // "9–13:00": the end tells the half of the day, and "10–0:30" ends on the next one.
  if (to?.kind === 'day') return [endedAt(dial < to.minute && late >= to.minute ? dial : late, to)]
  if (dial < SIX) return [endedAt(late, to)]
  if (before === undefined || dial > before) return [endedAt(dial, to)]
  if (before >= LATE_AFTERNOON && late > before) return [endedAt(late, to)]
  return [endedAt(dial, to), endedAt(late, to)]
}

/**
 * When a span is in the day of a list that is written in 24 hours: as its figures say. Out of the order of the list, or
 * in the night, both halves of the day could be meant.
 */
export function placeIn24Hours({ from, to }: WrittenSpan, before: number | undefined): readonly PlacedSpan[] {
  if (from.kind === 'day') return placeInDay({ from, to }, before)
  const { minute: dial } = from
  // The dial has no 12: "12:10" is ten past noon.
  const written = dial < MINUTES_PER_HOUR ? dial + MINUTES_PER_TURN : dial
  const late = dial + MINUTES_PER_TURN
  const isInOrder = written >= SIX && (before === undefined || written > before)
  return isInOrder || written === late ? [endedAt(written, to)] : [endedAt(written, to), endedAt(late, to)]
}

/** Where both are at the same place of the dial, the end is `atSame` minutes later. */
function endedAt(minute: number, to: ParsedTime | undefined, atSame = 0): PlacedSpan {
  if (!to) return { minute }
  // "22:00–24:00" and "23:30–0:30" end on the next day.
  if (to.kind === 'day') return { minute, to: to.minute }
  const after = modulo(to.minute - minute, MINUTES_PER_TURN) || atSame
  return { minute, to: modulo(minute + after, MINUTES_PER_DAY) }
}
