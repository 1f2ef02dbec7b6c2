import { type Energy, type MaterialId, type Place, durationRange } from '../../core/activities'
import type { Settings } from '../../core/records'
import type { RungId, Stage } from '../../core/teaching'
import type { Listed } from './useActivities'

/** What is looked for; empty where it makes no difference. */
export interface Filter {
  readonly text: string
  readonly rung: RungId | ''
  readonly stage: Stage | ''
  readonly place: Place | ''
  readonly energy: Energy | ''
  readonly show: Show
  /** It has to fit into so many minutes with so many children. */
  readonly minutes: number
  readonly children: number
}

export const SHOWS = {
  all: 'All',
  favourites: 'Favourites',
  own: 'Your own',
  'to-hand': 'With what is to hand',
  'not-for-us': 'Not for us',
} as const
export type Show = keyof typeof SHOWS

export const LONGEST_WISHED = 120
export const NO_FILTER: Filter = {
  text: '',
  rung: '',
  stage: '',
  place: '',
  energy: '',
  show: 'all',
  minutes: LONGEST_WISHED,
  children: 4,
}

export function isShown(
  { activity, own }: Listed,
  { text, rung, stage, place, energy, show, minutes, children }: Filter,
  settings: Settings,
): boolean {
  const inShow: Record<Show, () => boolean> = {
    all: () => true,
    favourites: () => settings.favourites.includes(activity.id),
    own: () => own !== undefined,
    'to-hand': () => activity.needs.every(({ material }) => isToHand(material, settings)),
    'not-for-us': () => settings.notForUs.includes(activity.id),
  }
  return (
    inShow[show]() &&
    activity.name.toLowerCase().includes(text.trim().toLowerCase()) &&
    (rung === '' || activity.rungs.includes(rung)) &&
    (stage === '' || activity.stage === stage) &&
    (place === '' || activity.places.includes(place)) &&
    (energy === '' || activity.energy === energy) &&
    children >= activity.players.least &&
    children <= activity.players.most &&
    durationRange(activity, children).least <= minutes
  )
}

const isToHand = (material: MaterialId, { materials }: Settings) => materials.includes(material)
