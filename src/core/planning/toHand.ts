import { type Activity, type MaterialId, activityOf, standInFor } from '../activities'
import { pacedRange } from './pace'
import type { SessionPlan, SessionRequest } from './types'

/* What is to hand, what stands in for it, and whether there are clocks to turn. */

export interface Missing {
  readonly material: MaterialId
  /** What does as well; undefined where nothing does. */
  readonly standIn: string | undefined
}

/** What an activity needs and is not ticked as to hand. Clocks that were made before are to hand. */
export function missingMaterials(
  activity: Activity,
  { materials, hasClocks }: Pick<SessionRequest, 'materials' | 'hasClocks'>,
): Missing[] {
  return activity.needs
    .map((need) => need.material)
    .filter((material) => !materials.includes(material) && !(material === 'clock' && hasClocks))
    .map((material) => ({ material, standIn: standInFor(material) }))
}

export function needsClocks(activity: Activity): boolean {
  return activity.needs.some(({ material }) => material === 'clock')
}

/**
 * How many minutes it takes to make the clocks beforehand, with so many children: where the plan uses clocks to turn
 * that nobody has yet and that are not made in it before. Undefined where there is nothing to make.
 */
export function clocksToMake(
  plan: Pick<SessionPlan, 'steps'>,
  request: Pick<SessionRequest, 'children' | 'materials' | 'hasClocks' | 'pace'>,
): number | undefined {
  if (request.hasClocks || request.materials.includes('clock')) return undefined
  const activities = plan.steps.flatMap(({ stations, ...step }) =>
    stations ? stations.list.map(activityOf) : [activityOf(step)],
  )
  const used = activities.findIndex(needsClocks)
  const made = activities.findIndex(({ prints }) => prints === 'paper-clock')
  if (used < 0 || (made >= 0 && made < used)) return undefined
  return pacedRange(activityOf('paper-clock'), request.children.length, request.pace).usual
}
