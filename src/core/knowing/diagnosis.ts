import type { MisreadingId } from '../teaching'
import type { Answer } from './answers'
import { aspectsOf } from './aspects'
import { couldShow, type Reading, speaksFor } from './readings'
import { readEvidence } from './evidence'
import { tieAfter } from './holding'
import { DIAGNOSIS, findIn, type Finding, weighAll } from './weighing'

export interface Diagnosis {
  /** False while there are too few answers to say anything, found or not. */
  readonly enough: boolean
  readonly findings: readonly Finding[]
}

/**
 * Which misreadings explain a child's answers, the likeliest first.
 *
 * Each misreading starts at the odds of its prior and is multiplied by its Bayes factor over all unaided
 * answers that could show it (`holding.ts` and `evidence.ts` have the formulas). The best one explains its answers
 * away before the next is looked for, so that two misreadings do not both claim one answer.
 */
export function diagnose(answers: readonly Answer[]): Diagnosis {
  const readings = readEvidence(answers)
  return { enough: readings.length >= DIAGNOSIS.leastAnswers, findings: findIn(readings).findings }
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
  const places = aspectsOf(id)
  const speaks = (reading: Reading) => places.some((at) => speaksFor(reading, at))
  const readings = readEvidence(answers)
  const { findings } = findIn(readings)
  const others = findings.filter((finding) => finding.misreading !== id)
  const taken = new Set(others.flatMap((finding) => finding.evidence))
  const open = readings.filter(({ answer }) => !taken.has(answer))
  const able = open.filter((reading) => places.some((at) => couldShow(reading, at)))
  const odds = weighAll(open, tieAfter({ everywhere: 0, somewhere: 0 })).find((each) => each.id === id)?.odds ?? 0
  return {
    misreading: id,
    odds,
    speakFor: able.filter(speaks).map(({ answer }) => answer),
    speakAgainst: able.filter((reading) => !speaks(reading)).map(({ answer }) => answer),
    explainedBy: others
      .filter(({ evidence }) => readings.some((reading) => evidence.includes(reading.answer) && speaks(reading)))
      .map(({ misreading }) => misreading),
  }
}
