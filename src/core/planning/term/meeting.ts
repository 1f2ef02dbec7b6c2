import {
  afterAnswer,
  afterDays,
  followAnswer,
  guessOf,
  KNOWING,
  letPass,
  onlyLacksAnswers,
  SHAKY_PROBABILITY,
} from '../../knowing'
import { drawUnit, type Random } from '../../random'
import { RECALL_SHARE } from '../need'
import { REVIEW_GAPS, TERM } from './model'
import type { TermWish } from './wish'
import { type Learner, type LearnerRung, type TermCounts, isFirm } from './learner'

/** Counts one more at a place. */
export function add(into: Uint32Array | undefined, place: number): void {
  if (into) into[place] = (into[place] ?? 0) + 1
}

/** Counts that a child is firm on a rung after so many meetings, over all runs and over those of its pace. */
export function addFirm(
  { firmAfter, byPace }: TermCounts,
  { learner, c, rung }: { learner: Learner; c: number; rung: number },
  meetings: number,
): void {
  add(firmAfter[c]?.[rung], meetings)
  for (const pace of learner.paces) add(byPace[pace][c]?.firmAfter[rung], meetings)
}

/** So many chances to learn, the child's speed among them. */
export function practise(random: Random, rung: LearnerRung, turns: number): void {
  if (!rung.knows) rung.knows = drawUnit(random) >= (1 - KNOWING.learn) ** turns
}

interface Meeting {
  readonly counts: TermCounts
  readonly wish: TermWish
  readonly day: number
  readonly m: number
}

/** One meeting of the simulated group: what is taught, asked and forgotten in it. */
export function playMeeting(random: Random, learners: readonly Learner[], { counts, wish, day, m }: Meeting): void {
  const { ladder, choices, recallChoices, worked, cameBack } = counts
  for (const learner of learners) learner.at = workingAt(learner, day)
  const group = rungOfMost(learners, ladder.length)
  if (group < ladder.length) add(worked[m], group)
  const back = dueRung(learners, group, day)
  if (back !== undefined) add(cameBack[m], back)
  const isRecalled = learners.filter(lacksAnswers).length >= RECALL_SHARE * learners.length
  const turns = (wish.minutes - (isRecalled ? TERM.recallMinutes : 0)) * TERM.turnsPerMinute
  const share = back === undefined ? 1 : 1 - TERM.reviewShare
  learners.forEach((learner, c) => {
    if (drawUnit(random) < TERM.away) return
    if (back !== undefined) review(random, learner, { at: back, day, turns: turns * TERM.reviewShare })
    const rung = learner.rungs[learner.at]
    if (!rung) return
    forget(random, rung, day)
    if (isRecalled) askQuestions(random, rung, { rate: learner.rate, choices: recallChoices[learner.at] ?? [] })
    const fit = learner.at === group ? 1 : TERM.otherForm
    practise(random, rung, turns * share * fit * learner.rate)
    askQuestions(random, rung, { rate: learner.rate, choices: choices[learner.at] ?? [] })
    rung.days++
    rung.kinds = Math.max(rung.kinds, 2)
    rung.metOn = day
    rung.asOf = day
    if (!rung.wasFirm && isFirm(rung)) {
      rung.wasFirm = true
      addFirm(counts, { learner, c, rung: learner.at }, m + 1)
    }
  })
}

/**
 * The first rung that is not firm, as `standingOf` finds it: one that was lost counts as passed where it is still
 * likely known and a later one is firm.
 */
function workingAt({ rungs, first }: Learner, day: number): number {
  const beliefs = rungs.map(({ belief, asOf }) => afterDays(belief, day - asOf))
  const firm = rungs.map(isFirm)
  const lastFirm = Math.max(first - 1, firm.lastIndexOf(true))
  const open = rungs.findIndex(({ passed, answers }, i) => {
    const isLikely = (beliefs[i] ?? 0) >= SHAKY_PROBABILITY
    const isShaky = i < lastFirm && (answers === 0 || isLikely)
    return !passed && firm[i] !== true && !isShaky
  })
  return open < 0 ? rungs.length : open
}

/** Whether a learner seems to know what is worked on, so that only answers are missing (`needsAnswersOnly`). */
function lacksAnswers({ rungs, at }: Learner): boolean {
  const rung = rungs[at]
  return rung !== undefined && onlyLacksAnswers(rung, rung.belief)
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
      const { metOn, reviews } = rungs[rung] as LearnerRung
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
function forget(random: Random, rung: LearnerRung, day: number): void {
  const days = day - rung.asOf
  if (days <= 0) return
  if (rung.knows) rung.knows = drawUnit(random) < 0.5 ** (days / KNOWING.forgettingHalfLifeDays)
  rung.belief = afterDays(rung.belief, days)
  letPass(rung, days)
}

interface AskedQuestions {
  readonly rate: number
  /** Of each question. */
  readonly choices: readonly number[]
}

function askQuestions(random: Random, rung: LearnerRung, { rate, choices: ofEach }: AskedQuestions): void {
  for (const choices of ofEach) {
    const right = drawUnit(random) < (rung.knows ? 1 - KNOWING.slip : guessOf(choices))
    rung.belief = afterAnswer(rung.belief, right, choices)
    followAnswer(rung, right, choices)
    practise(random, rung, rate)
  }
}
