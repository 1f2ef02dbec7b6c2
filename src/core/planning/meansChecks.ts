import { counted } from '../wording'
import { activityOf, materials } from '../activities'
import { activitiesOf } from './rounds'
import { clocksToMake, missingMaterials } from './toHand'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'
import { listed, min, type PlanCheck } from './planCheck'

/** Whether every step can be done in this place. */
export function checkPlace(plan: SessionPlan, { place }: SessionRequest): PlanCheck {
  const off = plan.steps.filter((step) => activitiesOf(step).some(({ places }) => !places.includes(place)))
  return {
    id: 'place',
    ok: off.length === 0,
    says: off.length === 0 ? 'Everything suits the place.' : `Not for this place: ${listed(off)}.`,
  }
}

/** Whether every step suits how many children there are. */
export function checkPlayers(plan: SessionPlan, { children }: SessionRequest): PlanCheck {
  const off = plan.steps.filter((step) => {
    const { least, most } = activityOf(step).players
    return children.length < least || children.length > most
  })
  return {
    id: 'players',
    ok: off.length === 0,
    says:
      off.length === 0
        ? `Works with ${counted(children.length, 'child', 'children')}.`
        : `Not for ${children.length}: ${listed(off)}.`,
  }
}

/** Whether all that is needed is to hand, or has a stand-in. */
export function checkMaterials(plan: SessionPlan, request: SessionRequest): PlanCheck {
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
export function checkClocks(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  const minutes = clocksToMake(plan, request)
  if (minutes === undefined) return []
  const says = `Make the clocks beforehand: about ${min(minutes)}. Their pages are printed with the session.`
  return [{ id: 'clocks', ok: true, says }]
}
