import type { Place } from './types'

/** Where a session is held, as it stands in a sentence. */
export const placeNames: Record<Place, string> = {
  table: 'at a table',
  floor: 'on the floor',
  hall: 'in a hall',
  outdoors: 'outdoors',
}
