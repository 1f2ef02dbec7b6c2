import { parseTime, say } from '../core/wording'

/** Dates and the present time as the browser has them. Everything else in the app is minutes since midnight. */

/** Today where the adult is: 2026-11-28. */
export function today(now = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** The next whole five minutes, in minutes since midnight. */
export function soon(now = new Date()): number {
  return Math.min(1435, Math.ceil((now.getHours() * 60 + now.getMinutes() + 1) / 5) * 5)
}

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
const moment = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** "Sat 28 Nov", or "today". */
export function dayInWords(date: string, now = new Date()): string {
  return date === today(now) ? 'today' : day.format(new Date(`${date}T12:00:00`))
}

/** "Sat 28 Nov" of a moment. */
export function dayOf(at: number): string {
  return day.format(new Date(at))
}

export function momentInWords(at: number): string {
  return moment.format(new Date(at))
}

/** 585 as a time field has it, "09:45", and back; undefined for an emptied field. */
export function toTimeField(minute: number): string {
  return say(minute, { language: 'en-GB', form: 'day-24' })
}

export function fromTimeField(text: string): number | undefined {
  return parseTime(text.slice(0, 5), 'en-GB', { figures: 'day' })?.minute
}
