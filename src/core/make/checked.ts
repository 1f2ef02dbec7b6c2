import type { MeasureId, Recipe } from './recipe'

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
  readonly says: string
  readonly change: Partial<Recipe>
}

export interface MakeCheck {
  readonly id: MakeCheckId
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: string
  readonly mend?: Mend
}

export const inMm = (value: number) => `${Math.round(value * 10) / 10} mm`
export const tenth = (value: number) => Math.round(value * 10) / 10

export type Fix = (says: string, measures: Partial<Record<MeasureId, number>>) => Mend
