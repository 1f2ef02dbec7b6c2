import { type DayRow, readDayLines } from '../../core/days'
import { LANGUAGE_IDS, type LanguageId } from '../../core/wording'

/*
 * Kept prints once had the rows of one's own day as they were typed. They are read here once, when a database or a file
 * of that time is taken over.
 */

/** A kept print whose rows are rows; anything else as it came. */
export function printWithRows(body: unknown): unknown {
  const print = body as { options?: { rows?: unknown; wording?: { language?: unknown } } } | null
  const rows = print?.options?.rows
  if (!Array.isArray(rows) || !rows.every((line) => typeof line === 'string')) return body
  const language = LANGUAGE_IDS.find((id) => id === print?.options?.wording?.language) ?? 'en-GB'
  return { ...print, options: { ...print?.options, rows: rowsIn(rows, language) } }
}

/** The same for the JSON of a row of the database, which may be damaged: that is then left as it is. */
export function withRows(body: string): string {
  try {
    const read: unknown = JSON.parse(body)
    const upgraded = printWithRows(read)
    return upgraded === read ? body : JSON.stringify(upgraded)
  } catch {
    return body
  }
}

/** A print was made of these lines, so each is a row; of two that could be meant the earlier one was printed. */
function rowsIn(lines: readonly string[], language: LanguageId): DayRow[] {
  return readDayLines(lines.join('\n'), language).flatMap((line) => {
    if (line.kind === 'row') return [line.row]
    return line.kind === 'either' ? line.choices.slice(0, 1) : []
  })
}
