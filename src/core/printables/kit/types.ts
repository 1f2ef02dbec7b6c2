import type { Fill } from '../../chance/index'
import type { Drawing, PaperId } from '../../drawing/index'
import type { CautionId } from '../../make/index'
import type { NeedId } from './needs'
import type { Random } from '../../random'
import type { Item, MisreadingId, RungId, Stage } from '../../teaching/index'
import type { Wording } from '../../wording/index'

export const PRINTABLE_IDS = [
  'toss-and-fill',
  'twirl-and-fill',
  'trail',
  'loop-cards',
  'minutes-later',
  'memory-pairs',
  'dominoes',
  'bingo',
  'match-cards',
  'jigsaw-halves',
  'compose-cards',
  'fives-cards',
  'show-me-cards',
  'badges',
  'day-halves-cards',
  'read-dials',
  'draw-hands',
  'spot-same',
  'one-hand-dials',
  'match-sheet',
  'order-times',
  'true-false',
  'colour-zone',
  'draw-clock',
  'number-line',
  'round-fives',
  'later-sooner',
  'how-long',
  'work-back-sheet',
  'timetable',
  'rung-check',
] as const
export type PrintableId = (typeof PRINTABLE_IDS)[number]

/** What stands on every dial as a help, one more at each level: nothing, the ring of fives, past and to sides, the hands' names. */
export const HELP_LEVELS = ['none', 'ring of fives', 'ring, past and to sides', 'ring, sides and hand names'] as const
export type HelpLevel = 0 | 1 | 2 | 3

/** What is covered in a game on a mat: clocks of the times that are thrown in words, or the times of the clocks that are thrown. */
export const COVERS = {
  dials: 'clocks, by their words',
  figures: 'figures, by their clocks',
  words: 'words, by their clocks',
} as const
export type Covers = keyof typeof COVERS

/** How the back of a card comes to lie behind its front: by turning the sheet over its long or its short edge. */
export const FLIPS = { 'long-edge': 'turned over the long edge', 'short-edge': 'turned over the short edge' } as const
export type Flip = keyof typeof FLIPS

export interface PrintOptions {
  readonly paper: PaperId
  readonly wording: Wording
  readonly rung: RungId
  /** Questions, or pairs of cards. */
  readonly count: number
  /** Printed on the name line, and in the key. */
  readonly owner?: string
  /** Instead of the usual title; what the print fonts cannot draw is left out. */
  readonly title?: string
  readonly helps?: HelpLevel
  readonly lowInk?: boolean
  /** How likely each misreading is to make a wrong choice; 1 where it is not named, above 0. */
  readonly weights?: Partial<Record<MisreadingId, number>>
  /** Answers are written on a line, or the right one of three is ringed. */
  readonly answers?: 'write' | 'choose'
  /** Marks beyond the cut lines, for a guillotine. */
  readonly guillotine?: boolean
  /** A page of backs for every page of cards. */
  readonly backs?: Flip
  /** In match sets: a dial and its words, or a dial, its figures and its words. */
  readonly forms?: 2 | 3
  /** In the games on a mat: cells of each time, 1 to 4. */
  readonly cells?: number
  /** In the games on a mat: what is on the mat, clocks where it is left out; die or spinner show the other side. */
  readonly covers?: Covers
  /** How wide each sector of a spinner is beside the others, each above 0; alike where it is left out. */
  readonly sectors?: readonly number[]
  /** Minutes from each clock to the next, 5 to 300; drawn anew for each where it is left out. */
  readonly by?: number
  /** Boards of a game, 2 to 12. */
  readonly boards?: number
  /** The other way round: in a timetable clocks are shown and the times written. */
  readonly reversed?: boolean
  /** In a timetable: a family's or a class's own rows as they are typed, "7:30 breakfast"; then there are as many questions as rows. */
  readonly rows?: readonly string[]
}

/** Raised when a printable draws other pages for the same options and seed than before: what was kept says which it was made with. */
export const PRINTS_MADE = 3

/** All that is needed to make a print again. */
export interface SavedPrint {
  readonly printable: PrintableId
  readonly options: PrintOptions
  readonly seed: number
  readonly made: number
}

/** Options that not every printable has. */
export type Extra =
  | 'lures'
  | 'answers'
  | 'backs'
  | 'forms'
  | 'cells'
  | 'covers'
  | 'sectors'
  | 'by'
  | 'boards'
  | 'reversed'
  | 'rows'
  | 'cuts'
  | 'helps'

export interface Print {
  readonly pages: readonly Drawing[]
  /** The answers, worked out from the very items that were drawn. */
  readonly key: readonly Drawing[]
  readonly items: readonly Item[]
}

/** What a printable is, before it is made. */
export interface PrintableFacts {
  readonly id: PrintableId
  readonly kind: 'game' | 'cards' | 'sheet'
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
  /** Which of the special options it takes. */
  readonly takes: readonly Extra[]
  /** What else is needed. */
  readonly needs: readonly NeedId[]
  readonly cautions: readonly CautionId[]
  /** For a game on a mat: what a turn gives and what there is to fill. */
  readonly fill?: (options: PrintOptions) => Fill
  /** For other games: the turns of one played game. */
  readonly play?: (random: Random, options: PrintOptions, players: number) => number
  /** What the adult is to know of this very print, a line each: how to play it, what is true of it. */
  readonly notes?: (options: PrintOptions, seed: number) => string[]
}

/** A pure function of options and a seed. */
export interface Printable extends PrintableFacts {
  /** Throws RefusedValue for a rung without such questions or a count beyond what the rung has. */
  readonly make: (options: PrintOptions, seed: number) => Print
}
