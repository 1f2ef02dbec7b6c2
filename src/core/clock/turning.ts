import { type MinuteOfDay, MINUTES_PER_DAY, modulo, requireMinuteOfDay } from './minutes'
import { DEGREES_PER_MINUTE_HOUR_HAND, DEGREES_PER_MINUTE_MINUTE_HAND, handAngles, signedGap } from './hands'

/**
 * A geared clock after one of its hands was turned to an angle (degrees clockwise from 12), the shorter
 * way round; both hands have moved together. The time lands on a multiple of `step` minutes and is
 * carried through the hour, noon and midnight. `step` is a whole number of minutes, 1 to 60.
 *
 * turnGeared(595, 'minute', 12, 1) //=> 602
 * turnGeared(10, 'minute', 342, 1) //=> 1437
 * turnGeared(690, 'hour', 5, 5) //=> 730
 */
export function turnGeared(minute: MinuteOfDay, hand: 'hour' | 'minute', angle: number, step: number): MinuteOfDay {
  requireMinuteOfDay(minute)
  const perMinute = hand === 'minute' ? DEGREES_PER_MINUTE_MINUTE_HAND : DEGREES_PER_MINUTE_HOUR_HAND
  const moved = minute + signedGap(handAngles(minute)[hand], angle) / perMinute
  return modulo(Math.round(moved / step) * step, MINUTES_PER_DAY)
}

/** The angle of the practised step that is nearest, in [0, 360): where a free minute hand clicks in. */
export function snapMinuteHand(angle: number, step: number): number {
  const degrees = step * DEGREES_PER_MINUTE_MINUTE_HAND
  return modulo(Math.round(angle / degrees) * degrees, 360)
}
