import { told, type Told } from '../wording'
import type { Energy, Place } from './types'

/** Where a session is held, as it stands in a sentence. */
export const placeNames: Record<Place, Told> = {
  table: told('at a table'),
  floor: told('on the floor'),
  hall: told('in a hall'),
  outdoors: told('outdoors'),
}

/** How much children move in an activity. */
export const ENERGY_NAMES: Readonly<Record<Energy, Told>> = {
  seated: told('seated'),
  standing: told('standing'),
  moving: told('moving'),
}
