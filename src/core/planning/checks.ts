import { activityOf, materials } from '../activities'
import { STAGES, type RungId, rungOf } from '../teaching'
import { groupNeed } from './need'
import { pacedRange } from './pace'
import { activitiesOf, roundMinutes } from './rounds'
import { clocksToMake, missingMaterials } from './toHand'
import {
  BREAK_AFTER_MINUTES,
  MOST_SEATED_IN_A_ROW,
  type PlanStep,
  type Stations,
  type SessionPlan,
  type SessionRequest,
} from './types'

export interface PlanCheck {
  readonly id:
    | 'time'
    | 'lengths'
    | 'order'
    | 'seated'
    | 'movement'
    | 'check'
    | 'place'
    | 'players'
    | 'materials'
    | 'clocks'
    | 'repeats'
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: string
}

/** Every rule that a session should keep, each with what holds or what does not. Cheap: run at each change. */
export function checkPlan(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  return [
    checkTime(plan, request),
    checkLengths(plan, request),
    checkOrder(plan, request),
    checkSeated(plan),
    checkMovement(plan),
    checkEnding(plan),
    checkPlace(plan, request),
    checkPlayers(plan, request),
    checkMaterials(plan, request),
    ...checkClocks(plan, request),
    checkRepeats(plan, request),
  ]
}

export function plannedMinutes(plan: SessionPlan): number {
  return plan.steps.reduce((sum, step) => sum + step.minutes, 0)
}

const nameOf = (step: PlanStep) => activityOf(step).name
const listed = (steps: readonly PlanStep[]) => steps.map(nameOf).join(', ')
const min = (minutes: number) => `${minutes} min`

function checkTime(plan: SessionPlan, { minutes }: SessionRequest): PlanCheck {
  const over = plannedMinutes(plan) - minutes
  const says =
    over === 0
      ? `Fills the ${minutes} minutes exactly.`
      : over > 0
        ? `${min(over)} too long for ${minutes}: shorten or take one out.`
        : `${min(-over)} left over of ${minutes}: lengthen or add one.`
  return { id: 'time', ok: over === 0, says }
}

function checkLengths(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const off = plan.steps.flatMap((step) => {
    const { least, most } = pacedRange(activityOf(step), request.children.length, request.pace)
    // The adult's own word, or what the rest of a begun session was fitted to.
    if (step.locked || step.tookSeconds !== undefined) return []
    if (step.stations) return offRounds(step, step.stations, request)
    if (step.minutes < least) return [`${nameOf(step)} needs ${min(least)} at least`]
    if (step.minutes > most) return [`${nameOf(step)} lasts ${min(most)} at most`]
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
        says: `${nameOf(back)} (${activityOf(back).stage}) comes after a later stage: move it up.`,
      }
    const first = steps[0]
    if (rung === plan.rung && first && stageOfStep(first) > STAGES.indexOf(firstStage))
      return {
        id: 'order',
        ok: false,
        says: `${rungOf(rung).name} starts ${activityOf(first).stage}, but not every child has met it ${firstStage} yet.`,
      }
  }
  return { id: 'order', ok: true, says: 'Hands before pictures before signs.' }
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
        says: `${nameOf(step)} is the third seated activity in a row: put something standing or moving before it.`,
      }
  }
  return { id: 'seated', ok: true, says: 'No more than two seated activities before the closing check.' }
}

function checkMovement(plan: SessionPlan): PlanCheck {
  const needed = plannedMinutes(plan) > BREAK_AFTER_MINUTES
  const moving = plan.steps.filter((step) => activitiesOf(step).some(({ energy }) => energy === 'moving'))
  const ok = !needed || moving.length > 0
  const says = !ok
    ? `Over ${BREAK_AFTER_MINUTES} minutes with no movement: add a break.`
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

function checkPlace(plan: SessionPlan, { place }: SessionRequest): PlanCheck {
  const off = plan.steps.filter((step) => activitiesOf(step).some(({ places }) => !places.includes(place)))
  return {
    id: 'place',
    ok: off.length === 0,
    says: off.length === 0 ? 'Everything suits the place.' : `Not for this place: ${listed(off)}.`,
  }
}

function checkPlayers(plan: SessionPlan, { children }: SessionRequest): PlanCheck {
  const off = plan.steps.filter((step) => {
    const { least, most } = activityOf(step).players
    return children.length < least || children.length > most
  })
  return {
    id: 'players',
    ok: off.length === 0,
    says:
      off.length === 0
        ? `Works with ${children.length} ${children.length === 1 ? 'child' : 'children'}.`
        : `Not for ${children.length}: ${listed(off)}.`,
  }
}

function checkMaterials(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const all = plan.steps.flatMap(activitiesOf).flatMap((activity) => missingMaterials(activity, request))
  const missing = [...new Map(all.map((each) => [each.material, each])).values()]
  const said = missing.map(({ material, standIn }) =>
    standIn
      ? `${materials[material].name} (instead: ${standIn})`
      : `${materials[material].name} (nothing does instead)`,
  )
  return {
    id: 'materials',
    ok: missing.every(({ standIn }) => standIn !== undefined),
    says: missing.length === 0 ? 'Everything needed is to hand.' : `Not ticked as to hand: ${said.join('; ')}.`,
  }
}

/** Only where clocks are used that nobody has yet: nothing is wrong, but they have to be made before. */
function checkClocks(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  const minutes = clocksToMake(plan, request)
  if (minutes === undefined) return []
  const says = `Make the clocks beforehand: about ${min(minutes)}. Their pages are printed with the session.`
  return [{ id: 'clocks', ok: true, says }]
}

function checkRepeats(plan: SessionPlan, { lastTime }: SessionRequest): PlanCheck {
  const again = plan.steps.filter(
    (step) => !step.stations && activityOf(step).role === 'teach' && lastTime.includes(step.activityId),
  )
  return {
    id: 'repeats',
    ok: again.length === 0,
    says: again.length === 0 ? 'Nothing repeats last time.' : `Also done last time: ${listed(again)}.`,
  }
}
