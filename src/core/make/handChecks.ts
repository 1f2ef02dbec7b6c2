import { asPart, told } from '../wording'
import { HOUR_HAND_SHARE } from '../faces'
import type { Measures, Recipe } from './recipe'
import { type Fix, type MakeCheck, inMm } from './checked'
import { drawnFace } from './drawnFace'
import { fasteners } from './stock'
import { tenth } from '../clock'

const LEAST_RATIO = 0.55
const MOST_RATIO = 0.65

/** Whether the hands can be told apart by their lengths. */
export function checkRatio({ hourHandMm, minuteHandMm }: Measures, fix: Fix): MakeCheck {
  const ratio = hourHandMm / minuteHandMm
  const percent = Math.round(ratio * 100)
  if (ratio >= LEAST_RATIO - 0.002 && ratio <= MOST_RATIO + 0.002)
    return { id: 'ratio', ok: true, says: told('The hour hand is {0} % of the minute hand.', percent) }
  const to = tenth(minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'ratio',
    ok: false,
    says: told('The hour hand is {0} % of the minute hand; 55 to 65 % is told apart at a glance.', percent),
    mend: fix(told('Make the hour hand {0}', inMm(to)), { hourHandMm: to }),
  }
}

/** Length, width or a name on the hand: two of these must differ, since colour is not to be needed. */
export function checkApart(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const byLength = m.hourHandMm <= m.minuteHandMm * 0.8
  const byWidth = recipe.kind !== 'dough' && m.hourWidthMm >= m.minuteWidthMm * 1.15
  if (byLength && (byWidth || recipe.handLabels || recipe.kind === 'dough'))
    return { id: 'apart', ok: true, says: told('The hands differ without their colours.') }
  if (byLength)
    return {
      id: 'apart',
      ok: false,
      says: told('The hands differ by length alone.'),
      mend: fix(told('Make the hour hand {0} wide', inMm(m.minuteWidthMm + 4)), { hourWidthMm: m.minuteWidthMm + 4 }),
    }
  const to = tenth(m.minuteHandMm * HOUR_HAND_SHARE)
  return {
    id: 'apart',
    ok: false,
    says: told('The hands are nearly of one length.'),
    mend: fix(told('Make the hour hand {0}', inMm(to)), { hourHandMm: to }),
  }
}

/** Whether the minute hand reaches the minute marks, and no further. */
export function checkMinuteReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { marksFrom, marksTo, usualReach } = drawnFace(recipe, m)
  const mend = fix(told('Make the minute hand {0}', inMm(usualReach)), { minuteHandMm: tenth(usualReach) })
  if (m.minuteHandMm > marksTo + 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: told('The minute hand reaches {0} beyond the minute marks.', inMm(m.minuteHandMm - marksTo)),
      mend,
    }
  if (m.minuteHandMm < marksFrom - 0.05)
    return {
      id: 'minute-reach',
      ok: false,
      says: told('The minute hand stops {0} short of the minute marks.', inMm(marksFrom - m.minuteHandMm)),
      mend,
    }
  return { id: 'minute-reach', ok: true, says: told('The minute hand reaches the marks and stays on the face.') }
}

/** Whether the hour hand stops short of the numerals. */
export function checkHourReach(recipe: Recipe, m: Measures, fix: Fix): MakeCheck {
  const { numeralsFrom, usualReach } = drawnFace(recipe, m)
  const over = m.hourHandMm - numeralsFrom
  if (over <= 0.05) return { id: 'hour-reach', ok: true, says: told('The hour hand stops short of the numbers.') }
  const to = Math.min(usualReach * HOUR_HAND_SHARE, numeralsFrom)
  return {
    id: 'hour-reach',
    ok: false,
    says: told('The hour hand reaches {0} into the numbers.', inMm(over)),
    mend: fix(told('Make the hour hand {0}', inMm(to)), { hourHandMm: tenth(to) }),
  }
}

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
      says: told(
        'The hands are {0} wide: enough for small scissors and for what holds them ({1}).',
        inMm(narrow),
        asPart(fasteners[recipe.fastener].name),
      ),
    }
  return {
    id: 'width',
    ok: false,
    says: told('The narrowest hand is {0} too narrow: it tears.', inMm(need - narrow)),
    mend: fix(told('Make the hands at least {0} wide', inMm(need)), {
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
