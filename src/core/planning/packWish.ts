import { OPTION_IDS, type OptionId, type PrintableId, type PrintChoices, type PrintOptions } from '../printables'
import type { MisreadingId, RungId } from '../teaching'

/** A pack names each child, leans to that child's misreadings and follows the house rules by itself. */
const SET_BY_PACK = ['owner', 'weights', 'lowInk'] as const satisfies readonly OptionId[]
type SetByPack = (typeof SET_BY_PACK)[number]
/** The options that are chosen for a whole pack. */
export const PACK_OPTION_IDS: readonly OptionId[] = OPTION_IDS.filter((id) => !SET_BY_PACK.some((own) => own === id))

/** Of what was chosen for one print, that which is chosen for a whole pack. */
export function packChoices(chosen: PrintChoices): Omit<PrintChoices, SetByPack> {
  return Object.fromEntries(PACK_OPTION_IDS.map((id) => [id, chosen[id]]))
}

/** Something that every child of a pack gets, in a version of their own. */
export interface PackThing extends Omit<PrintChoices, SetByPack> {
  readonly printable: PrintableId
  /** Left out, it is as many as is usual. It is never more than a child's rung has. */
  readonly count?: number
}

export interface PackChild {
  readonly name: string
  /** The rung that the child works on. */
  readonly rung: RungId
  readonly weights: Partial<Record<MisreadingId, number>>
}

export interface PackWish extends Pick<PrintOptions, 'paper' | 'wording' | 'lowInk'> {
  readonly title: string
  readonly children: readonly PackChild[]
  readonly things: readonly PackThing[]
  /** The school's order: easier rungs are found in it. */
  readonly order: readonly RungId[]
  readonly seed: number
}
