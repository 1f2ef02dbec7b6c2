import { type Told } from '../../wording'
import type { RungId } from '../../teaching'

interface Described {
  readonly label: Told
  readonly help?: Told
  /** Taken by every printable; otherwise by those that name it in `takes`. */
  readonly everywhere?: true
  /** Which values suit a rung, where not all do; `rungs` says in words which rungs are meant. */
  readonly limit?: {
    readonly rungs: Told
    /** What is taken on another rung, where the same choice is used for several. */
    readonly instead: string | number
    readonly suits: (value: unknown, rung: RungId) => boolean
  }
}

/** One of several words. Without a usual value nothing is chosen at first, and `none` says what that means. */
export interface ChoiceOption extends Described {
  readonly type: 'choice'
  readonly values: Readonly<Record<string, Told>>
  readonly usual?: string
  readonly none?: Told
}

/** One of a few numbers, each with a name. */
export interface LevelOption extends Described {
  readonly type: 'level'
  readonly values: readonly number[]
  readonly names: readonly Told[]
  readonly usual: number
}

/** A whole number from `least` to `most` in steps. Without a usual value it may be left empty. */
export interface WholeOption extends Described {
  readonly type: 'whole'
  readonly least: number
  readonly most: number
  readonly step: number
  readonly usual?: number
  readonly none?: Told
}

export interface FlagOption extends Described {
  readonly type: 'flag'
}

export interface TextOption extends Described {
  readonly type: 'text'
  readonly longest: number
  readonly none?: Told
}

/** A picture of a day's, by its name. */
export interface PictureOption extends Described {
  readonly type: 'picture'
}

/** Rows of a day. They are read from what was typed in the view, once; from there on they are rows. */
export interface RowsOption extends Described {
  readonly type: 'rows'
  readonly most: number
  readonly example: Told
}

/** Numbers above 0 and at most `largest`. */
export interface NumbersOption extends Described {
  readonly type: 'numbers'
  readonly most: number
  readonly largest: number
  /** What one of the numbers is called. */
  readonly each: Told
  readonly example: string
}

/** A number above 0 and at most `largest` for each of some names. */
export interface WeightsOption extends Described {
  readonly type: 'weights'
  readonly names: readonly string[]
  readonly largest: number
}

export type PrintOption =
  | ChoiceOption
  | LevelOption
  | WholeOption
  | FlagOption
  | TextOption
  | PictureOption
  | RowsOption
  | NumbersOption
  | WeightsOption
