import { type Told, told, asPart, inARow } from '../wording'
import type { RungId } from '../teaching'
import { amountsFor } from './amounts'
import { type Recipe, RECIPE_KINDS, type RecipeKind, usualRecipe } from './recipe'
import { MAKING_MATERIALS, type MakingMaterial, MATERIAL_NEEDS } from './makingMaterials'

export interface SuitsRequest {
  readonly youngest: number
  readonly children: number
  readonly rung: RungId
  readonly minutes: number
  readonly materials: readonly MakingMaterial[]
}

export interface Suited {
  readonly kind: RecipeKind
  readonly name: Told
  /** Minutes for one sitting: cutting, and the adult's holes where they cannot be made beforehand. */
  readonly minutes: number
  readonly score: number
  readonly because: readonly Told[]
}

const COLOUR_AND_JOIN_MINUTES = 5

/** The recipes ranked for the children, the rung, the minutes and what is to hand, each with its reasons. */
export function rankRecipes(request: SuitsRequest): Suited[] {
  return (Object.keys(RECIPE_KINDS) as RecipeKind[])
    .map((kind) => suit(kind, request))
    .sort((a, b) => b.score - a.score)
}

function suit(kind: RecipeKind, { youngest, children, rung, minutes: there, materials }: SuitsRequest): Suited {
  const recipe: Recipe = { ...usualRecipe(kind), age: youngest, children }
  const { cuttingMinutes, holeMinutes } = amountsFor(recipe)
  const minutes = (kind === 'draw' ? 8 : COLOUR_AND_JOIN_MINUTES + cuttingMinutes) + (kind === 'dough' ? 3 : 0)
  const because: Told[] = []
  let score = 0
  const say = (points: number, reason: Told) => {
    score += points
    because.push(reason)
  }
  const missing = MATERIAL_NEEDS[kind].filter((material) => !materials.includes(material))
  if (missing.length > 0)
    say(-3 * missing.length, told('missing: {0}', inARow(missing.map((id) => asPart(MAKING_MATERIALS[id])))))
  else say(1, told('everything is to hand'))
  if (minutes > there)
    say(
      -Math.min(4, Math.ceil((minutes - there) / 3)),
      told('takes about {0} min, {1} more than there are', minutes, minutes - there),
    )
  else say(1, told('about {0} of the {1} min', minutes, there))
  if (youngest < 6 && cuttingMinutes > 4) say(-1.5, told('{0} min of cutting is long at {1}', cuttingMinutes, youngest))
  if (youngest < 6 && kind === 'dough')
    say(2, told('nothing to cut out but a circle, and hands that small fingers can move'))
  if (kind === 'layered' && youngest < 7) say(-1, told('a pin and three circles ask for older hands'))
  if (kind === 'draw' && ['parts', 'oclock', 'half', 'quarters'].includes(rung))
    say(1, told('placing the numbers oneself is what this step is about'))
  if (kind === 'layered' && ['fives', 'past-fives', 'to-fives', 'minute'].includes(rung))
    say(1.5, told('marks and numbers on circles of their own show the fives'))
  if (kind === 'card' && rung !== 'parts') say(0.5, told('the sturdiest to turn again and again'))
  if (holeMinutes > 10) say(-0.5, told('{0} min of holes for you beforehand', holeMinutes))
  return { kind, name: RECIPE_KINDS[kind].name, minutes, score, because }
}
