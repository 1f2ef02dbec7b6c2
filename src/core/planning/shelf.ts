import { told, type Told } from '../wording'
import type { Activity } from '../activities'
import { offeredActivities } from './offer'
import { pacedRange } from './pace'
import { missingMaterials } from './toHand'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'

export interface ShelfEntry {
  readonly activity: Activity
  readonly usualMinutes: number
  /** What speaks against it, in words; empty when it fits as it is. */
  readonly but: readonly Told[]
}

function isLiked({ activity }: ShelfEntry, { favourites = [] }: SessionRequest): boolean {
  return favourites.includes(activity.id)
}

/** Activities for the plan's rung that are not in it, those that fit best first. */
export function shelf(plan: SessionPlan, request: SessionRequest): ShelfEntry[] {
  const players = request.children.length
  return offeredActivities(request)
    .filter((activity) => activity.rungs.includes(plan.rung))
    .filter((activity) => !plan.steps.some((step) => step.activityId === activity.id))
    .map((activity) => {
      const but: Told[] = []
      if (!activity.places.includes(request.place)) but.push(told('not for this place'))
      if (players < activity.players.least) but.push(told('needs {0} children', activity.players.least))
      if (players > activity.players.most) but.push(told('{0} children at most', activity.players.most))
      if (missingMaterials(activity, request).some(({ standIn }) => !standIn))
        but.push(told('something is not to hand'))
      if (request.lastTime.includes(activity.id)) but.push(told('done last time'))
      return { activity, usualMinutes: pacedRange(activity, players, request.pace).usual, but }
    })
    .sort((a, b) => a.but.length - b.but.length || Number(isLiked(b, request)) - Number(isLiked(a, request)))
}
