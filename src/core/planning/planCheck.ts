import { asPart, inARow, told, type Told } from '../wording'
import { activityOf } from '../activities'
import type { PlanStep } from './types'

export interface PlanCheck {
  readonly id:
    | 'time'
    | 'lengths'
    | 'order'
    | 'seated'
    | 'movement'
    | 'sitting'
    | 'writing'
    | 'hands'
    | 'check'
    | 'place'
    | 'players'
    | 'materials'
    | 'clocks'
    | 'repeats'
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: Told
}

/** The name of a step’s activity. */
export const stepName = (step: PlanStep) => asPart(activityOf(step).name)
/** The names of steps, one after the other. */
export const listed = (steps: readonly PlanStep[]) => inARow(steps.map(stepName))
/** Minutes as a check says them. */
export const min = (minutes: number) => asPart(told('{0} min', minutes))
