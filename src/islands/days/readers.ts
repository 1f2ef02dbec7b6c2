import { type Remote, wrap } from 'comlink'
import type { Day } from '../../core/days'
import type { DayReaders } from '../../workers/dayFiles'
import type { ReadCalendar } from '../../workers/readCalendar'
import { today } from '../../ui/dates'

/** A larger file is not opened at all. */
const LARGEST_FILE_BYTES = 25_000_000

let worker: Remote<DayReaders> | undefined

function readers(): Remote<DayReaders> {
  worker ??= wrap<DayReaders>(new Worker(new URL('../../workers/dayFiles.ts', import.meta.url), { type: 'module' }))
  return worker
}

export type ReadFile =
  | { readonly kind: 'calendar'; readonly calendar: ReadCalendar }
  | { readonly kind: 'lines'; readonly lines: readonly string[] }
  | { readonly kind: 'day'; readonly name: string; readonly day: Day }

/** What is in a file, by what it holds rather than by its name. Throws an error that says what is wrong with it. */
export async function readFile(file: File): Promise<ReadFile> {
  if (file.size > LARGEST_FILE_BYTES)
    throw new Error(
      `The file has ${Math.round(file.size / 1e6)} MB, and at most ${LARGEST_FILE_BYTES / 1e6} MB are read.`,
    )
  const text = await file.text()
  if (/BEGIN:VCALENDAR/i.test(text.slice(0, 10_000)) || /\.(ics|ical)$/i.test(file.name)) {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    return { kind: 'calendar', calendar: await readers().readCalendar(text, { zone, today: today() }) }
  }
  if (/^\s*\{/.test(text)) return dayOf(text)
  return { kind: 'lines', lines: await readers().linesOfTable(text) }
}

/** A day as it was written by Ripe Acorn; the server checks each of its fields when it is kept. */
function dayOf(text: string): ReadFile {
  let file: { format?: unknown; formatVersion?: unknown; name?: unknown; day?: unknown }
  try {
    file = JSON.parse(text) as typeof file
  } catch {
    throw new Error('The file is not JSON: it breaks off, or was changed by hand.')
  }
  if (file.format !== 'ripe-acorn-day' || typeof file.day !== 'object' || file.day === null)
    throw new Error('The file’s format must be ripe-acorn-day: this is no day of Ripe Acorn.')
  if (file.formatVersion !== 1) throw new Error('The file was made by a newer Ripe Acorn: formatVersion must be 1.')
  return { kind: 'day', name: typeof file.name === 'string' ? file.name : 'A day', day: file.day as Day }
}
