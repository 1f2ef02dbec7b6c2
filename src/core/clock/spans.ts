import { told } from '../told'
import { requireInteger } from '../errors'
import { MINUTES_PER_DAY, MINUTES_PER_HOUR, type MinuteOfDay, modulo, requireMinuteOfDay, shiftTime } from './minutes'

/** One stretch that a child can count: from a time to a later one. */
export interface Jump {
  readonly from: MinuteOfDay
  readonly to: MinuteOfDay
  readonly minutes: number
}

/**
 * How long it is between two times, as jumps a child can do: to the next whole hour, whole hours,
 * then the rest. A `to` before `from` is on the next day; the same time twice is no time at all.
 *
 * countJumps(515, 790).minutes //=> 275
 * countJumps(515, 790).jumps.map((jump) => jump.minutes) //=> [25, 240, 10]
 */
export function countJumps(from: MinuteOfDay, to: MinuteOfDay): { minutes: number; jumps: Jump[] } {
  requireMinuteOfDay(from, told('from'))
  requireMinuteOfDay(to, told('to'))
  const minutes = modulo(to - from, MINUTES_PER_DAY)
  const toWholeHour = Math.min(minutes, modulo(-from, MINUTES_PER_HOUR))
  const wholeHours = Math.floor((minutes - toWholeHour) / MINUTES_PER_HOUR) * MINUTES_PER_HOUR
  const rest = minutes - toWholeHour - wholeHours
  const jumps: Jump[] = []
  let at = from
  for (const length of [toWholeHour, wholeHours, rest]) {
    if (length === 0) continue
    const next = shiftTime(at, length).minute
    jumps.push({ from: at, to: next, minutes: length })
    at = next
  }
  return { minutes, jumps }
}

/**
 * When to start so that all `steps` (minutes each, 0 or more) are done at the deadline: the steps are
 * added first, then the sum is taken away. `dayShift` is -1, -2 … where the start is on an earlier day.
 *
 * workBack(560, [12, 8, 20]) //=> { start: 520, dayShift: 0, total: 40 }
 */
export function workBack(
  deadline: MinuteOfDay,
  steps: readonly number[],
): { start: MinuteOfDay; dayShift: number; total: number } {
  const total = steps.reduce((sum, step, i) => sum + requireInteger(told('steps[{0}]', i), step, 0, 100_000), 0)
  const { minute, dayShift } = shiftTime(requireMinuteOfDay(deadline, told('deadline')), -total)
  return { start: minute, dayShift, total }
}
