import type { LanguageId } from '../../wording'
import { earlyStories } from './early'
import { laterStories } from './later'
import { NO_MARKS, type StoryMarks, storyTimes } from '../story'

/** Our own stories, the easiest first; every rung has one. */
export const SHELF = [...earlyStories, ...laterStories]

/** The language in which a story of the shelf is told to a group. */
export const toldIn = (language: LanguageId): 'en' | 'de' | 'fr' | 'es' =>
  language.slice(0, 2) as 'en' | 'de' | 'fr' | 'es'

/** What the times of a shelf story mean: each goes on from the one before it, and the first is in the morning. */
export function shelfMarks(text: string, language: LanguageId): StoryMarks {
  const chosen = storyTimes(text, language, NO_MARKS).map(({ key, at }) => [key, at] as const)
  return { ...NO_MARKS, chosen: Object.fromEntries(chosen) }
}
