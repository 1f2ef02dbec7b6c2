import { dialHour, minutesPast, modulo, onDial, requireMinuteOfDay } from '../clock'
import { unreachable } from '../errors'
import { plain, readWithDayPart } from './grammar'
import type { Language, Length, ParsedTime } from './language'
import { type LanguageId, languages } from './registry'
import type { Wording } from './types'

export * from './language'
export * from './paper'
export * from './phrases'
export { PRINTED, type PrintedPhrase } from './printed/phrases'
export * from './registry'
export * from './types'

/** Longer than any time in any language. A longer text is refused without being read. */
export const LONGEST_TIME_TEXT = 80

/**
 * A time as the group puts it. Digital and 24-hour figures always have two minute digits.
 *
 * say(525, { language: 'en-GB', form: 'turns' }) //=> 'quarter to nine'
 * say(395, { language: 'en-GB', form: 'minutes-past' }) //=> 'thirty-five minutes past six'
 * say(965, { language: 'en-US', form: 'digital', options: { dayHalf: true } }) //=> '4:05 p.m.'
 * say(965, { language: 'en-GB', form: 'day-24' }) //=> '16:05'
 * say(205, { language: 'de', form: 'turns' }) //=> 'fünf vor halb vier'
 * say(195, { language: 'de-quarters', form: 'turns' }) //=> 'viertel vier'
 * say(285, { language: 'fr', form: 'turns' }) //=> 'cinq heures moins le quart'
 * say(90, { language: 'es', form: 'turns' }) //=> 'la una y media'
 */
export function say(minute: number, wording: Wording): string {
  requireMinuteOfDay(minute)
  const language = languages[wording.language]
  const options = wording.options ?? {}
  if (wording.form === 'day-24') return `${twoDigits(Math.floor(minute / 60))}:${twoDigits(minutesPast(minute))}`
  if (options.dayHalf || (options.noonAndMidnight && wording.form !== 'digital')) {
    if (minute === 0) return language.midnight
    if (minute === 720) return language.noon
  }
  const said = sayOnDial(minute, wording, language)
  return options.dayHalf ? `${said} ${language.dayPart(minute)}` : said
}

function sayOnDial(minute: number, { form }: Wording, language: Language): string {
  switch (form) {
    case 'turns':
    case 'minutes-past':
      return language.speak(minute, form)
    case 'digital':
    case 'day-24':
      return `${dialHour(minute)}:${twoDigits(minutesPast(minute))}`
    default:
      return unreachable(form)
  }
}

function twoDigits(n: number): string {
  return String(n).padStart(2, '0')
}

/** Where nothing else is chosen, as on the screen. */
export const IN_ENGLISH: Wording = { language: 'en-GB', form: 'turns' }

/** Decimals with the language's own point or comma. */
export function decimalsIn({ language }: Wording, text: string): string {
  return text.replace(/(?<=\d)\.(?=\d)/g, languages[language].decimalPoint)
}

export interface ReadOptions {
  /** What bare figures mean: a dial time (the usual), or a time of day. */
  readonly figures?: 'dial' | 'day'
}

/**
 * What an adult typed or a child said, in any form of the language; undefined for what is no time.
 * Figures from 1 to 12 are a dial time unless the day's half is told or `figures` is 'day'; 0 and 13
 * to 23, and hours with a leading zero, are a time of day. "24:00" is the end of the day: minute 0.
 *
 * parseTime('half past four', 'en-GB') //=> { minute: 270, kind: 'dial' }
 * parseTime('4.30pm', 'en-GB') //=> { minute: 990, kind: 'day' }
 * parseTime('viertel vier', 'de') //=> { minute: 195, kind: 'dial' }
 * parseTime('9:5', 'en-GB') //=> undefined
 */
export function parseTime(text: string, language: LanguageId, options: ReadOptions = {}): ParsedTime | undefined {
  // "-4:30" is no time, and a hyphen before figures is not a mere mark.
  if (text.length > LONGEST_TIME_TEXT || /^\s*[-−–]\s*\d/.test(text)) return undefined
  const spoken = languages[language]
  const tidy = tidied(text)
  const figures = spoken.tidyFigures(tidy)
  const figuresIn = (part: string) => parseFigures(part, options.figures ?? 'dial')
  // A bare "13" or "04" is no time that a child would be taught to say, whatever the words allow.
  if (/^\d+$/.test(tidy)) return figuresIn(tidy)
  return (
    figuresIn(figures) ??
    readWithDayPart(plain(figures), spoken.dayParts, (part) => figuresIn(part)?.minute) ??
    spoken.parseWords(figures) ??
    spoken.parseWords(tidy)
  )
}

