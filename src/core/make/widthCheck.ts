import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'
import { type Fix, type MakeCheck, inMm } from './checked'

const YOUNG_HANDS_MM = 12
const YOUNG = 8

/** Whether the hands are wide enough for their fastener and for young scissors. */
export function checkWidth(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const young = recipe.age < YOUNG ? YOUNG_HANDS_MM : 0
  const need = Math.max(young, fasteners[recipe.fastener].leastHandMm)
  const narrow = narrowest(recipe, m)
  if (narrow >= need - 0.05)
    return {
      id: 'width',
      ok: true,
      says: `Hands ${inMm(narrow)} wide hold the ${fasteners[recipe.fastener].name.toLowerCase()} and small scissors.`,
    }
  return {
    id: 'width',
    ok: false,
    says: `The narrowest hand is ${inMm(need - narrow)} too narrow: it tears.`,
    mend: fix(`Make the hands at least ${inMm(need)} wide`, {
      minuteWidthMm: Math.max(need, m.minuteWidthMm),
      hourWidthMm: Math.max(need, m.hourWidthMm),
    }),
  }
}

/** How wide the narrowest hand of the clock is, mm. */
export function narrowest({ hands }: Recipe, { minuteWidthMm, hourWidthMm }: Measures): number {
  if (hands === 'hour') return hourWidthMm
  return hands === 'minute' ? minuteWidthMm : Math.min(minuteWidthMm, hourWidthMm)
}
