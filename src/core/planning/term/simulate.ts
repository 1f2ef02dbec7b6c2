import { DAYS_PER_WEEK } from '../../clock'
import { KNOWING, SHAKY_PROBABILITY, afterAnswer, afterDays, dayNumber } from '../../knowing'
import { type Random, drawUnit, randomFrom } from '../../random'
import { type RungId, schools } from '../../teaching'
import { workingRung } from '../need'
import type { PlanChild } from '../types'
import { SPEEDS } from './speed'
import { REVIEW_GAPS, type Shown, TERM, choicesOf, guessOf, isFirm, pushAnswer } from './model'
import { type TermWish, meetingsOf } from './wish'

/** A child for whom a term is forecast. */
export interface TermChild extends PlanChild {
  /** How likely each of SPEEDS is (see `speedsOf`). */
  readonly speeds: readonly number[]
}

/** How often what happened in the terms that were played so far. Meetings and rungs are counted from 0. */
export interface TermCounts {
  readonly meetings: readonly number[]
  /** The rungs in their order: the parts of the clock, then the school's order. */
  readonly ladder: readonly RungId[]
  readonly children: readonly TermChild[]
  runs: number
  /** For each child and rung, how many runs had it firm before the first meeting (0), after it (1), and so on. */
  readonly firmAfter: readonly (readonly Uint32Array[])[]
  /** For each meeting and rung, in how many runs the group worked on it, and in how many it came back. */
  readonly worked: readonly Uint32Array[]
  readonly cameBack: readonly Uint32Array[]
  /** In how many runs all children were firm on the goal after so many meetings. */
  readonly allThere: Uint32Array
  /** Where the goal stands in the ladder; undefined where there is none. */
  readonly goalAt: number | undefined
}

/** Nothing played yet. Throws RefusedValue for a wish that cannot be (see `meetingsOf`). */
export function startTerm(wish: TermWish, children: readonly TermChild[]): TermCounts {
  const meetings = meetingsOf(wish)
  const ladder: RungId[] = ['parts', ...schools[wish.school].order]
  const goalAt = wish.goal === null ? -1 : ladder.indexOf(wish.goal)
  const places = meetings.length + 1
  return {
    meetings,
    ladder,
    children,
    runs: 0,
    firmAfter: children.map(() => ladder.map(() => new Uint32Array(places))),
    worked: meetings.map(() => new Uint32Array(ladder.length)),
    cameBack: meetings.map(() => new Uint32Array(ladder.length)),
    allThere: new Uint32Array(places),
    goalAt: goalAt < 0 ? undefined : goalAt,
  }
}

/** One rung of one child in one run. */
interface Rung extends Shown {
  knows: boolean
  /** The day it was last met, before the term or in it. */
  metOn: number | undefined
  /** The day for which `knows` and `belief` hold. */
  asOf: number
  /** It was firm once, or passed before the term. */
  wasFirm: boolean
  /** It was firm when it was last asked. */
  firmWhenAsked: boolean
  /** Never asked for again: the adult's own word, or what was passed without an answer. */
  readonly passed: boolean
  /** Reviews so far; while the rung is not firm, none. */
  reviews: number
}

interface Learner {
  readonly rungs: Rung[]
  /** How fast this child learns beside the usual. */
  readonly rate: number
  /** The rung that the child was on when the term began. */
  readonly first: number
  /** The rung worked on; the ladder's length when all are firm. */
  at: number
}

/**
 * Plays so many more terms into the counts. Each run has its own stream: run 17 is the same however runs are parcelled.
 */
export function playTerms(counts: TermCounts, wish: TermWish, { runs, seed }: { runs: number; seed: number }): void {
  const firsts = counts.children.map((child) => firstAt(child, counts, wish))
  for (let i = 0; i < runs; i++) {
    playOnce(randomFrom(seed + counts.runs), counts, wish, firsts)
    counts.runs++
  }
}

/**
 * The rung that a child begins with, as a place in the ladder. The term may have another order than the records were
 * read by: only what was passed in that one counts as passed in this.
 */
