import { SUPPOSED } from './aspects'

export const RIGHT = 0
export const SPEAKS_FOR = 1
export const OTHERWISE = 2
type Outcome = typeof RIGHT | typeof SPEAKS_FOR | typeof OTHERWISE

/** One answer as one misreading sees it. */
export interface Trace {
  readonly at: number
  readonly outcome: Outcome
  /** How many different wrong answers the misreading leads to here. */
  readonly predicted: number
  /** How many wrong answers a slip could land on. */
  readonly slipTargets: number
}

/** Traces that are alike are only counted: they are packed into one number each. */
export const CODES = 16 * 16 * 4

/** A trace as one whole number, so that alike traces can be counted. */
export const pack = ({ at, outcome, predicted, slipTargets }: Trace): number =>
  at * CODES + (Math.min(15, predicted) * 16 + Math.min(15, slipTargets)) * 4 + outcome

/** The trace of a packed number. */
function unpack(packed: number): Trace {
  const code = packed % CODES
  return {
    at: Math.floor(packed / CODES),
    outcome: (code % 4) as Outcome,
    predicted: code >> 6,
    slipTargets: (code >> 2) & 15,
  }
}

/** What the answers of one place say: how likely they are with the misreading there, and with slips alone. */
export interface AspectLogs {
  /** By slip rate, as in `SUPPOSED.slips`: logarithms of P(answers | e) and of P(answers | held, e). */
  readonly slips: readonly number[]
  readonly held: readonly number[]
}

/** The evidence in one place, averaged over how strong the misreading may be there; undefined where there is none. */
export function aspectLogs(counts: Float64Array, at: number): AspectLogs | undefined {
  const traces: (Trace & { readonly count: number })[] = []
  for (let packed = at * CODES; packed < (at + 1) * CODES; packed++) {
    const count = counts[packed] ?? 0
    if (count > 0) traces.push({ ...unpack(packed), count })
  }
  if (traces.length === 0) return undefined
  const sum = (chance: (trace: Trace) => number) =>
    traces.reduce((total, trace) => total + trace.count * Math.log(chance(trace)), 0)
  return {
    slips: SUPPOSED.slips.map((slip) => sum((trace) => slipChance(trace, slip))),
    held: SUPPOSED.slips.map((slip) =>
      logMean(SUPPOSED.strengths.map((strength) => sum((trace) => heldChance(trace, strength, slip)))),
    ),
  }
}

/** P(answer | slip e): 1 − e if right, e ÷ k if wrong, k being the wrong answers to be had. */
export function slipChance({ outcome, slipTargets }: Pick<Trace, 'outcome' | 'slipTargets'>, slip: number): number {
  return outcome === RIGHT ? 1 - slip : slip / slipTargets
}

/** P(answer | the misreading, s, e) = s ÷ n · [it leads to the answer] + (1 − s) · P(answer | slip e). */
function heldChance(trace: Trace, strength: number, slip: number): number {
  return (trace.outcome === SPEAKS_FOR ? strength / trace.predicted : 0) + (1 - strength) * slipChance(trace, slip)
}

/** The logarithm of the mean of what the logarithms stand for; `shares` says how much each counts, together 1. */
export function logMean(logs: readonly number[], shares?: readonly number[]): number {
  const top = Math.max(...logs)
  return top + Math.log(logs.reduce((sum, log, i) => sum + (shares?.[i] ?? 1 / logs.length) * Math.exp(log - top), 0))
}
