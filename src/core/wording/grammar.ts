import { onDial } from '../clock'
import type { DayPart, ParsedTime } from './language'
import { AFTER_MIDNIGHT, NOON } from './dayParts'

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

/**
 * Reads a time with or without its part of the day. `read` gives minutes, which are over 719 if the hour itself tells
 * the half of the day (the day's first hour with `AFTER_MIDNIGHT`).
 */
export function readWithDayPart(
  text: string,
  parts: readonly DayPart[],
  read: (text: string) => number | undefined,
): ParsedTime | undefined {
  for (const [pattern, place, half] of parts) {
    if (!pattern.test(text)) continue
    const minute = read(text.replace(pattern, '').trim())
    if (minute === undefined) return undefined
    const placed = place(onDial(minute))
    // Hours over twelve tell the half themselves: both must agree.
    if (placed === undefined || (minute >= NOON && (half || placed !== minute % AFTER_MIDNIGHT))) return undefined
    return { minute: placed, kind: 'day' }
  }
  const minute = read(text)
  if (minute === undefined) return undefined
  return { minute: minute % AFTER_MIDNIGHT, kind: minute >= NOON ? 'day' : 'dial' }
}
