import { useLocalStorage } from '@mantine/hooks'
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
import { type SessionContext, requestOf } from '../../core/records'
import { type Ask, BESIDE_THE_ORDER, type RungId, type Value, explain, isRight, schools } from '../../core/teaching'
import { keepAnswer, takeBack } from '../../ui/answerQueue'
import { newId } from '../../ui/api'
import type { Hands } from '../../ui/Dial'
import { type CheckState, NOTHING, type Asked, type Choices, afterAnswer, afterNext, afterUndo } from './checkState'

const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }

export interface Tally {
  readonly child: PlanChild
  readonly right: number
  readonly of: number
}

/** The quick check of a session: whose turn it is, the question, and what was answered. Kept over a reload. */
export function useQuickCheck(context: SessionContext) {
  const { children, session } = context
  const request = requestOf(context)
  const [kept, setKept] = useLocalStorage<CheckState>({
    key: `table-check-2-${session.id}`,
    defaultValue: NOTHING,
    getInitialValueInEffect: false,
  })
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
    () => (child ? questionFor(kept, child, place, rung, session.seed) : undefined),
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
  const settled = () => (given && child && question ? afterNext(kept, child.id, question, children.length) : kept)
  const choose = (choices: Partial<Choices>) => {
    setKept({ ...settled(), forced: null, choices: { ...kept.choices, ...choices } })
    begin()
  }

  function answer(value: Value) {
    if (!child || !question || given) return
    const { item, choices } = question
    const at = Date.now()
    const stage = kept.choices.realClock ? 'concrete' : stageOf(item)
    const took = kept.choices.timer ? { tookMs: Math.min(3_600_000, at - shownAt) } : {}
    const sent = {
      id: newId(),
      childId: child.id,
      sessionId: session.id,
      at,
      item,
      choices: choices.length,
      given: value,
      stage,
      helped: isHelped,
      scaffolds,
      ...took,
    } as const
    const answered: Asked = { ...sent, right: isRight(item, value), n: put.length, turn: kept.turn }
    setKept(afterAnswer(kept, answered, question))
    void keepAnswer(sent)
  }

  /** On to the next question, of the same child where it is one that tells two explanations apart. */
  function next(telling?: Question) {
    if (!child || !question) return
    setKept(afterNext(kept, child.id, question, children.length, telling))
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
    telling: useMemo(
      () =>
        meanings.length > 1 && given
          ? tellingQuestion(
              {
                rung: given.item.rung,
                seed: session.seed,
                answers: [],
                asked: [...put.map(({ item }) => item), given.item],
                asks: kept.choices.ask ? [kept.choices.ask] : undefined,
              },
              meanings,
            )
          : undefined,
      // eslint-disable-next-line react-hooks/exhaustive-deps
      [given?.id],
    ),
    pickChild: (id: string) => {
      setKept({ ...settled(), forced: null, turn: placeOf(id) })
      begin()
    },
    tally: children.map((each): Tally => {
      const answers = kept.answers.filter((one) => one.childId === each.id)
      return { child: each, right: answers.filter((one) => one.right).length, of: answers.length }
    }),
  }
}

export type QuickCheckState = ReturnType<typeof useQuickCheck>

/** The rung picked for all, what is due for this child, or the one the child works on. */
function rungFor(child: PlanChild | undefined, { rung }: Choices, own: RungId): RungId {
  if (rung === 'due') return child?.standing.due[0] ?? own
  return rung ?? own
}

/** The same after a reload: it follows from what was put and answered before. */
function questionFor(
  kept: CheckState,
  child: PlanChild,
  place: number,
  rung: RungId,
  seed: number,
): Question | undefined {
  if (kept.forced?.childId === child.id) return kept.forced.question
  const put = kept.put[child.id] ?? []
  const asks: readonly Ask[] | undefined = kept.choices.ask ? [kept.choices.ask] : undefined
  return nextQuestion({
    rung,
    seed: seed + place * 1000,
    answers: kept.answers.filter((answer) => answer.childId === child.id && answer.n < put.length),
    asked: put.map(({ item }) => item).filter((item) => item.rung === rung),
    before: child.before,
    asks,
  })
}
