import type { ActivityId } from '../ids'
import type { Zone } from '../clock'
import type { MaterialId, Place } from '../activities'
import type { PaperId } from '../drawing'
import type { LookId } from '../printables'
import type { SchoolId } from '../teaching'
import type { LanguageId, Wording } from '../wording'

/** The house rules: one way of saying, teaching and printing for everyone. */
export interface Settings {
  readonly language: LanguageId
  readonly form: 'turns' | 'minutes-past' | 'digital'
  readonly school: SchoolId
  readonly paper: PaperId
  readonly lowInk: boolean
  readonly grey: boolean
  readonly look: LookId
  readonly place: Place
  /** The time zone of that place: it says which day an answer belongs to. */
  readonly zone: Zone
  /** What is usually to hand. */
  readonly materials: readonly MaterialId[]
  /** Activities that this adult likes best, and those that are never planned. */
  readonly favourites: readonly ActivityId[]
  readonly notForUs: readonly ActivityId[]
  /** How much of what is in the cupboard: a shopping list leaves it out. What is not named was not counted. */
  readonly cupboard: Readonly<Partial<Record<MaterialId, number>>>
  readonly version: number
}

/** The rules that a group can have for itself. What it leaves out is as the house rules say. */
export type GroupRules = Partial<Omit<Settings, 'version' | 'zone' | 'favourites' | 'notForUs' | 'cupboard'>>

/** The rules that hold for a group. */
export function rulesFor(settings: Settings, { rules }: { readonly rules: GroupRules }): Settings {
  return { ...settings, ...rules }
}

/** How all prints look, besides what each is. */
export function looksOf({ lowInk, grey, look }: Settings) {
  return { lowInk, grey, look }
}

/** How times are put in everything that is printed, asked and accepted. */
export function wordingOf({ language, form }: Pick<Settings, 'language' | 'form'>): Wording {
  return { language, form }
}
