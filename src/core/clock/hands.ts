import { asPart } from '../told'
import { told, type Told } from '../told'
import { RefusedValue } from '../errors'
import { MINUTES_PER_HOUR, MINUTES_PER_TURN, minutesPast, modulo, requireMinuteOfDay } from './minutes'
import { HIDING_GAP_DEG, HOUR_HAND_TOLERANCE_DEG } from './tolerances'

/** Degrees clockwise from 12, in [0, 360). The one angle convention of the core. */
export interface HandAngles {
  readonly hour: number
  readonly minute: number
}

export const DEGREES_PER_MINUTE_MINUTE_HAND = 6
export const DEGREES_PER_MINUTE_HOUR_HAND = 0.5
export const DEGREES_PER_HOUR = 30

/**
 * Where both hands stand: minute hand 6 m, hour hand 30 (h mod 12) + 0.5 m.
 *
 * handAngles(510) //=> { hour: 255, minute: 180 }
 */
export function handAngles(minute: number): HandAngles {
  requireMinuteOfDay(minute)
  return {
    hour: (minute % MINUTES_PER_TURN) * DEGREES_PER_MINUTE_HOUR_HAND,
    minute: (minute % 60) * DEGREES_PER_MINUTE_MINUTE_HAND,
  }
}

/** The shortest way from `from` to `to` in degrees, in [-180, 180): positive is clockwise. */
export function signedGap(from: number, to: number): number {
  return modulo(to - from + 180, 360) - 180
}

/**
 * Which time two hands show: the minute hand decides the minutes (to the nearest whole one), and the
 * hour is the one for which the hour hand is least wrong. `minute` is 0 to 719 and `hourHandError`
 * the signed degrees by which the hour hand is ahead (+) or behind (-) of where it should be.
 * Throws RefusedValue for an angle that is not finite; any other angle is taken round the dial.
 *
 * readHands({ hour: 255, minute: 180 }) //=> { minute: 510, hourHandError: 0 }
 * readHands({ hour: 240, minute: 180 }) //=> { minute: 510, hourHandError: -15 }
 */
export function readHands(angles: HandAngles): { minute: number; hourHandError: number } {
  const hourAngle = requireAngle('hour', angles.hour)
  const minutes = modulo(Math.round(requireAngle('minute', angles.minute) / DEGREES_PER_MINUTE_MINUTE_HAND), 60)
  const offset = minutes * DEGREES_PER_MINUTE_HOUR_HAND
  const hour = readHour(hourAngle, offset)
  const expected = hour * DEGREES_PER_HOUR + offset
  return { minute: hour * 60 + minutes, hourHandError: signedGap(expected, hourAngle) }
}

/**
 * The same where the time that was wanted (0 to 719) is known: the hour hand is judged against that time's hour, so
 * that one left on its numeral is behind and not a little ahead of another time. Two hands that agree with each
 * other on another time show that time.
 *
 * readHandsAgainst({ hour: 180, minute: 330 }, 415) //=> { minute: 415, hourHandError: -27.5 }
 * readHandsAgainst({ hour: 177.5, minute: 330 }, 415) //=> { minute: 355, hourHandError: 0 }
 */
export function readHandsAgainst(angles: HandAngles, wanted: number): { minute: number; hourHandError: number } {
  const free = readHands(angles)
  const hour = Math.floor(wanted / MINUTES_PER_HOUR)
  const meant = hour * MINUTES_PER_HOUR + minutesPast(free.minute)
  const error = signedGap(handAngles(meant).hour, modulo(angles.hour, 360))
  const offNumeral = Math.abs(signedGap(hour * DEGREES_PER_HOUR, angles.hour))
  const isParked = offNumeral < Math.abs(free.hourHandError)
  const isAnotherTime = Math.abs(free.hourHandError) <= HOUR_HAND_TOLERANCE_DEG && !isParked
  return isAnotherTime || Math.abs(error) > DEGREES_PER_HOUR ? free : { minute: meant, hourHandError: error }
}

/**
 * An hour hand exactly half an hour from two hours is read as the hour it has passed, as a hand left
 * on its numeral at half past is: parked, not early.
 */
function readHour(hourAngle: number, offset: number): number {
  const exact = (hourAngle - offset) / DEGREES_PER_HOUR
  const tie = Math.abs(modulo(exact, 1) - 0.5) < 1e-9
  return modulo(tie ? Math.ceil(exact) : Math.round(exact), 12)
}

function requireAngle(hand: 'hour' | 'minute', angle: number): number {
  if (!Number.isFinite(angle))
    throw new RefusedValue(told('{0} hand angle', hand), told('a finite number of degrees'), angle)
  return modulo(angle, 360)
}

/**
 * Do the hands hide each other? True within 12 degrees, around each of the 11 meetings of a half day.
 *
 * handsHidden(65) //=> true
 * handsHidden(180) //=> false
 */
export function handsHidden(minute: number): boolean {
  const { hour, minute: long } = handAngles(minute)
  return Math.abs(signedGap(hour, long)) < HIDING_GAP_DEG
}

/**
 * What a hand-set hour hand says by itself, in minutes past the numeral it has left: 0 to 59.
 *
 * hourHandSays(250) //=> 20
 */
export function hourHandSays(hourAngle: number): number {
  return modulo(Math.round(modulo(hourAngle, DEGREES_PER_HOUR) / DEGREES_PER_MINUTE_HOUR_HAND), 60)
}

/**
 * The hour-hand error in words for the table, or undefined where both hands agree.
 *
 * describeHourHandError({ hour: 250, minute: 300 }) is "Your hour hand says about 20 past, your minute hand says 50."
 */
export function describeHourHandError(angles: HandAngles): Told | undefined {
  const { minute, hourHandError } = readHands(angles)
  if (Math.abs(hourHandError) <= HOUR_HAND_TOLERANCE_DEG) return undefined
  const hourSays = hourHandSays(angles.hour)
  const past = hourSays === 0 ? told('exactly o’clock') : told('about {0} past', hourSays)
  const minutes = minute % 60
  return told(
    'Your hour hand says {0}, your minute hand says {1}.',
    asPart(past),
    minutes === 0 ? asPart(told('o’clock')) : minutes,
  )
}
