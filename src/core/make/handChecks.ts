import { HOUR_HAND_SHARE } from '../faces'
import type { Measures, Recipe } from './recipe'
import { type Fix, type MakeCheck, inMm } from './checked'
import { tenth } from './partSizes'

const LEAST_RATIO = 0.55
const MOST_RATIO = 0.65

/** Whether the hands can be told apart by their lengths. */
export function checkRatio({ hourHandMm, minuteHandMm }: Measures, fix: Fix): MakeCheck {
  const ratio = hourHandMm / minuteHandMm
  const percent = Math.round(ratio * 100)
  if (ratio >= LEAST_RATIO - 0.002 && ratio <= MOST_RATIO + 0.002)
    return { id: 'ratio', ok: true, says: `The hour hand is ${percent} % of the minute hand.` }
  const to = tenth(minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'ratio',
    ok: false,
    says: `The hour hand is ${percent} % of the minute hand; 55 to 65 % is told apart at a glance.`,
    mend: fix(`Make the hour hand ${inMm(to)}`, { hourHandMm: to }),
  }
}

/** Length, width or a name on the hand: two of these must differ, since colour is not to be needed. */
export function checkApart(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const byLength = m.hourHandMm <= m.minuteHandMm * 0.8
  const byWidth = recipe.kind !== 'dough' && m.hourWidthMm >= m.minuteWidthMm * 1.15
  if (byLength && (byWidth || recipe.handLabels || recipe.kind === 'dough'))
    return { id: 'apart', ok: true, says: 'The hands differ without their colours.' }
  if (byLength)
    return {
      id: 'apart',
      ok: false,
      says: 'The hands differ by length alone.',
      mend: fix(`Make the hour hand ${inMm(m.minuteWidthMm + 4)} wide`, { hourWidthMm: m.minuteWidthMm + 4 }),
    }
  const to = tenth(m.minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'apart',
    ok: false,
    says: 'The hands are nearly of one length.',
    mend: fix(`Make the hour hand ${inMm(to)}`, { hourHandMm: to }),
  }
}
