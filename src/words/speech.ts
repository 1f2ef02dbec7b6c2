import type { ViewId } from '../core/views'
import type { Words } from './i18n'
import type { AdultLanguageId } from './languages'

/** What the server hands to a page, so that it speaks the adult's language. */
export interface Speech {
  /** The languages that can be chosen at its foot. */
  readonly offered: readonly AdultLanguageId[]
  /** The words that a view needs; those of all views where it is none. */
  readonly wordsOf: (view: ViewId | undefined) => Words
}
