import { activityOf } from '../activities'
import { KIND_NAMES, type RungId, rungOf, STAGES } from '../teaching'
import { groupNeed } from './need'
import { activitiesOf } from './rounds'
import { checkAge } from './ageChecks'
import { stillMinutes } from './byAge'
import { lackingWithThings, taughtMinutes } from './shares'
import { MOST_SEATED_IN_A_ROW, type PlanStep, type SessionPlan } from './types'
import type { SessionRequest } from './request'
import { listed, stepName, type PlanCheck } from './planCheck'
import { checkLengths, checkTime, plannedMinutes } from './lengthChecks'
import { checkClocks, checkMaterials, checkPlace, checkPlayers } from './meansChecks'

/** Every rule that a session should keep, each with what holds or what does not. Cheap: run at each change. */
export function checkPlan(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  return [
    checkTime(plan, request),
    checkLengths(plan, request),
    checkOrder(plan, request),
    checkSeated(plan),
    checkMovement(plan, request),
    ...checkAge(plan, request),
    checkHands(plan, request),
    checkEnding(plan),
    checkPlace(plan, request),
    checkPlayers(plan, request),
    checkMaterials(plan, request),
    ...checkClocks(plan, request),
    checkRepeats(plan, request),
  ]
}

function checkOrder(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const { firstStage } = groupNeed(request)
  const teaching = plan.steps.filter((step) => activityOf(step).role === 'teach')
  const stageOfStep = (step: PlanStep) => STAGES.indexOf(activityOf(step).stage)
  for (const rung of new Set(teaching.map((step): RungId => step.rung))) {
    const steps = teaching.filter((step) => step.rung === rung)
    const back = steps.find((step, i) => i > 0 && stageOfStep(step) < stageOfStep(steps[i - 1] as PlanStep))
    if (back)
      return {
        id: 'order',
        ok: false,
        says: `${stepName(back)} (${KIND_NAMES[activityOf(back).stage]}) comes too late: move it up.`,
      }
    const first = steps[0]
    if (rung === plan.rung && first && stageOfStep(first) > STAGES.indexOf(firstStage))
      return {
        id: 'order',
        ok: false,
        says: `${rungOf(rung).name} starts ${KIND_NAMES[activityOf(first).stage]}, but not every child has met it ${KIND_NAMES[firstStage]} yet.`,
      }
  }
  return { id: 'order', ok: true, says: 'Things first, then pictures, then words.' }
}

function checkSeated(plan: SessionPlan): PlanCheck {
  let run = 0
  for (const step of plan.steps) {
    const { energy, role } = activityOf(step)
    run = energy === 'seated' ? run + 1 : 0
    if (run > MOST_SEATED_IN_A_ROW && role !== 'check')
      return {
        id: 'seated',
        ok: false,
        says: `${stepName(step)} is the third seated activity in a row: put something standing or moving before it.`,
      }
  }
  return { id: 'seated', ok: true, says: 'No more than two seated activities before the closing check.' }
}

function checkMovement(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const still = stillMinutes(request)
  const needed = plannedMinutes(plan) > still
  const moving = plan.steps.filter((step) => activitiesOf(step).some(({ energy }) => energy === 'moving'))
  const ok = !needed || moving.length > 0
  const says = !ok
    ? `Over ${still} minutes with no movement: add a break.`
    : moving.length > 0
      ? `Moving: ${listed(moving)}. Water afterwards.`
      : `Short enough without a movement break.`
  return { id: 'movement', ok, says }
}

function checkEnding(plan: SessionPlan): PlanCheck {
  const last = plan.steps[plan.steps.length - 1]
  const ok = last !== undefined && activityOf(last).role === 'check'
  return {
    id: 'check',
    ok,
    says: ok ? 'Ends with a short check.' : 'Does not end with a check: add the quick check last.',
  }
}

/** Whether enough of what is taught is done with things; stations share the minutes alike. */
function checkHands(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const steps = plan.steps.flatMap((step) => {
    const activities = activitiesOf(step)
    return activities.map((activity) => ({ activity, minutes: step.minutes / activities.length }))
  })
  const { taught, withThings } = taughtMinutes(steps)
  const lacking = lackingWithThings(steps, groupNeed(request))
  const ok = lacking === 0
  const says = `${Math.round(withThings)} of ${Math.round(taught)} minutes of teaching are with things`
  return {
    id: 'hands',
    ok,
    says: ok ? `${says}.` : `Only ${says}: at least ${Math.ceil(withThings + lacking)} would be better.`,
  }
}

function checkRepeats(plan: SessionPlan, { lastTime, beforeLast = [] }: SessionRequest): PlanCheck {
  const taught = plan.steps.filter((step) => !step.stations && activityOf(step).role === 'teach')
  const again = taught.filter((step) => lastTime.includes(step.activityId))
  const earlier = taught.filter((step) => beforeLast.includes(step.activityId))
  const isMuch =
    new Set(earlier.map(({ activityId }) => activityId)).size * 2 >
    new Set(taught.map(({ activityId }) => activityId)).size
  const says = [
    ...(again.length > 0 ? [`Also done last time: ${listed(again)}.`] : []),
    ...(isMuch ? [`More than half was done the time before last: ${listed(earlier)}.`] : []),
  ]
  return { id: 'repeats', ok: says.length === 0, says: says.join(' ') || 'Nothing repeats last time.' }
}
