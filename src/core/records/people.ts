import type { PictureId } from '../days'
import type { ChildId, GroupId } from '../ids'
import type { RungId } from '../teaching'
import type { GroupRules } from './settings'

/* Who is there, and the rules that they live by. */

/** Letters of the longest name of a child, a group or anything that is kept by name. */
export const LONGEST_NAME = 60
/** Letters of a note about a child or a session. */
export const LONGEST_NOTE = 2000

export interface Child {
  readonly id: ChildId
  readonly name: string
  readonly age: number | null
  /** What stands beside the name on paper, for those who cannot read it yet. */
  readonly picture: PictureId | null
  readonly version: number
}

/** A child as it is added. */
export interface NewChild {
  readonly id: ChildId
  readonly name: string
  readonly age?: number | null
  /** The rung that the child starts at, as the adult says; what comes before it counts as known. */
  readonly startsAt?: RungId
}

export interface Group {
  readonly id: GroupId
  readonly name: string
  readonly childIds: readonly ChildId[]
  /** What is otherwise with this group than in the house rules. */
  readonly rules: GroupRules
  readonly version: number
}

/** Something made and kept by name: a clock's recipe, a floor clock. */
export interface Kept<T> {
  readonly id: string
  readonly name: string
  readonly body: T
  readonly version: number
}
