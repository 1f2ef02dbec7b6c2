import { useMemo, useState } from 'react'
import {
  type Belief,
  type Question,
  type ScaffoldId,
  believe,
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
import { keepAnswer, takeBack } from '../../ui/answerQueue'
import { newId } from '../../ui/api'
import type { Hands } from '../../ui/hands'
import { type Asked, type CheckState, type Choices, afterAnswer, afterNext, afterUndo } from './checkState'
import { tallyOf, useCheckState } from './useCheckState'

/** An answer that took longer was left lying. */
const LONGEST_MS = 3_600_000
/** Between the seeds of one child and the next. */
const SEEDS_APART = 1000
const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }

/** The quick check of a session: whose turn it is, the question, and what was answered. Kept over a reload. */
export function useQuickCheck(context: SessionContext) {
  const { children, session } = context
  const request = requestOf(context)
  const [kept, setKept] = useCheckState(session.id)
  const [hands, setHands] = useState(STRAIGHT_UP)
  const [isHelped, setHelped] = useState(false)
  const [shownAt, setShownAt] = useState(() => Date.now())

  const child = children[kept.turn % Math.max(1, children.length)]
  const rung = rungFor(child, kept.choices, child ? workingRung(child, request) : session.plan.rung)
  const own = useMemo(() => kept.answers.filter((answer) => answer.childId === child?.id), [kept.answers, child?.id])
  const place = child ? children.indexOf(child) : 0
  const put = child ? (kept.put[child.id] ?? []) : []
  /** The answer that was just given, until the next question; found again after a reload. */
  const given = child ? kept.answers.find((each) => each.childId === child.id && each.n === put.length) : undefined
  const question = useMemo(
    () => (child ? questionFor(kept, child, rung, session.seed + place * SEEDS_APART) : undefined),
    [child, place, rung, session.seed, kept],
  )
  const belief: Belief = useMemo(() => believe(own, child?.before), [own, child?.before])
  const scaffolds = child ? (kept.scaffolds[child.id] ?? child.scaffolds?.[rung] ?? []) : []

  const placeOf = (id: string) =>
    Math.max(
      0,
      children.findIndex((each) => each.id === id),
    )
  const begin = () => {
    setHelped(false)
    setHands(STRAIGHT_UP)
    setShownAt(Date.now())
  }
  /** A question that was answered is done with, also when something else is picked before the next one. */
  const settled = () =>
    given && child && question ? afterNext(kept, { childId: child.id, question }, children.length) : kept
  const choose = (choices: Partial<Choices>) => {
    setKept({ ...settled(), forced: null, choices: { ...kept.choices, ...choices } })
    begin()
  }

  function answer(value: Value) {
    if (!child || !question || given) return
    const at = Date.now()
    const sent: SentAnswer = {
      id: newId(),
      childId: child.id,
      sessionId: session.id,
      at,
      item: question.item,
      choices: question.choices.length,
      given: value,
      stage: kept.choices.realClock ? 'concrete' : stageOf(question.item),
      helped: isHelped,
      scaffolds,
      ...(kept.choices.timer && { tookMs: Math.min(LONGEST_MS, at - shownAt) }),
    }
    const answered: Asked = { ...sent, right: isRight(question.item, value), n: put.length, turn: kept.turn }
    setKept(afterAnswer(kept, answered, question))
    void keepAnswer(sent)
  }

  /** On to the next question, of the same child where it is one that tells two explanations apart. */
  function next(telling?: Question) {
    if (!child || !question) return
    setKept(afterNext(kept, { childId: child.id, question, telling }, children.length))
    begin()
  }

  function undo() {
    const last = kept.answers[kept.answers.length - 1]
    if (!last) return
    void takeBack(last.id)
    setKept(afterUndo(kept, last, placeOf(last.childId)))
    begin()
  }

  const meanings = given ? explain(given.item, given.given) : []
  const telling = useMemo(
    () => (given ? tellingAfter(given, kept, meanings, session.seed) : undefined),
    // It follows from the answer that was given, and stays while that is on the screen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [given?.id],
  )
  return {
    child,
    children,
    question,
    rung,
    given,
    belief,
    hands,
    setHands,
    isHelped,
    setHelped,
    answer,
    next,
    skip: () => next(),
    undo,
    canUndo: kept.answers.length > 0,
    choices: kept.choices,
    choose,
    shownAt,
    rungs: [...schools[context.settings.school].order, ...BESIDE_THE_ORDER],
    scaffolds,
    setScaffolds: (ids: readonly ScaffoldId[]) =>
      child && setKept({ ...kept, scaffolds: { ...kept.scaffolds, [child.id]: ids } }),
    meanings,
    /** Where an answer may mean more than one thing: the question that would tell them apart. */
    telling,
    pickChild: (id: string) => {
      setKept({ ...settled(), forced: null, turn: placeOf(id) })
      begin()
    },
    tally: tallyOf(kept, children),
  }
}

export type QuickCheckState = ReturnType<typeof useQuickCheck>

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
