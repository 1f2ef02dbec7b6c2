import type { MinuteOfDay, PlainDate } from '../core/clock'
import { type LanguageId, decimalsIn, type Told, type Wording, say, sayDate, sayWeekday, told } from '../core/wording'
import { adultLanguage, said } from './i18n'
import { ADULT_LANGUAGES } from './languages'

/* What the core says in the language of a group, said in the language of the adult. */

/** For what the core has in its printed words and is shown to the adult too. */
export const adultsWording = (): Wording => ({ language: ADULT_LANGUAGES[adultLanguage()].wording, form: 'turns' })

/** "Sat 28 Nov" as the adult's language writes it; with its year, or without the day of the week. */
export const dateInWords = (
  date: PlainDate,
  how: { readonly year?: boolean; readonly weekday?: boolean } = {},
): string => sayDate(date, adultsWording().language, how)

/** A length or another number with tenths, with the point or comma of the adult's language: "2,39 m". */
export const inDecimals = (text: string): string => decimalsIn(adultsWording(), text)

/** The days of the week, Monday first. */
const WEEKDAYS = [
  told('Monday'),
  told('Tuesday'),
  told('Wednesday'),
  told('Thursday'),
  told('Friday'),
  told('Saturday'),
  told('Sunday'),
] as const

/** "Mon" of 0 as the adult's language has it. */
export const weekdayInWords = (weekday: number): string => sayWeekday(weekday, adultsWording().language)

/** The days of the week, Monday first: "Monday" and "Mon". */
export const weekdaysInWords = (): { readonly name: string; readonly short: string }[] =>
  WEEKDAYS.map((name, i) => ({ name: said(name), short: weekdayInWords(i) }))

/**
 * A time of day as the adult's language has it: "4:15 p.m.", "16:15". Which English it is, the house rules say where
 * they are in English.
 */
export function clockInWords(minute: MinuteOfDay, house: LanguageId): string {
  const { language } = adultsWording()
  if (language !== 'en-GB') return say(minute, { language, form: 'day-24' })
  const english = house === 'en-US' ? house : language
  return say(minute, { language: english, form: 'digital', options: { dayHalf: true } })
}

/** A name inside a sentence: small at its beginning, except in German. */
export function saidWithin(name: Told): string {
  const whole = said(name)
  return adultLanguage() === 'de' ? whole : whole.charAt(0).toLowerCase() + whole.slice(1)
}
