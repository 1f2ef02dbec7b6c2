import { titled } from '../../ui/titled'
import { useState } from 'react'
import { localDay } from '../../core/clock'
import { type TaskAtOnce, stageOf } from '../../core/knowing'
import { workingRung } from '../../core/planning'
import { type SessionContext, requestOf, wordingOf } from '../../core/records'
import { type Showing, isRight, sameValue, sayAnswer, showingsOf } from '../../core/teaching'
import { newId } from '../../ui/api'
import { keepAnswer, takeBack } from '../../ui/outbox/answers'
import type { Player } from '../../ui/WhoShowed'
import { afterShown, afterTakenBack, roundAfter, roundNow, tallyOfRound } from './atOnceState'
import type { CheckAnswer, CheckState, Choices } from './checkState'
import { useCheckState } from './useCheckState'

/** A task with what can be tapped at it, and who is asked it. */
export interface TaskShown extends TaskAtOnce {
  readonly players: readonly Player[]
  readonly shown: readonly Showing[]
  readonly isChoice: boolean
}

/** What is kept of the rounds, and how answers come into it and out again. */
function useRounds(context: SessionContext) {
  const { children, session, settings } = context
  const [kept, setKept] = useCheckState(session.id)
  const rungPicked = kept.choices.rung === 'due' ? null : kept.choices.rung
  const asking = {
    children: children.map((child) => ({ id: child.id, rung: rungPicked ?? workingRung(child, requestOf(context)) })),
    seed: session.seed,
  }
  const round = roundNow(kept.round, asking)

  function taken(state: CheckState, task: TaskShown, player: Player, choice: number): CheckState {
    const showing = task.shown[choice]
    if (!showing) return state
    const answer = answerFor(task, player, showing)
    void keepAnswer({ ...answer, sessionId: session.id })
    const asked: CheckAnswer = {
      ...answer,
      sessionId: session.id,
      right: isRight(answer.item, answer.given),
      day: localDay(answer.at, settings.zone),
      n: (state.put[player.id] ?? []).length,
      turn: state.turn,
    }
    return afterShown(state, roundNow(state.round ?? round, asking), asked, choice)
  }

  function takenBack(state: CheckState, answer: CheckAnswer): CheckState {
    void takeBack(answer.id)
    return afterTakenBack(state, answer)
  }

  return { kept, setKept, round, taken, takenBack, roundNext: () => roundAfter(round, asking) }
}

/** The check with all at once: what each is asked, who showed what. Kept over a reload. */
export function useAllAtOnce(context: SessionContext) {
  const { kept, setKept, round, taken, takenBack, roundNext } = useRounds(context)
  const [isShown, setShown] = useState(false)

  /** A tap keeps what was shown; the same once more takes it back; another one takes its place. */
  function mark(task: TaskShown, player: Player, choice: number) {
    const marked = kept.round?.marks[player.id]
    const before = kept.answers.find(({ id }) => id === marked?.answerId)
    const cleared = before ? takenBack(kept, before) : kept
    setKept(marked?.choice === choice ? cleared : taken(cleared, task, player, choice))
  }

  /** All who were not tapped yet showed the right one. */
  function markRest(task: TaskShown) {
    const there = task.shown.findIndex(({ kind }) => kind === 'there')
    const open = task.players.filter(({ id }) => !round.marks[id])
    setKept(open.reduce((state, player) => taken(state, task, player, there), kept))
  }

  const last = kept.answers[kept.answers.length - 1]
  return {
    round,
    tasks: round.tasks.map((task) => taskShown(task, context)),
    marks: round.marks,
    mark,
    markRest,
    tally: tallyOfRound(round, kept.answers),
    isShown,
    setShown,
    choose: (choices: Partial<Choices>) => setKept({ ...kept, choices: { ...kept.choices, ...choices } }),
    next: () => {
      setShown(false)
      setKept({ ...kept, round: roundNext() })
    },
    undo: () => last && setKept(takenBack(kept, last)),
    canUndo: last !== undefined,
  }
}

export type AllAtOnceState = ReturnType<typeof useAllAtOnce>

function taskShown(task: TaskAtOnce, { children, settings }: SessionContext): TaskShown {
  const { item, choices } = task.question
  const says = (value: Showing['value']) => sayAnswer(item, value, wordingOf(settings))
  const players = children.filter(({ id }) => task.childIds.includes(id))
  const isChoice = choices.length > 0
  const shown = isChoice
    ? choices.map((value, i): Showing => ({
        kind: sameValue(value, item.answer) ? 'there' : 'wrong',
        says: titled(String(i + 1), says(value)),
        value,
        helped: false,
      }))
    : showingsOf(item, { says })
  return { ...task, players, shown, isChoice }
}

/** What a child showed, as it is kept and sent. */
function answerFor({ question: { item, choices } }: TaskShown, { id: childId }: Player, { value, helped }: Showing) {
  const stage = stageOf(item)
  return { id: newId(), childId, at: Date.now(), item, choices: choices.length, given: value, stage, helped }
}
