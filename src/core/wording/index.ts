import { dialHour, minutesPast, modulo, onDial, requireMinuteOfDay } from '../clock'
import { unreachable } from '../errors'
import { englishGb, englishUs } from './english'
import type { Language, LanguageId, ParsedTime, Wording } from './types'

export * from './types'

export const languages: Record<LanguageId, Language> = { 'en-GB': englishGb, 'en-US': englishUs }

/** Longer than any way of putting a time in any language; longer text is refused unread. */
export const LONGEST_TIME_TEXT = 80

/**
 * A time as the group puts it. Digital and 24-hour figures always have two minute digits.
 *
 * say(525, { language: 'en-GB', form: 'turns' }) //=> 'quarter to nine'
 * say(395, { language: 'en-GB', form: 'minutes-past' }) //=> 'thirty-five minutes past six'
 * say(965, { language: 'en-US', form: 'digital', options: { dayHalf: true } }) //=> '4:05 p.m.'
 * say(965, { language: 'en-GB', form: 'day-24' }) //=> '16:05'
 */
export function say(minute: number, wording: Wording): string {
  requireMinuteOfDay(minute)
  const language = languages[wording.language]
  const options = wording.options ?? {}
  switch (wording.form) {
    case 'turns':
    case 'minutes-past':
      return language.speak(minute, wording.form, options)
    case 'digital': {
      const figures = `${dialHour(minute)}:${twoDigits(minutesPast(minute))}`
      if (!options.dayHalf) return figures
      if (minute === 0) return language.midnight
      if (minute === 720) return language.noon
      return `${figures} ${minute < 720 ? language.am : language.pm}`
    }
    case 'day-24':
      return `${twoDigits(Math.floor(minute / 60))}:${twoDigits(minutesPast(minute))}`
    default:
      return unreachable(wording.form)
  }
}

function twoDigits(n: number): string {
  return String(n).padStart(2, '0')
}

/**
 * What an adult typed or a child said, in any form of the language; undefined for what is no time.
 * Figures from 1 to 12 are a dial time unless the day's half is told or `figures` is 'day'; 0 and 13
 * to 23, and hours with a leading zero, are a time of day. "24:00" is the end of the day: minute 0.
 *
 * parseTime('half past four', 'en-GB') //=> { minute: 270, kind: 'dial' }
 * parseTime('4.30pm', 'en-GB') //=> { minute: 990, kind: 'day' }
 * parseTime('9:5', 'en-GB') //=> undefined
 */
export function parseTime(
  text: string,
  language: LanguageId,
  { figures = 'dial' }: { figures?: 'dial' | 'day' } = {},
): ParsedTime | undefined {
  if (text.length > LONGEST_TIME_TEXT) return undefined
  const tidy = text.trim().toLowerCase().replace(/[’‘`]/g, "'").replace(/\s+/g, ' ')
  return parseFigures(tidy, figures) ?? languages[language].parseWords(tidy)
}

/** 4:30, 4.30pm, 16h30, 16:30, 4 p.m., 0430 is refused: figures need their separator. */
function parseFigures(text: string, figures: 'dial' | 'day'): ParsedTime | undefined {
  const match = /^(\d{1,2})(?:[:.h](\d{2}))? ?([ap])?(?:\.?m\.?)?$/.exec(text)
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
  // A bare "13" or "04" is no time that a child would be taught to say.
  if (!minuteText && (hour < 1 || hour > 12 || hourText.startsWith('0'))) return undefined
  const isDay = figures === 'day' || hour === 0 || hour > 12 || hourText.startsWith('0')
  return isDay ? { minute: hour * 60 + minutes, kind: 'day' } : { minute: onDial(hour * 60 + minutes), kind: 'dial' }
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
