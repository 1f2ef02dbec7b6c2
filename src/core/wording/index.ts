import { modulo } from '../clock'
import type { Length } from './language'
import { type LanguageId, languages } from './registry'
import type { Wording } from './types'

export * from '../told'
export * from './dates'
export * from './haste'
export * from './language'
export * from './paper'
export * from './phrases'
export { PRINTED, type PrintedPhrase } from './printed/phrases'
export { markWritten, parseTime } from './reading'
export * from './registry'
export * from './say'
export * from './types'
export * from './whyNoTime'

/** Where nothing else is chosen, as on the screen. */
export const IN_ENGLISH: Wording = { language: 'en-GB', form: 'turns' }

/** A text that begins a sentence or a label. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Decimals with the language's own point or comma. */
export function decimalsIn({ language }: Wording, text: string): string {
  return text.replace(/(?<=\d)\.(?=\d)/g, languages[language].decimalPoint)
}

/**
 * A length of time as an adult typed it or a child said it, kept as it was said: hours and minutes, the minutes not
 * bound to 59. Undefined for what cannot be read whole; nothing is ever shortened.
 *
 * parseDuration('1h20', 'en-GB') //=> { hours: 1, minutes: 20 }
 * parseDuration('half an hour', 'en-GB') //=> { hours: 0, minutes: 30 }
 * parseDuration('anderthalb Stunden', 'de') //=> { hours: 1, minutes: 30 }
 * parseDuration('about an hour', 'en-GB') //=> undefined
 */
export function parseDuration(text: string, language: LanguageId): Length | undefined {
  return languages[language].readLength(text)
}

/**
 * A length of time in words, hours and minutes; `minutes` is a whole number, 0 or more.
 *
 * sayDuration(275) //=> '4 h 35 min'
 */
export function sayDuration(minutes: number): string {
  const hours = Math.floor(minutes / 60)
  const rest = modulo(minutes, 60)
  if (hours === 0) return `${rest} min`
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`
}
