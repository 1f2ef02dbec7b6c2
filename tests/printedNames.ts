import { MATERIAL_IDS, materials, placeNames, standInFor } from '../src/core/activities'
import {
  BACKINGS,
  FOLLOW_LOCAL_RULES,
  RECIPE_KINDS,
  type Recipe,
  type RecipeKind,
  amountsFor,
  backings,
  cautions,
  fasteners,
  markerChoices,
  placingOrder,
  surfaces,
  usualRecipe,
} from '../src/core/make'
import type { FastenerId } from '../src/core/make'
import { printables } from '../src/core/printables'
import { TRAIL_PICTURES } from '../src/core/printables/games/trailPictures'
import { misreadings, rungs } from '../src/core/teaching'
import { PRINTED } from '../src/core/wording'

/** One recipe of each kind, with each fastener, on each backing: all amounts that there are come up in them. */
export const someRecipes: readonly Recipe[] = (Object.keys(RECIPE_KINDS) as RecipeKind[]).flatMap((kind) =>
  (Object.keys(fasteners) as FastenerId[]).flatMap((fastener) =>
    BACKINGS.map((backing) => ({ ...usualRecipe(kind), fastener, backing })),
  ),
)

const amounts = someRecipes.flatMap((recipe) => amountsFor(recipe).list)
const units = [...amounts, ...Object.values(materials)].flatMap(({ unit }) => [unit, `${unit}s`])
/** Pages and backings are phrases with something filled in. */
const isFilledIn = (name: string) => PRINTED.some((phrase) => name.startsWith(phrase.split('{')[0] || '{'))

/** Everything that has a name of its own on paper, in English. */
export const PRINTED_NAMES: readonly string[] = [
  ...new Set([
    ...Object.values(printables).map(({ name }) => name),
    ...rungs.map(({ name }) => name),
    ...misreadings.map(({ does }) => does),
    ...Object.keys(TRAIL_PICTURES),
    ...Object.values(cautions),
    FOLLOW_LOCAL_RULES,
    ...Object.values(materials).map(({ name }) => name),
    ...MATERIAL_IDS.flatMap((id) => standInFor(id) ?? []),
    ...Object.values(placeNames),
    ...Object.values(RECIPE_KINDS).map(({ name }) => name),
    ...Object.values(fasteners).map(({ name }) => name),
    ...BACKINGS.filter((id) => id !== 'none').map((id) => backings[id].name),
    ...amounts.map(({ name }) => name).filter((name) => !isFilledIn(name)),
    ...units,
    ...Object.values(surfaces).flatMap(({ name, peg }) => [name, peg]),
    ...placingOrder().map(({ step }) => step),
    ...markerChoices(2000, []).map(({ name }) => name),
  ]),
]
