import type { LanguageId, Wording } from '../../wording'
import { englishCaller } from './english'
import { frenchCaller } from './french'
import { germanCaller } from './german'
import { spanishCaller } from './spanish'
import type { CallerWords } from './types'

const callers: Record<LanguageId, CallerWords> = {
  'en-GB': englishCaller,
  'en-US': englishCaller,
  de: germanCaller,
  'de-quarters': germanCaller,
  fr: frenchCaller,
  es: spanishCaller,
}

/** What the caller says in the group's language. */
export function wordsOf({ language }: Pick<Wording, 'language'>): CallerWords {
  return callers[language]
}
