import { type Told } from '../wording'
import type { StepId } from '../ids'
import { activityOf, type Place } from '../activities'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'

export interface Begun {
  readonly plan: SessionPlan
  readonly request: SessionRequest
  /** The step that is being held. Those before it are over. */
  readonly at: StepId
  /** Whole minutes from now until the session ends. */
  readonly minutesLeft: number
  /** Whole minutes that the step has been held already; they stay its own. */
  readonly spentMinutes?: number
}

/** Whether a step is the closing check. */
export const isCheck = (step: PlanStep) => activityOf(step).role === 'check'

export interface Ahead {
  readonly steps: readonly PlanStep[]
  readonly says: Told
  readonly place?: Place
}

/** The minutes of some steps together. */
export const total = (steps: readonly PlanStep[]) => steps.reduce((sum, { minutes }) => sum + minutes, 0)
