import { counted } from '../../core/wording'
import { MOST_WHAT_LETTERS } from '../../core/days'
import type { SoundLines } from './lines'
import { MOST_REPEATS } from './repeats'

/** What was met while events were read. */
export interface ReadTally {
  allDay: number
  long: number
  shortened: number
  unreadable: number
  endless: number
  readonly unknownZones: Set<string>
}

/** What of a calendar was left out or changed, and in which zone its times are, a sentence each. */
export function notesOf({ lines, tally, zone }: { lines: SoundLines; tally: ReadTally; zone: string }): string[] {
  const { allDay, long, shortened, unreadable, endless, unknownZones } = tally
  const { bad, isCutOff } = lines
  return [
    ...told(
      allDay,
      () =>
        `${counted(allDay, 'all-day event has', 'all-day events have')} no time and ${allDay === 1 ? 'is' : 'are'} left out.`,
    ),
    ...told(
      long,
      () =>
        `${counted(long, 'event lasts', 'events last')} a day or longer: the first day and the last one have a row each.`,
    ),
    ...told(
      shortened,
      () => `${counted(shortened, 'long title was', 'long titles were')} shortened to ${MOST_WHAT_LETTERS} letters.`,
    ),
    ...told(unreadable, () => `${counted(unreadable, 'event', 'events')} could not be read.`),
    ...told(
      endless,
      () =>
        `${counted(endless, 'event repeats', 'events repeat')} so often that only the first ${MOST_REPEATS} times were looked at.`,
    ),
    ...told(
      bad.length,
      () =>
        `${counted(bad.length, 'line was', 'lines were')} passed over, since no calendar has such a line: “${bad[0]?.slice(0, 40)}”.`,
    ),
    ...(isCutOff ? ['The file breaks off before its end: events may be missing.'] : []),
    ...[...unknownZones]
      .slice(0, 3)
      .map((name) => `The time zone “${name.slice(0, 40)}” is not known: its times stand as they are written.`),
    `Times are those of ${zone}.`,
  ]
}

const told = (count: number, sentence: () => string): string[] => (count > 0 ? [sentence()] : [])
