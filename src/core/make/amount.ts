import { IN_ENGLISH, nameIn, printedAs, type Wording } from '../wording'
import { isFourUp } from './paperHands'
import type { Recipe } from './recipe'

export interface Amount {
  readonly name: string
  readonly count: number
  readonly unit: string
}

export interface Amounts {
  readonly clocks: number
  readonly list: readonly Amount[]
  /** Of cutting, for one child, by the length of the cuts. */
  readonly cuttingMinutes: number
  /** Of the adult, for all holes. */
  readonly holeMinutes: number
  /** Of all cut lines of one clock, mm. */
  readonly straightMm: number
  readonly curvedMm: number
}

/** What `dials` clocks of a recipe are fastened with. */
export function fastening(recipe: Recipe, dials: number): Amount[] {
  if (isFourUp(recipe)) return []
  if (recipe.fastener === 'hairpins') return [{ name: 'hairpins, two a clock', count: 2 * dials, unit: 'hairpin' }]
  if (recipe.fastener === 'pushpin')
    return [
      { name: 'pushpins', count: dials, unit: 'pushpin' },
      { name: 'erasers of 8 mm or more', count: dials, unit: 'eraser' },
    ]
  if (recipe.fastener === 'pipe-cleaner')
    return [{ name: 'pipe cleaners', count: dials * (recipe.hands === 'both' ? 2 : 1), unit: 'pipe cleaner' }]
  return [{ name: 'paper fasteners', count: dials, unit: 'fastener' }]
}

/** "paper plates: 7 plates". */
export function amountInWords({ name, count, unit }: Amount, wording: Wording = IN_ENGLISH): string {
  const unitName = nameIn(wording, count === 1 ? unit : `${unit}s`)
  return printedAs('{0}: {1} {2}', wording, nameIn(wording, name), count, unitName)
}
