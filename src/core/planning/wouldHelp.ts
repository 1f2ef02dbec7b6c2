import { type Told, asPart, told } from '../wording'
import { MATERIAL_IDS, materials, placeNames, type Place } from '../activities'
import { attempt } from '../errors'
import { checkPlan } from './checks'
import { type Building, planSession } from './planner'
import { LONGEST_SESSION, type SessionPlan } from './types'
import type { SessionRequest } from './request'

/** One change that lets a plan keep more of what a session should keep. */
export interface Help {
  /** What to change, in words: "5 minutes more". */
  readonly change: Told
  /** What would hold then and does not now, in the words of the checks. */
  readonly holds: readonly Told[]
  readonly request: SessionRequest
  readonly plan: SessionPlan
}

const MORE_MINUTES = [5, 10]

/** Each change that one could make, one at a time: a little more time, one more thing to hand, another place. */
function changesOf(request: SessionRequest): Pick<Help, 'change' | 'request'>[] {
  const longer = MORE_MINUTES.filter((more) => request.minutes + more <= LONGEST_SESSION).map((more) => ({
    change: told('{0} minutes more', more),
    request: { ...request, minutes: request.minutes + more },
  }))
  const absent = MATERIAL_IDS.filter((id) => !request.materials.includes(id))
  const equipped = absent.map((id) => ({
    change: told('with {0}', asPart(materials[id].name)),
    request: { ...request, materials: [...request.materials, id] },
  }))
  const elsewhere = (Object.keys(placeNames) as Place[])
    .filter((place) => place !== request.place)
    .map((place) => ({ change: placeNames[place], request: { ...request, place } }))
  return [...longer, ...equipped, ...elsewhere]
}

/**
 * What one change would buy, where a plan does not keep everything: a session is planned anew, first with nothing
 * changed and then for each change, and its checks are compared. A change is named only where it buys more than
 * building again. At most three, those that mend most first. Empty where all checks hold.
 */
export function whatWouldHelp(plan: SessionPlan, request: SessionRequest, building: Building = {}): Help[] {
  const broken = checkPlan(plan, request).filter(({ ok }) => !ok)
  if (broken.length === 0) return []
  const tried = (changed: Pick<Help, 'change' | 'request'>) => {
    const { value } = attempt(() => planSession(changed.request, building))
    if (!value) return []
    const after = checkPlan(value, changed.request)
    const holds = after.filter(({ id, ok }) => ok && broken.some((each) => each.id === id)).map(({ says }) => says)
    return [{ help: { ...changed, holds, plan: value }, left: after.filter(({ ok }) => !ok).length }]
  }
  const [again] = tried({ change: told('built again, with nothing changed'), request })
  const best = Math.min(broken.length, again?.left ?? broken.length)
  const better = changesOf(request)
    .flatMap(tried)
    .filter(({ left }) => left < best)
    .sort((a, b) => a.left - b.left)
  return [...(again && again.left < broken.length ? [again] : []), ...better].slice(0, 3).map(({ help }) => help)
}
