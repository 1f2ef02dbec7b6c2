export const RIGHT = 0
export const SPEAKS_FOR = 1
export const OTHERWISE = 2
export type Outcome = typeof RIGHT | typeof SPEAKS_FOR | typeof OTHERWISE

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
export function unpack(packed: number): Trace {
  const code = packed % CODES
  return {
    at: Math.floor(packed / CODES),
    outcome: (code % 4) as Outcome,
    predicted: code >> 6,
    slipTargets: (code >> 2) & 15,
  }
}
