import {
  DEGREES_PER_HOUR,
  HAND_SET_TOLERANCE_DEG,
  type HandAngles,
  HOUR_HAND_TOLERANCE_DEG,
  MINUTES_PER_HOUR,
  readHands,
  readHandsAgainst,
  signedGap,
} from '../clock'
import { decimalsIn, languages, say, type Wording } from '../wording'

/**
 * What two freely set hands say; with `wanted` (0 to 719), judged against the time that was to be set.
 *
 * sayHands({ hour: 180, minute: 330 }, { language: 'en-GB', form: 'turns' }, 415) //=> 'five to seven, hour hand left on 6 (27.5° behind)'
 */
export function sayHands(hands: HandAngles, wording: Wording, wanted?: number): string {
  const { minute, hourHandError } = wanted === undefined ? readHands(hands) : readHandsAgainst(hands, wanted)
  const said = say(minute, wording)
  const off = Math.abs(hourHandError)
  if (off <= HOUR_HAND_TOLERANCE_DEG) return said
  const degrees = decimalsIn(wording, String(Math.round(off * 2) / 2))
  const numeral = Math.floor(minute / MINUTES_PER_HOUR)
  const isParked = Math.abs(signedGap(numeral * DEGREES_PER_HOUR, hands.hour)) < HAND_SET_TOLERANCE_DEG / 2
  const { behind, ahead, leftOn } = languages[wording.language].phrases.hourHandOff
  if (isParked) return leftOn(said, numeral || 12, degrees)
  return hourHandError < 0 ? behind(said, degrees) : ahead(said, degrees)
}
