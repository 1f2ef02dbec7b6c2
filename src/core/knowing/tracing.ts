import { MS_PER_DAY } from '../clock'
import type { Answer, Instant } from './answers'

/**
 * Two-state knowledge model (Corbett and Anderson 1994, "Knowledge tracing"): a child knows a rung or does not; P(L) is
 * revised by Bayes at each unaided answer, then may rise by learning. It says how likely it is that a child knows a
 * rung by now, for levels and forecasts; whether a rung is secure is decided in `verdict.ts`, since this model cannot
 * see that a child is "often right". The figures are ours, chosen for few answers: known before 0.1, learnt at an
 * answer 0.12, slip 0.08, guess 1/k with k choices and 0.05 when open. Between answers P(L) falls back towards 0.1 by
 * half in a year.
 */
export const KNOWING = {
  knownBefore: 0.1,
  learn: 0.12,
  slip: 0.08,
  openGuess: 0.05,
  forgettingHalfLifeDays: 365,
} as const

/** The chance to be right without knowing. */
export const guessOf = (choices: number): number => (choices > 1 ? 1 / choices : KNOWING.openGuess)

/** P(L) after one answer, by Bayes and then learning; `probability` is before it. */
export function afterAnswer(probability: number, right: boolean, choices: number): number {
  const guess = guessOf(choices)
  const ifKnown = right ? 1 - KNOWING.slip : KNOWING.slip
  const ifNot = right ? guess : 1 - guess
  const known = (probability * ifKnown) / (probability * ifKnown + (1 - probability) * ifNot)
  return known + (1 - known) * KNOWING.learn
}

/** P(L) when it was not asked for so many days. */
export function afterDays(probability: number, days: number): number {
  const kept = 0.5 ** (Math.max(0, days) / KNOWING.forgettingHalfLifeDays)
  return KNOWING.knownBefore + (probability - KNOWING.knownBefore) * kept
}

/** P(L) at `now` after these answers, the earliest first. */
export function knownAt(answers: readonly Answer[], now: Instant): number {
  let probability: number = KNOWING.knownBefore
  let before: Instant | undefined
  for (const answer of answers) {
    if (before !== undefined) probability = afterDays(probability, (answer.at - before) / MS_PER_DAY)
    probability = afterAnswer(probability, answer.right, answer.choices)
    before = answer.at
  }
  return before === undefined ? probability : afterDays(probability, (now - before) / MS_PER_DAY)
}
