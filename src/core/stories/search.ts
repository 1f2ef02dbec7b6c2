import type { LanguageId } from '../wording'
import type { Cues } from './cues'
import type { Token } from './tokens'

/** A time that stands in a text, from one letter to another (the last one is out). */
export interface FoundTime {
  readonly from: number
  readonly to: number
  readonly text: string
  readonly says: FoundSays
}

/** What it says: a dial time (0 to 719), a time of the day (0 to 1439), or so many minutes from the time before it. */
export type FoundSays =
  | { readonly kind: 'dial'; readonly minute: number }
  | { readonly kind: 'day'; readonly minute: number }
  | { readonly kind: 'later'; readonly by: number }

/** The most words that a time or a length has. */
export const MOST_WORDS = 9

export interface Search {
  readonly text: string
  readonly language: LanguageId
  readonly tokens: readonly Token[]
  readonly cues: Cues
  readonly words: ReadonlySet<string>
}

export interface At extends Omit<FoundTime, 'text'> {
  /** The place of the word behind it. */
  readonly next: number
}

/** The plain form of word `i`; empty beyond the text. */
export const plainAt = ({ tokens }: Search, i: number): string => tokens[i]?.plain ?? ''