function tidied(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[’‘`´]/g, "'")
    .replace(/\s+/g, ' ')
    .replace(/ ?[!?.,;]+$/, '')
}

/** 4:30, 4 30, 4.30pm, 16h30, 16:30, 4 p.m.; 0430 is refused: figures need their separator. */
function parseFigures(text: string, figures: 'dial' | 'day'): ParsedTime | undefined {
  const match = /^(\d{1,2})(?:[:.h ](\d{2}))? ?([ap])?(?:\.?m\.?)?$/.exec(text)
  if (!match) return undefined
  const [, hourText = '', minuteText, half] = match
  const hour = Number(hourText)
  const minutes = Number(minuteText ?? 0)
  if (minutes > 59) return undefined
  if (half) {
    if (hour < 1 || hour > 12) return undefined
    return { minute: (hour % 12) * 60 + minutes + (half === 'p' ? 720 : 0), kind: 'day' }
  }
  if (/m\.?$/.test(text)) return undefined
  if (hour === 24 && minutes === 0 && minuteText) return { minute: 0, kind: 'day' }
  if (hour > 23) return undefined
  if (!minuteText && (hour < 1 || hour > 12 || hourText.startsWith('0'))) return undefined
  const isDay = figures === 'day' || hour === 0 || hour > 12 || hourText.startsWith('0')
  return isDay ? { minute: hour * 60 + minutes, kind: 'day' } : { minute: onDial(hour * 60 + minutes), kind: 'dial' }
}

/** How a child wrote figures, where they are no time: a zero left out, the count gone on to 60, or something else. */
export type WrittenMark = 'bare-digit' | 'sixty' | 'no-time'

/**
 * What is odd about figures as a child wrote them; undefined for a time. They are kept as written.
 *
 * markWritten('9:5', 'en-GB') //=> 'bare-digit'
 * markWritten('6:60', 'en-GB') //=> 'sixty'
 * markWritten('9:05', 'en-GB') //=> undefined
 */
export function markWritten(text: string, language: LanguageId): WrittenMark | undefined {
  if (parseTime(text, language)) return undefined
  const figures = /^(\d{1,2})[:.h](\d{1,2})$/.exec(text.trim())
  if (figures?.[2]?.length === 1 && Number(figures[1]) <= 24) return 'bare-digit'
  return figures?.[2] === '60' ? 'sixty' : 'no-time'
}

/**
 * Why a text is no time, and what would be right, for the adult who typed it; undefined for a time.
 *
 * whyNoTime('25:00', 'en-GB') //=> 'Hours go from 0 to 23, and 24:00 ends the day: there is no 25.'
 * whyNoTime('9:5', 'en-GB') //=> 'Two figures follow the colon: is 9:5 meant as 9:05 or as 9:50?'
 */
export function whyNoTime(text: string, language: LanguageId, options: ReadOptions = {}): string | undefined {
  if (parseTime(text, language, options)) return undefined
  const { name } = languages[language]
  const example = `4:30 or “${say(270, { language, form: 'turns' })}”`
  if (text.length > LONGEST_TIME_TEXT)
    return `A time has at most ${LONGEST_TIME_TEXT} characters, this has ${text.length}.`
  const tidy = tidied(text)
  if (tidy === '') return `Nothing is there yet: type a time like ${example}.`
  if (/[^\P{Nd}0-9]/u.test(tidy)) return 'Figures must be 0 to 9: other scripts’ figures are not read here.'
  const figures = /^(\d{1,3})(?:[:.h](\d+))?/.exec(languages[language].tidyFigures(tidy))
  if (figures) {
    const [, hour = '', minutes] = figures
    if (Number(hour) > 24 || (tidy === `${hour}:${minutes}` && Number(hour) === 24))
      return `Hours go from 0 to 23, and 24:00 ends the day: there is no ${tidy.startsWith('24') ? tidy : hour}.`
    if (minutes?.length === 1)
      return `Two figures follow the colon: is ${hour}:${minutes} meant as ${hour}:0${minutes} or as ${hour}:${minutes}0?`
    if (minutes !== undefined && Number(minutes) > 59) return `Minutes go from 00 to 59: there is no :${minutes}.`
    if (/[ap]\.? ?m\.?$/.test(tidy) && (Number(hour) > 12 || Number(hour) === 0))
      return `With a.m. or p.m. the hours go from 1 to 12: there is no ${hour}.`
  }
  const last = /(\d{1,3})$/.exec(tidy)
  if (!figures && last && Number(last[1]) > 12) return `On a clock the hours go from 1 to 12: there is no ${last[1]}.`
  return `“${tidy}” is no time in ${name}: try ${example}.`
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
