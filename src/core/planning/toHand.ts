import { type Told } from '../wording'
import { type Activity, type MaterialId, type Need, activityOf, standInFor } from '../activities'
import type { Recipe } from '../make'
import { pacedRange } from './pace'
import type { SessionPlan } from './types'
import type { SessionRequest } from './request'

/* What is to hand, what stands in for it, and whether there are clocks to turn. */

export interface Missing {
  readonly material: MaterialId
  /** What does as well; undefined where nothing does. */
  readonly standIn: Told | undefined
}

/** What an activity needs and is not ticked as to hand. Clocks that were made before are to hand. */
export function missingMaterials(
  activity: Activity,
  { materials, hasClocks, clock }: Pick<SessionRequest, 'materials' | 'hasClocks' | 'clock'>,
): Missing[] {
  return needsOf(activity, clock)
    .map((need) => need.material)
    .filter((material) => !materials.includes(material) && !(material === 'clock' && hasClocks))
    .map((material) => ({ material, standIn: standInFor(material) }))
}

/** What the usual card clock is made of, and a clock from the Workbench of something else. */
const USUAL_CLOCK: readonly MaterialId[] = ['card', 'fasteners']

/**
 * What an activity needs; where a clock from the Workbench is made, its own amounts say what that takes
 * (`clockAmounts`).
 */
export function needsOf({ needs, prints }: Activity, clock: Recipe | undefined): readonly Need[] {
  return clock && prints === 'paper-clock' ? needs.filter(({ material }) => !USUAL_CLOCK.includes(material)) : needs
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
