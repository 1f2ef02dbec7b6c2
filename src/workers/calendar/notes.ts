import { type Told, told } from '../../core/wording'
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
export function notesOf({ lines, tally, zone }: { lines: SoundLines; tally: ReadTally; zone: string }): Told[] {
  const { allDay, long, shortened, unreadable, endless, unknownZones } = tally
  const { bad, isCutOff } = lines
  return [
    ...counted(
      allDay,
      told('1 all-day event has no time and is left out.'),
      told('{0} all-day events have no time and are left out.', allDay),
    ),
    ...counted(
      long,
      told('1 event lasts a day or longer: the first day and the last one have a row each.'),
      told('{0} events last a day or longer: the first day and the last one have a row each.', long),
    ),
    ...counted(
      shortened,
      told('1 long title was shortened to {0} letters.', MOST_WHAT_LETTERS),
      told('{0} long titles were shortened to {1} letters.', shortened, MOST_WHAT_LETTERS),
    ),
    ...counted(unreadable, told('1 event could not be read.'), told('{0} events could not be read.', unreadable)),
    ...counted(
      endless,
      told('1 event repeats so often that only the first {0} times were looked at.', MOST_REPEATS),
      told('{0} events repeat so often that only the first {1} times were looked at.', endless, MOST_REPEATS),
    ),
    ...counted(
      bad.length,
      told('1 line was passed over, since no calendar has such a line: “{0}”.', beginningOf(bad[0])),
      told('{0} lines were passed over, since no calendar has such a line: “{1}”.', bad.length, beginningOf(bad[0])),
    ),
    ...(isCutOff ? [told('The file breaks off before its end: events may be missing.')] : []),
    ...[...unknownZones]
      .slice(0, 3)
      .map((name) => told('The time zone “{0}” is not known: its times stand as they are written.', beginningOf(name))),
    told('Times are those of {0}.', zone),
  ]
}

const beginningOf = (text = ''): string => text.slice(0, 40)

/** Nothing where there is none, and else the sentence for one or for several. */
const counted = (count: number, one: Told, several: Told): Told[] => (count === 0 ? [] : [count === 1 ? one : several])
