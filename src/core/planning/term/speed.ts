import type { LocalDay } from '../../clock'
import { type Answer, KNOWING, guessOf } from '../../knowing'
import { TERM } from './model'

/** Speeds of learning that are told apart, beside the usual child's 1: evenly spaced in their logarithm. */
export const SPEEDS: readonly number[] = [-1.2, -0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9, 1.2].map(Math.exp)

/** Minutes of a session where nothing else is known. */
const USUAL_MINUTES = 30

/**
 * How likely each of SPEEDS is for a child, from its answers alone: the prior of the model (a normal logarithm) times
 * the likelihood of each rung's answers in the two-state model of knowing (`knowing/estimate.ts`), in which the child
 * learns so much faster or slower at each answer, and in the rest of each session. Adds up to 1.
 */
export function speedsOf(answers: readonly Answer[]): number[] {
  const byRung = new Map<string, Answer[]>()
  for (const answer of [...answers].sort((a, b) => a.at - b.at))
    if (!answer.helped) byRung.set(answer.item.rung, [...(byRung.get(answer.item.rung) ?? []), answer])
  const logs = SPEEDS.map((speed) => {
    const prior = -0.5 * (Math.log(speed) / TERM.rateSd) ** 2
    return [...byRung.values()].reduce((sum, own) => sum + logLikelihood(own, speed), prior)
  })
  const most = Math.max(...logs)
  const weights = logs.map((log) => Math.exp(log - most))
  const total = weights.reduce((sum, each) => sum + each, 0)
  return weights.map((weight) => weight / total)
}

/** Of the answers on one rung, the earliest first: the forward pass of a hidden Markov model. */
function logLikelihood(answers: readonly Answer[], speed: number): number {
  const atAnswer = learnt(speed)
  const inSession = learnt(speed * TERM.turnsPerMinute * USUAL_MINUTES)
  let known: number = KNOWING.knownBefore
  let log = 0
  let before: LocalDay | undefined
  for (const { day, right, choices } of answers) {
    if (day !== before) known += (1 - known) * inSession
    before = day
    const ifKnown = right ? 1 - KNOWING.slip : KNOWING.slip
    const ifNot = right ? guessOf(choices) : 1 - guessOf(choices)
    const likely = known * ifKnown + (1 - known) * ifNot
    log += Math.log(likely)
    known = (known * ifKnown) / likely
    known += (1 - known) * atAnswer
  }
  return log
}

/** The chance to learn in so many turns. */
function learnt(turns: number): number {
  return 1 - (1 - KNOWING.learn) ** turns
}
