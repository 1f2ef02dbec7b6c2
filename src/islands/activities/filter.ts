import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { type Energy, type MaterialId, type Place, durationRange, placeNames } from '../../core/activities'
import type { Settings } from '../../core/records'
import { type RungId, rungs, STAGES, type Stage } from '../../core/teaching'
import { putInAddress } from '../../ui/address'
import type { Listed } from './useActivities'

const ENERGIES: readonly Energy[] = ['seated', 'standing', 'moving']
const PLACE_IDS = Object.keys(placeNames) as Place[]

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
  all: told('All'),
  favourites: told('Favourites'),
  own: told('Your own'),
  'to-hand': told('With what is to hand'),
  'not-for-us': told('Not for us'),
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

const WHOLE = { minutes: [3, LONGEST_WISHED], children: [1, 30] } as const
const oneOf = <V extends string>(values: readonly V[], text: string | null): V | '' =>
  values.find((value) => value === text) ?? ''

/** What the address looks for; what it asks for that there is not makes no difference. */
export function filterIn(address: URLSearchParams): Filter {
  const whole = (name: keyof typeof WHOLE) => {
    const [least, most] = WHOLE[name]
    const value = Number(address.get(name) ?? NaN)
    return Number.isInteger(value) && value >= least && value <= most ? value : NO_FILTER[name]
  }
  return {
    text: address.get('text') ?? '',
    rung: oneOf(
      rungs.map(({ id }) => id),
      address.get('rung'),
    ),
    stage: oneOf(STAGES, address.get('stage')),
    place: oneOf(PLACE_IDS, address.get('place')),
    energy: oneOf(ENERGIES, address.get('energy')),
    show: oneOf(Object.keys(SHOWS) as Show[], address.get('show')) || NO_FILTER.show,
    minutes: whole('minutes'),
    children: whole('children'),
  }
}

/** Puts another filter into the address. What is typed letter by letter takes the place of what was typed before. */
export function putFilter(before: Filter, next: Filter): void {
  const names = Object.keys(NO_FILTER) as (keyof Filter)[]
  const change = names.map((name) => [name, next[name] === NO_FILTER[name] ? null : String(next[name])] as const)
  const isTyped = ['text', 'minutes', 'children'].some(
    (name) => before[name as keyof Filter] !== next[name as keyof Filter],
  )
  putInAddress(Object.fromEntries(change), isTyped ? 'replace' : 'push')
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
    said(activity.name).toLowerCase().includes(text.trim().toLowerCase()) &&
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
