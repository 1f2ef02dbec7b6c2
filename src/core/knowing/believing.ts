import { type MisreadingId, misreadings } from '../teaching'
import type { Answer } from './answers'
import { aspects } from './aspects'
import { readEvidence } from './evidence'
import { meantIn } from './guessing'
import { sinceRecovery } from './recovery'
import { findIn, type Finding, isSettled } from './weighing'

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
  /** The latest answers look like guesses. */
  readonly guesses: boolean
}

/** The same with what is still open, for choosing what to ask next. `before` has chances known from earlier, by id. */
export function believe(answers: readonly Answer[], before: Partial<Record<MisreadingId, number>> = {}): Belief {
  const all = readEvidence(answers)
  const meant = meantIn(all)
  const { findings, weighed, holdings } = findIn(sinceRecovery(meant).readings, before)
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
  const chances = odds.map((each) => each / sum)
  return { findings, likely, chances, none: 1 / sum, guesses: meant.length < all.length }
}

/** How likely a misreading is held at all: 1 once it was found for certain. */
export function chanceOf({ findings, chances }: Belief, id: MisreadingId): number {
  if (findings.some((finding) => finding.misreading === id && isSettled(finding))) return 1
  return chances[misreadings.findIndex((each) => each.id === id)] ?? 0
}

/** What was found is likely still held when the next check begins. */
const STILL_HELD = 0.8
/** Nothing is ruled out for good. */
const LEAST_CHANCE = 0.01

/** How likely each misreading is after all answers so far. The next quick check starts from these chances. */
export function chancesAfter(answers: readonly Answer[]): Partial<Record<MisreadingId, number>> {
  if (answers.length === 0) return {}
  const { findings, chances } = believe(answers)
  const chanceAt = (id: MisreadingId, at: number) =>
    findings.some(({ misreading }) => misreading === id) ? STILL_HELD : (chances[at] ?? 0)
  return Object.fromEntries(
    misreadings.map(({ id }, at) => [id, Math.round(Math.max(LEAST_CHANCE, chanceAt(id, at)) * 1000) / 1000]),
  )
}

/** How much it is worth to know where else a found misreading is held, as odds beside those still open. */
const OPEN_PLACE_ODDS = 0.3
