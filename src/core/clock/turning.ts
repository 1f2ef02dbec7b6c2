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

/**
 * The same for the second hand (0 to 59): turned over 12 it takes the minute with it, as on a real clock.
 *
 * turnSecondHand({ minute: 719, second: 55 }, 30) //=> { minute: 720, second: 5 }
 * turnSecondHand({ minute: 0, second: 5 }, 330) //=> { minute: 1439, second: 55 }
 */
export function turnSecondHand(
  at: { minute: MinuteOfDay; second: number },
  angle: number,
): { minute: MinuteOfDay; second: number } {
  requireMinuteOfDay(at.minute)
  const moved =
    at.second +
    Math.round(signedGap(at.second * DEGREES_PER_MINUTE_MINUTE_HAND, angle) / DEGREES_PER_MINUTE_MINUTE_HAND)
  return { minute: modulo(at.minute + Math.floor(moved / 60), MINUTES_PER_DAY), second: modulo(moved, 60) }
}

/**
 * How many midnights a clock passed when it was turned from one time to another the shorter way round:
 * 1 forward, -1 back, 0 within the day.
 *
 * midnightsPassed(1430, 20) //=> 1
 * midnightsPassed(20, 1430) //=> -1
 * midnightsPassed(700, 730) //=> 0
 */
export function midnightsPassed(before: MinuteOfDay, after: MinuteOfDay): -1 | 0 | 1 {
  const moved = modulo(after - before + MINUTES_PER_DAY / 2, MINUTES_PER_DAY) - MINUTES_PER_DAY / 2
  if (moved > 0 && after < before) return 1
  return moved < 0 && after > before ? -1 : 0
}
