import { told, asPart } from '../wording'
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
    return { id: 'hole', ok: true, says: told('{0} of paper all round the {1} hole.', inMm(paper), inMm(holeMm)) }
  const need = holeMm + 2 * PAPER_ROUND_HOLE_MM
  return {
    id: 'hole',
    ok: false,
    says: told('Only {0} of paper beside the hole; {1} mm hold.', inMm(Math.max(0, paper)), PAPER_ROUND_HOLE_MM),
    mend: fix(told('Make the hands at least {0} wide', inMm(need)), {
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
      says: told('{0}, {1}: passes the {2} stack and holds.', asPart(name), inMm(m.legMm), inMm(stackMm(recipe))),
    }
  const to = legsMm.find((leg) => leg >= need) ?? Math.ceil(need)
  return {
    id: 'leg',
    ok: false,
    says: told('The leg is {0} too short for a stack of {1}.', inMm(short), inMm(stackMm(recipe))),
    mend: fix(told('Take a leg of {0}', inMm(to)), { legMm: to }),
  }
}

/** Whether a point ends inside the eraser behind it. */
export function checkPoint(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const out = m.legMm - stackMm(recipe) - ERASER_MM
  if (out <= 0.001)
    return { id: 'point', ok: true, says: told('The point ends inside an eraser of {0} mm.', ERASER_MM) }
  const to = fasteners[recipe.fastener].legsMm.find(
    (leg) => leg >= stackMm(recipe) + 3 && leg <= stackMm(recipe) + ERASER_MM,
  )
  const most = tenth(stackMm(recipe) + ERASER_MM)
  return {
    id: 'point',
    ok: false,
    says: told('A bare point: it comes {0} out of an eraser of {1} mm.', inMm(out), ERASER_MM),
    mend: fix(told('Take a pin of {0}', inMm(to ?? most)), { legMm: to ?? most }),
  }
}
