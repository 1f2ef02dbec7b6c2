import { told } from '../wording'
import { RefusedValue } from '../errors'
import { type Question, nextQuestion } from '../knowing'
import { type RungId, type School, asksOf } from '../teaching'
import { startsOf } from './start'

/* Three quick questions on entry: where a child starts, found by halving what is still possible. */

export const PLACING_QUESTIONS = 3

/** How a question on one rung went. One that was not answered counts as not right. */
export interface PlacingAnswer {
  readonly rung: RungId
  readonly isRight: boolean
}

export interface Placing {
  /** The rung that is asked next; undefined once it is known where the child starts, after three questions at most. */
  readonly next: RungId | undefined
  /** Where the child starts by the answers so far: the first rung that may not be known. Without any, the guess. */
  readonly startsAt: RungId
}

/**
 * Where a child starts by some answers, and what to ask next: the guess first, then the middle of what is still
 * possible. A right answer puts the start behind its rung, any other on it or before it; of two that contradict, the
 * one that was not right holds. Throws RefusedValue for a rung that is no start in this school.
 */
export function placing(guess: RungId, answers: readonly PlacingAnswer[], school: Pick<School, 'order'>): Placing {
  const starts = startsOf(school)
  const placeOf = (rung: RungId) => {
    const place = starts.indexOf(rung)
    if (place < 0) throw new RefusedValue(told('rung'), told('one of {0}', starts.join(', ')), rung)
    return place
  }
  const wrong = answers.filter(({ isRight }) => !isRight).map(({ rung }) => placeOf(rung))
  const right = answers.filter(({ isRight }) => isRight).map(({ rung }) => placeOf(rung) + 1)
  const last = Math.min(starts.length, ...wrong)
  const first = Math.min(last, Math.max(0, ...right))
  const guessed = placeOf(guess)
  const asked = answers.length === 0 ? guessed : Math.floor((first + last) / 2)
  const isOver = answers.length >= PLACING_QUESTIONS || first >= last
  const start = answers.length === 0 ? guessed : Math.min(first, starts.length - 1)
  return { next: isOver ? undefined : starts[asked], startsAt: starts[start] ?? guess }
}

/**
 * A question that shows whether a rung is known, asked in its most usual way. The same seed gives the same question.
 */
export function placingQuestion(rung: RungId, seed: number): Question {
  const question = nextQuestion({ rung, seed, answers: [], asked: [], asks: asksOf(rung).slice(0, 1) })
  if (!question) throw new RefusedValue(told('rung'), told('one that has questions'), rung)
  return question
}
