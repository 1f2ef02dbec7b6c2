import { told, type Told } from '../wording'
import type { RungId } from '../teaching'
import { QUESTION_KINDS, type QuestionKind, type StoryQuestion } from './questionKinds'
import { answerOf, type Story } from './kept'

const USUAL_QUESTIONS = 8

/** Some of all questions, of every kind in turn, in the order of their times. */
export function usualQuestions(all: readonly StoryQuestion[], count = USUAL_QUESTIONS): StoryQuestion[] {
  const kinds = Object.keys(QUESTION_KINDS) as QuestionKind[]
  const picked = new Set<StoryQuestion>()
  for (let round = 0; picked.size < Math.min(count, all.length); round++)
    for (const kind of kinds) {
      const next = all.filter((question) => question.kind === kind)[round]
      if (next && picked.size < count) picked.add(next)
    }
  return all.filter((question) => picked.has(question))
}

/** A question as it stands in the story now. */
export interface ChosenQuestion {
  readonly id: string
  readonly says: string
  /** Left out where the text no longer gives it. */
  readonly question?: StoryQuestion
  /** What is wrong with it now, in words. */
  readonly problem?: Told
}

/** The questions of a story in the adult's order, each with what the text says of it now. */
export function chosenQuestions(kept: Story['questions'], all: readonly StoryQuestion[]): ChosenQuestion[] {
  if (kept === null) return usualQuestions(all).map((question) => ({ id: question.id, says: question.says, question }))
  return kept.map(({ id, says, answer }): ChosenQuestion => {
    const question = all.find((each) => each.id === id)
    if (!question) return { id, says: says ?? id, problem: told('The text no longer has what this asks about.') }
    const problem =
      answerOf(question) === answer ? undefined : told('Its answer has changed with the text: look at it again.')
    return { id, says: says ?? question.says, question, ...(problem && { problem }) }
  })
}

/**
 * Whether a child on a rung can be asked a question: a clock only with times that the rung or one before it has,
 * lengths and later times not before the last rung of the order; what is told in sentences always.
 */
export function suitsRung({ item }: StoryQuestion, rung: RungId, order: readonly RungId[]): boolean {
  const at = order.indexOf(rung)
  if (at < 0 || item.ask === 'look-up') return true
  const own = order.indexOf(item.rung)
  return own < 0 ? at >= order.length - LAST_RUNGS : own <= at
}

/** Lengths are asked of children who are on one of so many last rungs. */
const LAST_RUNGS = 4
