import { told } from '../told'
import { RefusedValue } from '../errors'
import { MINUTES_PER_DAY, type MinuteOfDay, requireMinuteOfDay } from './minutes'

/**
 * The nearest multiple of `step` minutes, a tie going up, carried through the hour, noon and the day.
 * `step` is a whole number of minutes that divides a day (1, 5, 15, 30, 60 …).
 *
 * roundToStep(1438, 5) //=> { minute: 0, dayShift: 1 }
 * roundToStep(722, 5) //=> { minute: 720, dayShift: 0 }
 */
export function roundToStep(minute: MinuteOfDay, step: number): { minute: MinuteOfDay; dayShift: -1 | 0 | 1 } {
  requireMinuteOfDay(minute)
  if (!Number.isInteger(step) || step < 1 || MINUTES_PER_DAY % step !== 0)
    throw new RefusedValue(told('step'), told('a whole number of minutes that divides a day'), step)
  const rounded = Math.round(minute / step) * step
  return rounded === MINUTES_PER_DAY ? { minute: 0, dayShift: 1 } : { minute: rounded, dayShift: 0 }
}

/**
 * A figure as it is told: to the nearest tenth.
 *
 * tenth(2.349) //=> 2.3
 */
export function tenth(value: number): number {
  return Math.round(value * 10) / 10
}

/**
 * The next whole five minutes after a minute of the day, 23:55 at the latest.
 *
 * nextFive(600) //=> 605
 * nextFive(1438) //=> 1435
 */
export function nextFive(minute: MinuteOfDay): MinuteOfDay {
  return Math.min(1435, Math.ceil((requireMinuteOfDay(minute) + 1) / 5) * 5)
}
