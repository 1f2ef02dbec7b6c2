import { t } from '@lingui/core/macro'
import { type Remote, wrap } from 'comlink'
import type { Day } from '../../core/days'
import type { DayReaders } from '../../workers/dayFiles'
import type { ReadTable } from '../../workers/readTable'
import type { ReadCalendar } from '../../workers/calendar/read'
import { today } from '../../ui/dates'

/** A larger file is not opened at all. */
const LARGEST_FILE_BYTES = 25_000_000

/** Reading that takes longer is given up. */
const READING_LIMIT_MS = 30_000

/** Reads in a worker of its own, which ends with the reading: no file goes on being read that nobody waits for. */
async function inWorker<T>(read: (readers: Remote<DayReaders>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('../../workers/dayFiles.ts', import.meta.url), { type: 'module' })
  let timer: number | undefined
  const tooLong = new Promise<never>((_, reject) => {
    timer = window.setTimeout(
      () => reject(new Error(t`Reading the file took longer than 30 seconds. Export a shorter time, and try that.`)),
      READING_LIMIT_MS,
    )
    worker.onerror = () => reject(new Error(t`The file could not be read: the reader stopped. Try a smaller file.`))
  })
  try {
    return await Promise.race([read(wrap<DayReaders>(worker)), tooLong])
  } finally {
    window.clearTimeout(timer)
    worker.terminate()
  }
}

export type ReadFile =
  | { readonly kind: 'calendar'; readonly calendar: ReadCalendar }
  | ReadTable
  | { readonly kind: 'day'; readonly name: string; readonly day: Day }

/** What is in a file, by what it holds rather than by its name. Throws an error that says what is wrong with it. */
export async function readFile(file: File): Promise<ReadFile> {
  if (file.size > LARGEST_FILE_BYTES)
    throw new Error(
      t`The file has ${Math.round(file.size / 1e6)} MB, and at most ${LARGEST_FILE_BYTES / 1e6} MB are read.`,
    )
  const text = await file.text()
  if (/BEGIN:VCALENDAR/i.test(text.slice(0, 10_000)) || /\.(ics|ical)$/i.test(file.name)) {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    const calendar = await inWorker((readers) => readers.readCalendar(text, { zone, today: today() }))
    return { kind: 'calendar', calendar }
  }
  if (/^\s*\{/.test(text)) return dayOf(text)
  return inWorker<ReadTable>((readers) => readers.readTable(text))
}

/** A day as it was written by Ripe Acorn; the server checks each of its fields when it is kept. */
function dayOf(text: string): ReadFile {
  let file: { format?: unknown; formatVersion?: unknown; name?: unknown; day?: unknown }
  try {
    file = JSON.parse(text) as typeof file
  } catch {
    throw new Error(t`The file is not JSON: it breaks off, or was changed by hand.`)
  }
  if (file.format !== 'ripe-acorn-day' || typeof file.day !== 'object' || file.day === null)
    throw new Error(t`The file’s format must be ripe-acorn-day: this is no day of Ripe Acorn.`)
  if (file.formatVersion !== 1) throw new Error(t`The file was made by a newer Ripe Acorn: formatVersion must be 1.`)
  return { kind: 'day', name: typeof file.name === 'string' ? file.name : t`A day`, day: file.day as Day }
}
