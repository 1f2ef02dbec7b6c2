import { onDial } from '../clock'
import type { DayPart, ParsedTime } from './language'

/** Letters without their accents, hyphens as spaces: "Dreißig" and "dreissig", "dieciséis" and "dieciseis" alike. */
export function plain(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/[-‐‑]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** From the name of a number to the number, 0 to 59. Figures count as names too. */
export function numberReader(numberWord: (n: number) => string, also: Readonly<Record<string, number>> = {}) {
  const values = new Map(Array.from({ length: 60 }, (_, n) => [plain(numberWord(n)), n] as const))
  for (const [word, value] of Object.entries(also)) values.set(plain(word), value)
  return (text: string): number | undefined => {
    if (/^\d{1,2}$/.test(text)) return Number(text) < 60 ? Number(text) : undefined
    return values.get(plain(text))
  }
}

export const asMorning = (dial: number) => dial
export const asAfternoon = (dial: number) => dial + 720
/**
 * "Twelve at night" is midnight, "one at night" is early in the morning, and six to eleven at night are in the
 * evening.
 */
export const asNight = (dial: number) => (dial >= 360 ? dial + 720 : dial)

/**
 * Reads a time with or without its part of the day. `read` gives minutes, which are over 719 if the hour itself tells
 * the half of the day.
 */
export function readWithDayPart(
  text: string,
  parts: readonly DayPart[],
  read: (text: string) => number | undefined,
): ParsedTime | undefined {
  for (const [pattern, place] of parts) {
    if (!pattern.test(text)) continue
    const minute = read(text.replace(pattern, '').trim())
    if (minute === undefined) return undefined
    return { minute: minute >= 720 ? minute : place(onDial(minute)), kind: 'day' }
  }
  const minute = read(text)
  if (minute === undefined) return undefined
  return { minute, kind: minute >= 720 ? 'day' : 'dial' }
}
