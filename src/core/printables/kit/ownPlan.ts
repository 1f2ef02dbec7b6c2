import { MINUTES_PER_HOUR, MINUTES_PER_TURN } from '../../clock'
import { printable } from '../../drawing'
import { RefusedValue } from '../../errors'
import type { PlanRow } from '../../teaching'
import { type LanguageId, parseTime, say } from '../../wording'
import { PRINT_OPTIONS } from './options'

/** The longest plan that a family or a class can give. */
const MOST_PLAN_ROWS = PRINT_OPTIONS.rows.most
/** Longer, and it would be too small to read beside its clock. */
const MOST_LETTERS = 40

/**
 * The rows of a plan as they were typed, a time and what happens then in either order, in their order of the day.
 * Where a time does not tell its half of the day, it is never put into the night; between six and twelve it follows the
 * row before it, and is asked about where it would go back in the day.
 * Throws RefusedValue, which names the row, where there is no time, its half cannot be told, there is no name, or the
 * same time comes twice.
 *
 * ownPlan(['7:30 breakfast', 'lights out 20:00'], 'en-GB')
 * //=> [{ what: 'breakfast', minute: 450 }, { what: 'lights out', minute: 1200 }]
 * ownPlan(['9:30 maths', '1:15 story'], 'en-GB')
 * //=> [{ what: 'maths', minute: 570 }, { what: 'story', minute: 795 }]
 */
export function ownPlan(lines: readonly string[], language: LanguageId): PlanRow[] {
  const written = lines.filter((line) => line.trim() !== '')
  if (written.length < 1 || written.length > MOST_PLAN_ROWS)
    throw new RefusedValue('your own day', `of 1 to ${MOST_PLAN_ROWS} rows`, `${written.length} rows`)
  const rows: { what: string; minute: number }[] = []
  for (const [i, line] of written.entries())
    rows.push(rowOf(line, { name: `row ${i + 1} of your day`, language, before: rows[i - 1]?.minute }))
  rows.forEach(({ minute }, i) => {
    if (rows.findIndex((row) => row.minute === minute) < i)
      throw new RefusedValue(
        `row ${i + 1} of your day`,
        'at a time of its own',
        `the time of another row: ${written[i]}`,
      )
  })
  return rows.sort((a, b) => a.minute - b.minute)
}

interface RowPlace {
  readonly name: string
  readonly language: LanguageId
  /** When the row before it is, minutes since midnight. */
  readonly before: number | undefined
}

function rowOf(line: string, { name, language, before }: RowPlace) {
  const parts = splits(line.trim().split(/\s+/))
  // "8 friends at 15:30": a bare number is the time only where there is no better one.
  const written = parts.filter(({ time }) => !/^\d+$/.test(time))
  for (const { time, what: named } of [...written, ...parts]) {
    const found = parseTime(time, language)
    if (!found) continue
    const minute = found.kind === 'day' ? found.minute : placedInDay(found.minute, before)
    if (minute === undefined) {
      const [early, late] = [found.minute, found.minute + MINUTES_PER_TURN].map((each) =>
        say(each, { language, form: 'digital', options: { dayHalf: true } }),
      )
      throw new RefusedValue(name, `at ${early} or at ${late}: write it so, for both could be meant`, line)
    }
    const what = printable(named)
    if (what === '') throw new RefusedValue(name, 'called something in Latin letters', line)
    if (what.length > MOST_LETTERS)
      throw new RefusedValue(name, `called something of ${MOST_LETTERS} letters at most`, line)
    return { what, minute }
  }
  throw new RefusedValue(name, 'a time and what happens then, such as 7:30 breakfast', line)
}

const SIX = 6 * MINUTES_PER_HOUR
/** From here on a day has come so far that a time between six and twelve is one of the evening. */
const LATE_AFTERNOON = 15 * MINUTES_PER_HOUR

/**
 * A dial time (0 to 719) as one of the day. From twelve to six the other half is in the night, where nothing is put.
 * From six to twelve the row before decides; undefined where it would go back in the day, for then both are possible.
 */
function placedInDay(dial: number, before: number | undefined): number | undefined {
  const late = dial + MINUTES_PER_TURN
  if (dial < SIX) return late
  if (before === undefined || dial > before) return dial
  return before >= LATE_AFTERNOON && late > before ? late : undefined
}

/**
 * Every way to part a row into a time and what happens then, the longest time first: "3:30 pm swimming" is not in the
 * night.
 */
function splits(words: readonly string[]): { time: string; what: string }[] {
  const lengths = Array.from({ length: words.length - 1 }, (_, i) => words.length - 1 - i)
  return (
    lengths
      .flatMap((taken) => [
        { time: words.slice(0, taken), what: words.slice(taken) },
        { time: words.slice(-taken), what: words.slice(0, -taken) },
      ])
      // "10:30 a snack": an article, not the morning.
      .filter(({ time }) => !/^[ap]$/i.test(time[time.length - 1] ?? ''))
      .map(({ time, what }) => ({ time: bare(time), what: bare(what) }))
  )
}

/** Words without the marks that part a time from what happens then. */
function bare(words: readonly string[]): string {
  return words.join(' ').replace(/^[\s,;:–—-]+|[\s,;:–—-]+$/g, '')
}
