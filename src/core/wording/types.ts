import type { MinuteOfDay } from '../clock'
import type { DayPart } from './grammar'
import type { Phrases } from './phrases'

export type LanguageId = 'en-GB' | 'en-US' | 'de' | 'de-quarters' | 'fr' | 'es'

/**
 * How a time is put: `turns` (past and to), `minutes-past` (always past), `digital` (12-hour figures),
 * `day-24` (24-hour figures).
 */
export const WORDING_FORMS = ['turns', 'minutes-past', 'digital', 'day-24'] as const
export type WordingForm = (typeof WORDING_FORMS)[number]

export interface WordingOptions {
  /** Name 0:00 and 12:00 "midnight" and "noon" in the spoken forms. Off on a dial, which cannot tell them apart. */
  readonly noonAndMidnight?: boolean
  /** Follow a time with its half or part of the day (noon and midnight become words, since 12 a.m. confuses). */
  readonly dayHalf?: boolean
}

/** One group's way of saying times: everything printed, asked, spoken and accepted follows it. */
export interface Wording {
  readonly language: LanguageId
  readonly form: WordingForm
  readonly options?: WordingOptions
}

/** `dial`: the half of the day is not told, `minute` is 0 to 719. `day`: it is, `minute` is 0 to 1439. */
export interface ParsedTime {
  readonly minute: number
  readonly kind: 'dial' | 'day'
}

/** One language: adding one means one file that fills this in, and one line in `wording/index.ts`. */
export interface Language {
  readonly id: LanguageId
  readonly name: string
  /** The spoken form, `turns` or `minutes-past`. */
  speak(minute: MinuteOfDay, form: 'turns' | 'minutes-past'): string
  /** An hour hand alone: at, just after, halfway, nearly. `minute` is 0 to 719. */
  sayAbout(minute: number): string
  /** A count on the ring of fives: "25 minutes". */
  sayMinutes(minutes: number): string
  /** Which part of the day a time is in, as it is said after it: "a.m.", "du soir". */
  dayPart(minute: MinuteOfDay): string
  /** Parts of the day that may follow a time, and what each makes of it. */
  readonly dayParts: readonly DayPart[]
  /**
   * Reads words only, since figures are the same in all languages. `text` is trimmed, in lower case and single-spaced.
   */
  parseWords(text: string): ParsedTime | undefined
  /** The language's own ways of writing figures ("15 Uhr 30", "16 h 5", "4 p. m.") put as 15:30, 16:05, 4pm. */
  tidyFigures(text: string): string
  readonly noon: string
  readonly midnight: string
  /** What is asked and printed. */
  readonly phrases: Phrases
}
