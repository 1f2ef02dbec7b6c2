import { MINUTES_PER_DAY, modulo, onDial } from '../clock'
import { type Random, shuffled } from '../random'
import { hasDialTimes, type Item, type Lure, rungTimes } from './items'
import { CLOCK_PARTS } from './shown'
import { durationOf, minutesOfDuration, type Value } from './values'

/**
 * Wrong answers of the same kind that no misreading leads to, in a drawn order: other times of the rung, other
 * lengths, …
 */
export function neighbours(random: Random, item: Item): Lure[] {
  return shuffled(random, near(item)).map((value): Lure => ({ value }))
}

const NEAR_MINUTES = [-60, -30, -20, -15, -10, -5, 5, 10, 15, 20, 30, 60]

/**
 * For the 24-hour rung, the time ten hours away instead of twelve. For the halves of the day, the hour before or
 * after, in either half.
 */
const TEN_OFF = [-600, 600, -60, 60, 120]
const HOUR_OFF = [-60, 60, 660, 780]

function near({ rung, answer }: Item): Value[] {
  switch (answer.kind) {
    case 'minutes':
      return rungTimes(rung, { hiddenHands: true }).map((minute) => ({ kind: 'minutes', minutes: minute % 60 }))
    case 'about':
      return rungTimes(rung, { hiddenHands: true }).map((minute) => ({ kind: 'about', minute: onDial(minute) }))
    case 'time': {
      const times = hasDialTimes(rung)
        ? rungTimes(rung, { hiddenHands: true })
        : NEAR_MINUTES.map((by) => answer.minute + by)
      return times.map((minute) => ({ kind: 'time', minute: onDial(minute) }))
    }
    case 'duration':
      return NEAR_MINUTES.map((by) => minutesOfDuration(answer) + by)
        .filter((minutes) => minutes > 0)
        .map(durationOf)
    case 'day':
      return (rung === 'day-24' ? TEN_OFF : HOUR_OFF).map((by) => ({
        kind: 'day',
        minute: modulo(answer.minute + by, MINUTES_PER_DAY),
      }))
    case 'part':
      return CLOCK_PARTS.map((part) => ({ kind: 'part', part }))
    case 'hands':
    case 'written':
      return []
  }
}
