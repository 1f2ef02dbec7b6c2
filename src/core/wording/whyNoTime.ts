import { told, type Told, inAList } from '../told'
import { LONGEST_TIME_TEXT, type ReadOptions, parseTime, tidied } from './reading'
import { type LanguageId, languages } from './registry'
import { say } from './say'

/**
 * Why a text is no time, and what would be right, for the adult who typed it; undefined for a time.
 *
 * inEnglish(whyNoTime('25:00', 'en-GB')) //=> 'Hours go from 0 to 23, and 24:00 ends the day: there is no 25.'
 * inEnglish(whyNoTime('9:5', 'en-GB')) //=> 'Two figures follow the colon: is 9:5 meant as 9:05 or as 9:50?'
 */
export function whyNoTime(text: string, language: LanguageId, options: ReadOptions = {}): Told | undefined {
  if (parseTime(text, language, options)) return undefined
  const { name } = languages[language]
  const example = inAList(['4:30', `“${say(270, { language, form: 'turns' })}”`], 'or')
  if (text.length > LONGEST_TIME_TEXT)
    return told('A time has at most {0} characters, this has {1}.', LONGEST_TIME_TEXT, text.length)
  const tidy = tidied(text)
  if (tidy === '') return told('Nothing is there yet: type a time like {0}.', example)
  if (/[^\P{Nd}0-9]/u.test(tidy)) return told('Figures must be 0 to 9: other scripts’ figures are not read here.')
  const bare = /^(\d{1,2})(\d\d)$/.exec(tidy)
  if (bare) return whyNoBareFigures(bare[1] ?? '', bare[2] ?? '')
  if (/(?:[\dh])\s*[-−–]\s*\d/.test(tidy))
    return told('“{0}” could be two times, or one less some minutes: write one.', tidy)
  const length = languages[language].readLength(tidy)
  if (length && /\p{L}/u.test(tidy))
    return told('“{0}” is a length of time: a time of day is written like {1}.', tidy, example)
  const figures = /^(\d{1,3})(?:[:.h](\d+))?/.exec(languages[language].tidyFigures(tidy))
  if (figures) {
    const [, hour = '', minutes] = figures
    if (Number(hour) > 24 || (tidy === `${hour}:${minutes}` && Number(hour) === 24))
      return told(
        'Hours go from 0 to 23, and 24:00 ends the day: there is no {0}.',
        tidy.startsWith('24') ? tidy : hour,
      )
    if (minutes?.length === 1)
      return told('Two figures follow the colon: is {0}:{1} meant as {0}:0{1} or as {0}:{1}0?', hour, minutes)
    if (minutes !== undefined && Number(minutes) > 59)
      return told('Minutes go from 00 to 59: there is no :{0}.', minutes)
    if (/[ap]\.? ?m\.?$/.test(tidy) && (Number(hour) > 12 || Number(hour) === 0))
      return told('With a.m. or p.m. the hours go from 1 to 12: there is no {0}.', hour)
  }
  const last = /(\d{1,3})$/.exec(tidy)
  if (!figures && last && Number(last[1]) > 12)
    return told('On a clock the hours go from 1 to 12: there is no {0}.', last[1] ?? '')
  return told('“{0}” is no time in {1}: try {2}.', tidy, name, example)
}

/** Why three or four figures without a colon are not read, hours and minutes. */
function whyNoBareFigures(hours: string, minutes: string): Told {
  if (Number(minutes) > 59) return told('Minutes go from 00 to 59: {0}{1} would have {1}.', hours, minutes)
  if (Number(hours) > 23) return told('Hours go from 0 to 23: {0}{1} would have {0}.', hours, minutes)
  return told('Put a colon between hours and minutes: {0}:{1}.', hours, minutes)
}
