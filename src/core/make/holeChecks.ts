import type { Measures, Recipe } from './recipe'
import { stackMm } from './solve'
import { ERASER_MM, fasteners, PAPER_ROUND_HOLE_MM } from './stock'
import { type Fix, type MakeCheck, inMm } from './checked'
import { narrowest } from './handChecks'
import { tenth } from '../clock'

/** Whether enough paper is left beside the hole. */
export function checkHole(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { holeMm } = fasteners[recipe.fastener]
  const paper = (narrowest(recipe, m) - holeMm) / 2
  if (paper >= PAPER_ROUND_HOLE_MM - 0.05)
    return { id: 'hole', ok: true, says: `${inMm(paper)} of paper all round the ${inMm(holeMm)} hole.` }
  const need = holeMm + 2 * PAPER_ROUND_HOLE_MM
  return {
    id: 'hole',
    ok: false,
    says: `Only ${inMm(Math.max(0, paper))} of paper beside the hole; ${PAPER_ROUND_HOLE_MM} mm hold.`,
    mend: fix(`Make the hands at least ${inMm(need)} wide`, {
      minuteWidthMm: Math.max(need, m.minuteWidthMm),
      hourWidthMm: Math.max(need, m.hourWidthMm),
    }),
  }
}

/** Whether the leg of the fastener passes the stack and holds. */
export function checkLeg(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { name, beyondStackMm, legsMm } = fasteners[recipe.fastener]
  const need = stackMm(recipe) + beyondStackMm
  const short = need - m.legMm
  if (short <= 0.001)
    return {
      id: 'leg',
      ok: true,
      says: `${name}, ${inMm(m.legMm)}: passes the ${inMm(stackMm(recipe))} stack and holds.`,
    }
  const to = legsMm.find((leg) => leg >= need) ?? Math.ceil(need)
  return {
    id: 'leg',
    ok: false,
    says: `The leg is ${inMm(short)} too short for a stack of ${inMm(stackMm(recipe))}.`,
    mend: fix(`Take a leg of ${inMm(to)}`, { legMm: to }),
  }
}

/** Whether a point ends inside the eraser behind it. */
export function checkPoint(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const out = m.legMm - stackMm(recipe) - ERASER_MM
  if (out <= 0.001) return { id: 'point', ok: true, says: `The point ends inside an eraser of ${ERASER_MM} mm.` }
  const to = fasteners[recipe.fastener].legsMm.find(
    (leg) => leg >= stackMm(recipe) + 3 && leg <= stackMm(recipe) + ERASER_MM,
  )
  const most = tenth(stackMm(recipe) + ERASER_MM)
  return {
    id: 'point',
    ok: false,
    says: `A bare point: it comes ${inMm(out)} out of an eraser of ${ERASER_MM} mm.`,
    mend: fix(`Take a pin of ${inMm(to ?? most)}`, { legMm: to ?? most }),
  }
}
