import { type Told } from '../../wording'
import type { Fill } from '../../chance'
import type { Drawing } from '../../drawing'
import type { CautionId } from '../../make'
import type { Random } from '../../random'
import type { Item, RungId, Stage } from '../../teaching'
import type { NeedId } from './needs'
import type { CardSizeId, PrintOptions } from './choices'
import type { TakenId } from './options'
import type { MarkedQuestion } from './markingGuide'

export interface Print {
  readonly pages: readonly Drawing[]
  /** The answers, worked out from the very items that were drawn. */
  readonly key: readonly Drawing[]
  readonly items: readonly Item[]
  /** For a check: what each wrong answer to each question means, as its marking guide in the key says. */
  readonly marking?: readonly MarkedQuestion[]
}

/** What a printable is, before it is made. */
export interface PrintableFacts {
  readonly id: string
  readonly kind: 'game' | 'make' | 'cards' | 'sheet'
  readonly name: Told
  readonly stage: Stage
  /** What it is for, in a line. */
  readonly purpose: Told
  /** What `count` counts, as its field is called: "How many cards". */
  readonly counts: Told
  /** The fewest and the largest sensible `count` on the pages it makes. */
  readonly leastItems: number
  readonly mostItems: number
  readonly usualItems: number
  /** How many different questions a rung has for it, where that is not how many times the rung has. */
  readonly timesOn?: (rung: RungId) => number
  /** The rungs it can be made for. */
  readonly suits: (rung: RungId) => boolean
  /** The fewest rows of a day of one's own, where one row is not enough. */
  readonly leastRows?: number
  /** Which options of the table it takes, besides those that every printable takes. */
  readonly takes: readonly TakenId[]
  /** What else is needed. */
  readonly needs: readonly NeedId[]
  readonly cautions: readonly CautionId[]
  /** For a deck that a box can be made for: how its cards lie on a page. */
  readonly deck?: (options: PrintOptions) => { readonly columns: number; readonly rows: number }
  /** For a deck that not all sizes of cards suit: those that do. */
  readonly sizes?: readonly CardSizeId[]
  /** Whether every child needs one, as with sheets; otherwise those at a table share it. */
  readonly forEachChild?: true
  /** For a game on a mat: what a turn gives and what there is to fill. */
  readonly fill?: (options: PrintOptions) => Fill
  /**
   * For other games: the turns of one played game. Its options are checked by the caller, since it is played thousands
   * of times.
   */
  readonly play?: (random: Random, options: PrintOptions, players: number) => number
  /** What the adult should know about this very print, a line each: how to play it, what is true of it. */
  readonly notes?: (options: PrintOptions, seed: number) => Told[]
}

/** A pure function of options and a seed. */
export interface PrintableOf<Id extends string = string> extends PrintableFacts {
  readonly id: Id
  /** Throws RefusedValue, which names the field, for options that it cannot do right. */
  readonly check: (options: PrintOptions) => void
  /** Throws RefusedValue as `check` does, and for a seed that is no whole number. */
  readonly make: (options: PrintOptions, seed: number) => Print
}
