import type { PlainDate } from '../core/clock'
import { type Wording, sayDate } from '../core/wording'
import { adultLanguage } from './i18n'
import { ADULT_LANGUAGES } from './languages'

/* What the core says in the language of a group, said in the language of the adult. */

/** For what the core has in its printed words and is shown to the adult too. */
export const adultsWording = (): Wording => ({ language: ADULT_LANGUAGES[adultLanguage()].wording, form: 'turns' })

/** "Sat 28 Nov" as the adult's language writes it; with its year, or without the day of the week. */
export const dateInWords = (
  date: PlainDate,
  how: { readonly year?: boolean; readonly weekday?: boolean } = {},
): string => sayDate(date, adultsWording().language, how)
