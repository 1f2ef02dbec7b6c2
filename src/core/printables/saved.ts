import type { ChosenOptions } from './kit/choices'
import type { PrintableId } from './registry'

/**
 * Raised when a printable draws other pages for the same options and seed than before. A saved print says which number
 * it was made with.
 */
export const PRINTS_MADE = 12

/** All that is needed to make a print again. */
export interface SavedPrint {
  readonly printable: PrintableId
  readonly options: ChosenOptions
  readonly seed: number
  readonly made: number
}
