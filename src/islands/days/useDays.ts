import type { Day } from '../../core/days'
import type { DaysData } from '../../core/records'
import { type OpenKept, useOpenKept } from '../../ui/openKept'

const EMPTY: Day = {
  on: { kind: 'weekdays', days: [0, 1, 2, 3, 4] },
  whose: { kind: 'everybody' },
  rows: [],
  starts: [],
}

/** The days that are kept, and the one that is open. */
export function useDays({ days }: DaysData): DaysState {
  return useOpenKept<Day>({ shelf: 'days', one: 'day', list: days, empty: EMPTY })
}

export type DaysState = OpenKept<Day>
