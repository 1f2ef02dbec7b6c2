import { type Following, KNOWING, SECURE, nothingYet } from '../../knowing'
import { drawUnit, type Random } from '../../random'
import { type RungId, schools } from '../../teaching'
import type { PlanChild } from '../request'
import { choicesOn, recallChoicesOn } from './model'
import { type GroupPace, type LearningPace, type SpeedFit, groupPaces, pacesOf, LEARNING_PACES, SPEEDS } from './speed'
import { meetingsOf, type TermWish } from './wish'

/** A child for whom a term is forecast. */
export interface TermChild extends PlanChild {
  /** How well each of SPEEDS fits its answers. */
  readonly speedFit: SpeedFit
}

/** How often what happened in the terms that were played so far. Meetings and rungs are counted from 0. */
export interface TermCounts {
  readonly meetings: readonly number[]
  /** The rungs in their order: the parts of the clock, then the school's order. */
  readonly ladder: readonly RungId[]
  /** How many choices each question of a sitting has, for each rung of the ladder; 0 where it is open. */
  readonly choices: readonly (readonly number[])[]
  /** The same of what is asked of all at once at the beginning of a meeting. */
  readonly recallChoices: readonly (readonly number[])[]
  readonly children: readonly TermChild[]
  runs: number
  /** For each child and rung, how many runs had it firm before the first meeting (0), after it (1), and so on. */
  readonly firmAfter: readonly (readonly Uint32Array[])[]
  readonly groupPaces: readonly GroupPace[]
  /** The same for each child in those runs alone in which it learns at a pace, and how many those are. */
  readonly byPace: Readonly<Record<LearningPace, readonly PaceCounts[]>>
  /** For each meeting and rung, in how many runs the group worked on it, and in how many it came back. */
  readonly worked: readonly Uint32Array[]
  readonly cameBack: readonly Uint32Array[]
  /** In how many runs all children were firm on the goal after so many meetings. */
  readonly allThere: Uint32Array
  /** Where the goal stands in the ladder; undefined where there is none. */
  readonly goalAt: number | undefined
}

interface PaceCounts {
  runs: number
  readonly firmAfter: readonly Uint32Array[]
}

/** Nothing played yet. Throws RefusedValue for a wish that cannot be (see `meetingsOf`). */
export function startTerm(wish: TermWish, children: readonly TermChild[]): TermCounts {
  const meetings = meetingsOf(wish)
  const ladder: RungId[] = ['parts', ...schools[wish.school].order]
  const goalAt = wish.goal === null ? -1 : ladder.indexOf(wish.goal)
  const eachRung = () => ladder.map(() => new Uint32Array(meetings.length + 1))
  const eachPace = LEARNING_PACES.map((pace) => [pace, children.map(() => ({ runs: 0, firmAfter: eachRung() }))])
  return {
    meetings,
    ladder,
    choices: ladder.map(choicesOn),
    recallChoices: ladder.map(recallChoicesOn),
    children,
    runs: 0,
    firmAfter: children.map(eachRung),
    groupPaces: groupPaces(children.map(({ speedFit }) => speedFit)),
    byPace: Object.fromEntries(eachPace) as TermCounts['byPace'],
    worked: meetings.map(() => new Uint32Array(ladder.length)),
    cameBack: meetings.map(() => new Uint32Array(ladder.length)),
    allThere: new Uint32Array(meetings.length + 1),
    goalAt: goalAt < 0 ? undefined : goalAt,
  }
}

/** One rung of one child in one run. */
export interface LearnerRung extends Following {
  /** P(L) by the answers. */
  belief: number
  /** Days with answers. */
  days: number
  kinds: number
  knows: boolean
  /** The day it was last met, before the term or in it. */
  metOn: number | undefined
  /** The day for which `knows` and `belief` hold. */
  asOf: number
  /** It was firm once, or passed before the term. */
  wasFirm: boolean
  /** Never asked for again: the adult's own word, or what was passed without an answer. */
  readonly passed: boolean
  /** Reviews so far; while the rung is not firm, none. */
  reviews: number
}

export interface Learner {
  readonly rungs: LearnerRung[]
  /** How fast this child learns beside the usual. */
  readonly rate: number
  readonly paces: readonly LearningPace[]
  /** The rung that the child was on when the term began. */
  readonly first: number
  /** The rung worked on; the ladder's length when all are firm. */
  at: number
}

interface LearnerStart {
  /** The first rung that is planned for. */
  readonly first: number
  /** How likely each of SPEEDS is. */
  readonly speeds: readonly number[]
}

/** A child of one simulated term, drawn from what the records say. */
export function learnerOf(
  random: Random,
  child: TermChild,
  { first, speeds }: LearnerStart,
  { ladder, meetings }: TermCounts,
): Learner {
  const day = meetings[0] ?? 0
  const { estimates, beside } = child.standing
  const rungs = ladder.map((rung, i): LearnerRung => {
    const known = [...estimates, ...beside].find((each) => each.rung === rung)
    const belief = known?.probability ?? KNOWING.knownBefore
    return {
      ...(known?.followed ?? nothingYet()),
      // What was passed counts as known, as in `standingOf`.
      knows: i < first ? true : drawUnit(random) < belief,
      belief,
      days: known?.days ?? 0,
      kinds: known?.stages.length ?? 0,
      metOn: known?.lastDay,
      asOf: day,
      wasFirm: i < first || known?.firm === true,
      passed: i < first && (rung === 'parts' || !known?.answers || known.overrule?.verdict === 'firm'),
      reviews: 0,
    }
  })
  const rate = SPEEDS[drawAt(random, speeds)] ?? 1
  return { rungs, rate, paces: pacesOf(rate), first, at: first }
}

/** A place in a list of chances that add up to 1, each as often as it is likely. */
export function drawAt(random: Random, chances: readonly number[]): number {
  let left = drawUnit(random)
  const at = chances.findIndex((each) => (left -= each) < 0)
  return at < 0 ? chances.length - 1 : at
}

/** Whether a rung is secure: the conditions of `estimateKnowing`, on what is kept here. */
export function isFirm({ convinced, days, kinds }: Pick<LearnerRung, 'convinced' | 'days' | 'kinds'>): boolean {
  return convinced && days >= SECURE.days && kinds >= SECURE.kinds
}
