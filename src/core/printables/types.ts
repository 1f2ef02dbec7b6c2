import type { Drawing, PaperId } from '../drawing'
import type { CautionId } from '../make'
import type { Fill } from '../chance'
import type { Item, MisreadingId, RungId, Stage } from '../teaching'
import type { Wording } from '../wording'

export const PRINTABLE_IDS = [
  'read-dials', 'draw-hands', 'spot-same', 'how-long', 'match-cards', 'loop-cards', 'toss-and-fill', 'twirl-and-fill',
] as const // prettier-ignore
export type PrintableId = (typeof PRINTABLE_IDS)[number]

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
  /** In the games on a mat: cells of each time, 1 to 4. */
  readonly cells?: number
  /** On a spinner: every second sector twice as wide as the others. */
  readonly unequal?: boolean
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
  /** What it is for, in a line. */
  readonly purpose: string
  /** What `count` counts: questions, pairs, cards, sectors. */
  readonly counts: string
  /** The fewest and the largest sensible `count` on the pages it makes. */
  readonly leastItems: number
  readonly mostItems: number
  readonly usualItems: number
  /** The rungs it can be made for. */
  readonly suits: (rung: RungId) => boolean
  /** What else is needed, with what stands in for it at home. */
  readonly needs: readonly string[]
  readonly cautions: readonly CautionId[]
  /** For a game on a mat: what a turn gives and what there is to fill. */
  readonly fill?: (options: PrintOptions) => Fill
  /** Throws RefusedValue for a rung without dial times or a count beyond what the rung has. */
  readonly make: (options: PrintOptions, seed: number) => Print
}
