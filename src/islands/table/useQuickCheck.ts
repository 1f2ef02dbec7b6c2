import { useState } from 'react'
import type { ChildId } from '../../core/ids'
import { localDay, type Hands } from '../../core/clock'
import { type Question, type ScaffoldId, stageOf } from '../../core/knowing'
import type { SentAnswer, SessionContext } from '../../core/records'
import { BESIDE_THE_ORDER, isRight, schools, type Value } from '../../core/teaching'
import { keepAnswer, takeBack } from '../../ui/outbox/answers'
import { newId } from '../../ui/api'
import { afterGiven, afterNext, afterUndo, type CheckState, type Choices } from './checkState'
import { tallyOf, useCheckState } from './useCheckState'
import { useTurn } from './askedNow'

/** An answer that took longer was left lying. */
const LONGEST_MS = 3_600_000
const STRAIGHT_UP: Hands = { gear: 'free', hour: 0, minute: 0 }

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

/** What is kept of the check, whose turn it is in it, and the way to keep what comes next, always in the same order. */
function useKept(context: SessionContext) {
  const [kept, setState] = useCheckState(context.session.id)
  const turn = useTurn(context, kept)
  const order = turn.turns.map(({ id }) => id)
  const setKept = (state: CheckState) => setState({ ...state, order })
  return { kept, turn, setKept, placeOf: (id: ChildId) => Math.max(0, order.indexOf(id)) }
}

/** The quick check of a session: whose turn it is, the question, and what was answered. Kept over a reload. */
export function useQuickCheck(context: SessionContext) {
  const { children, session, settings } = context
  const { kept, turn, setKept, placeOf } = useKept(context)
  const { begin, ...handsOn } = useHandsOn()
  const { child, question, given } = turn

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
    const asked = {
      right: isRight(question.item, value),
      day: localDay(sent.at, settings.zone),
      n: turn.put.length,
      turn: kept.turn,
    }
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
    tally: tallyOf(kept, turn.turns),
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
    stage: answered.realClock || question.withThings ? 'concrete' : stageOf(question.item),
    helped: answered.isHelped,
    scaffolds: answered.scaffolds,
    ...(answered.timer && { tookMs: Math.min(LONGEST_MS, at - answered.shownAt) }),
  }
}
