import type { LanguageId } from '../wording'
import type { StoryQuestion } from './questionKinds'
import type { StoryMarks } from './story'

/** A question that the adult keeps: perhaps in other words, and with the answer that it had then. */
export interface KeptQuestion {
  readonly id: string
  /** The adult's own words; left out, the usual ones. */
  readonly says?: string
  /** The answer when it was kept, to notice when the text no longer gives it. */
  readonly answer: string
}

/** A story as it is kept. */
export interface Story {
  readonly language: LanguageId
  readonly text: string
  readonly marks: StoryMarks
  /** In the adult's order; null while nothing was chosen, and some are taken by themselves. */
  readonly questions: readonly KeptQuestion[] | null
  readonly seed: number
}

export const MOST_QUESTIONS = 20

/** The answer of a question in a few letters. */
export const answerOf = (question: StoryQuestion): string =>
  JSON.stringify([question.item.answer, question.right.length])

export const keptFrom = (question: StoryQuestion): KeptQuestion => ({ id: question.id, answer: answerOf(question) })
