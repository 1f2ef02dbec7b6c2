import type { MinuteOfDay } from '../clock'
import type { Phrases } from './phrases'

/** `dial`: the half of the day is not told, `minute` is 0 to 719. `day`: it is, `minute` is 0 to 1439. */
export interface ParsedTime {
  readonly minute: number
  readonly kind: 'dial' | 'day'
}

/**
 * A part of the day at the end of what is said, and what it makes of a dial time (0 to 719): undefined for a time that
 * nobody puts into that part ("12 Uhr abends"). A half of twelve hours never follows hours over twelve ("16:30pm").
 */
export type DayPart = readonly [RegExp, (dial: number) => number | undefined, 'twelve-hours'?]

/** A length of time as it was said: "4 h 75 min" stays that. */
export interface Length {
  /** 0 to 99. */
  readonly hours: number
  /** 0 to 999. */
  readonly minutes: number
}

/** One language: adding one means one file that fills this in, and one line in `wording/registry.ts`. */
export interface Language {
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
  /** Reads a length of time, words or figures: "4 hours and 35 minutes", "1h20". Undefined for what is none. */
  readonly readLength: (text: string) => Length | undefined
  /** The language's own ways of writing figures ("15 Uhr 30", "16 h 5", "4 p. m.") put as 15:30, 16:05, 4pm. */
  tidyFigures(text: string): string
  /** Between a number and its tenths. */
  readonly decimalPoint: '.' | ','
  readonly noon: string
  readonly midnight: string
  /** What is asked and printed for the child. */
  readonly phrases: Phrases
}
