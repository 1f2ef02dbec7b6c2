import { activityOf } from '../activities'
import { pacedRange } from './pace'
import { roundMinutes } from './rounds'
import type { PlanStep, SessionPlan, Stations } from './types'
import type { SessionRequest } from './request'
import { min, stepName, type PlanCheck } from './planCheck'

export function plannedMinutes(plan: SessionPlan): number {
  return plan.steps.reduce((sum, step) => sum + step.minutes, 0)
}

/** Whether the steps fill the time that there is. */
export function checkTime(plan: SessionPlan, { minutes }: SessionRequest): PlanCheck {
  const over = plannedMinutes(plan) - minutes
  const says =
    over === 0
      ? `Fills the ${minutes} minutes exactly.`
      : over > 0
        ? `${min(over)} too long for ${minutes}: shorten or take one out.`
        : `${min(-over)} left over of ${minutes}: lengthen or add one.`
  return { id: 'time', ok: over === 0, says }
}

/** Whether each step is as long as its activity takes. */
export function checkLengths(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const off = plan.steps.flatMap((step) => {
    const { least, most } = pacedRange(activityOf(step), request.children.length, request.pace)
    // The adult's own word, or what the rest of a begun session was fitted to.
    if (step.locked || step.tookSeconds !== undefined) return []
    if (step.stations) return offRounds(step, step.stations, request)
    if (step.minutes < least) return [`${stepName(step)} needs ${min(least)} at least`]
    if (step.minutes > most) return [`${stepName(step)} lasts ${min(most)} at most`]
    return []
  })
  return {
    id: 'lengths',
    ok: off.length === 0,
    says: off.length === 0 ? 'Each activity has the time that its rounds take.' : `${off.join('; ')}.`,
  }
}

/** Activities of stations for which a round is too short or too long. */
function offRounds(step: PlanStep, { teams, list }: Stations, { pace }: SessionRequest): string[] {
  const round = roundMinutes(step)
  const sizes = [...new Set(teams.map(({ childIds }) => childIds.length))].filter((size) => size > 0)
  return list.map(activityOf).flatMap((activity) => {
    const ranges = sizes.map((size) => pacedRange(activity, size, pace))
    const least = Math.max(...ranges.map((range) => range.least))
    const most = Math.min(...ranges.map((range) => range.most))
    if (round < least) return [`a round of ${min(round)} is too short for ${activity.name}, which needs ${least}`]
    return round > most
      ? [`a round of ${min(round)} is too long for ${activity.name}, which lasts ${most} at most`]
      : []
  })
}
