import { useMemo } from 'react'
import { type Belief, believe, chanceOf, nextQuestion, type Question, tellingQuestion } from '../../core/knowing'
import { type PlanChild, workingRung } from '../../core/planning'
import { requestOf, type SessionContext } from '../../core/records'
import { type Ask, explain, type MisreadingId, type RungId, type Stage } from '../../core/teaching'
import { type CheckAnswer, type CheckState, type Choices, inTurn } from './checkState'

/** Between the seeds of one child and the next. */
const SEEDS_APART = 1000

/** Whose turn it is, what is asked, and what the answer means if it was given: all of it follows from what is kept. */
export function useTurn({ children, session, ...context }: SessionContext, kept: CheckState) {
  const turns = inTurn(kept, children)
  const child = turns[kept.turn % Math.max(1, turns.length)]
  const own = child ? workingRung(child, requestOf({ children, session, ...context })) : session.plan.rung
  const rung = rungFor(child, kept.choices, own)
  const place = child ? children.indexOf(child) : 0
  const put = child ? (kept.put[child.id] ?? []) : []
  const question = useMemo(
    () => (child ? questionFor(kept, child, rung, session.seed + place * SEEDS_APART) : undefined),
    [child, place, rung, session.seed, kept],
  )
  const belief: Belief = useMemo(() => believe(answersOf(kept, child), child?.before), [kept, child])
  /** The answer that was just given, until the next question; found again after a reload. */
  const given = answersOf(kept, child).find((each) => each.n === put.length)
  /** What it may mean, the likeliest first. */
  const meanings = given
    ? explain(given.item, given.given).sort((a, b) => chanceOf(belief, b) - chanceOf(belief, a))
    : []
  /** Where an answer may mean more than one thing: the question that would tell them apart. */
  const telling = useMemo(
    () => (given ? tellingAfter(given, kept, meanings, session.seed) : undefined),
    // It follows from the answer that was given, and stays while that is on the screen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [given?.id],
  )
  const scaffolds = child ? (kept.scaffolds[child.id] ?? child.scaffolds?.[rung] ?? []) : []
  return { turns, child, rung, put, question, belief, given, meanings, telling, scaffolds }
}

/** What this child answered in this session. */
function answersOf(kept: CheckState, child: PlanChild | undefined): readonly CheckAnswer[] {
  return kept.answers.filter((answer) => answer.childId === child?.id)
}

/** Where an answer may mean more than one thing: the question that would tell them apart. */
function tellingAfter(
  given: CheckAnswer,
  { put, choices }: CheckState,
  meanings: readonly MisreadingId[],
  seed: number,
): Question | undefined {
  if (meanings.length < 2) return undefined
  const asked = [...(put[given.childId] ?? []).map(({ item }) => item), given.item]
  const asks = choices.ask ? [choices.ask] : undefined
  return tellingQuestion({ rung: given.item.rung, seed, answers: [], asked, asks }, meanings)
}

/** The rung picked for all, what is due for this child, or the one the child works on. */
function rungFor(child: PlanChild | undefined, { rung }: Choices, own: RungId): RungId {
  if (rung === 'due') return child?.standing.due[0] ?? own
  return rung ?? own
}

/** The kinds in which the child was right on a rung before. */
function kindsMet({ standing }: PlanChild, rung: RungId): readonly Stage[] {
  return [...standing.estimates, ...standing.beside].find((each) => each.rung === rung)?.stages ?? []
}

/** The same after a reload: it follows from what was put and answered before. */
function questionFor(kept: CheckState, child: PlanChild, rung: RungId, seed: number): Question | undefined {
  if (kept.forced?.childId === child.id) return kept.forced.question
  const put = kept.put[child.id] ?? []
  const asks: readonly Ask[] | undefined = kept.choices.ask ? [kept.choices.ask] : undefined
  return nextQuestion({
    rung,
    seed,
    answers: kept.answers.filter((answer) => answer.childId === child.id && answer.n < put.length),
    asked: put.map(({ item }) => item).filter((item) => item.rung === rung),
    before: child.before,
    asks,
    kinds: kindsMet(child, rung),
  })
}
