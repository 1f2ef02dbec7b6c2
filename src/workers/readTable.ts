import Papa from 'papaparse'

/**
 * The rows of a table (CSV, or pasted from a spreadsheet) as lines that are read like typed ones. A table that was
 * written by Ripe Acorn has its columns by name.
 */
export function linesOfTable(text: string): string[] {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' })
  const head = (data[0] ?? []).map((cell) => cell.trim().toLowerCase())
  const [begin, end, what, picture] = ['begin', 'end', 'what', 'picture'].map((name) => head.indexOf(name))
  if (begin === undefined || what === undefined || begin < 0 || what < 0)
    return data.map((cells) => cells.map((cell) => cell.trim()).join('\t'))
  const cell = (cells: readonly string[], at: number | undefined) => (cells[at ?? -1] ?? '').trim()
  return data.slice(1).map((cells) => {
    const to = cell(cells, end)
    const drawn = cell(cells, picture)
    // A formula was made text by a mark before it.
    const named = cell(cells, what).replace(/^'(?=[=+\-@])/, '')
    return `${cell(cells, begin)}${to ? `–${to}` : ''} ${named}${drawn ? ` [${drawn}]` : ''}`
  })
}
