import { MINUTES_PER_DAY, MINUTES_PER_HOUR, minutesPast, modulo } from '../clock'
import { type RungId, rungOf } from '../teaching'
import { inOrder } from './order'
import type { DayRow } from './types'

/**
 * The minutes past the hour that a child on a rung can show: those of the rung and of the ones before it in the order.
 * A rung beside the order needs every minute.
 *
 * minutesKnownOn('half', ['oclock', 'half', 'quarters']) //=> [0, 30]
 */
export function minutesKnownOn(rung: RungId, order: readonly RungId[]): number[] {
  const at = order.indexOf(rung)
  if (at < 0 && rung !== 'parts') return Array.from({ length: MINUTES_PER_HOUR }, (_, i) => i)
  const known = order.slice(0, at + 1).flatMap((id) => {
    const { dial } = rungOf(id)
    return dial?.hands === 'both' ? dial.minutes : []
  })
  return [...new Set([0, ...known])].sort((a, b) => a - b)
}

/** A day as a child on some rung can show it. */
export interface RoundedDay {
  readonly rows: readonly DayRow[]
  /** The rows whose time was too hard: as it is, and as it was put. */
  readonly changed: readonly { readonly row: DayRow; readonly minute: number }[]
  /** Rows that were left out, since another one is at the same rounded time already. */
  readonly left: readonly DayRow[]
}

/**
 * Puts each beginning at the nearest time that a child on the rung can show; of two that are as near, the later one.
 * What would be pushed past midnight stays before it.
 */
export function roundedDay(rows: readonly DayRow[], rung: RungId, order: readonly RungId[]): RoundedDay {
  const known = minutesKnownOn(rung, order)
  const changed: { row: DayRow; minute: number }[] = []
  const left: DayRow[] = []
  const kept = new Map<number, DayRow>()
  for (const row of inOrder(rows)) {
    const minute = nearestKnown(row.minute, known)
    if (kept.has(minute)) {
      left.push(row)
      continue
    }
    if (minute !== row.minute) changed.push({ row, minute })
    const to = row.to === undefined ? undefined : nearestKnown(row.to, known)
    kept.set(minute, { ...row, minute, to: to === minute ? undefined : to })
  }
  return { rows: [...kept.values()], changed, left }
}

function nearestKnown(minute: number, known: readonly number[]): number {
  const hour = minute - minutesPast(minute)
  const near = [
    ...known,
    ...known.map((each) => each + MINUTES_PER_HOUR),
    ...known.map((each) => each - MINUTES_PER_HOUR),
  ]
    .map((each) => hour + each)
    .filter((each) => each >= 0 && each < MINUTES_PER_DAY)
  return near.reduce(
    (best, each) => {
      const [d, least] = [Math.abs(each - minute), Math.abs(best - minute)]
      return d < least || (d === least && each > best) ? each : best
    },
    modulo(hour, MINUTES_PER_DAY),
  )
}
