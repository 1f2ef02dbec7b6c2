import type { ChildId, GroupId } from '../ids'
import type { MinuteOfDay } from '../clock'
import type { PictureId } from './pictures'

/** One row of a day: when, what happens, and a picture of it where there is one. */
export interface DayRow {
  readonly minute: MinuteOfDay
  /** When it ends; on the next day where that is not after `minute`. */
  readonly to?: MinuteOfDay
  readonly what: string
  readonly picture?: PictureId
}

/** Monday is 0, Sunday is 6. */
export type Weekday = 0 | 1 | 2 | 3 | 4 | 5 | 6

/** When a day holds: on some weekdays, or on one date (2026-11-28). */
export type DayOn =
  { readonly kind: 'weekdays'; readonly days: readonly Weekday[] } | { readonly kind: 'date'; readonly date: string }

export type DayWhose =
  | { readonly kind: 'everybody' }
  | { readonly kind: 'group'; readonly groupId: GroupId }
  | { readonly kind: 'child'; readonly childId: ChildId }

/** One thing that must be done before a deadline. */
export interface StartStep {
  readonly what: string
  /** Whole minutes, 1 to 600. */
  readonly minutes: number
}

/** "There at 9:20, these steps first: when must we start?" */
export interface StartPlan {
  readonly what: string
  readonly deadline: MinuteOfDay
  readonly steps: readonly StartStep[]
  /** Minutes to spare at the end, 0 to 120. */
  readonly buffer: number
}

/** A day that is kept. Its rows stand in the order of the day. */
export interface Day {
  readonly on: DayOn
  readonly whose: DayWhose
  readonly rows: readonly DayRow[]
  readonly starts: readonly StartPlan[]
}

/** The most rows of a day, and the most letters that say what happens. */
export const MOST_DAY_ROWS = 40
export const MOST_WHAT_LETTERS = 40
export const MOST_START_STEPS = 12
export const MOST_STARTS = 10
export const LONGEST_STEP = 600
export const MOST_BUFFER = 120
