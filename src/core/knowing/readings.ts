import type { Answer } from './answers'
import { CODES, SPEAKS_FOR, type Trace, slipChance } from './traces'
import { aspects, SUPPOSED } from './aspects'

/** An unaided answer with what it says of each misreading that could have shown. */
export interface Reading {
  readonly answer: Answer
  /** How much it counts, 0 to 1: the older, the less. */
  readonly weight: number
  readonly packed: readonly number[]
  /** The answer as slips alone see it. */
  readonly slip: Pick<Trace, 'outcome' | 'slipTargets'>
}

/** By slip rate: the logarithm of how likely all these answers are if nothing but slips made them. */
export function slipLogs(readings: readonly Reading[]): number[] {
  return SUPPOSED.slips.map((rate) =>
    readings.reduce((sum, { weight, slip }) => sum + weight * Math.log(slipChance(slip, rate)), 0),
  )
}

export function speaksFor(reading: Reading, at: number): boolean {
  return reading.packed.some((packed) => Math.floor(packed / CODES) === at && packed % 4 === SPEAKS_FOR)
}

/** Whether an answer could have shown the misreading, whether it did or not. */
export function couldShow(reading: Reading, at: number): boolean {
  return reading.packed.some((packed) => Math.floor(packed / CODES) === at)
}

/** How often each kind of trace came, weighted. */
export function tally(readings: readonly Reading[]): Float64Array {
  const counts = new Float64Array(aspects.length * CODES)
  for (const { packed, weight } of readings) for (const code of packed) counts[code] = (counts[code] ?? 0) + weight
  return counts
}