function firstAt(child: PlanChild, { ladder }: TermCounts, { school }: TermWish): number {
  const { working, estimates, firm } = child.standing
  if (working === undefined) return ladder.length
  if (workingRung(child, { school: schools[school] }) === 'parts') return 0
  const before = estimates.slice(
    0,
    estimates.findIndex(({ rung }) => rung === working),
  )
  const isPassed = (rung: RungId) => firm.includes(rung) || before.some((each) => each.rung === rung)
  const open = ladder.findIndex((rung) => rung !== 'parts' && !isPassed(rung))
  return open < 0 ? ladder.length : open
}

function learnerOf(random: Random, child: TermChild, first: number, { ladder, meetings }: TermCounts): Learner {
  const day = meetings[0] ?? 0
  const { estimates, beside } = child.standing
  const rungs = ladder.map((rung, i): Rung => {
    const known = [...estimates, ...beside].find((each) => each.rung === rung)
    const belief = known?.probability ?? KNOWING.knownBefore
    const last = (known?.recent ?? []).reduce((bits, right) => pushAnswer(bits, right), 0)
    return {
      // What was passed counts as known, as in `standingOf`.
      knows: i < first ? true : drawUnit(random) < belief,
      belief,
      answers: known?.answers ?? 0,
      days: known?.days ?? 0,
      kinds: known?.stages.length ?? 0,
      last,
      metOn: known?.lastAt === undefined ? undefined : dayNumber(known.lastAt),
      asOf: day,
      wasFirm: i < first || known?.firm === true,
      firmWhenAsked: known?.wasFirm ?? false,
      passed: i < first && (rung === 'parts' || !known?.answers || known.overrule?.verdict === 'firm'),
      reviews: 0,
    }
  })
  return { rungs, rate: speedOf(random, child.speeds), first, at: first }
}

/** One of SPEEDS, each as often as it is likely. */
function speedOf(random: Random, likely: readonly number[]): number {
  let left = drawUnit(random)
  const at = likely.findIndex((each) => (left -= each) < 0)
  return SPEEDS[at < 0 ? likely.length - 1 : at] ?? 1
}

function playOnce(random: Random, counts: TermCounts, wish: TermWish, firsts: readonly number[]): void {
  const { meetings, children, firmAfter, goalAt, allThere } = counts
  const learners = children.map((child, i) => learnerOf(random, child, firsts[i] ?? 0, counts))
  learners.forEach(({ rungs }, c) => {
    for (let rung = 0; rung < rungs.length; rung++) if (rungs[rung]?.wasFirm) add(firmAfter[c]?.[rung], 0)
  })
  const areThere = () => goalAt !== undefined && learners.every(({ rungs }) => rungs[goalAt]?.wasFirm === true)
  let wasThere = areThere()
  if (wasThere) add(allThere, 0)
  meetings.forEach((day, m) => {
    const before = meetings[m - 1] ?? day - DAYS_PER_WEEK
    for (const learner of learners) playAtHome(random, learner, wish, day - before)
    if (drawUnit(random) >= TERM.lost) playMeeting(random, learners, { counts, wish, day, m })
    if (!wasThere && areThere()) {
      wasThere = true
      add(allThere, m + 1)
    }
  })
}

function add(into: Uint32Array | undefined, place: number): void {
  if (into) into[place] = (into[place] ?? 0) + 1
}

/** Games at home teach; nobody writes down what they show. */
function playAtHome(random: Random, { rungs, at, rate }: Learner, { homeMinutes }: TermWish, days: number): void {
  const rung = rungs[at]
  if (!rung || homeMinutes === 0) return
  practise(random, rung, rate * homeMinutes * days * TERM.homeKept * TERM.homeTurnsPerMinute)
}

/** So many chances to learn, the child's speed among them. */
function practise(random: Random, rung: Rung, turns: number): void {
  if (!rung.knows) rung.knows = drawUnit(random) >= (1 - KNOWING.learn) ** turns
}

interface Meeting {
  readonly counts: TermCounts
  readonly wish: TermWish
  readonly day: number
  readonly m: number
}

