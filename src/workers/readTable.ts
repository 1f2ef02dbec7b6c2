import Papa from 'papaparse'
import { type DayRow, MOST_WHAT_LETTERS, isPictureId, withoutUnseen } from '../core/days'
import { type Told, readTyped, told } from '../core/wording'

/** What a table holds: rows, where it names its columns as Ripe Acorn does, and else lines to be read like typed ones. */
export type ReadTable =
  | { readonly kind: 'rows'; readonly rows: readonly DayRow[]; readonly notes: readonly Told[] }
  | { readonly kind: 'lines'; readonly lines: readonly string[] }

/** Reads a table, as CSV or pasted from a spreadsheet. */
export function readTable(text: string): ReadTable {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const named = namedColumns(data[0] ?? [])
  if (!named) return { kind: 'lines', lines: data.map((cells) => cells.map((cell) => cell.trim()).join('\t')) }
  const read = data.slice(1).map((cells, i) => namedRow(named(cells), i + 2))
  return {
    kind: 'rows',
    rows: read.flatMap(({ row }) => row ?? []),
    notes: firstOf(read.flatMap(({ why }) => why ?? [])),
  }
}

/** More than these are only counted. */
const MOST_NOTES = 5

function firstOf(notes: readonly Told[]): Told[] {
  const more = notes.length - MOST_NOTES
  return more > 0 ? [...notes.slice(0, MOST_NOTES), told('{0} more lines are left out.', more)] : [...notes]
}

const COLUMNS = ['begin', 'end', 'what', 'picture'] as const
type Cells = Readonly<Record<(typeof COLUMNS)[number], string>>

/** The columns of the table that Ripe Acorn writes, found by their names. */
function namedColumns(head: readonly string[]): ((cells: readonly string[]) => Cells) | undefined {
  const names = head.map((cell) => cell.trim().toLowerCase())
  if (!names.includes('begin') || !names.includes('what')) return undefined
  const cell = (cells: readonly string[], name: string) => (cells[names.indexOf(name)] ?? '').trim()
  return (cells) => Object.fromEntries(COLUMNS.map((name) => [name, cell(cells, name)])) as unknown as Cells
}

/** A row of such a table, whose times are in 24 hours; or why it is none. A spreadsheet may have added seconds. */
function namedRow({ begin, end, what, picture }: Cells, line: number): { readonly row?: DayRow; readonly why?: Told } {
  const inDay = (cell: string) => readTyped(cell, 'en-GB', { figures: 'day' })?.minute
  const [minute, to] = [inDay(begin), inDay(end)]
  // A formula was made text by a mark before it.
  const named = withoutUnseen(what.replace(/^'(?=[=+\-@])/, ''))
    .replace(/\s+/g, ' ')
    .trim()
  if (minute === undefined) return { why: told('Line {0} is left out: begin must be a time such as 08:50.', line) }
  if (end !== '' && to === undefined)
    return { why: told('Line {0} is left out: end must be a time such as 09:35, or empty.', line) }
  if (to === minute) return { why: told('Line {0} is left out: end must be another time than begin, or empty.', line) }
  if (named === '' || named.length > MOST_WHAT_LETTERS)
    return { why: told('Line {0} is left out: what must have 1 to {1} letters.', line, MOST_WHAT_LETTERS) }
  return { row: { minute, ...(to !== undefined && { to }), what: named, ...(isPictureId(picture) && { picture }) } }
}
