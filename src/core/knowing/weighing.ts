import { type MisreadingId, misreadings, type Mode } from '../teaching'
import type { Answer } from './answers'
import { aspectLogs } from './traces'
import { aspects, aspectsOf } from './aspects'
import { couldShow, type Reading, slipLogs, speaksFor, tally } from './readings'
import { type Holding, modesHeld, weighHolding, tieAfter, type TieCounts } from './holding'

/** A misreading that a child's answers speak for. */
export interface Finding {
  readonly misreading: MisreadingId
  /** Where it was seen: when reading, when setting, … */
  readonly heldIn: readonly Mode[]
  /** Another one that explains the same answers nearly as well: it is either this one or that one. */
  readonly or?: MisreadingId
  /** For : against, after all answers; of a pair, that it is one of the two. */
  readonly odds: number
  /** The answers that it would have led to. */
  readonly evidence: readonly Answer[]
  /** How many answers could have shown it in those places and did not. */
  readonly against: number
}

export const DIAGNOSIS = {
  /** Named only where it is likelier than not, by these odds … */
  namedOdds: 1,
  /** … and with at least so many answers that speak for it. */
  leastEvidence: 2,
  leastAnswers: 4,
  /** Of two that explain the same answers, both are named while one is no likelier than so many times the other. */
  pairedOdds: 6,
} as const

/** Whether a finding is one alone, and sure enough for the next questions to go on to something else. */
export function isSettled({ odds, or }: Finding): boolean {
  return or === undefined && odds >= SETTLED_ODDS
}

const SETTLED_ODDS = 30

function priorOdds(id: MisreadingId, prior: number, before: Partial<Record<MisreadingId, number>> = {}): number {
  const chance = Math.min(0.9, before[id] ?? prior)
  return chance / (1 - chance)
}

interface Weighed {
  readonly id: MisreadingId
  readonly odds: number
  readonly holding: Holding
}

/** Every misreading against the answers that are still open, in the order of their table. */
export function weighAll(
  open: readonly Reading[],
  tie: number,
  before?: Partial<Record<MisreadingId, number>>,
): Weighed[] {
  const counts = tally(open)
  const weighing = { logsOf: (at: number) => aspectLogs(counts, at), slips: slipLogs(open), tie }
  return misreadings.map(({ id, prior }) => {
    const holding = weighHolding(aspectsOf(id), weighing)
    return { id, odds: priorOdds(id, prior, before) * holding.bayesFactor, holding }
  })
}

interface WeighedFindings {
  readonly findings: Finding[]
  /** How every misreading stands to the answers that nothing found explains. */
  readonly weighed: readonly Weighed[]
  /** Where each finding is held. */
  readonly holdings: ReadonlyMap<MisreadingId, Holding>
}

/** What is found in readings, the likeliest first; `before` has the odds of each misreading before any answer. */
export function findIn(readings: readonly Reading[], before?: Partial<Record<MisreadingId, number>>): WeighedFindings {
  const findings: Finding[] = []
  const counts: { -readonly [K in keyof TieCounts]: number } = { everywhere: 0, somewhere: 0 }
  let open = readings
  const holdings = new Map<MisreadingId, Holding>()
  let atPair: readonly Weighed[] | undefined
  for (;;) {
    const weighed = weighAll(open, tieAfter(counts), before)
    const found = new Set(findings.map(({ misreading }) => misreading))
    const finding = likeliest(
      open,
      weighed.filter(({ id }) => !found.has(id)),
    )
    if (!finding) return { findings, weighed: atPair ?? weighed, holdings }
    const holding = weighed.find(({ id }) => id === finding.misreading)?.holding
    if (holding) holdings.set(finding.misreading, holding)
    // A pair stays open for the next question, so its chances are those before its answers are explained away.
    if (!isSettled(finding)) atPair ??= weighed
    findings.push(finding)
    const asked = aspectsOf(finding.misreading).filter((at) => open.some((reading) => couldShow(reading, at)))
    if (asked.length > 1) counts[finding.heldIn.length === asked.length ? 'everywhere' : 'somewhere']++
    open = open.filter(({ answer }) => !finding.evidence.includes(answer))
  }
}

/** The likeliest of those that may be named, with the one that is as good an explanation where there is one. */
function likeliest(open: readonly Reading[], weighed: readonly Weighed[]): Finding | undefined {
  const ranked = [...weighed].sort((a, b) => b.odds - a.odds)
  for (const best of ranked) {
    const evidence = evidenceFor(open, best)
    if (evidence.length < DIAGNOSIS.leastEvidence) continue
    const rival = ranked.find(
      (other) =>
        other.id !== best.id &&
        other.odds <= best.odds &&
        other.odds * DIAGNOSIS.pairedOdds >= best.odds &&
        evidenceFor(open, other).filter((each) => evidence.includes(each)).length * 2 > evidence.length,
    )
    const odds = best.odds + (rival?.odds ?? 0)
    if (odds < DIAGNOSIS.namedOdds) return undefined
    const places = aspectsOf(best.id)
    const heldIn = modesHeld(best.holding, (at) => evidence.some((reading) => speaksFor(reading, at)))
    const held = places.filter((at) => heldIn.includes(aspects[at]?.mode as Mode))
    const able = open.filter((reading) => held.some((at) => couldShow(reading, at)))
    return {
      misreading: best.id,
      heldIn,
      ...(rival && { or: rival.id }),
      odds,
      evidence: evidence.map(({ answer }) => answer),
      against: able.filter((reading) => !evidence.includes(reading)).length,
    }
  }
  return undefined
}

/** The answers that speak for a misreading in a place where it is more likely held than not. */
function evidenceFor(open: readonly Reading[], { holding }: Weighed): Reading[] {
  const places = [...holding.chances].flatMap(([at, chance]) => (chance >= 0.5 ? [at] : []))
  return open.filter((reading) => places.some((at) => speaksFor(reading, at)))
}

/** Beyond these odds a figure says nothing more. */
const ALMOST_CERTAIN = 1000

/** Odds as an adult would put them: for or against, in figures that can be said. */
export type ToldOdds = { readonly is: 'almost certain' } | { readonly is: 'for' | 'against'; readonly to: number }

/**
 * Odds (above 0) as they are told: whole ones, tens from 20 on.
 *
 * toldOdds(37.2) //=> { is: 'for', to: 40 }
 * toldOdds(0.25) //=> { is: 'against', to: 4 }
 * toldOdds(4000) //=> { is: 'almost certain' }
 */
export function toldOdds(odds: number): ToldOdds {
  if (odds >= ALMOST_CERTAIN) return { is: 'almost certain' }
  if (odds < 1) return { is: 'against', to: Math.min(ALMOST_CERTAIN, Math.round(1 / odds)) }
  return { is: 'for', to: odds >= 20 ? 10 * Math.round(odds / 10) : Math.round(odds) }
}
