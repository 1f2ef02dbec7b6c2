import { told, inSentences } from '../wording'
import type { StepId } from '../ids'
import { type Activity, type DurationRange, activityOf, asStep, catalogue } from '../activities'
import { RefusedValue, requireInteger } from '../errors'
import type { PrintableId } from '../printables'
import { groupNeed } from './need'
import { pacedRange } from './pace'
import { reasonFor } from './reasons'
import { LONGEST_SESSION, type PlanStep, type SessionPlan } from './types'
import type { SessionRequest } from './request'

/** A timer that ran longer was forgotten. */
export const LONGEST_TOOK_SECONDS = 12 * 3600

/**
 * Minutes for each range that add up to `total`: everyone gets the least, then up to the usual, then up
 * to the most, a minute at a time in turn. Where the ranges cannot add up to it, the nearest that they can.
 *
 * fitMinutes([{ least: 4, usual: 6, most: 9 }, { least: 2, usual: 3, most: 5 }], 10) //=> [7, 3]
 */
export function fitMinutes(ranges: readonly DurationRange[], total: number): number[] {
  const minutes = ranges.map((range) => range.least)
  let left = total - minutes.reduce((sum, each) => sum + each, 0)
  for (const level of ['usual', 'most'] as const) {
    let grew = true
    while (left > 0 && grew) {
      grew = false
      for (const [i, range] of ranges.entries()) {
        if (left === 0 || (minutes[i] ?? 0) >= range[level]) continue
        minutes[i] = (minutes[i] ?? 0) + 1
        left--
        grew = true
      }
    }
  }
  return minutes
}

function indexOf(plan: SessionPlan, stepId: StepId): number {
  const index = plan.steps.findIndex((step) => step.id === stepId)
  if (index < 0) throw new RefusedValue(told('step'), told('the id of an activity in the plan'), stepId)
  return index
}

/** The plan with one step put at another place (0-based, taken to the nearest end). */
export function planAfterMove(plan: SessionPlan, stepId: StepId, to: number): SessionPlan {
  const steps = [...plan.steps]
  const [moved] = steps.splice(indexOf(plan, stepId), 1)
  if (!moved) return plan
  steps.splice(Math.max(0, Math.min(to, steps.length)), 0, moved)
  return { ...plan, steps }
}

export function planAfterMinutes(plan: SessionPlan, stepId: StepId, minutes: number): SessionPlan {
  requireInteger(told('minutes'), minutes, 1, LONGEST_SESSION)
  const index = indexOf(plan, stepId)
  return { ...plan, steps: plan.steps.map((step, i) => (i === index ? { ...step, minutes } : step)) }
}

/** The plan with how long a step really took, in seconds. */
export function planAfterTook(plan: SessionPlan, stepId: StepId, tookSeconds: number): SessionPlan {
  requireInteger(told('took'), tookSeconds, 1, LONGEST_TOOK_SECONDS)
  const index = indexOf(plan, stepId)
  return { ...plan, steps: plan.steps.map((step, i) => (i === index ? { ...step, tookSeconds } : step)) }
}

/** The plan with a step that stays, or no longer stays, when another plan is built. */
export function planAfterLock(plan: SessionPlan, stepId: StepId, locked: boolean): SessionPlan {
  const index = indexOf(plan, stepId)
  return { ...plan, steps: plan.steps.map((step, i) => (i === index ? { ...step, locked } : step)) }
}

export function planAfterRemove(plan: SessionPlan, stepId: StepId): SessionPlan {
  const index = indexOf(plan, stepId)
  return { ...plan, steps: plan.steps.filter((_, i) => i !== index) }
}

/** The plan with another activity in a step's place. The minutes stay as they are if the new activity can fill them. */
export function planAfterSwap(
  plan: SessionPlan,
  stepId: StepId,
  activity: Activity,
  request: SessionRequest,
): SessionPlan {
  const index = indexOf(plan, stepId)
  return {
    ...plan,
    steps: plan.steps.map((step, i) =>
      i === index ? { ...stepOf(plan, activity, request, step.minutes), id: step.id } : step,
    ),
  }
}

/** The plan with an activity added, before the closing check if there is one. */
export function planAfterAdd(plan: SessionPlan, activity: Activity, request: SessionRequest): SessionPlan {
  const added = stepOf(plan, activity, request)
  const last = plan.steps[plan.steps.length - 1]
  const at = last && activityOf(last).role === 'check' ? plan.steps.length - 1 : plan.steps.length
  return { ...plan, steps: [...plan.steps.slice(0, at), added, ...plan.steps.slice(at)] }
}

/** The id of the step that a print from the Print room has in a plan. */
const printStepId = (printId: string): StepId => `p-${printId}`

/**
 * The plan with a step for a print that was made in the Print room: the activity that plays it, with its own minutes
 * and things. The plan itself where a step plays it already, or where no activity does.
 */
export function planAfterPrint(
  plan: SessionPlan,
  { id, printable }: { readonly id: string; readonly printable: PrintableId },
  request: SessionRequest,
): SessionPlan {
  const isThere = plan.steps.some((step) => activityOf(step).prints === printable)
  const playing = catalogue.filter(({ prints }) => prints === printable)
  const activity = playing.find(({ rungs }) => rungs.includes(plan.rung)) ?? playing[0]
  if (isThere || !activity) return plan
  const added = newStepId(plan)
  const steps = planAfterAdd(plan, activity, request).steps
  return { ...plan, steps: steps.map((step) => (step.id === added ? { ...step, id: printStepId(id) } : step)) }
}

/** The plan without the step that a print brought with it; the plan itself where it brought none. */
export function planWithoutPrint(plan: SessionPlan, printId: string): SessionPlan {
  const steps = plan.steps.filter(({ id }) => id !== printStepId(printId))
  return steps.length === plan.steps.length ? plan : { ...plan, steps }
}

/** An id that no step of the plan has. */
export function newStepId({ steps }: SessionPlan): StepId {
  return `step-${1 + Math.max(0, ...steps.map(({ id }) => Number(/^step-(\d+)$/.exec(id)?.[1] ?? 0)))}`
}

function stepOf(plan: SessionPlan, activity: Activity, request: SessionRequest, wanted?: number): PlanStep {
  const need = { ...groupNeed(request), rung: plan.rung }
  const { least, usual, most } = pacedRange(activity, request.children.length, request.pace)
  const rung = activity.rungs.includes(plan.rung) ? plan.rung : (activity.rungs[0] ?? plan.rung)
  return {
    id: newStepId(plan),
    ...asStep(activity),
    rung,
    minutes: wanted === undefined ? usual : Math.max(least, Math.min(most, wanted)),
    why: inSentences([
      told('Your choice.'),
      ...(rung === plan.rung ? [reasonFor({ activity, rung }, request, need)] : []),
    ]),
  }
}
