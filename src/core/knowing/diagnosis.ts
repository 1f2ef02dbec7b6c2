import { type MisreadingId, type Mode, misreadings } from '../teaching'
import type { Answer } from './answers'
import {
  type Reading,
  aspectLogs,
  aspects,
  aspectsOf,
  couldShow,
  readEvidence,
  slipLogs,
  speaksFor,
  tally,
} from './evidence'
import { type Holding, type TieCounts, modesHeld, tieAfter, weighHolding } from './holding'

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

export interface Diagnosis {
  /** False while there are too few answers to say anything, found or not. */
  readonly enough: boolean
  readonly findings: readonly Finding[]
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

/** What the answers make likely: what was found, and for everything else how likely it still is. */
export interface Belief {
  readonly findings: readonly Finding[]
  /**
   * By place in `aspects`: how likely the misreading is held there. A misreading that was found for certain has 0, but
   * for the places where it was hardly asked: those keep a little.
   */
  readonly likely: readonly number[]
  /** By misreading, in the order of their table, wherever it is held; all of them and `none` sum to 1. */
  readonly chances: readonly number[]
  readonly none: number
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

/** The same with what is still open, for choosing what to ask next. `before` has chances known from earlier, by id. */
export function believe(answers: readonly Answer[], before: Partial<Record<MisreadingId, number>> = {}): Belief {
  const { findings, weighed, holdings } = findIn(readEvidence(answers), before)
  const pairs = findings.flatMap((each) => (isSettled(each) ? [] : [each.misreading, each.or]))
  const closed = findings.map(({ misreading }) => misreading).filter((id) => !pairs.includes(id))
  const odds = weighed.map((each) => (closed.includes(each.id) ? 0 : each.odds))
  // Of what was found, the places that were hardly asked stay open a little.
  const places = closed.flatMap((id) =>
    [...(holdings.get(id)?.chances ?? [])].filter(([, chance]) => chance > 0.1 && chance < 0.9),
  )
  const openPlaces = places.map(([at, chance]) => [at, chance * OPEN_PLACE_ODDS] as const)
  const sum = [...odds, ...openPlaces.map(([, each]) => each)].reduce((total, each) => total + each, 1)
  const likely = aspects.map(() => 0)
  for (const [i, { holding }] of weighed.entries())
    for (const [at, chance] of holding.chances) likely[at] = (chance * (odds[i] ?? 0)) / sum
  for (const [at, each] of openPlaces) likely[at] = each / sum
  return { findings, likely, chances: odds.map((each) => each / sum), none: 1 / sum }
}

/** Whether a finding is one alone, and sure enough for the next questions to go on to something else. */
export function isSettled({ odds, or }: Finding): boolean {
  return or === undefined && odds >= SETTLED_ODDS
}

const SETTLED_ODDS = 30
/** How likely a misreading is held at all: 1 once it was found for certain. */
export function chanceOf({ findings, chances }: Belief, id: MisreadingId): number {
  if (findings.some((finding) => finding.misreading === id && isSettled(finding))) return 1
  return chances[misreadings.findIndex((each) => each.id === id)] ?? 0
}

/** How much it is worth to know where else a found misreading is held, as odds beside those still open. */
const OPEN_PLACE_ODDS = 0.3

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
function weighAll(open: readonly Reading[], tie: number, before?: Partial<Record<MisreadingId, number>>): Weighed[] {
  const counts = tally(open)
  const weighing = { logsOf: (at: number) => aspectLogs(counts, at), slips: slipLogs(open), tie }
  return misreadings.map(({ id, prior }) => {
    const holding = weighHolding(aspectsOf(id), weighing)
    return { id, odds: priorOdds(id, prior, before) * holding.bayesFactor, holding }
  })
}

interface Found {
  readonly findings: Finding[]
  /** How every misreading stands to the answers that nothing found explains. */
  readonly weighed: readonly Weighed[]
  /** Where each finding is held. */
  readonly holdings: ReadonlyMap<MisreadingId, Holding>
}

function findIn(readings: readonly Reading[], before?: Partial<Record<MisreadingId, number>>): Found {
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
