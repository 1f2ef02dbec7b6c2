import { activityOf } from '../activities'
import type { PlanStep } from './types'

export interface PlanCheck {
  readonly id:
    | 'time'
    | 'lengths'
    | 'order'
    | 'seated'
    | 'movement'
    | 'check'
    | 'place'
    | 'players'
    | 'materials'
    | 'clocks'
    | 'repeats'
  readonly ok: boolean
  /** What holds, or what does not and by how much. */
  readonly says: string
}

export const stepName = (step: PlanStep) => activityOf(step).name
export const listed = (steps: readonly PlanStep[]) => steps.map(stepName).join(', ')
export const min = (minutes: number) => `${minutes} min`
