import type { DoingId, Phrases } from '../wording'

/** A part of the clock that can be pointed at. */
export const CLOCK_PARTS = ['hour-hand', 'minute-hand', 'second-hand', 'centre', 'face'] as const
export type ClockPart = (typeof CLOCK_PARTS)[number]

/** A row of a plan of the day: one of the doings that are known in every language, or what a family calls it. */
export type PlanRow = { readonly minute: number } & ({ readonly doing: DoingId } | { readonly what: string })

export function rowName(row: PlanRow, phrases: Phrases): string {
  return 'doing' in row ? phrases.doings[row.doing] : row.what
}

/**
 * What the child is shown. `minute` is what the clock shows: a dial time, 0 to 719, save where the half of
 * the day matters (`doing`, `day`, `span`): there it is minutes since midnight, 0 to 1439.
 */
export type Shown =
  | { readonly as: 'dial'; readonly minute: number; readonly hands: 'both' | 'hour' | 'minute' }
  | { readonly as: 'words'; readonly minute: number }
  | { readonly as: 'figures'; readonly minute: number }
  /** A clock, and by how many minutes to move on (above 0) or back (below 0). */
  | { readonly as: 'shift'; readonly minute: number; readonly by: number }
  /** Two clocks of one day: from `minute` to the later `to`, and what happens then where that is known. */
  | { readonly as: 'span'; readonly minute: number; readonly to: number; readonly whats?: readonly [string, string] }
  /** A deadline, what it is for where that is known, and the minutes that each thing before it takes. */
  | { readonly as: 'steps'; readonly minute: number; readonly steps: readonly number[]; readonly what?: string }
  /** A clock, and what is being done then. */
  | ({ readonly as: 'doing' } & PlanRow)
  /** A clock, and the part of the day told in words. */
  | { readonly as: 'day'; readonly minute: number }
  /** A clock with one of its parts pointed at. */
  | { readonly as: 'part'; readonly minute: number; readonly part: ClockPart }
  /** A plan of the day. The question is about the row at `minute`. */
  | { readonly as: 'rows'; readonly minute: number; readonly rows: readonly PlanRow[] }

/** What is shown, in a few letters. The same question always has the same key. */
export function shownKey(shown: Shown): string {
  switch (shown.as) {
    case 'shift':
      return `${shown.as} ${shown.minute} ${shown.by}`
    case 'span':
      return `${shown.as} ${shown.minute} ${shown.to}`
    case 'steps':
      return `${shown.as} ${shown.minute} ${shown.steps.join('+')}`
    case 'part':
      return `${shown.as} ${shown.part}`
    case 'rows':
      return `${shown.as} ${shown.minute} ${shown.rows.map((row) => row.minute).join(',')}`
    case 'dial':
      return `${shown.as} ${shown.minute} ${shown.hands}`
    default:
      return `${shown.as} ${shown.minute}`
  }
}
