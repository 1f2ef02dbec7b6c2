import { told } from '../told'
import { requireInteger } from '../errors'

/** Minutes since midnight: an integer in [0, 1440). */
export type MinuteOfDay = number

export const MINUTES_PER_HOUR = 60
export const MINUTES_PER_TURN = 12 * MINUTES_PER_HOUR
export const MINUTES_PER_DAY = 2 * MINUTES_PER_TURN

/**
 * The remainder that is never negative.
 *
 * modulo(-1, 60) //=> 59
 */
export function modulo(value: number, size: number): number {
  return ((value % size) + size) % size
}

/** Throws RefusedValue unless `minute` is an integer in [0, 1440). */
export function requireMinuteOfDay(minute: number, field = told('minuteOfDay')): MinuteOfDay {
  return requireInteger(field, minute, 0, MINUTES_PER_DAY - 1)
}

/**
 * Minutes since midnight of an hour (0 to 23) and a minute (0 to 59).
 *
 * timeAt(16, 5) //=> 965
 */
export function timeAt(hour: number, minute: number): MinuteOfDay {
  return requireInteger(told('hour'), hour, 0, 23) * 60 + requireInteger(told('minute'), minute, 0, 59)
}

/**
 * The hour as a dial names it, 1 to 12.
 *
 * dialHour(0) //=> 12
 * dialHour(965) //=> 4
 */
export function dialHour(minute: MinuteOfDay): number {
  return Math.floor(modulo(minute, MINUTES_PER_TURN) / 60) || 12
}

/**
 * The minutes past the hour, 0 to 59.
 *
 * minutesPast(965) //=> 5
 */
export function minutesPast(minute: MinuteOfDay): number {
  return modulo(minute, MINUTES_PER_HOUR)
}

/**
 * The time as a dial can show it, 0 to 719: noon and midnight are one.
 *
 * onDial(965) //=> 245
 */
export function onDial(minute: number): number {
  return modulo(minute, MINUTES_PER_TURN)
}

/**
 * Moves a time by whole minutes, forward or back, and says how many midnights were passed.
 *
 * shiftTime(1430, 20) //=> { minute: 10, dayShift: 1 }
 * shiftTime(5, -10) //=> { minute: 1435, dayShift: -1 }
 */
export function shiftTime(minute: MinuteOfDay, by: number): { minute: MinuteOfDay; dayShift: number } {
  requireMinuteOfDay(minute)
  const moved = minute + requireInteger(told('by'), by, -1_000_000, 1_000_000)
  return { minute: modulo(moved, MINUTES_PER_DAY), dayShift: Math.floor(moved / MINUTES_PER_DAY) }
}
