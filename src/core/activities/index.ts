import { type Told, asPart, inAList, inEnglish, told } from '../wording'
import { RefusedValue } from '../errors'
import { type MisreadingId, misreadingOf } from '../teaching'
import { abstractActivities } from './abstract'
import { concreteActivities } from './concrete'
import { dayGames } from './dayGames'
import { printedGames } from './games'
import { handsOnActivities } from './handsOn'
import { handsOnDayActivities } from './handsOnDay'
import { keepsakeActivities } from './keepsakes'
import { makingActivities } from './makes'
import { movingActivities } from './moving'
import { pictorialActivities } from './pictorial'
import { sheetActivities } from './sheets'
import { showingActivities } from './showing'
import type { ActivityId } from '../ids'
import { stationsActivity } from './stations'
import { inOwnWords } from './own'
import { type Activity, withTexts } from './types'

export * from './duration'
export * from './materials'
export * from './own'
export * from './places'
export { STATIONS_ID } from './stations'
export * from './types'
export { activityWords } from './words'

/** What can be done in a session: adding one means one entry in a file of its kind. */
export const catalogue: readonly Activity[] = [
  ...concreteActivities,
  ...handsOnActivities,
  ...handsOnDayActivities,
  ...movingActivities,
  ...pictorialActivities,
  ...printedGames,
  ...makingActivities,
  ...keepsakeActivities,
  ...sheetActivities,
  ...dayGames,
  ...showingActivities,
  ...abstractActivities,
]

const byId = new Map([...catalogue, stationsActivity].map((activity) => [activity.id, activity]))

/** A step of a plan, as far as its activity goes: one of one's own stands in the plan whole. */
export interface StepActivity {
  readonly activityId: ActivityId
  readonly own?: Activity<string>
}

/** How an activity stands in a step. */
export function asStep(activity: Activity): StepActivity {
  return byId.has(activity.id)
    ? { activityId: activity.id }
    : { activityId: activity.id, own: withTexts(activity, inEnglish) }
}

/** The activity of a step, or of an id. Throws RefusedValue for an id that is not in the catalogue. */
export function activityOf(of: ActivityId | StepActivity): Activity {
  if (typeof of !== 'string' && of.own) return inOwnWords(of.own)
  const id = typeof of === 'string' ? of : of.activityId
  const activity = byId.get(id)
  if (!activity) throw new RefusedValue(told('activity'), told('the id of one in the catalogue'), id)
  return activity
}

/** What mends a misreading, the best first, in words: “Body clock” or “Everyone sets a clock”. */
export function mendedBy(misreading: MisreadingId): Told {
  const { activities } = misreadingOf(misreading).repair
  const names = activities.map((id) => asPart(told('“{0}”', asPart(activityOf(id).name))))
  return told('{0}', inAList(names, 'or'))
}
