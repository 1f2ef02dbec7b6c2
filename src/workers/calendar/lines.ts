/** What is left of a file when its lines were looked at one by one. */
export interface SoundLines {
  /** The lines that are read, as an iCalendar text whose components all end. */
  readonly text: string
  /** Lines that no calendar has, or whose value is none. */
  readonly bad: readonly string[]
  /** Whether the file breaks off before its last component ends. */
  readonly isCutOff: boolean
}

/** What is read of an event and of a time zone; what else stands in a calendar is passed over unread. */
const READ = new Set(
  'DTSTART DTEND DURATION RRULE RDATE EXDATE RECURRENCE-ID UID SUMMARY STATUS X-RIPE-ACORN-PICTURE X-RIPE-ACORN-OPEN TZID TZOFFSETFROM TZOFFSETTO VERSION'.split(
    ' ',
  ),
)
const COMPONENTS = new Set(['VCALENDAR', 'VEVENT', 'VTIMEZONE', 'STANDARD', 'DAYLIGHT'])

/** A content line of RFC 5545, 3.1: a name, parameters whose values may be in double quotes, a colon, a value. */
const CONTENT_LINE = /^([A-Za-z0-9-]+)((?:;[A-Za-z0-9-]+=(?:"[^"]*"|[^";:,]*)(?:,(?:"[^"]*"|[^";:,]*))*)*):(.*)$/s
/** The name of any line that a calendar may have: enough for one that is passed over. */
const ANY_NAME = /^([A-Za-z0-9-]+)[;:]/

/**
 * Looks at each line of a calendar (RFC 5545) on its own, so that one that is bad costs no more than itself. Folded
 * lines are joined; components that are not read, such as alarms, go with all that is in them.
 */
export function soundLines(file: string): SoundLines {
  const bad: string[] = []
  const kept: string[] = []
  const open: string[] = []
  for (const line of file.replace(/\r?\n[ \t]/g, '').split(/\r?\n/)) {
    if (line.trim() === '') continue
    const isRead = open.every((each) => COMPONENTS.has(each))
    const edge = /^(BEGIN|END):\s*([A-Za-z0-9-]+)\s*$/i.exec(line)
    const name = edge?.[2]?.toUpperCase() ?? ''
    if (!edge) {
      const fate = isRead ? fateOf(line) : 'passed over'
      if (fate === 'kept') kept.push(line)
      else if (fate === 'bad') bad.push(line)
    } else if (edge[1]?.toUpperCase() === 'BEGIN') {
      open.push(name)
      if (isRead && COMPONENTS.has(name)) kept.push(`BEGIN:${name}`)
    } else if (open.includes(name)) kept.push(...closedTo(open, name))
    else bad.push(line)
  }
  const isCutOff = open.length > 0
  if (open[0] !== undefined) kept.push(...closedTo(open, open[0]))
  return { text: kept.join('\r\n'), bad, isCutOff }
}

/** Takes components off until the named one is, and gives the lines that end those of them that are read. */
function closedTo(open: string[], name: string): string[] {
  const ends: string[] = []
  for (let last = open.pop(); last !== undefined; last = open.pop()) {
    if (COMPONENTS.has(last) && open.every((each) => COMPONENTS.has(each))) ends.push(`END:${last}`)
    if (last === name) break
  }
  return ends
}

function fateOf(line: string): 'kept' | 'passed over' | 'bad' {
  const name = ANY_NAME.exec(line)?.[1]?.toUpperCase()
  if (name === undefined) return 'bad'
  if (!READ.has(name)) return 'passed over'
  const [, , , value = ''] = CONTENT_LINE.exec(line) ?? []
  return isValueOf(name, value.trim()) ? 'kept' : 'bad'
}

const TIMES = new Set(['DTSTART', 'DTEND', 'RECURRENCE-ID', 'RDATE', 'EXDATE'])

function isValueOf(name: string, value: string): boolean {
  if (TIMES.has(name)) return value.split(',').every((each) => isTime(each.split('/')[0] ?? ''))
  return value !== '' || name === 'SUMMARY'
}

/** "20261130", "20261130T093000" or "20261130T093000Z", where the date and the time of day exist. */
function isTime(value: string): boolean {
  const figures = /^(\d{4})(\d\d)(\d\d)(?:T([01]\d|2[0-3])([0-5]\d)(?:[0-5]\d|60)Z?)?$/.exec(value.trim())
  if (!figures) return false
  const iso = `${figures[1]}-${figures[2]}-${figures[3]}`
  const ms = Date.parse(`${iso}T00:00:00Z`)
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(iso)
}
