import { asPart, told, type Told } from '../wording'
import type { MeasureId, Recipe } from './recipe'
import { tenth } from '../clock'

export type MakeCheckId =
  | 'page'
  | 'plate'
  | 'minute-reach'
  | 'hour-reach'
  | 'ratio'
  | 'width'
  | 'hole'
  | 'leg'
  | 'point'
  | 'band'
  | 'apart'
  | 'ink'

/** The nearest change that would put a check right, in words and as a change of the recipe. */
export interface Mend {
  readonly says: Told
  readonly change: Partial<Recipe>
}

export interface MakeCheck {
  readonly id: MakeCheckId
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: Told
  readonly mend?: Mend
}

/** A length as checks say it, to a tenth of a millimetre. */
export const inMm = (value: number) => asPart(told('{0} mm', tenth(value)))

export type Fix = (says: Told, measures: Partial<Record<MeasureId, number>>) => Mend
