import { type Told } from '../wording'
import { type CautionId, cautions } from '../make'
import { type MinuteOfDay, shiftTime } from '../clock'
import { activitiesOf } from './rounds'
import type { PlanStep, SessionPlan } from './types'

export interface TimedStep {
  readonly step: PlanStep
  readonly start: MinuteOfDay
  readonly end: MinuteOfDay
}

/** When each step starts and ends, minutes since midnight. */
export function timeline(plan: SessionPlan, start: MinuteOfDay): TimedStep[] {
  let at = start
  return plan.steps.map((step) => {
    const begun = at
    at = shiftTime(at, step.minutes).minute
    return { step, start: begun, end: at }
  })
}

/** The cautions of a plan's activities, each once, in the order in which they first apply. */
export function planCautions(plan: SessionPlan): { id: CautionId; text: Told; for: Told[] }[] {
  const found = new Map<CautionId, Told[]>()
  for (const step of plan.steps) {
    for (const activity of activitiesOf(step))
      for (const id of activity.cautions) found.set(id, [...(found.get(id) ?? []), activity.name])
  }
  return [...found].map(([id, names]) => ({ id, text: cautions[id], for: names }))
}
