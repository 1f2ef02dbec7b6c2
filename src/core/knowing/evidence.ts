import { type Item, type Value, itemKey, misreadings, sameValue, valueKey, wrongAnswers } from '../teaching'
import { type Answer, type Instant, MS_PER_DAY } from './answers'

/** What the diagnosis supposes of a child; each is averaged over, since none is known. */
export const SUPPOSED = {
  /** How often a misreading that a child holds shows when it can. */
  strengths: [0.5, 0.6, 0.7, 0.8, 0.9],
  /** How often a child who holds none goes wrong at random. */
  slips: [0.02, 0.05, 0.1, 0.4],
  /** Wrong answers that a slip may land on where no choices bound them. */
  openSlipTargets: 15,
  /** An answer counts half once the child has answered so many days beyond it: misreadings are outgrown. */
  halfLifeDays: 60,
} as const

/** A misreading's wrong answers to an item, ready to be compared. */
export interface Prediction {
  /** Place in the table of misreadings. */
  readonly at: number
  readonly values: readonly Value[]
  readonly keys: readonly (string | number | undefined)[]
}

/** What every misreading would answer to an item; those that could not show are left out. */
export function predictionsFor(item: Item): Prediction[] {
  return misreadings.flatMap((misreading, at) => {
    const values = wrongAnswers(misreading, item)
    return values.length === 0 ? [] : [{ at, values, keys: values.map(keyOf) }]
  })
}

function keyOf(value: Value): string | number | undefined {
  return value.kind === 'hands' ? undefined : valueKey(value)
}

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
const CODES = 16 * 16 * 4
const pack = ({ at, outcome, predicted, slipTargets }: Trace): number =>
  at * CODES + (Math.min(15, predicted) * 16 + Math.min(15, slipTargets)) * 4 + outcome

function unpack(packed: number): Trace {
  const code = packed % CODES
  return {
    at: Math.floor(packed / CODES),
    outcome: (code % 4) as Outcome,
    predicted: code >> 6,
    slipTargets: (code >> 2) & 15,
  }
}

/** An unaided answer with what it says of each misreading that could have shown. */
export interface Reading {
  readonly answer: Answer
  /** How much it counts, 0 to 1: the older, the less. */
  readonly weight: number
  readonly packed: readonly number[]
}

/** All unaided answers as the misreadings see them. */
export function readEvidence(answers: readonly Answer[]): Reading[] {
  const unaided = answers.filter((answer) => !answer.helped)
  const newest = unaided.reduce((latest, { at }) => Math.max(latest, at), 0)
  const known = new Map<string, Prediction[]>()
  return unaided.map((answer) => {
    const key = `${answer.item.ask} ${itemKey(answer.item)}`
    let predictions = known.get(key)
    if (!predictions) known.set(key, (predictions = predictionsFor(answer.item)))
    return { answer, weight: weightAt(newest, answer.at), packed: packedTraces(answer, predictions) }
  })
}

function weightAt(newest: Instant, at: Instant): number {
  return 0.5 ** ((newest - at) / MS_PER_DAY / SUPPOSED.halfLifeDays)
}

function packedTraces(answer: Answer, predictions: readonly Prediction[]): number[] {
  const { given, right, choices, item } = answer
  const slipTargets = choices > 1 ? choices - 1 : SUPPOSED.openSlipTargets
  const offered = choices > 1 ? item.lures.map((lure) => keyOf(lure.value)) : undefined
  const givenKey = keyOf(given)
  const packed: number[] = []
  for (const { at, values, keys } of predictions) {
    let predicted = 0
    let speaksFor = false
    for (const [i, key] of keys.entries()) {
      if (offered && !offered.includes(key)) continue
      predicted++
      if (
        !right &&
        (givenKey !== undefined && key !== undefined ? key === givenKey : sameValue(values[i] as Value, given))
      )
        speaksFor = true
    }
    if (predicted === 0) continue
    packed.push(pack({ at, outcome: right ? RIGHT : speaksFor ? SPEAKS_FOR : OTHERWISE, predicted, slipTargets }))
  }
  return packed
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
  const counts = new Float64Array(misreadings.length * CODES)
  for (const { packed, weight } of readings) for (const code of packed) counts[code] = (counts[code] ?? 0) + weight
  return counts
}

/** P(answers | this misreading) ÷ P(answers | slips only), each averaged over what is not known. */
export function bayesFactor(counts: Float64Array, at: number): number {
  const traces: (Trace & { readonly count: number })[] = []
  for (let packed = at * CODES; packed < (at + 1) * CODES; packed++) {
    const count = counts[packed] ?? 0
    if (count > 0) traces.push({ ...unpack(packed), count })
  }
  if (traces.length === 0) return 1
  const sum = (chance: (trace: Trace) => number) =>
    traces.reduce((total, trace) => total + trace.count * Math.log(chance(trace)), 0)
  const slipLogs = SUPPOSED.slips.map((slip) => sum((trace) => slipChance(trace, slip)))
  const heldLogs = SUPPOSED.slips.flatMap((slip) =>
    SUPPOSED.strengths.map((strength) => sum((trace) => heldChance(trace, strength, slip))),
  )
  return Math.exp(logMean(heldLogs) - logMean(slipLogs))
}

/** P(answer | slip e): 1 − e if right, e ÷ k if wrong, k being the wrong answers to be had. */
function slipChance({ outcome, slipTargets }: Pick<Trace, 'outcome' | 'slipTargets'>, slip: number): number {
  return outcome === RIGHT ? 1 - slip : slip / slipTargets
}

/** P(answer | the misreading, s, e) = s ÷ n · [it leads to the answer] + (1 − s) · P(answer | slip e). */
function heldChance(trace: Trace, strength: number, slip: number): number {
  return (trace.outcome === SPEAKS_FOR ? strength / trace.predicted : 0) + (1 - strength) * slipChance(trace, slip)
}

function logMean(logs: readonly number[]): number {
  const top = Math.max(...logs)
  return top + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - top), 0) / logs.length)
}
