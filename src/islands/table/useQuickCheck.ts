import type { ChildId } from '../../core/ids'
import { useMemo, useState } from 'react'
import {
  type Belief,
  type Question,
  type ScaffoldId,
  believe,
  chanceOf,
  nextQuestion,
  stageOf,
  tellingQuestion,
} from '../../core/knowing'
import { type PlanChild, workingRung } from '../../core/planning'
import { type SentAnswer, type SessionContext, requestOf } from '../../core/records'
import {
  type Ask,
  BESIDE_THE_ORDER,
  type MisreadingId,
  type RungId,
  type Value,
  explain,
  isRight,
  schools,
} from '../../core/teaching'
import { keepAnswer, takeBack } from '../../ui/outbox/answers'
import { newId } from '../../ui/api'
import type { Hands } from '../../ui/hands'
import { type Asked, type CheckState, type Choices, afterGiven, afterNext, afterUndo } from './checkState'
import { tallyOf, useCheckState } from './useCheckState'

/** An answer that took longer was left lying. */
const LONGEST_MS = 3_600_000
/** Between the seeds of one child and the next. */
const SEEDS_APART = 1000
const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }

/** Whose turn it is, what is asked, and what the answer means if it was given: all of it follows from what is kept. */
function useTurn({ children, session, ...context }: SessionContext, kept: CheckState) {
  const child = children[kept.turn % Math.max(1, children.length)]
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
  return { child, rung, put, question, belief, given, meanings, telling, scaffolds }
}

/** What this child answered in this session. */
function answersOf(kept: CheckState, child: PlanChild | undefined): readonly Asked[] {
  return kept.answers.filter((answer) => answer.childId === child?.id)
}

/** What belongs to one question only: how the hands stand, whether it was helped, and since when it is shown. */
function useHandsOn() {
  const [hands, setHands] = useState(STRAIGHT_UP)
  const [isHelped, setHelped] = useState(false)
  const [shownAt, setShownAt] = useState(() => Date.now())
  const begin = () => {
    setHelped(false)
    setHands(STRAIGHT_UP)
    setShownAt(Date.now())
  }
  return { hands, setHands, isHelped, setHelped, shownAt, begin }
}

/** The quick check of a session: whose turn it is, the question, and what was answered. Kept over a reload. */
export function useQuickCheck(context: SessionContext) {
  const { children, session, settings } = context
  const [kept, setKept] = useCheckState(session.id)
  const turn = useTurn(context, kept)
  const { begin, ...handsOn } = useHandsOn()
  const { child, question, given } = turn

  const placeOf = (id: string) => Math.max(0, children.map((each) => each.id).indexOf(id))
  const go = (state: CheckState) => {
    setKept(state)
    begin()
  }
  /** A question that was answered is done with, also when something else is picked before the next one. */
  const settled = () =>
    given && child && question ? afterNext(kept, { childId: child.id, question }, children.length) : kept

  function answer(value: Value) {
    if (!child || !question || given) return
    const sent = sentAnswer({ childId: child.id, question, value }, { ...turn, ...handsOn, ...kept.choices })
    const asked = { right: isRight(question.item, value), n: turn.put.length, turn: kept.turn }
    setKept(afterGiven(kept, { ...sent, sessionId: session.id, ...asked }, question))
    void keepAnswer({ ...sent, sessionId: session.id })
  }

  /** On to the next question, of the same child where it is one that tells two explanations apart. */
  function next(telling?: Question) {
    if (child && question) go(afterNext(kept, { childId: child.id, question, telling }, children.length))
  }

  function undo() {
    const last = kept.answers[kept.answers.length - 1]
    if (!last) return
    void takeBack(last.id)
    go(afterUndo(kept, last, placeOf(last.childId)))
  }

  return {
    ...turn,
    ...handsOn,
    children,
    answer,
    next,
    skip: () => next(),
    undo,
    canUndo: kept.answers.length > 0,
    choices: kept.choices,
    choose: (choices: Partial<Choices>) => go({ ...settled(), forced: null, choices: { ...kept.choices, ...choices } }),
    rungs: [...schools[settings.school].order, ...BESIDE_THE_ORDER],
    setScaffolds: (ids: readonly ScaffoldId[]) =>
      child && setKept({ ...kept, scaffolds: { ...kept.scaffolds, [child.id]: ids } }),
    pickChild: (id: string) => go({ ...settled(), forced: null, turn: placeOf(id) }),
    tally: tallyOf(kept, children),
  }
}

export type QuickCheckState = ReturnType<typeof useQuickCheck>

interface GivenNow {
  readonly childId: ChildId
  readonly question: Question
  readonly value: Value
}

interface AnsweredWith {
  readonly isHelped: boolean
  readonly shownAt: number
  readonly scaffolds: readonly ScaffoldId[]
  readonly realClock: boolean
  readonly timer: boolean
}

/** An answer with all that it was given with, as it is kept and sent. */
function sentAnswer({ childId, question, value }: GivenNow, answered: AnsweredWith): Omit<SentAnswer, 'sessionId'> {
  const at = Date.now()
  return {
    id: newId(),
    childId,
    at,
    item: question.item,
    choices: question.choices.length,
    given: value,
    stage: answered.realClock ? 'concrete' : stageOf(question.item),
    helped: answered.isHelped,
    scaffolds: answered.scaffolds,
    ...(answered.timer && { tookMs: Math.min(LONGEST_MS, at - answered.shownAt) }),
  }
}

/** Where an answer may mean more than one thing: the question that would tell them apart. */
function tellingAfter(
  given: Asked,
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
  })
}
