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
import { PRINTED, inEnglish } from '../src/core/wording'

/** One recipe of each kind, with each fastener, on each backing: all amounts that there are come up in them. */
export const someRecipes: readonly Recipe[] = (Object.keys(RECIPE_KINDS) as RecipeKind[]).flatMap((kind) =>
  (Object.keys(fasteners) as FastenerId[]).flatMap((fastener) =>
    BACKINGS.map((backing) => ({ ...usualRecipe(kind), fastener, backing })),
  ),
)

const amounts = someRecipes.flatMap((recipe) => amountsFor(recipe).list)
const units = [...amounts, ...Object.values(materials)].flatMap(({ unit }) => [inEnglish(unit), `${inEnglish(unit)}s`])
/** Pages and backings are phrases with something filled in. */
const isFilledIn = (name: string) => PRINTED.some((phrase) => name.startsWith(phrase.split('{')[0] || '{'))

/** Everything that has a name of its own on paper, in English. */
export const PRINTED_NAMES: readonly string[] = [
  ...new Set([
    ...Object.values(printables).map(({ name }) => inEnglish(name)),
    ...rungs.map(({ name }) => inEnglish(name)),
    ...misreadings.map(({ does }) => inEnglish(does)),
    ...Object.keys(TRAIL_PICTURES),
    ...Object.values(cautions).map(inEnglish),
    inEnglish(FOLLOW_LOCAL_RULES),
    ...Object.values(materials).map(({ name }) => inEnglish(name)),
    ...MATERIAL_IDS.flatMap((id) => standInFor(id) ?? []).map(inEnglish),
    ...Object.values(placeNames).map(inEnglish),
    ...Object.values(RECIPE_KINDS).map(({ name }) => inEnglish(name)),
    ...Object.values(fasteners).map(({ name }) => inEnglish(name)),
    ...BACKINGS.filter((id) => id !== 'none').map((id) => inEnglish(backings[id].name)),
    ...amounts.map(({ name }) => inEnglish(name)).filter((name) => !isFilledIn(name)),
    ...units,
    ...Object.values(surfaces).flatMap(({ name, peg }) => [inEnglish(name), inEnglish(peg)]),
    ...placingOrder().map(({ step }) => inEnglish(step)),
    ...markerChoices(2000, []).map(({ name }) => inEnglish(name)),
  ]),
]
