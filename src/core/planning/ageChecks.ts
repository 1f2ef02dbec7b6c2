import { told } from '../wording'
import { type Activity, activityOf } from '../activities'
import { limitsByAge, seatedStretches, youngestAge } from './byAge'
import { activitiesOf } from './rounds'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'
import { type PlanCheck, listed, min, stepName } from './planCheck'

/** What a plan owes to the age of the youngest: nothing where no age asks for anything. */
export function checkAge(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  const { sitting, writing } = limitsByAge(request)
  return [
    ...(sitting < Infinity ? [checkSitting(plan, request, sitting)] : []),
    ...(writing < Infinity ? [checkWriting(plan, request, writing)] : []),
  ]
}

/** A step with stations is never seated throughout: the teams get up and walk on. */
const energyOf = (step: PlanStep): Pick<Activity, 'energy'> =>
  step.stations ? { energy: 'standing' } : activityOf(step)

function checkSitting({ steps }: SessionPlan, request: SessionRequest, sitting: number): PlanCheck {
  const stretches = seatedStretches(steps.map(energyOf)).map((places) => places.flatMap((at) => steps[at] ?? []))
  const minutesOf = (stretch: readonly PlanStep[]) => stretch.reduce((sum, { minutes }) => sum + minutes, 0)
  const longest = Math.max(0, ...stretches.map(minutesOf))
  const [first] = stretches.find((stretch) => minutesOf(stretch) === longest) ?? []
  const ok = longest <= sitting || first === undefined
  return {
    id: 'sitting',
    ok,
    says: ok
      ? told('They sit for {0} on end at most.', min(longest))
      : told(
          'They sit for {0} on end from {1}. At {2}, {3} are enough: put something standing or moving in between.',
          min(longest),
          stepName(first),
          youngestAge(request) ?? '',
          min(sitting),
        ),
  }
}

function checkWriting({ steps }: SessionPlan, request: SessionRequest, writing: number): PlanCheck {
  const written = steps.filter((step) => activitiesOf(step).some(({ writes }) => writes))
  const ok = written.length <= writing
  const says = !ok
    ? told(
        'At {0} there is too much to write in {1}: let them say it, lay it or ring it.',
        youngestAge(request) ?? '',
        listed(written),
      )
    : written.length === 0
      ? told('Nothing has to be written.')
      : told('Written only in {0}.', listed(written))
  return { id: 'writing', ok, says }
}
