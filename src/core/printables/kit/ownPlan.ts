import { printable } from '../../drawing'
import { RefusedValue } from '../../errors'
import type { PlanRow } from '../../teaching'
import { type LanguageId, parseTime } from '../../wording'
import { PRINT_OPTIONS } from './options'

/** The longest plan that a family or a class can give. */
const MOST_PLAN_ROWS = PRINT_OPTIONS.rows.most
/** Longer, and it would be too small to read beside its clock. */
const MOST_LETTERS = 40

/**
 * The rows of a plan as they were typed, a time and what happens then in either order, in their order of the day.
 * Throws RefusedValue, which names the row, where there is no time or only a dial time, no name, or the same time twice.
 *
 * ownPlan(['7:30 breakfast', 'lights out 20:00'], 'en-GB')
 * //=> [{ what: 'breakfast', minute: 450 }, { what: 'lights out', minute: 1200 }]
 */
export function ownPlan(lines: readonly string[], language: LanguageId): PlanRow[] {
  const written = lines.filter((line) => line.trim() !== '')
  if (written.length < 1 || written.length > MOST_PLAN_ROWS)
    throw new RefusedValue('your own day', `of 1 to ${MOST_PLAN_ROWS} rows`, `${written.length} rows`)
  const rows = written.map((line, i) => rowOf(line, `row ${i + 1} of your day`, language))
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

function rowOf(line: string, name: string, language: LanguageId) {
  const parts = splits(line.trim().split(/\s+/))
  // "8 friends at 15:30": a bare number is the time only where there is no better one.
  const written = parts.filter(({ time }) => !/^\d+$/.test(time))
  for (const { time, what: named } of [...written, ...parts]) {
    const found = parseTime(time, language, { figures: 'day' })
    if (!found) continue
    if (found.kind !== 'day') throw new RefusedValue(name, 'at a time of the whole day, such as 7:30 or 19:30', line)
    const what = printable(named)
    if (what === '') throw new RefusedValue(name, 'called something in Latin letters', line)
    if (what.length > MOST_LETTERS)
      throw new RefusedValue(name, `called something of ${MOST_LETTERS} letters at most`, line)
    return { what, minute: found.minute }
  }
  throw new RefusedValue(name, 'a time and what happens then, such as 7:30 breakfast', line)
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
