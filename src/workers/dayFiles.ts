import { expose } from 'comlink'
import { readCalendar } from './calendar/read'
import { readTable } from './readTable'

/* Reads calendars and tables beside the view, so that a large one does not freeze it. */

const readers = { readCalendar, readTable }
export type DayReaders = typeof readers

expose(readers)
