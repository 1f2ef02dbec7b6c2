import type { LanguageId } from '../../../src/core/wording'
import { english } from './english'
import { french } from './french'
import { german } from './german'
import { spanish } from './spanish'

/*
 * Traps and times for the finder of times, written apart from it. A trap has a number, N in figures or W in words, and no
 * time; a frame has the place T of a time, or L of a length from the time before it.
 */
export interface Lists {
  /** One to twelve. */
  readonly numbers: readonly string[]
  readonly traps: readonly string[]
  /** What each says, as in the marked sentences. */
  readonly times: Readonly<Record<string, string>>
  readonly frames: readonly string[]
  readonly later: Readonly<Record<string, readonly string[]>>
  readonly laterFrames: readonly string[]
}

export const lists: Partial<Record<LanguageId, Lists>> = { 'en-GB': english, de: german, fr: french, es: spanish }

const large = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** Each trap that has a number with nine of them, from two to twelve. */
export function trapsOf({ traps, numbers }: Lists): string[] {
  return traps.flatMap((trap) =>
    (/\b[NW]\b/.test(trap) ? [2, 3, 4, 5, 6, 8, 9, 10, 12] : [1]).map((n) =>
      large(trap.replace(/\bW\b/g, numbers[n - 1] ?? '').replace(/\bN\b/g, String(n))),
    ),
  )
}

/** Each time in each frame, marked. */
export function timesOf({ times, frames }: Lists): string[] {
  return frames.flatMap((frame) =>
    Object.entries(times).map(([due, said]) =>
      frame.replace(/\bT\b/, `{${due}|${frame.startsWith('T:') ? large(said) : said}}`),
    ),
  )
}

/** Each length in each frame, marked with what it comes to; the time before it is not scored again. */
export function laterOf({ later, laterFrames }: Lists): { text: string; by: number }[] {
  return laterFrames.flatMap((frame) =>
    Object.entries(later).flatMap(([by, ways]) =>
      ways.map((way) => ({ text: frame.replace(/\bL\b/, way), by: Number(by) })),
    ),
  )
}
