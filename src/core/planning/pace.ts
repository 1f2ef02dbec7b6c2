import { told, type Told, asPart } from '../wording'
import type { ActivityId } from '../ids'
import { type Activity, type DurationRange, durationRange } from '../activities'
import type { Pace, PaceFactor } from './request'
import type { SessionPlan } from './types'

/* How long things really take a group, beside what the catalogue says. */

/** One activity as it was held: how long the catalogue says that it takes, and how long it took. */
export interface Timing {
  readonly activityId: ActivityId
  readonly plannedMinutes: number
  readonly tookMinutes: number
}

/**
 * How much longer than planned things take, as a normal distribution of the logarithm: most groups lie between two
 * thirds and one and a half times the catalogue, an activity differs by a quarter from what is usual in its group, and
 * one time from another by a quarter. The figures are our own careful guesses, to be mended by what is measured.
 */
export const PACE = { groupSd: 0.25, activitySd: 0.22, timeSd: 0.22 } as const

/** Longer or shorter than this something else happened: a fire drill, a timer that was forgotten. */
const LEAST_RATIO = 0.25
const MOST_RATIO = 4

/** Half the width of a band that holds 80 % of a normal distribution, in standard deviations. */
const BAND_80 = 1.2816

function factorOf(mean: number, variance: number): PaceFactor {
  const half = BAND_80 * Math.sqrt(variance)
  return { factor: Math.exp(mean), low: Math.exp(mean - half), high: Math.exp(mean + half) }
}

/**
 * The pace of a group from what was timed: a normal model of log(took / planned) with two levels, the group and the
 * activity in it (as in Gelman and Hill 2007, "Data Analysis Using Regression and Multilevel/Hierarchical Models",
 * chapter 12), its variances as in PACE. Whatever took less than a quarter or more than four times of what was planned
 * is left out.
 */
export function paceOf(timings: readonly Timing[]): Pace {
  const counted = timings.filter(({ plannedMinutes, tookMinutes }) => {
    const ratio = tookMinutes / plannedMinutes
    return plannedMinutes > 0 && ratio >= LEAST_RATIO && ratio <= MOST_RATIO
  })
  const byId = new Map<ActivityId, number[]>()
  for (const { activityId, plannedMinutes, tookMinutes } of counted)
    byId.set(activityId, [...(byId.get(activityId) ?? []), Math.log(tookMinutes / plannedMinutes)])
  const [groupVar, activityVar, timeVar] = [PACE.groupSd ** 2, PACE.activitySd ** 2, PACE.timeSd ** 2]
  const means = [...byId].map(([id, logs]) => ({
    id,
    times: logs.length,
    mean: logs.reduce((sum, each) => sum + each, 0) / logs.length,
    variance: timeVar / logs.length,
  }))
  // Each activity tells of the group as surely as its own spread and its number of times allow.
  const weights = means.map(({ variance }) => 1 / (activityVar + variance))
  const precision = 1 / groupVar + weights.reduce((sum, each) => sum + each, 0)
  const group = means.reduce((sum, { mean }, i) => sum + mean * (weights[i] ?? 0), 0) / precision
  const byActivity = means.map(({ id, times, mean, variance }) => {
    const own = 1 / variance
    const shared = 1 / (activityVar + 1 / precision)
    const at = (mean * own + group * shared) / (own + shared)
    return [id, { ...factorOf(at, 1 / (own + shared) + timeVar), times }] as const
  })
  return {
    usual: factorOf(group, 1 / precision + activityVar + timeVar),
    byActivity: Object.fromEntries(byActivity),
  }
}

/**
 * What was timed in sessions that were held, the earliest first. A plan that was made with the pace known by then gave
 * an activity more minutes for the same rounds: so its minutes are taken back to the catalogue's before they are
 * compared.
 */
export function timingsOf(plans: readonly SessionPlan[]): Timing[] {
  const timings: Timing[] = []
  for (const { steps } of plans) {
    const pace = paceOf(timings)
    const held = steps.flatMap(({ activityId, minutes, tookSeconds }) =>
      tookSeconds === undefined
        ? []
        : [{ activityId, plannedMinutes: minutes / factorFor(activityId, pace), tookMinutes: tookSeconds / 60 }],
    )
    timings.push(...held)
  }
  return timings
}

/** How much longer than the catalogue says an activity takes this group; 1 where nothing was timed yet. */
export function factorFor(activityId: ActivityId, pace: Pace | undefined): number {
  if (!pace || Object.keys(pace.byActivity).length === 0) return 1
  return pace.byActivity[activityId]?.factor ?? pace.usual.factor
}

/** The lengths of an activity as this group takes them, whole minutes; the catalogue's own where no pace is known. */
export function pacedRange(activity: Activity, players: number, pace: Pace | undefined): DurationRange {
  const range = durationRange(activity, players)
  const factor = factorFor(activity.id, pace)
  const paced = (minutes: number) => Math.max(1, Math.round(minutes * factor - 1e-9))
  return { least: paced(range.least), usual: paced(range.usual), most: paced(range.most) }
}

/** "Match cards take you 11 min, not 9"; undefined where it makes no difference of a minute. */
export function paceInWords(activity: Activity, players: number, pace: Pace | undefined): Told | undefined {
  const own = pace?.byActivity[activity.id]
  if (!own) return undefined
  const [catalogue, yours] = [durationRange(activity, players).usual, pacedRange(activity, players, pace).usual]
  if (catalogue === yours) return undefined
  const name = asPart(activity.name)
  return own.times === 1
    ? told('{0}: it takes you {1} min, not {2} (timed once).', name, yours, catalogue)
    : told('{0}: it takes you {1} min, not {2} (timed {3} times).', name, yours, catalogue, own.times)
}

/** How far off the minutes of one held session were. */
export interface PlanError {
  /** How many of its steps were timed. */
  readonly steps: number
  /** Their minutes as planned and as they were, together. */
  readonly planned: number
  readonly real: number
  /** By how many minutes a step differed from its plan, on average. */
  readonly minutesOff: number
  /** The same as a share of the minutes that were planned for those steps. */
  readonly share: number
}

/** How far off a session's plan was, by the steps that were timed; undefined where none was. */
export function planError({ steps }: Pick<SessionPlan, 'steps'>): PlanError | undefined {
  const timed = steps.flatMap(({ minutes, tookSeconds }) =>
    tookSeconds === undefined ? [] : [{ minutes, took: tookSeconds / 60, off: Math.abs(tookSeconds / 60 - minutes) }],
  )
  if (timed.length === 0) return undefined
  const off = timed.reduce((sum, each) => sum + each.off, 0)
  const planned = timed.reduce((sum, { minutes }) => sum + minutes, 0)
  const real = timed.reduce((sum, { took }) => sum + took, 0)
  return { steps: timed.length, planned, real, minutesOff: off / timed.length, share: off / planned }
}
