import { type Activity, activityOf } from '../activities'
import type { PlanStep, SessionPlan, Stations } from './types'

/* What a step with stations is, for whoever reads a plan; `stations.ts` makes them. */

/** Walking on and settling down. */
export const CHANGE_MINUTES = 1

/** The minutes of one round of a step with stations; what is left over stands at the beginning, for settling down. */
export function roundMinutes({ minutes, stations }: Pick<PlanStep, 'minutes' | 'stations'>): number {
  const count = stations?.list.length ?? 1
  return Math.floor((minutes - (count - 1) * CHANGE_MINUTES) / count)
}

/** When each round begins, in minutes after the step does. */
export function roundStarts(step: Pick<PlanStep, 'minutes' | 'stations'>): number[] {
  const count = step.stations?.list.length ?? 0
  const round = roundMinutes(step)
  const settling = step.minutes - count * round - Math.max(0, count - 1) * CHANGE_MINUTES
  return Array.from({ length: count }, (_, i) => settling + i * (round + CHANGE_MINUTES))
}

/** The station at which a team is in a round, all counted from 0: each moves on to the next one. */
export function stationAt({ list }: Pick<Stations, 'list'>, team: number, round: number): number {
  return (team + round) % list.length
}

/** The activities of a step: those of its stations, or its own. */
export function activitiesOf(step: PlanStep): Activity[] {
  return step.stations ? step.stations.list.map(activityOf) : [activityOf(step)]
}

interface HeldSession {
  readonly id: string
  readonly doneAt: number | null
  readonly recipeId: string | null
  readonly plan: SessionPlan
}

/**
 * Whether the group has clocks to turn: from an earlier session in which they were made, or that had a clock of ours.
 */
export function haveClocks(sessions: readonly HeldSession[], at: Pick<HeldSession, 'id'> | null): boolean {
  return sessions.some(
    ({ id, doneAt, recipeId, plan }) =>
      id !== at?.id &&
      doneAt !== null &&
      (recipeId !== null || plan.steps.flatMap(activitiesOf).some(({ prints }) => prints === 'paper-clock')),
  )
}
