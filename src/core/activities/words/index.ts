import type { RungId } from '../../teaching'
import { type LanguageId, inEnglish } from '../../wording'
import { type Activity, type ActivityWords, type WordsByActivity, wordsOn, withTexts } from '../types'
import { frenchActivities } from './french'
import { germanActivities } from './german'
import { spanishActivities } from './spanish'

/** English stands in the catalogue. */
const translations: Partial<Record<LanguageId, WordsByActivity>> = {
  de: germanActivities,
  'de-quarters': germanActivities,
  fr: frenchActivities,
  es: spanishActivities,
}

/** An activity's words in a language, as they are on a rung. */
export function activityWords(activity: Activity, language: LanguageId, rung: RungId): ActivityWords<string> {
  return wordsOn(translations[language]?.[activity.id] ?? withTexts(activity, inEnglish), rung)
}
