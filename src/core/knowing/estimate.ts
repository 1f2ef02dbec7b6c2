import { type Ask, type RungId, STAGES, type Stage, asksOf } from '../teaching'
import { type Answer, type Instant, MS_PER_DAY, dayNumber } from './answers'
import { reviewDue } from './reviews'

/** How well a child knows a rung. */
export interface Estimate {
  readonly rung: RungId
  /** That the child knows it now, 0 to 1. */
  readonly probability: number
  readonly firm: boolean
  /** That it was firm when it was last asked: since then only time has passed. */
  readonly wasFirm: boolean
  /** What is still missing for firm, each in words; empty when firm. */
  readonly unmet: readonly string[]
  readonly answers: number
  readonly lastAt?: Instant
  /** On how many days they were given. */
  readonly days: number
  /** Whether each of the last few was right, the latest last. */
  readonly recent: readonly boolean[]
  readonly stages: readonly Stage[]
  /** Right of how many, and how sure from those answers alone, by kind and by direction; only those that were met. */
  readonly byKind: readonly (Tally & { readonly stage: Stage })[]
  readonly byAsk: readonly (Tally & { readonly ask: Ask })[]
  /** When it should come back; undefined before it was ever met. */
  readonly due?: Instant
  /** What the adult says, over the answers. */
  readonly overrule?: Overrule
}

export interface Tally {
  readonly right: number
  readonly of: number
  readonly probability: number
}

/** An adult's own judgement of a rung, kept as theirs with its date until it is taken back. */
export interface Overrule {
  readonly rung: RungId
  readonly verdict: 'firm' | 'not-firm'
  readonly at: Instant
  readonly note: string
}

/**
 * Two-state knowledge model (Corbett and Anderson 1994, "Knowledge tracing"): a child knows a rung or
 * does not; P(L) is revised by Bayes at each unaided answer, then may rise by learning. The figures are
 * ours, chosen for few answers: known before 0.1, learnt at an answer 0.12, slip 0.08, guess 1/k with k
 * choices and 0.05 when open. Between answers P(L) falls back towards 0.1 by half in a year.
 */
export const KNOWING = {
  knownBefore: 0.1,
  learn: 0.12,
  slip: 0.08,
  openGuess: 0.05,
  forgettingHalfLifeDays: 365,
} as const

export const FIRM = { probability: 0.95, answers: 8, days: 2, kinds: 2, lastRight: 4, ofLast: 5 } as const

/** P(L) after one answer, by Bayes and then learning; `probability` is before it. */
export function afterAnswer(probability: number, right: boolean, choices: number): number {
  const guess = choices > 1 ? 1 / choices : KNOWING.openGuess
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
function knownAt(answers: readonly Answer[], now: Instant): number {
  let probability: number = KNOWING.knownBefore
  let before: Instant | undefined
  for (const answer of answers) {
    if (before !== undefined) probability = afterDays(probability, (answer.at - before) / MS_PER_DAY)
    probability = afterAnswer(probability, answer.right, answer.choices)
    before = answer.at
  }
  return before === undefined ? probability : afterDays(probability, (now - before) / MS_PER_DAY)
}

/** How well one child knows one rung at `now`, from all of the child's answers, in any order, and the adult's word. */
export function estimateKnowing(answers: readonly Answer[], rung: RungId, now: Instant, overrule?: Overrule): Estimate {
  const counted = answers.filter((answer) => answer.item.rung === rung && !answer.helped).sort((a, b) => a.at - b.at)
  const probability = knownAt(counted, now)
  const unmet = unmetWords(counted, probability)
  const lastAt = counted[counted.length - 1]?.at
  const tally = (of: readonly Answer[]): Tally => ({
    right: of.filter((answer) => answer.right).length,
    of: of.length,
    probability: knownAt(of, now),
  })
  return {
    rung,
    probability,
    firm: overrule ? overrule.verdict === 'firm' : unmet.length === 0,
    wasFirm: lastAt !== undefined && unmetWords(counted, knownAt(counted, lastAt)).length === 0,
    unmet,
    answers: counted.length,
    lastAt,
    days: daysAnswered(counted),
    recent: counted.slice(-FIRM.ofLast).map(({ right }) => right),
    stages: STAGES.filter((stage) => counted.some((answer) => answer.stage === stage)),
    byKind: STAGES.map((stage) => ({ stage, ...tally(counted.filter((answer) => answer.stage === stage)) })).filter(
      ({ of }) => of > 0,
    ),
    byAsk: asksOf(rung)
      .map((ask) => ({ ask, ...tally(counted.filter((answer) => answer.item.ask === ask)) }))
      .filter(({ of }) => of > 0),
    due: reviewDue(counted, rung),
    overrule,
  }
}

function daysAnswered(answers: readonly Answer[]): number {
  return new Set(answers.map(({ at }) => dayNumber(at))).size
}

const KIND_WORDS: Record<Stage, string> = { concrete: 'with hands', pictorial: 'in pictures', abstract: 'in signs' }

function unmetWords(answers: readonly Answer[], probability: number): string[] {
  const unmet: string[] = []
  const days = daysAnswered(answers)
  const kinds = [...new Set(answers.map((answer) => answer.stage))]
  const last = answers.slice(-FIRM.ofLast)
  const lastRight = last.filter((answer) => answer.right).length
  if (answers.length < FIRM.answers) unmet.push(`${FIRM.answers} answers needed, ${answers.length} so far`)
  if (days < FIRM.days) unmet.push(days === 0 ? 'answers on two days needed' : 'answers on a second day needed')
  if (kinds.length < FIRM.kinds)
    unmet.push(
      kinds[0]
        ? `a second kind needed, only ${KIND_WORDS[kinds[0]]} so far`
        : 'two kinds needed: with hands, in pictures or in signs',
    )
  if (lastRight < FIRM.lastRight && answers.length > 0)
    unmet.push(`${lastRight} of the last ${FIRM.ofLast} right, ${FIRM.lastRight} needed`)
  if (probability < FIRM.probability && answers.length > 0) unmet.push('some more right answers needed')
  return unmet
}
