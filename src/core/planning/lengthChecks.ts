import { told, type Told, asPart, inARow } from '../wording'
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
      ? told('Fills the {0} minutes exactly.', minutes)
      : over > 0
        ? told('{0} too long for {1}: shorten or take one out.', min(over), minutes)
        : told('{0} left over of {1}: lengthen or add one.', min(-over), minutes)
  return { id: 'time', ok: over === 0, says }
}

/** Whether each step is as long as its activity takes. */
export function checkLengths(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const off = plan.steps.flatMap((step) => {
    const { least, most } = pacedRange(activityOf(step), request.children.length, request.pace)
    // The adult's own word, or what the rest of a begun session was fitted to.
    if (step.locked || step.tookSeconds !== undefined) return []
    if (step.stations) return offRounds(step, step.stations, request)
    if (step.minutes < least) return [told('{0} needs {1} at least', stepName(step), min(least))]
    if (step.minutes > most) return [told('{0} lasts {1} at most', stepName(step), min(most))]
    return []
  })
  return {
    id: 'lengths',
    ok: off.length === 0,
    says:
      off.length === 0
        ? told('Each activity has the time that its rounds take.')
        : told('{0}.', inARow(off.map(asPart), '; ')),
  }
}

/** Activities of stations for which a round is too short or too long. */
function offRounds(step: PlanStep, { teams, list }: Stations, { pace }: SessionRequest): Told[] {
  const round = roundMinutes(step)
  const sizes = [...new Set(teams.map(({ childIds }) => childIds.length))].filter((size) => size > 0)
  return list.map(activityOf).flatMap((activity) => {
    const ranges = sizes.map((size) => pacedRange(activity, size, pace))
    const least = Math.max(...ranges.map((range) => range.least))
    const most = Math.min(...ranges.map((range) => range.most))
    if (round < least)
      return [told('a round of {0} is too short for {1}, which needs {2}', min(round), asPart(activity.name), least)]
    return round > most
      ? [told('a round of {0} is too long for {1}, which lasts {2} at most', min(round), asPart(activity.name), most)]
      : []
  })
}
