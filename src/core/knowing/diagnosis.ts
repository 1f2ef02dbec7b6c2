import { type Misreading, type MisreadingId, type Value, misreadings, sameValue, wrongAnswers } from '../teaching'
import type { Answer } from './answers'

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
  namedOdds: 12,
  /** … and with at least so many answers that speak for it. */
  leastEvidence: 2,
  leastAnswers: 4,
  /** How often a misreading that a child holds shows when it can: not known, so all are weighed alike. */
  strengths: [0.5, 0.6, 0.7, 0.8, 0.9],
  /** How often a child who holds none goes wrong at random: not known either. */
  slips: [0.05, 0.2, 0.45],
  /** Wrong answers that a slip may land on where no choices bound them. */
  openSlipTargets: 8,
} as const

/**
 * Which misreadings explain a child's answers, the likeliest first.
 *
 * Each misreading M starts at the odds of its prior. Over all unaided answers that could show it,
 * with n answers that M leads to, P(answer | M, s) = s/n · [M leads to it] + (1 − s) · P(answer | slip e),
 * and P(answer | slip e) is 1 − e if right, e/k if wrong, k being the wrong answers to be had. The
 * unknown s and e are averaged over the grids of DIAGNOSIS. The best one explains its answers away
 * before the next is looked for, so that two misreadings do not both claim one answer.
 */
export function diagnose(answers: readonly Answer[]): Diagnosis {
  const unaided = answers.filter((answer) => !answer.helped)
  const findings: Finding[] = []
  const candidates = misreadings.map((misreading) => ({ misreading, traces: tracesOf(misreading, unaided) }))
  const explained = new Set<Answer>()
  for (;;) {
    const best = candidates
      .filter(({ misreading }) => !findings.some((finding) => finding.misreading === misreading.id))
      .map(({ misreading, traces }) => weigh(misreading, traces, explained))
      .filter(({ odds, evidence }) => odds >= DIAGNOSIS.namedOdds && evidence.length >= DIAGNOSIS.leastEvidence)
      .sort((a, b) => b.odds - a.odds)[0]
    if (!best) break
    findings.push(best)
    for (const answer of best.evidence) explained.add(answer)
  }
  return { enough: unaided.length >= DIAGNOSIS.leastAnswers, findings }
}

/** One answer as one misreading sees it. */
interface Trace {
  readonly answer: Answer
  readonly speaksFor: boolean
  /** How many different wrong answers the misreading leads to here. */
  readonly predicted: number
  /** How many wrong answers a slip could land on. */
  readonly slipTargets: number
}

/** The answers that could have shown this misreading: those where it leads to a wrong answer that was on offer. */
function tracesOf(misreading: Misreading, answers: readonly Answer[]): Trace[] {
  const traces: Trace[] = []
  for (const answer of answers) {
    const predicted = wrongAnswers(misreading, answer.item).filter((value) => onOffer(answer, value))
    if (predicted.length === 0) continue
    traces.push({
      answer,
      speaksFor: !answer.right && predicted.some((value) => sameValue(value, answer.given)),
      predicted: predicted.length,
      slipTargets: answer.choices > 1 ? answer.choices - 1 : DIAGNOSIS.openSlipTargets,
    })
  }
  return traces
}

function onOffer(answer: Answer, value: Value): boolean {
  return answer.choices === 0 || answer.item.lures.some((lure) => sameValue(lure.value, value))
}

function weigh(misreading: Misreading, traces: readonly Trace[], explained: ReadonlySet<Answer>): Finding {
  const open = traces.filter(({ answer }) => !explained.has(answer))
  const evidence = open.filter((trace) => trace.speaksFor).map((trace) => trace.answer)
  const prior = misreading.prior / (1 - misreading.prior)
  return {
    misreading: misreading.id,
    odds: prior * bayesFactor(open),
    evidence,
    against: open.length - evidence.length,
  }
}

/** P(answers | the misreading) ÷ P(answers | slips only), each averaged over its unknowns. */
function bayesFactor(traces: readonly Trace[]): number {
  const slipLogs = DIAGNOSIS.slips.map((slip) => sumLogs(traces, (trace) => slipChance(trace, slip)))
  const heldLogs = DIAGNOSIS.slips.flatMap((slip) =>
    DIAGNOSIS.strengths.map((strength) =>
      sumLogs(
        traces,
        (trace) => (trace.speaksFor ? strength / trace.predicted : 0) + (1 - strength) * slipChance(trace, slip),
      ),
    ),
  )
  return Math.exp(logMean(heldLogs) - logMean(slipLogs))
}

function slipChance(trace: Trace, slip: number): number {
  return trace.answer.right ? 1 - slip : slip / trace.slipTargets
}

function sumLogs(traces: readonly Trace[], chance: (trace: Trace) => number): number {
  return traces.reduce((sum, trace) => sum + Math.log(chance(trace)), 0)
}

function logMean(logs: readonly number[]): number {
  const top = Math.max(...logs)
  return top + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - top), 0) / logs.length)
}
