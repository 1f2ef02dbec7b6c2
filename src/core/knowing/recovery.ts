import { type Mode, misreadings } from '../teaching'
import { aspects, aspectsOf } from './aspects'
import { type Reading, couldShow, speaksFor } from './readings'
import { CODES } from './traces'
import { DIAGNOSIS } from './weighing'

/*
 * A misreading is held for a while, and then it is got over: two states, as with knowing. While it is held even weakly
 * (half of the times that it could show), six right answers in a row that could have shown it come once in 64 tries;
 * once it is over they come at once. So a stretch of showings that is followed by six such right answers is over. What
 * it showed then speaks no more, neither for it nor for another one that would have led to the same answers.
 */

/** So many right answers in a row that could have shown it end a misreading. */
export const ENDS_AFTER = 6

/** A stretch of showings that is over. */
export interface Over {
  /** Place in `aspects`. */
  readonly at: number
  /** The places of its showings among the readings, the last one last. */
  readonly shown: readonly number[]
}

/** What of the readings (the earliest first) is still open, and the stretches that are over. */
export function sinceRecovery(readings: readonly Reading[]): { readings: Reading[]; over: Over[] } {
  const over = misreadings.flatMap(({ id }) => stretchesOver(readings, aspectsOf(id)))
  const gone = new Set(over.flatMap(({ shown }) => shown))
  const until = new Map<number, number>()
  for (const { at, shown } of over) until.set(at, Math.max(until.get(at) ?? -1, shown[shown.length - 1] ?? -1))
  const open = readings.flatMap((reading, i) => {
    if (gone.has(i)) return []
    const packed = reading.packed.filter((code) => i > (until.get(Math.floor(code / CODES)) ?? -1))
    return [packed.length === reading.packed.length ? reading : { ...reading, packed }]
  })
  return { readings: open, over }
}

/** The stretches of one misreading, over all the places where it can be held. */
function stretchesOver(readings: readonly Reading[], places: readonly number[]): Over[] {
  const over: Over[] = []
  const shown = new Map(places.map((at) => [at, [] as number[]]))
  const run = new Map(places.map((at) => [at, 0]))
  let together = 0
  const end = (at: number) => {
    over.push({ at, shown: shown.get(at) ?? [] })
    shown.set(at, [])
  }
  readings.forEach((reading, i) => {
    for (const at of places) {
      if (!couldShow(reading, at)) continue
      if (speaksFor(reading, at)) {
        shown.get(at)?.push(i)
        run.set(at, 0)
        together = 0
      } else if (reading.answer.right && (shown.get(at)?.length ?? 0) > 0) {
        run.set(at, (run.get(at) ?? 0) + 1)
        together++
      }
    }
    const held = places.filter((at) => (shown.get(at)?.length ?? 0) > 0)
    const count = held.reduce((sum, at) => sum + (shown.get(at)?.length ?? 0), 0)
    if (together >= ENDS_AFTER && count >= DIAGNOSIS.leastEvidence) held.forEach(end)
    else
      for (const at of held)
        if ((run.get(at) ?? 0) >= ENDS_AFTER && (shown.get(at)?.length ?? 0) >= DIAGNOSIS.leastEvidence) end(at)
  })
  return over
}

/** Where each of these was held. */
export const modesOf = (over: readonly Over[]): Mode[] => [
  ...new Set(over.flatMap(({ at }) => aspects[at]?.mode ?? [])),
]
