import type { Item, MisreadingId, RungId, Value } from '../teaching'
import { told, type Wording } from '../wording'
import type { Happening } from './happenings'
import type { StoryTime } from './story'
import type { StoryWords } from './words'

/* What a question about a story is, and what it is made from. */

export const QUESTION_KINDS = {
  'which-clock': told('Which clock shows when …'),
  'set-clock': told('Set the clock to when …'),
  'how-long': told('How long between'),
  between: told('What came between'),
  'later-by': told('Which is later, and by how much'),
  order: told('Put in order'),
  'what-if': told('What if it were later'),
  infer: told('When can it have been'),
} as const

export type QuestionKind = keyof typeof QUESTION_KINDS

/** A question about a story. Each is computed from the story's own timeline. */
export interface StoryQuestion {
  /** The same for the same question about the same times: its kind and their keys. */
  readonly id: string
  readonly kind: QuestionKind
  readonly says: string
  /** Clocks to choose from, dial times; only for `which-clock`. */
  readonly clocks?: readonly number[]
  /** What is offered in words; empty where the hands are set. */
  readonly choices: readonly string[]
  /** Which choice or clock is right; for `order` the choices in their right order. */
  readonly right: readonly number[]
  /** As it is asked of a child and kept with the answers; each choice is one of `values`. */
  readonly item: Item
  readonly values: readonly Value[]
}

export interface QuestionsWish {
  readonly text: string
  readonly times: readonly StoryTime[]
  readonly wording: Wording
  /** The school's order, in which the rung of a time is looked up. */
  readonly order: readonly RungId[]
  readonly seed: number
  readonly weights?: Partial<Record<MisreadingId, number>>
}

export interface Maker {
  readonly wish: QuestionsWish
  readonly words: StoryWords
  /** In the order of the story's day, each minute once. */
  readonly happenings: readonly Happening[]
}

export const seedFor = ({ wish }: Maker, i: number) => wish.seed * 100 + i
