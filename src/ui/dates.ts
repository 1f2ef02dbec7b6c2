import { t } from '@lingui/core/macro'
import { dateInWords } from '../words/adult'
import { type MinuteOfDay, type PlainDate, nextFive } from '../core/clock'
import { parseTime, say } from '../core/wording'

/** Dates and the present time as the browser has them. Everything else in the app is minutes since midnight. */

/** Today where the adult is: 2026-11-28. */
export function today(now = new Date()): PlainDate {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** The time of day where the adult is, in minutes since midnight. */
export function minuteOf(when: Date): MinuteOfDay {
  return when.getHours() * 60 + when.getMinutes()
}

/** The date and the time of day where the adult is. */
export function presentTime(now = new Date()): { date: PlainDate; minute: MinuteOfDay } {
  return { date: today(now), minute: minuteOf(now) }
}

/** The next whole five minutes, in minutes since midnight. */
export function soon(now = new Date()): MinuteOfDay {
  return nextFive(minuteOf(now))
}

/** "Sat 28 Nov", or "today". */
export function dayInWords(date: string, now = new Date()): string {
  return date === today(now) ? t`today` : dateInWords(date)
}

/** "Sat 28 Nov" of a moment. */
export function dayOf(at: number): string {
  return dateInWords(today(new Date(at)))
}

/** "28 Nov, 09:05" of a moment. */
export function momentInWords(at: number): string {
  const when = new Date(at)
  return `${dateInWords(today(when), { weekday: false })}, ${toTimeField(minuteOf(when))}`
}

/** 585 as a time field has it, "09:45", and back; undefined for an emptied field. */
export function toTimeField(minute: number): string {
  return say(minute, { language: 'en-GB', form: 'day-24' })
}

export function fromTimeField(text: string): number | undefined {
  return parseTime(text.slice(0, 5), 'en-GB', { figures: 'day' })?.minute
}
