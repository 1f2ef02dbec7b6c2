import type { MisreadingId } from '../ids'

/** What is said to a child, for each misreading, and where none is known. */
export type Said = Readonly<Record<MisreadingId | 'look-again', string>>
