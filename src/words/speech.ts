import type { ViewId } from '../core/views'
import type { Words } from './i18n'

/** A language at the foot of a page. */
export interface LanguageChoice {
  readonly id: string
  readonly name: string
  readonly isChosen: boolean
}

/** What the server hands to a page, so that it speaks the adult’s language. */
export interface Speech {
  /** What can be chosen at its foot. */
  readonly choices: readonly LanguageChoice[]
  /** The words of a page whose view was just made; those of all views where it is none. */
  readonly wordsOf: (view: ViewId | undefined) => Words
}
