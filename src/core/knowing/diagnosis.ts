import { type MisreadingId, misreadings } from '../teaching'
import type { Answer } from './answers'
import { type Reading, bayesFactor, couldShow, readEvidence, speaksFor, tally } from './evidence'

/** A misreading that a child's answers speak for. */
export interface Finding {
  readonly misreading: MisreadingId
  /** For : against, after all answers. */
  readonly odds: number
  /** The answers that it would have led to. */
  readonly evidence: readonly Answer[]
  /** How many answers could have shown it and did not. */
  readonly against: number
}

export interface Diagnosis {
  /** False while there are too few answers to say anything, found or not. */
  readonly enough: boolean
  readonly findings: readonly Finding[]
}

export const DIAGNOSIS = {
  /** Named only above these odds … */
  namedOdds: 3,
  /** … and with at least so many answers that speak for it. */
  leastEvidence: 2,
  leastAnswers: 4,
} as const

/** What the answers make likely: what was found, and for every other misreading how likely it still is. */
export interface Belief {
  readonly findings: readonly Finding[]
  /** By place in the table of misreadings: 0 for those found; all of them and `none` sum to 1. */
  readonly likely: readonly number[]
  readonly none: number
}

/**
 * Which misreadings explain a child's answers, the likeliest first.
 *
 * Each misreading starts at the odds of its prior and is multiplied by its Bayes factor over all unaided
 * answers that could show it (`evidence.ts` has the formulas). The best one explains its answers away before the next is
 * looked for, so that two misreadings do not both claim one answer.
 */
export function diagnose(answers: readonly Answer[]): Diagnosis {
  const readings = readEvidence(answers)
  return { enough: readings.length >= DIAGNOSIS.leastAnswers, findings: findIn(readings).findings }
}

/** The same with what is still open, for choosing what to ask next. `before` has chances known from earlier, by id. */
export function believe(answers: readonly Answer[], before: Partial<Record<MisreadingId, number>> = {}): Belief {
  const { findings, odds } = findIn(readEvidence(answers), before)
  const sum = odds.reduce((total, each) => total + each, 1)
  return { findings, likely: odds.map((each) => each / sum), none: 1 / sum }
}

function priorOdds(at: number, before: Partial<Record<MisreadingId, number>> = {}): number {
  const misreading = misreadings[at]
  if (!misreading) return 0
  const chance = Math.min(0.9, before[misreading.id] ?? misreading.prior)
  return chance / (1 - chance)
}

function findIn(
  readings: readonly Reading[],
  before?: Partial<Record<MisreadingId, number>>,
): { findings: Finding[]; odds: number[] } {
  const findings: Finding[] = []
  const found = new Set<number>()
  let open = readings
  for (;;) {
    const counts = tally(open)
    const odds = misreadings.map((_, at) => (found.has(at) ? 0 : priorOdds(at, before) * bayesFactor(counts, at)))
    const best = odds
      .map((each, at) => ({ at, odds: each }))
      .filter(({ odds: each }) => each >= DIAGNOSIS.namedOdds)
      .sort((a, b) => b.odds - a.odds)
      .find(({ at }) => open.filter((reading) => speaksFor(reading, at)).length >= DIAGNOSIS.leastEvidence)
    const misreading = best && misreadings[best.at]
    if (!best || !misreading) return { findings, odds }
    const evidence = open.filter((reading) => speaksFor(reading, best.at))
    findings.push({
      misreading: misreading.id,
      odds: best.odds,
      evidence: evidence.map(({ answer }) => answer),
      against: open.filter((reading) => couldShow(reading, best.at)).length - evidence.length,
    })
    found.add(best.at)
    open = open.filter((reading) => !evidence.includes(reading))
  }
}

/** How the answers stand to one misreading, named or not. */
export interface Standpoint {
  readonly misreading: MisreadingId
  readonly odds: number
  readonly speakFor: readonly Answer[]
  /** Those that could have shown it and did not. */
  readonly speakAgainst: readonly Answer[]
  /** Answers that another misreading, which was found, explains first. */
  readonly explainedBy: readonly MisreadingId[]
}

/** Why a misreading was named, or was not: what speaks for it, what against, and what explains its answers first. */
export function whyNot(answers: readonly Answer[], id: MisreadingId): Standpoint {
  const at = misreadings.findIndex((misreading) => misreading.id === id)
  const readings = readEvidence(answers)
  const { findings } = findIn(readings)
  const others = findings.filter((finding) => finding.misreading !== id)
  const taken = new Set(others.flatMap((finding) => finding.evidence))
  const open = readings.filter(({ answer }) => !taken.has(answer))
  const able = open.filter((reading) => couldShow(reading, at))
  return {
    misreading: id,
    odds: priorOdds(at) * bayesFactor(tally(open), at),
    speakFor: able.filter((reading) => speaksFor(reading, at)).map(({ answer }) => answer),
    speakAgainst: able.filter((reading) => !speaksFor(reading, at)).map(({ answer }) => answer),
    explainedBy: others
      .filter(({ evidence }) => readings.some((reading) => evidence.includes(reading.answer) && speaksFor(reading, at)))
      .map(({ misreading }) => misreading),
  }
}
