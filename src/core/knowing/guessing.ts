import { misreadings } from '../teaching'
import { SUPPOSED, aspectsOf } from './aspects'
import { keyOf } from './predictions'
import { type Reading, slipLogs, tally } from './readings'
import { aspectLogs, logMean } from './traces'
import { tieAfter, weighHolding } from './holding'
import { guessOf } from './tracing'

/*
 * A child who taps anything, or the same again, shows nothing of what it knows: the wrong answers would be taken for
 * misreadings that happen to lead to them. So the latest answers are held against two children who do not answer at
 * all, one who takes any choice alike and one who repeats the last answer where it is among the choices, and against
 * the best that knowing, slips and any one misreading make of them:
 *
 *   ln P(answers | guesses) − ln P(answers | the best of the others) ≥ ln 4
 */
const GUESSING = {
  /** So many of the latest answers are looked at. */
  latest: 20,
  /** Fewer say nothing. */
  least: 8,
  odds: 4,
  /** How often one who repeats does so where it can. */
  repeats: 0.85,
} as const

/** The readings without those at the end that look like guesses. */
export function meantIn(readings: readonly Reading[]): readonly Reading[] {
  return readings.slice(0, readings.length - guessedAtTheEnd(readings))
}

/** How many of the last readings (the earliest first) look like guesses; 0 where they do not. */
function guessedAtTheEnd(readings: readonly Reading[]): number {
  const latest = readings.slice(-GUESSING.latest)
  if (latest.length < GUESSING.least) return 0
  const guessed = logMean([anyLog(latest), repeatedLog(latest)])
  return guessed - bestOther(latest) >= Math.log(GUESSING.odds) ? latest.length : 0
}

/** Any of the choices alike; in the open right as seldom as a guess is, else anywhere. */
function anyLog(readings: readonly Reading[]): number {
  return readings.reduce((sum, { answer }) => sum + Math.log(anyChance(answer)), 0)
}

function anyChance({ choices, right }: Reading['answer']): number {
  const guess = guessOf(choices)
  if (right) return guess
  return (1 - guess) / (choices > 1 ? choices - 1 : SUPPOSED.openSlipTargets)
}

function repeatedLog(readings: readonly Reading[]): number {
  return readings.reduce((sum, { answer }, i) => {
    const before = readings[i - 1]?.answer.given
    const { given, item, choices } = answer
    if (before === undefined || choices < 2) return sum + Math.log(anyChance(answer))
    const isThere = [item.answer, ...item.lures.map(({ value }) => value)].some((each) => keyOf(each) === keyOf(before))
    if (!isThere) return sum + Math.log(anyChance(answer))
    const isSame = keyOf(given) === keyOf(before)
    return sum + Math.log(isSame ? GUESSING.repeats : (1 - GUESSING.repeats) / (choices - 1))
  }, 0)
}

/** By knowing and slips, or by one misreading as common as it is. */
function bestOther(readings: readonly Reading[]): number {
  const counts = tally(readings)
  const slips = slipLogs(readings)
  const slipsOnly = logMean(slips, SUPPOSED.slipShares)
  const tie = tieAfter({ everywhere: 0, somewhere: 0 })
  const logsOf = (at: number) => aspectLogs(counts, at)
  const held = misreadings.map(
    ({ id, prior }) => Math.log(prior) + Math.log(weighHolding(aspectsOf(id), { logsOf, slips, tie }).bayesFactor),
  )
  return slipsOnly + Math.max(0, ...held)
}
