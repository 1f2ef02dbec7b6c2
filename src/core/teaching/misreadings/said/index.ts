import type { LanguageId } from '../../../wording'
import { misreadingOf } from '..'
import type { MisreadingId } from '../ids'
import { frenchSaid } from './french'
import { germanSaid } from './german'
import type { Said } from './said'
import { spanishSaid } from './spanish'

/** English stands with the misreadings. */
const translations: Partial<Record<LanguageId, Said>> = {
  de: germanSaid,
  'de-quarters': germanSaid,
  fr: frenchSaid,
  es: spanishSaid,
}

const LOOK_AGAIN = 'Let us look at it once more together.'

/** What to say to a child who answered so, in the language of its group; without an id where no mistake is known. */
export function saidToChild(id: MisreadingId | undefined, language: LanguageId): string {
  const translated = translations[language]
  if (translated) return translated[id ?? 'look-again']
  return id ? misreadingOf(id).repair.say : LOOK_AGAIN
}
