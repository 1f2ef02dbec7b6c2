import { told, type Told } from '../wording'
import type { Place } from './types'

/** Where a session is held, as it stands in a sentence. */
export const placeNames: Record<Place, Told> = {
  table: told('at a table'),
  floor: told('on the floor'),
  hall: told('in a hall'),
  outdoors: told('outdoors'),
}
