import type { LanguageId } from './registry'

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
