import { type Told } from '../wording'
import { hasPaperHands } from './paperHands'
import type { MeasureId, Measures, Recipe } from './recipe'
import { fasteners } from './stock'
import type { MakeCheck, Mend } from './checked'
import { checkApart, checkRatio, checkHourReach, checkMinuteReach, checkWidth } from './handChecks'
import { checkHole, checkLeg, checkPoint } from './holeChecks'
import { checkInk } from './inkChecks'
import { checkBand, checkPage, checkPlate } from './pageChecks'

/** Every measure that can go wrong, each with what, by how much, and the nearest change that mends it. */
export function checkRecipe(recipe: Recipe, m: Measures): MakeCheck[] {
  const fix = (says: Told, measures: Partial<Record<MeasureId, number>>): Mend => ({
    says,
    change: { fixed: { ...recipe.fixed, ...measures } },
  })
  const hands = hasPaperHands(recipe) || recipe.kind === 'dough'
  return [
    checkPage(recipe, m, fix),
    ...(recipe.backing === 'plate' ? [checkPlate(m, fix)] : []),
    ...(hands && recipe.hands !== 'hour' ? [checkMinuteReach(recipe, m, fix)] : []),
    ...(hands && recipe.hands !== 'minute' ? [checkHourReach(recipe, m, fix)] : []),
    ...(hands && (recipe.hands === 'both' || recipe.hands === 'pair')
      ? [checkRatio(m, fix), checkApart(recipe, m, fix)]
      : []),
    ...(hasPaperHands(recipe) ? [checkWidth(recipe, m, fix), checkHole(recipe, m, fix)] : []),
    ...(hands ? [checkLeg(recipe, m, fix)] : []),
    ...(hands && fasteners[recipe.fastener].isSharp ? [checkPoint(recipe, m, fix)] : []),
    ...(recipe.kind === 'layered' ? [checkBand(m, fix)] : []),
    checkInk(recipe),
  ]
}
