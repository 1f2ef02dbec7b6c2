import type { MinuteOfDay, PlainDate } from '../core/clock'
import { type LanguageId, decimalsIn, type Told, type Wording, say, sayDate } from '../core/wording'
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

/** "Monday" of 0 as the adult's language has it, or "Mon". */
export function weekdayInWords(weekday: number, width: 'long' | 'short' = 'long'): string {
  // The first of January 2024 was a Monday.
  const day = new Date(Date.UTC(2024, 0, 1 + weekday))
  // Some languages put a point after what they shorten, others do not.
  return day.toLocaleDateString(adultLanguage(), { weekday: width, timeZone: 'UTC' }).replace('.', '')
}

/** The days of the week, Monday first. */
export const weekdaysInWords = (): { readonly name: string; readonly short: string }[] =>
  [0, 1, 2, 3, 4, 5, 6].map((day) => ({ name: weekdayInWords(day), short: weekdayInWords(day, 'short') }))

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
