import { MINUTES_PER_DAY } from '../clock'
import { draw, type Random } from '../random'
import type { EventId } from './words'

/** When each thing usually begins, minutes since midnight: the earliest and the latest. */
export const USUAL: Readonly<Record<EventId, readonly [number, number]>> = {
  wake: [360, 435],
  wash: [375, 450],
  breakfast: [420, 495],
  walk: [480, 540],
  lock: [540, 570],
  ducks: [560, 600],
  bread: [620, 650],
  stories: [570, 630],
  clocks: [600, 690],
  ferry: [680, 720],
  lunch: [735, 790],
  kingfisher: [840, 930],
  tea: [930, 990],
  lamp: [990, 1050],
  supper: [1065, 1125],
  bed: [1155, 1230],
}

/** At least so long from one thing to the next, minutes. */
const LEAST_GAP = 10
/** Longer, and a dial time could as well be the one before: eight hours. */
const MOST_GAP = 480

export interface Planned {
  readonly minute: number
  readonly id?: EventId
  readonly what?: string
}

/** Things follow each other by steps that a reader takes for the next such time on the dial. */
export function isPlain(planned: readonly Planned[]): boolean {
  return planned.every(({ minute }, i) => {
    const gap = minute - (planned[i - 1]?.minute ?? minute - LEAST_GAP)
    return gap >= LEAST_GAP && gap <= MOST_GAP
  })
}

/** A time of the rung within an hour's reach of when a thing usually is. */
export function timeWithin(random: Random, [from, to]: readonly [number, number], minutes: readonly number[]): number {
  const all = Array.from({ length: to - from + 1 }, (_, i) => from + i).filter((each) => minutes.includes(each % 60))
  if (all.length > 0) return draw(random, all)
  const middle = (from + to) / 2
  const near = Array.from({ length: MINUTES_PER_DAY }, (_, i) => i).filter((each) => minutes.includes(each % 60))
  return near.reduce((best, each) => (Math.abs(each - middle) < Math.abs(best - middle) ? each : best))
}
