import { HOUR_HAND_SHARE } from '../faces'
import { drawnFace } from './drawnFace'
import type { Measures, Recipe } from './recipe'
import { type Fix, type MakeCheck, inMm } from './checked'
import { tenth } from './partSizes'

/** Whether the minute hand reaches the minute marks, and no further. */
export function checkMinuteReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { marksFrom, marksTo, usualReach } = drawnFace(recipe, m)
  const mend = fix(`Make the minute hand ${inMm(usualReach)}`, { minuteHandMm: tenth(usualReach) })
  if (m.minuteHandMm > marksTo + 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: `The minute hand reaches ${inMm(m.minuteHandMm - marksTo)} beyond the minute marks.`,
      mend,
    }
  if (m.minuteHandMm < marksFrom - 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: `The minute hand stops ${inMm(marksFrom - m.minuteHandMm)} short of the minute marks.`,
      mend,
    }
  return { id: 'minute-reach', ok: true, says: 'The minute hand reaches the marks and stays on the face.' }
}

/** Whether the hour hand stops short of the numerals. */
export function checkHourReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { numeralsFrom, usualReach } = drawnFace(recipe, m)
  const over = m.hourHandMm - numeralsFrom
  if (over <= 0.05) return { id: 'hour-reach', ok: true, says: 'The hour hand stops short of the numerals.' }
  const to = Math.min(usualReach * HOUR_HAND_SHARE, numeralsFrom)
  return {
    id: 'hour-reach',
    ok: false,
    says: `The hour hand reaches ${inMm(over)} into the numerals.`,
    mend: fix(`Make the hour hand ${inMm(to)}`, { hourHandMm: tenth(to) }),
  }
}
