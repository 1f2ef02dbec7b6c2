import { type PaperId, papers } from '../../src/core/drawing'
import { RECIPE_KINDS, type RecipeKind } from '../../src/core/make'

/* Made clocks that tests begin from. */

export const kinds = Object.keys(RECIPE_KINDS) as RecipeKind[]
export const paperIds = Object.keys(papers) as PaperId[]
