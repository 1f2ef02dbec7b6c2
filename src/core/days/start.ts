import { told, asPart } from '../wording'
import {
  type Jump,
  MINUTES_PER_DAY,
  MINUTES_PER_HOUR,
  type MinuteOfDay,
  minutesPast,
  modulo,
  requireMinuteOfDay,
  shiftTime,
  workBack,
} from '../clock'
import { RefusedValue, requireInteger } from '../errors'
import { LONGEST_STEP, MOST_BUFFER, MOST_START_STEPS, type StartPlan, type StartStep } from './types'

/** A step of getting ready, with when it begins and ends. */
export interface TimedStartStep extends StartStep {
  readonly from: MinuteOfDay
  readonly to: MinuteOfDay
}

export interface WorkedStart {
  readonly start: MinuteOfDay
  /** -1 where the start is on the day before. */
  readonly dayShift: number
  /** Minutes of all steps and what is spared. */
  readonly total: number
  readonly steps: readonly TimedStartStep[]
  /** From the deadline back to the start, in the order in which a child takes them. */
  readonly jumps: readonly Jump[]
  /** The same sum done forwards again: "does it make sense?" */
  readonly proof: MinuteOfDay
}

/**
 * When to start: the steps and the minutes to spare are added, then taken from the deadline through whole hours.
 * Throws RefusedValue, which names the step, for what is no plan.
 *
 * startOf({ what: 'ferry', deadline: 560, steps: [{ what: 'walk', minutes: 40 }], buffer: 0 }).start //=> 520
 */
export function startOf({ deadline, steps, buffer }: StartPlan): WorkedStart {
  requireMinuteOfDay(deadline, told('deadline'))
  requireInteger(told('minutes to spare'), buffer, 0, MOST_BUFFER)
  if (steps.length < 1 || steps.length > MOST_START_STEPS)
    throw new RefusedValue(told('steps'), told('1 to {0} of them', MOST_START_STEPS), steps.length)
  steps.forEach(({ what, minutes }, i) =>
    requireInteger(told('minutes of {0}', what || `step ${i + 1}`), minutes, 1, LONGEST_STEP),
  )
  const { start, dayShift, total } = workBack(deadline, [...steps.map(({ minutes }) => minutes), buffer])
  if (total >= MINUTES_PER_DAY)
    throw new RefusedValue(told('steps'), told('shorter than a day together'), asPart(told('{0} minutes', total)))
  let at = start
  const timed = steps.map((step): TimedStartStep => {
    const from = at
    at = shiftTime(at, step.minutes).minute
    return { ...step, from, to: at }
  })
  return {
    start,
    dayShift,
    total,
    steps: timed,
    jumps: jumpsBack(deadline, total),
    proof: shiftTime(at, buffer).minute,
  }
}

/**
 * So many minutes taken from a time, as jumps that a child can do: back to the whole hour, whole hours, then the rest.
 * Each jump is told backwards, from the later time to the earlier one.
 *
 * jumpsBack(560, 40).map((jump) => jump.minutes) //=> [20, 20]
 */
export function jumpsBack(deadline: MinuteOfDay, minutes: number): Jump[] {
  requireMinuteOfDay(deadline, told('deadline'))
  requireInteger(told('minutes'), minutes, 0, MINUTES_PER_DAY - 1)
  const toHour = Math.min(minutes, minutesPast(deadline))
  const hours = Math.floor((minutes - toHour) / MINUTES_PER_HOUR) * MINUTES_PER_HOUR
  const jumps: Jump[] = []
  let from = deadline
  for (const length of [toHour, hours, minutes - toHour - hours]) {
    if (length === 0) continue
    const to = modulo(from - length, MINUTES_PER_DAY)
    jumps.push({ from, to, minutes: length })
    from = to
  }
  return jumps
}

/** The same plan started at another time: how many minutes are to spare then; below 0 it is too late by so many. */
export function slackAt(plan: StartPlan, start: MinuteOfDay): number {
  const worked = startOf({ ...plan, buffer: 0 })
  const half = MINUTES_PER_DAY / 2
  return modulo(worked.start - requireMinuteOfDay(start, told('start')) + half, MINUTES_PER_DAY) - half
}