function playMeeting(random: Random, learners: readonly Learner[], { counts, wish, day, m }: Meeting): void {
  const { ladder, worked, cameBack, firmAfter } = counts
  for (const learner of learners) learner.at = workingAt(learner, day)
  const group = rungOfMost(learners, ladder.length)
  if (group < ladder.length) add(worked[m], group)
  const back = dueRung(learners, group, day)
  if (back !== undefined) add(cameBack[m], back)
  const turns = wish.minutes * TERM.turnsPerMinute
  const share = back === undefined ? 1 : 1 - TERM.reviewShare
  learners.forEach((learner, c) => {
    if (drawUnit(random) < TERM.away) return
    if (back !== undefined) review(random, learner, { at: back, day, turns: turns * TERM.reviewShare })
    const rung = learner.rungs[learner.at]
    if (!rung) return
    forget(random, rung, day)
    const fit = learner.at === group ? 1 : TERM.otherForm
    practise(random, rung, turns * share * fit * learner.rate)
    askQuestions(random, rung, learner.rate)
    rung.metOn = day
    rung.asOf = day
    rung.firmWhenAsked = isFirm(rung)
    if (!rung.wasFirm && rung.firmWhenAsked) {
      rung.wasFirm = true
      add(firmAfter[c]?.[learner.at], m + 1)
    }
  })
}

/**
 * The first rung that is not firm, as `standingOf` finds it: one that has fallen below firm counts as passed where it
 * is still likely known and either a later one is firm or nothing but time has passed since it was asked.
 */
function workingAt({ rungs, first }: Learner, day: number): number {
  const beliefs = rungs.map(({ belief, asOf }) => afterDays(belief, day - asOf))
  const firm = rungs.map((rung, i) => rung.answers > 0 && isFirm(rung, beliefs[i]))
  const lastFirm = Math.max(first - 1, firm.lastIndexOf(true))
  const open = rungs.findIndex(({ passed, answers, firmWhenAsked }, i) => {
    const isLikely = (beliefs[i] ?? 0) >= SHAKY_PROBABILITY
    const isShaky = (i < lastFirm && (answers === 0 || isLikely)) || (firmWhenAsked && isLikely)
    return !passed && firm[i] !== true && !isShaky
  })
  return open < 0 ? rungs.length : open
}

/** The rung that most work on; of two, the easier one, as the planner has it. Children who know all do not count. */
function rungOfMost(learners: readonly Learner[], rungs: number): number {
  const counted = new Uint8Array(rungs + 1)
  for (const { at } of learners) counted[at] = (counted[at] ?? 0) + 1
  let best = rungs
  let most = 0
  for (let rung = 0; rung < rungs; rung++) {
    const count = counted[rung] ?? 0
    if (count > most) [best, most] = [rung, count]
  }
  return best
}

/** The rung before the group's that is due for most, if any is. */
function dueRung(learners: readonly Learner[], group: number, day: number): number | undefined {
  const counted = new Uint8Array(group)
  let best: number | undefined
  for (const { rungs, at } of learners)
    for (let rung = 0; rung < Math.min(group, at); rung++) {
      const { metOn, reviews } = rungs[rung] as Rung
      const gap = REVIEW_GAPS[Math.min(reviews, REVIEW_GAPS.length - 1)] ?? 0
      if (metOn === undefined || day - metOn < gap) continue
      counted[rung] = (counted[rung] ?? 0) + 1
      if (best === undefined || (counted[rung] ?? 0) > (counted[best] ?? 0)) best = rung
    }
  return best
}

function review(
  random: Random,
  { rungs, rate }: Learner,
  { at, day, turns }: { at: number; day: number; turns: number },
) {
  const rung = rungs[at]
  if (!rung) return
  forget(random, rung, day)
  practise(random, rung, turns * rate)
  rung.metOn = day
  rung.asOf = day
  rung.reviews++
}

/** What was not met for a while may be gone; what the answers say falls with it. */
function forget(random: Random, rung: Rung, day: number): void {
  const days = day - rung.asOf
  if (days <= 0) return
  if (rung.knows) rung.knows = drawUnit(random) < 0.5 ** (days / KNOWING.forgettingHalfLifeDays)
  rung.belief = afterDays(rung.belief, days)
}

function askQuestions(random: Random, rung: Rung, rate: number): void {
  for (let question = 0; question < TERM.questions; question++) {
    const choices = choicesOf(question)
    const right = drawUnit(random) < (rung.knows ? 1 - KNOWING.slip : guessOf(choices))
    rung.belief = afterAnswer(rung.belief, right, choices)
    rung.last = pushAnswer(rung.last, right)
    rung.answers++
    practise(random, rung, rate)
  }
  rung.days++
  rung.kinds = Math.max(rung.kinds, 2)
}
