import { RefusedValue } from '../errors'
import { abstractActivities } from './abstract'
import { concreteActivities } from './concrete'
import { dayGames } from './dayGames'
import { printedGames } from './games'
import { handsOnActivities } from './handsOn'
import { movingActivities } from './moving'
import { pictorialActivities } from './pictorial'
import { sheetActivities } from './sheets'
import { showingActivities } from './showing'
import type { Activity } from './types'

export * from './duration'
export * from './materials'
export * from './places'
export * from './types'
export { activityWords } from './words'

/** What can be done in a session: adding one means one entry in a file of its kind. */
export const catalogue: readonly Activity[] = [
  ...concreteActivities,
  ...handsOnActivities,
  ...movingActivities,
  ...pictorialActivities,
  ...printedGames,
  ...sheetActivities,
  ...dayGames,
  ...showingActivities,
  ...abstractActivities,
]

const byId = new Map(catalogue.map((activity) => [activity.id, activity]))

/** Throws RefusedValue for an id that is not in the catalogue. */
export function activityOf(id: string): Activity {
  const activity = byId.get(id)
  if (!activity) throw new RefusedValue('activity', 'the id of one in the catalogue', id)
  return activity
}
