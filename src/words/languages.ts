import type { LanguageId } from '../core/wording'

/* The languages that the interface speaks. A new one is a line here and a folder of catalogues beside this file. */

interface AdultLanguage {
  /** Its name in itself. */
  readonly name: string
  /** Between a number and its tenths. */
  readonly decimalPoint: '.' | ','
  /** What opens and closes a quotation, and one within another. */
  readonly quotes: readonly [open: string, close: string, innerOpen: string, innerClose: string]
  /** In which of the core’s languages it is. */
  readonly wording: LanguageId
}

export const ADULT_LANGUAGES = {
  en: { name: 'English', decimalPoint: '.', quotes: ['“', '”', '‘', '’'], wording: 'en-GB' },
  de: { name: 'Deutsch', decimalPoint: ',', quotes: ['„', '“', '‚', '‘'], wording: 'de' },
  fr: { name: 'Français', decimalPoint: ',', quotes: ['«\u00a0', '\u00a0»', '“', '”'], wording: 'fr' },
  es: { name: 'Español', decimalPoint: ',', quotes: ['«', '»', '“', '”'], wording: 'es' },
} as const satisfies Readonly<Record<string, AdultLanguage>>

export type AdultLanguageId = keyof typeof ADULT_LANGUAGES
export const ADULT_LANGUAGE_IDS = Object.keys(ADULT_LANGUAGES) as readonly AdultLanguageId[]

/** The one in which all texts are written; what a catalogue lacks is said in it. */
export const SOURCE_LANGUAGE: AdultLanguageId = 'en'

export const isAdultLanguage = (id: string): id is AdultLanguageId => Object.hasOwn(ADULT_LANGUAGES, id)

/** The cookie that holds what was chosen at the foot of a page, so that the server can write in it. */
export const LANGUAGE_COOKIE = 'ripe-acorn-language'

/**
 * English with accents on all letters and four tenths longer, under this name in the cookie and in the chooser while
 * the app is developed: what is cut off in it, or has no accents, needs work.
 */
export const PSEUDO = 'pseudo'
