import type { ChildId, StepId } from '../../core/ids'
import type { Answer, Question, ScaffoldId } from '../../core/knowing'
import { type PlanChild, waitedLongestFirst } from '../../core/planning'
import type { Ask, RungId } from '../../core/teaching'
import type { Round } from './round'

/** How the check goes on: what an adult sets once and leaves. */
export interface Choices {
  /** Each child in turn, one child until another is picked, or all at the same time. */
  readonly turns: 'round' | 'one' | 'all'
  /** In which step of the session that was picked: a step may ask all at once by itself. */
  readonly pickedIn?: StepId
  /** Null: each child's own rung. */
  readonly rung: RungId | 'due' | null
  /** Null: whichever way tells most. */
  readonly ask: Ask | null
  /** 25 seconds a question, as a reminder: nothing is taken or lost when they are over. */
  readonly timer: boolean
  /** The adult shows or asks with a clock in the hand instead of the screen. */
  readonly realClock: boolean
  /** Whether a right answer stays until the adult goes on; otherwise the next question comes by itself. */
  readonly waits?: boolean
}

/** An answer with which of the child's questions it was to, from 0, and whose turn it was. */
export type CheckAnswer = Answer & { readonly n: number; readonly turn: number }

/** All that is kept in the browser of one session's check. */
export interface CheckState {
  /** The questions that each child has had, answered or skipped, in order. */
  readonly put: Readonly<Record<string, readonly Question[]>>
  readonly turn: number
  /** In which order the children have their turns, once the check has begun. */
  readonly order?: readonly ChildId[]
  readonly choices: Choices
  /** A question that must come next: one that tells two explanations apart, or one whose answer was taken back. */
  readonly forced: { readonly childId: ChildId; readonly question: Question } | null
  readonly scaffolds: Readonly<Record<string, readonly ScaffoldId[]>>
  /** What all are asked at once now. */
  readonly round?: Round
  /** What was answered in this session, the newest last. */
  readonly answers: readonly CheckAnswer[]
}

/**
 * Who is asked now: as was picked in this step; otherwise all at once where the step does so, and as before where it does
 * not.
 */
export function turnsIn({ turns, pickedIn }: Choices, step: { id?: StepId; isAtOnce: boolean }): Choices['turns'] {
  if (pickedIn === step.id && pickedIn !== undefined) return turns
  if (step.isAtOnce) return 'all'
  return turns === 'all' ? 'round' : turns
}

export const QUESTION_SECONDS = 25

export const NOTHING: CheckState = {
  put: {},
  turn: 0,
  choices: { turns: 'round', rung: null, ask: null, timer: false, realClock: false },
  forced: null,
  scaffolds: {},
  answers: [],
}

/**
 * The children in the order of their turns: before the check begins those who waited longest first, so that everybody
 * is asked within a few sessions; then as it began, and who came later last.
 */
export function inTurn({ order, put, answers }: CheckState, children: readonly PlanChild[]): PlanChild[] {
  const isBegun = answers.length > 0 || Object.keys(put).length > 0
  if (!order) return isBegun ? [...children] : waitedLongestFirst(children)
  const place = ({ id }: PlanChild) => (order.includes(id) ? order.indexOf(id) : order.length)
  return [...children].sort((a, b) => place(a) - place(b))
}

/** The answer is kept; its question stays until the next one, so that taking it back finds the same choices. */
export function afterGiven(state: CheckState, answered: CheckAnswer, question: Question): CheckState {
  return { ...state, answers: [...state.answers, answered], forced: { childId: answered.childId, question } }
}

/** A question that is done with, and the one that must follow it, if any. */
interface Done {
  readonly childId: ChildId
  readonly question: Question
  readonly telling?: Question
}

/** The question is done with; the turn goes on, save where a telling question keeps it with the child. */
export function afterNext(state: CheckState, { childId, question, telling }: Done, children: number): CheckState {
  const stays = telling !== undefined || state.choices.turns === 'one'
  return {
    ...state,
    put: { ...state.put, [childId]: [...(state.put[childId] ?? []), question] },
    turn: stays ? state.turn : (state.turn + 1) % Math.max(1, children),
    forced: telling ? { childId, question: telling } : null,
  }
}

/** The last answer is taken back and its question put again; questions that were skipped since are forgotten. */
export function afterUndo(state: CheckState, last: CheckAnswer, turn: number): CheckState {
  const put = state.put[last.childId] ?? []
  const question = put[last.n] ?? (state.forced?.childId === last.childId ? state.forced.question : undefined)
  return {
    ...state,
    turn,
    put: { ...state.put, [last.childId]: put.slice(0, last.n) },
    forced: question ? { childId: last.childId, question } : null,
    answers: state.answers.slice(0, -1),
  }
}
