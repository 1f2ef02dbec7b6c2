import { told, asPart, inSentences } from '../wording'
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
        says: told('{0} ({1}) comes too late: move it up.', stepName(back), asPart(KIND_NAMES[activityOf(back).stage])),
      }
    const first = steps[0]
    if (rung === plan.rung && first && stageOfStep(first) > STAGES.indexOf(firstStage))
      return {
        id: 'order',
        ok: false,
        says: told(
          '{0} starts {1}, but not every child has met it {2} yet.',
          asPart(rungOf(rung).name),
          asPart(KIND_NAMES[activityOf(first).stage]),
          asPart(KIND_NAMES[firstStage]),
        ),
      }
  }
  return { id: 'order', ok: true, says: told('Things first, then pictures, then words.') }
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
        says: told(
          '{0} is the third seated activity in a row: put something standing or moving before it.',
          stepName(step),
        ),
      }
  }
  return { id: 'seated', ok: true, says: told('No more than two seated activities before the closing check.') }
}

function checkMovement(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const still = stillMinutes(request)
  const needed = plannedMinutes(plan) > still
  const moving = plan.steps.filter((step) => activitiesOf(step).some(({ energy }) => energy === 'moving'))
  const ok = !needed || moving.length > 0
  const says = !ok
    ? told('Over {0} minutes with no movement: add a break.', still)
    : moving.length > 0
      ? told('Moving: {0}. Water afterwards.', listed(moving))
      : told('Short enough without a movement break.')
  return { id: 'movement', ok, says }
}

function checkEnding(plan: SessionPlan): PlanCheck {
  const last = plan.steps[plan.steps.length - 1]
  const ok = last !== undefined && activityOf(last).role === 'check'
  return {
    id: 'check',
    ok,
    says: ok ? told('Ends with a short check.') : told('Does not end with a check: add the quick check last.'),
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
  const [done, of] = [Math.round(withThings), Math.round(taught)]
  return {
    id: 'hands',
    ok,
    says: ok
      ? told('{0} of {1} minutes of teaching are with things.', done, of)
      : told(
          'Only {0} of {1} minutes of teaching are with things: at least {2} would be better.',
          done,
          of,
          Math.ceil(withThings + lacking),
        ),
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
    ...(again.length > 0 ? [told('Also done last time: {0}.', listed(again))] : []),
    ...(isMuch ? [told('More than half was done the time before last: {0}.', listed(earlier))] : []),
  ]
  return {
    id: 'repeats',
    ok: says.length === 0,
    says: says.length > 0 ? inSentences(says) : told('Nothing repeats last time.'),
  }
}
