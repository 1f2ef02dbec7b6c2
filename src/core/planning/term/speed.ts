import type { LocalDay } from '../../clock'
import { type Answer, KNOWING, guessOf } from '../../knowing'
import { told, type Told } from '../../wording'
import { TERM } from './model'

/** Speeds of learning that are told apart, beside the usual child's 1: evenly spaced in their logarithm. */
export const SPEEDS: readonly number[] = [-1.5, -1.2, -0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9, 1.2, 1.5].map(Math.exp)

/** How an adult would put it: a child who learns slowly, as most do, or fast. */
export const LEARNING_PACES = ['slow', 'usual', 'fast'] as const
export type LearningPace = (typeof LEARNING_PACES)[number]

export const LEARNING_PACE_NAMES: Readonly<Record<LearningPace, Told>> = {
  slow: told('learns slowly'),
  usual: told('as most do'),
  fast: told('learns fast'),
}

/**
 * From which speed to which beside the usual one. They overlap: whoever is called fast may be hardly faster than usual,
 * and a date that is told must hold for that child too. Found by trying, with `bench/term.ts`.
 */
const PACE_SPEEDS: Readonly<Record<LearningPace, { readonly from: number; readonly to: number }>> = {
  slow: { from: 0, to: 0.7 },
  usual: { from: 0.7, to: 1.5 },
  fast: { from: 1, to: Infinity },
}

/** The paces that a speed belongs to: one or two. */
export function pacesOf(speed: number): LearningPace[] {
  return LEARNING_PACES.filter((pace) => PACE_SPEEDS[pace].from <= speed && speed <= PACE_SPEEDS[pace].to)
}

/** Minutes of a session where nothing else is known. */
const USUAL_MINUTES = 30

/** Paces that a whole group may have, beside the usual one, as logarithms. */
const GROUP_PACES = [-0.9, -0.6, -0.3, 0, 0.3, 0.6, 0.9] as const

/** How likely a group's pace is, and each of SPEEDS for each of its children at that pace. */
export interface GroupPace {
  readonly chance: number
  /** For each child; adds up to 1. */
  readonly speeds: readonly (readonly number[])[]
}

/**
 * The paces that a group may have: children who learn together are slow or fast together, by their age and by how they
 * are taught, and each differs from the others beside that. Both logarithms are normal (`groupSd`, `rateSd`), and each
 * child's answers weigh both: the chances of the group's pace add up to 1.
 */
export function groupPaces(fits: readonly SpeedFit[]): GroupPace[] {
  const paces = GROUP_PACES.map((pace) => {
    const around = SPEEDS.map((speed) => bell(Math.log(speed) - pace, TERM.rateSd))
    const sum = totalOf(around)
    const likely = fits.map((fit) => around.map((each, i) => (each / sum) * (fit[i] ?? 0)))
    const chance = likely.map(totalOf).reduce((product, each) => product * each, bell(pace, TERM.groupSd))
    return { chance, speeds: likely.map(shared) }
  })
  const chances = shared(paces.map(({ chance }) => chance))
  return paces.map(({ speeds }, i) => ({ speeds, chance: chances[i] ?? 0 }))
}

/** A normal curve about 0, without its constant. */
const bell = (off: number, sd: number) => Math.exp(-0.5 * (off / sd) ** 2)
const totalOf = (each: readonly number[]) => each.reduce((sum, one) => sum + one, 0)
const shared = (each: readonly number[]) => each.map((one) => one / totalOf(each))

/** How well each of SPEEDS fits a child's answers: likelihoods, as parts of the best one's. */
export type SpeedFit = readonly number[]

/**
 * How well each of SPEEDS fits a child's answers: the likelihood of each rung's answers in the two-state model of
 * knowing (`knowing/estimate.ts`), in which the child learns so much faster or slower at each answer, and in the rest
 * of each session. Without answers each fits as well as the others.
 */
export function speedFit(answers: readonly Answer[]): SpeedFit {
  const byRung = new Map<string, Answer[]>()
  for (const answer of [...answers].sort((a, b) => a.at - b.at))
    if (!answer.helped) byRung.set(answer.item.rung, [...(byRung.get(answer.item.rung) ?? []), answer])
  const logs = SPEEDS.map((speed) => [...byRung.values()].reduce((sum, own) => sum + logLikelihood(own, speed), 0))
  const most = Math.max(...logs)
  return logs.map((log) => Math.exp(log - most))
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
