import { told, type Told } from '../wording'
import type { SheetId } from '../drawing'
import type { BackingId } from './backings'
import type { CardGsm, FastenerId } from './stock'

export type RecipeKind = 'card' | 'plate' | 'layered' | 'dough' | 'draw'

/** What is measured, mm. A recipe fixes some; the others are worked out from them. */
export interface Measures {
  /** Diameter of the printed face; of the outer circle of a layered clock. */
  readonly faceMm: number
  /** Across the plate's rim. */
  readonly plateMm: number
  /** Diameter of the middle circle of a layered clock. */
  readonly middleMm: number
  readonly hubMm: number
  /** From the pivot to the tip. */
  readonly minuteHandMm: number
  readonly hourHandMm: number
  readonly secondHandMm: number
  readonly minuteWidthMm: number
  readonly hourWidthMm: number
  /** Of the fastener, under its head. */
  readonly legMm: number
}

export type MeasureId = keyof Measures

export interface Recipe {
  readonly kind: RecipeKind
  /** A sheet; half of one where two clocks share it. */
  readonly paper: SheetId
  /** What it is printed on. */
  readonly gsm: CardGsm
  readonly backing: BackingId
  readonly fastener: FastenerId
  /** `pair`: two clocks, one with the hour hand alone and one with the minute hand alone. */
  readonly hands: 'both' | 'hour' | 'minute' | 'pair'
  readonly secondHand: boolean
  readonly face: 'full' | 'quarters' | 'blank'
  readonly ringOfFives: boolean
  readonly halves: boolean
  readonly zoneLines: boolean
  readonly quarterShading: boolean
  readonly handLabels: boolean
  readonly lowInk: boolean
  /** A face too large for the page is printed in parts to be joined. */
  readonly tile: boolean
  /** What a clock to draw oneself shows: fading from all to nothing. */
  readonly guides: 'all' | 'quarters' | 'centre' | 'none'
  /** Clocks to draw oneself on a page. */
  readonly perPage: 1 | 4
  /** Of the youngest who cuts. */
  readonly age: number
  readonly children: number
  readonly spares: number
  /** The adult's own estimate of the minutes of cutting, if any. */
  readonly cuttingMinutes?: number
  /** Measures that the adult has fixed, mm. */
  readonly fixed: Partial<Measures>
}

/** What a recipe's file says it is; the version goes up when a file of the one before could be misread. */
export const RECIPE_FORMAT = 'ripe-acorn-recipe'
export const RECIPE_FORMAT_VERSION = 1

export const RECIPE_KINDS: Record<RecipeKind, { name: Told; needs: Told }> = {
  card: { name: told('Card clock'), needs: told('card and a paper fastener') },
  plate: { name: told('Paper-plate clock'), needs: told('paper plates and hairpins') },
  layered: { name: told('Layered circles'), needs: told('card, a pushpin and an eraser') },
  dough: { name: told('Pipe cleaners and dough'), needs: told('a printed face, pipe cleaners, dough') },
  draw: { name: told('Draw your own'), needs: told('paper and pencils') },
}

const COMMON = {
  paper: 'a4',
  gsm: 160,
  backing: 'none',
  fastener: 'fastener',
  hands: 'both',
  secondHand: false,
  face: 'full',
  ringOfFives: false,
  halves: false,
  zoneLines: false,
  quarterShading: false,
  handLabels: false,
  lowInk: false,
  tile: false,
  guides: 'quarters',
  perPage: 1,
  age: 6,
  children: 1,
  spares: 0,
  fixed: {},
} as const satisfies Omit<Recipe, 'kind'>

const USUAL: Record<RecipeKind, Partial<Recipe>> = {
  card: {},
  plate: { fastener: 'hairpins', backing: 'plate' },
  layered: { fastener: 'pushpin', gsm: 300 },
  dough: { fastener: 'pipe-cleaner', backing: 'card' },
  draw: { gsm: 80, face: 'blank' },
}

/** A recipe as it is usually made: everything else is worked out from it. */
export function usualRecipe(kind: RecipeKind): Recipe {
  return { kind, ...COMMON, ...USUAL[kind] }
}

/** The same recipe in another kind: what the adult set for paper, children and look stays, the rest is as usual. */
export function recipeAs(
  kind: RecipeKind,
  { paper, age, children, spares, hands, secondHand, ringOfFives, lowInk }: Recipe,
): Recipe {
  return { ...usualRecipe(kind), paper, age, children, spares, hands, secondHand, ringOfFives, lowInk }
}
