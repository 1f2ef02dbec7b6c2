import { say } from '../wording'
import type { DayRow } from './types'

/** "9:10" or "9:10–9:40" in 24 hours, as rows are written back. */
export function spanText({ minute, to }: Pick<DayRow, 'minute' | 'to'>): string {
  const figures = (each: number) => say(each, { language: 'en-GB', form: 'day-24' })
  return to === undefined ? figures(minute) : `${figures(minute)}–${figures(to)}`
}

/** A row as a line of text that reads back as the same row. */
export function dayLine(row: DayRow): string {
  return `${spanText(row)} ${row.what}${row.picture ? ` [${row.picture}]` : ''}`
}
