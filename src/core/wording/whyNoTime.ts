import { LONGEST_TIME_TEXT, type ReadOptions, parseTime, tidied } from './reading'
import { type LanguageId, languages } from './registry'
import { say } from './say'

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
  const bare = /^(\d{1,2})(\d\d)$/.exec(tidy)
  if (bare) return whyNoBareFigures(bare[1] ?? '', bare[2] ?? '')
  if (/(?:[\dh])\s*[-−–]\s*\d/.test(tidy)) return `“${tidy}” could be two times, or one less some minutes: write one.`
  const length = languages[language].readLength(tidy)
  if (length && /\p{L}/u.test(tidy)) return `“${tidy}” is a length of time: a time of day is written like ${example}.`
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

/** Why three or four figures without a colon are not read, hours and minutes. */
function whyNoBareFigures(hours: string, minutes: string): string {
  if (Number(minutes) > 59) return `Minutes go from 00 to 59: ${hours}${minutes} would have ${minutes}.`
  if (Number(hours) > 23) return `Hours go from 0 to 23: ${hours}${minutes} would have ${hours}.`
  return `Put a colon between hours and minutes: ${hours}:${minutes}.`
}
