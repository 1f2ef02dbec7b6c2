import type { LanguageId } from '../../wording'
import type { Activity, ActivityWords, WordsByActivity } from '../types'
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

/** An activity's words in a language. */
export function activityWords(activity: Activity, language: LanguageId): ActivityWords {
  return translations[language]?.[activity.id] ?? activity
}
