import { asPart, inARow, told } from '../wording'
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
    says: off.length === 0 ? told('Everything suits the place.') : told('Not for this place: {0}.', listed(off)),
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
        ? children.length === 1
          ? told('Works with 1 child.')
          : told('Works with {0} children.', children.length)
        : told('Not for {0}: {1}.', children.length, listed(off)),
  }
}

/** Whether all that is needed is to hand, or has a stand-in. */
export function checkMaterials(plan: SessionPlan, request: SessionRequest): PlanCheck {
  const all = plan.steps.flatMap(activitiesOf).flatMap((activity) => missingMaterials(activity, request))
  const missing = [...new Map(all.map((each) => [each.material, each])).values()]
  const said = missing.map(({ material, standIn }) => {
    const name = asPart(materials[material].name)
    return asPart(
      standIn ? told('{0} (instead: {1})', name, asPart(standIn)) : told('{0} (nothing does instead)', name),
    )
  })
  return {
    id: 'materials',
    ok: missing.every(({ standIn }) => standIn !== undefined),
    says:
      missing.length === 0
        ? told('Everything needed is to hand.')
        : told('Not ticked as to hand: {0}.', inARow(said, '; ')),
  }
}

/** Only where clocks are used that nobody has yet: nothing is wrong, but they have to be made before. */
export function checkClocks(plan: SessionPlan, request: SessionRequest): PlanCheck[] {
  const minutes = clocksToMake(plan, request)
  if (minutes === undefined) return []
  const says = told('Make the clocks beforehand: about {0}. Their pages are printed with the session.', min(minutes))
  return [{ id: 'clocks', ok: true, says }]
}
