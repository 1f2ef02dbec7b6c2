import { useLocalStorage } from '@mantine/hooks'
import { useMemo, useState } from 'react'
import {
  type Answer,
  type PlanChild,
  type Question,
  type RungId,
  type SessionContext,
  type Value,
  hasItems,
  isRight,
  quickCheck,
  requestOf,
  schools,
  stageOf,
  weightsOf,
  workingRung,
} from '../../core'
import { keepAnswer, takeBack } from '../../ui/answerQueue'
import { newId } from '../../ui/api'
import type { Hands } from '../../ui/Dial'

/** Who is asked: each child in turn, or one child until another is picked. */
export type Turns = 'round' | 'one'

interface Kept {
  /** How many questions each child has had in this session: the next one follows from it. */
  readonly asked: Readonly<Record<string, number>>
  readonly turn: number
  readonly turns: Turns
  readonly rung: RungId | null
  /** What was answered in this session, the newest last. */
  readonly answers: readonly Asked[]
}

/** An answer with which of the child's questions it was to, from 0. */
type Asked = Answer & { readonly n: number }

const NOTHING: Kept = { asked: {}, turn: 0, turns: 'round', rung: null, answers: [] }
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
  const [kept, setKept] = useLocalStorage<Kept>({ key: `table-check-${session.id}`, defaultValue: NOTHING, getInitialValueInEffect: false }) // prettier-ignore
  const [hands, setHands] = useState(STRAIGHT_UP)
  const [isHelped, setHelped] = useState(false)
  const [shownAt, setShownAt] = useState(() => Date.now())
  /** The answer that was just given, until the next question. */
  const [given, setGiven] = useState<Answer>()

  const child = children[kept.turn % Math.max(1, children.length)]
  const own = child ? workingRung(child, request) : session.plan.rung
  const rung = kept.rung ?? own
  const asked = child ? (kept.asked[child.id] ?? 0) : 0
  const question = useMemo(
    () => (child ? questionAt(child, children.indexOf(child), rung, session.seed, asked) : undefined),
    [child, children, rung, session.seed, asked],
  )

  const placeOf = (id: string) => Math.max(0, children.findIndex((each) => each.id === id)) // prettier-ignore
  const begin = () => {
    setGiven(undefined)
    setHelped(false)
    setHands(STRAIGHT_UP)
    setShownAt(Date.now())
  }

  function answer(value: Value) {
    if (!child || !question || given) return
    const { item, choices } = question
    const at = Date.now()
    const sent = { id: newId(), childId: child.id, sessionId: session.id, at, item, choices: choices.length, given: value, stage: stageOf(item), helped: isHelped, tookMs: Math.min(3_600_000, at - shownAt) } // prettier-ignore
    const answered: Asked = { ...sent, right: isRight(item, value), n: asked }
    setGiven(answered)
    setKept({ ...kept, answers: [...kept.answers, answered] })
    void keepAnswer(sent)
  }

  function next() {
    if (!child) return
    const turn = kept.turns === 'round' ? (kept.turn + 1) % children.length : kept.turn
    setKept({ ...kept, turn, asked: { ...kept.asked, [child.id]: asked + 1 } })
    begin()
  }

  /** Takes the last answer back and asks that question again. */
  function undo() {
    const last = kept.answers[kept.answers.length - 1]
    if (!last) return
    void takeBack(last.id)
    const turn = placeOf(last.childId)
    setKept({
      ...kept,
      turn,
      answers: kept.answers.slice(0, -1),
      asked: { ...kept.asked, [last.childId]: last.n },
    })
    begin()
  }

  return {
    child,
    children,
    question,
    rung,
    given,
    hands,
    setHands,
    isHelped,
    setHelped,
    answer,
    next,
    skip: next,
    undo,
    canUndo: kept.answers.length > 0,
    turns: kept.turns,
    setTurns: (turns: Turns) => setKept({ ...kept, turns }),
    rungs: schools[context.settings.school].order.filter(hasItems),
    pickedRung: kept.rung,
    pickRung: (picked: RungId | null) => {
      setKept({ ...kept, rung: picked })
      begin()
    },
    pickChild: (id: string) => {
      setKept({ ...kept, turn: placeOf(id) })
      begin()
    },
    tally: children.map((each): Tally => {
      const answers = kept.answers.filter((one) => one.childId === each.id)
      return { child: each, right: answers.filter((one) => one.right).length, of: answers.length }
    }),
  }
}

export type QuickCheckState = ReturnType<typeof useQuickCheck>

/** A child's n-th question (0-based): the same after a reload, new ones once a set is through. */
function questionAt(child: PlanChild, place: number, rung: RungId, seed: number, n: number): Question | undefined {
  const weights = weightsOf(child)
  const first = quickCheck({ rung, seed: seed + place * 1000, weights })
  if (first.length === 0) return undefined
  const set = Math.floor(n / first.length)
  const questions = set === 0 ? first : quickCheck({ rung, seed: seed + place * 1000 + set, weights })
  return questions[n % first.length]
}
