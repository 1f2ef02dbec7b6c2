import type { Drawing, PaperId } from '../drawing'
import type { Item, MisreadingId, RungId, Stage } from '../teaching'
import type { Wording } from '../wording'

export type PrintableId = 'read-dials' | 'match-cards'

export interface PrintOptions {
  readonly paper: PaperId
  readonly wording: Wording
  readonly rung: RungId
  /** Questions, or pairs of cards. */
  readonly count: number
  /** Printed on the name line, and in the key. */
  readonly owner?: string
  /** 5, 10 … 60 round each dial. */
  readonly ringOfFives?: boolean
  readonly lowInk?: boolean
  readonly weights?: Partial<Record<MisreadingId, number>>
}

export interface Print {
  readonly pages: readonly Drawing[]
  /** The answers, worked out from the very items that were drawn. */
  readonly key: readonly Drawing[]
  readonly items: readonly Item[]
}

/** A pure function of options and a seed. */
export interface Printable {
  readonly id: PrintableId
  readonly name: string
  readonly stage: Stage
  /** The largest sensible `count` on the pages it makes. */
  readonly mostItems: number
  readonly usualItems: number
  /** Throws RefusedValue for a rung without dial times or a count beyond what the rung has. */
  readonly make: (options: PrintOptions, seed: number) => Print
}
