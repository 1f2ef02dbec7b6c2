import { offFrom } from '../teaching'
import { MS_PER_DAY } from '../clock'
import type { Answer, Instant } from './answers'
import { OTHERWISE, pack, RIGHT, SPEAKS_FOR } from './traces'
import { keyOf, type Prediction, predictionsFor } from './predictions'
import { SUPPOSED } from './aspects'
import type { Reading } from './readings'

/** Hands that miss two predictions alike, within this many degrees, speak for both. */
const NEAREST_DEG = 1e-6

/** All unaided answers as the misreadings see them, the earliest first. */
export function readEvidence(answers: readonly Answer[]): Reading[] {
  const unaided = answers.filter((answer) => !answer.helped).sort((a, b) => a.at - b.at)
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

function packedTraces(answer: Answer, predictions: readonly Prediction[]): number[] {
  const { given, right, choices, item } = answer
  const slipTargets = slipTargetsOf(choices)
  const offered = choices > 1 ? item.lures.map((lure) => keyOf(lure.value)) : undefined
  const seen = predictions
    .map(({ at, misreading, values, keys }) => {
      const inReach = values.filter((_, i) => !offered || offered.includes(keys[i]))
      return { at, predicted: inReach.length, off: right ? Infinity : offFrom(misreading, item, given, inReach) }
    })
    .filter(({ predicted }) => predicted > 0)
  // Hands can be near to what several lead to: only the nearest explain them.
  const least = Math.min(...seen.map(({ off }) => off)) + NEAREST_DEG
  return seen.map(({ at, predicted, off }) => {
    const outcome = right ? RIGHT : off <= least && Number.isFinite(off) ? SPEAKS_FOR : OTHERWISE
    return pack({ at, outcome, predicted, slipTargets })
  })
}
