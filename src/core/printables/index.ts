import { matchCards } from './matchCards'
import { readDials } from './readDials'
import type { Printable, PrintableId } from './types'

export * from './types'

/** Everything that can be printed for a rung: adding one means one file and one line. */
export const printables: Record<PrintableId, Printable> = {
  'read-dials': readDials,
  'match-cards': matchCards,
}
