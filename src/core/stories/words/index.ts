import { type LanguageId, inEach } from '../../wording'
import { ENGLISH_STORY } from './english'
import { FRENCH_STORY } from './french'
import { GERMAN_STORY } from './german'
import { SPANISH_STORY } from './spanish'
import type { StoryWords } from './types'

export * from './types'

const WORDS: Record<LanguageId, StoryWords> = inEach({
  en: ENGLISH_STORY,
  de: GERMAN_STORY,
  fr: FRENCH_STORY,
  es: SPANISH_STORY,
})

/** What stories and their questions are told in. */
export const storyWords = (language: LanguageId): StoryWords => WORDS[language]
