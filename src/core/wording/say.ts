import { dialHour, minutesPast, requireMinuteOfDay } from '../clock'
import { unreachable } from '../errors'
import type { Language } from './language'
import { languages } from './registry'
import type { Wording } from './types'

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
