import {
  type Item,
  type MisreadingId,
  type Mode,
  type Value,
  itemKey,
  missedBy,
  misreadings,
  modeIn,
  valueKey,
  wrongAnswers,
} from '../teaching'
import { type Answer, type Instant, MS_PER_DAY } from './answers'

/** What the diagnosis supposes of a child; each is averaged over, since none is known. */
export const SUPPOSED = {
  /** How often a misreading that a child holds shows when it can. */
  strengths: [0.5, 0.6, 0.7, 0.8, 0.9],
  /** How often a child who holds none goes wrong at random. */
  slips: [0.02, 0.05, 0.1, 0.4],
  /** How common each of these slip rates is; together 1. Found by trying, with `bench/knowing.ts`. */
  slipShares: [0.33, 0.42, 0.22, 0.03],
  /** Wrong answers that a slip may land on where no choices bound them. */
  openSlipTargets: 15,
  /** An answer counts half once the child has answered so many days beyond it: misreadings are outgrown. */
  halfLifeDays: 60,
} as const

/** One misreading in one of the places where it can be held: each has evidence of its own. */
export interface Aspect {
  readonly misreading: MisreadingId
  readonly mode: Mode
}

/** Every misreading in every place. The traces below name an aspect by its place in this list. */
export const aspects: readonly Aspect[] = misreadings.flatMap(({ id, heldIn }) =>
  heldIn.map((mode) => ({ misreading: id, mode })),
)

const placeOf = new Map(aspects.map(({ misreading, mode }, at) => [`${misreading} ${mode}`, at]))

/** The places in `aspects` at which a misreading stands. */
export function aspectsOf(id: MisreadingId): number[] {
  return aspects.flatMap(({ misreading }, at) => (misreading === id ? [at] : []))
}

/** A misreading's wrong answers to an item, ready to be compared. */
export interface Prediction {
  /** Place in `aspects`. */
  readonly at: number
  readonly values: readonly Value[]
  readonly keys: readonly (string | number | undefined)[]
}

/**
 * What every misreading would answer to an item; those that could not show are left out. Remembered for the items
 * that come again: a rung has some hundred dial times in five ways of asking, and each is looked at many times.
 */
export function predictionsFor(item: Item): readonly Prediction[] {
  if (!REMEMBERED.includes(item.shown.as)) return predict(item)
  const key = `${item.ask} ${itemKey(item)}`
  const known = remembered.get(key) ?? predict(item)
  remembered.set(key, known)
  return known
}

const REMEMBERED: readonly Item['shown']['as'][] = ['dial', 'words', 'figures']
const remembered = new Map<string, readonly Prediction[]>()

function predict(item: Item): Prediction[] {
  return misreadings.flatMap((misreading) => {
    const values = wrongAnswers(misreading, item)
    const at = values.length === 0 ? undefined : placeOf.get(`${misreading.id} ${modeIn(misreading, item)}`)
    return at === undefined ? [] : [{ at, values, keys: values.map(keyOf) }]
  })
}

function keyOf(value: Value): string | number | undefined {
  return value.kind === 'hands' ? undefined : valueKey(value)
}

/** Hands that miss two predictions alike, within this many degrees, speak for both. */
const NEAREST_DEG = 1e-6

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
  /** The answer as slips alone see it. */
  readonly slip: Pick<Trace, 'outcome' | 'slipTargets'>
}

/** All unaided answers as the misreadings see them. */
export function readEvidence(answers: readonly Answer[]): Reading[] {
  const unaided = answers.filter((answer) => !answer.helped)
  const newest = unaided.reduce((latest, { at }) => Math.max(latest, at), 0)
  return unaided.map((answer) => {
    const { choices, right } = answer
    return {
      answer,
      weight: weightAt(newest, answer.at),
      packed: packedTraces(answer, predictionsFor(answer.item)),
      slip: { outcome: right ? RIGHT : OTHERWISE, slipTargets: slipTargetsOf(choices) },
    }
  })
}

function weightAt(newest: Instant, at: Instant): number {
  return 0.5 ** ((newest - at) / MS_PER_DAY / SUPPOSED.halfLifeDays)
}

const slipTargetsOf = (choices: number) => (choices > 1 ? choices - 1 : SUPPOSED.openSlipTargets)

/** By slip rate: the logarithm of how likely all these answers are if nothing but slips made them. */
export function slipLogs(readings: readonly Reading[]): number[] {
  return SUPPOSED.slips.map((rate) =>
    readings.reduce((sum, { weight, slip }) => sum + weight * Math.log(slipChance(slip, rate)), 0),
  )
}

function packedTraces(answer: Answer, predictions: readonly Prediction[]): number[] {
  const { given, right, choices, item } = answer
  const slipTargets = slipTargetsOf(choices)
  const offered = choices > 1 ? item.lures.map((lure) => keyOf(lure.value)) : undefined
  const givenKey = keyOf(given)
  const seen = predictions
    .map(({ at, values, keys }) => {
      const inReach = values.filter((_, i) => !offered || offered.includes(keys[i]))
      const compared = inReach.map((value) => {
        const key = keyOf(value)
        if (givenKey !== undefined && key !== undefined) return key === givenKey ? 0 : Infinity
        return missedBy(value, given)
      })
      return { at, predicted: inReach.length, off: right ? Infinity : Math.min(...compared) }
    })
    .filter(({ predicted }) => predicted > 0)
  // Hands can be near to what several lead to: only the nearest explain them.
  const least = Math.min(...seen.map(({ off }) => off)) + NEAREST_DEG
  return seen.map(({ at, predicted, off }) => {
    const outcome = right ? RIGHT : off <= least && Number.isFinite(off) ? SPEAKS_FOR : OTHERWISE
    return pack({ at, outcome, predicted, slipTargets })
  })
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
function slipChance({ outcome, slipTargets }: Pick<Trace, 'outcome' | 'slipTargets'>, slip: number): number {
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
