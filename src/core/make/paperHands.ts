import type { Recipe } from './recipe'

/** Whether its hands are cut out of the page. */
export function hasPaperHands({ kind, perPage }: Pick<Recipe, 'kind' | 'perPage'>): boolean {
  return kind !== 'dough' && !isFourUp({ kind, perPage })
}

/** Four clocks to draw oneself, folded apart. */
export function isFourUp({ kind, perPage }: Pick<Recipe, 'kind' | 'perPage'>): boolean {
  return kind === 'draw' && perPage === 4
}
