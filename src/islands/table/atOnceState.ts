import type { ChildId } from '../../core/ids'
import { tasksAtOnce } from '../../core/knowing'
import type { RungId } from '../../core/teaching'
import type { CheckAnswer, CheckState } from './checkState'
import type { Round } from './round'

interface AskedChildren {
  readonly children: readonly { readonly id: ChildId; readonly rung: RungId }[]
  readonly seed: number
}

/** The first round, or the one after this. */
export function roundAfter(round: Round | undefined, { children, seed }: AskedChildren): Round {
  const before = round ? [...round.before, ...round.tasks.map(({ question }) => question.item)] : []
  return {
    number: (round?.number ?? 0) + 1,
    tasks: tasksAtOnce({ children, seed, asked: before }),
    before,
    marks: {},
  }
}

/**
 * The round that is on. One in which nobody was tapped yet asks for what is chosen now: another step may have been
 * picked since.
 */
export function roundNow(round: Round | undefined, asking: AskedChildren): Round {
  if (!round) return roundAfter(undefined, asking)
  const isBegun = Object.values(round.marks).some((mark) => mark !== undefined)
  return isBegun ? round : roundAfter({ ...round, number: round.number - 1, tasks: [] }, asking)
}

/** A child's answer in this round is kept: it counts among what the child was asked in this check. */
export function afterShown(state: CheckState, round: Round, answer: CheckAnswer, choice: number): CheckState {
  const task = round.tasks.find(({ childIds }) => childIds.includes(answer.childId))
  if (!task) return state
  const { childId, id: answerId } = answer
  return {
    ...state,
    put: { ...state.put, [childId]: [...(state.put[childId] ?? []), task.question] },
    answers: [...state.answers, answer],
    round: { ...round, marks: { ...round.marks, [childId]: { answerId, choice } } },
  }
}

/** A child's answer is taken back: the last one of that child, since a round asks each child once. */
export function afterTakenBack(state: CheckState, answer: CheckAnswer): CheckState {
  const { childId, id, n } = answer
  const { round } = state
  const isOfRound = round?.marks[childId]?.answerId === id
  return {
    ...state,
    put: { ...state.put, [childId]: (state.put[childId] ?? []).slice(0, n) },
    answers: state.answers.filter((each) => each.id !== id),
    forced: state.forced?.childId === childId ? null : state.forced,
    ...(round && isOfRound && { round: { ...round, marks: { ...round.marks, [childId]: undefined } } }),
  }
}

/** How many of those who were asked in this round showed the right one, alone or after a look round. */
export function tallyOfRound({ tasks, marks }: Round, answers: readonly CheckAnswer[]) {
  const asked = tasks.flatMap(({ childIds }) => childIds)
  const own = answers.filter(({ childId, id }) => marks[childId]?.answerId === id)
  return { of: asked.length, tapped: own.length, right: own.filter(({ right }) => right).length }
}
