import { type Told } from '../wording'
import type { ActivityId, ChildId, StepId } from '../ids'
import type { Activity, StepActivity } from '../activities'
import type { RungId } from '../teaching'

export interface PlanStep {
  /** Unique in its plan, and kept when the step is moved. */
  readonly id: StepId
  readonly activityId: ActivityId
  readonly rung: RungId
  readonly minutes: number
  /** Why it was chosen, in a sentence or two. */
  readonly why: Told
  /** An activity of one's own stands in the plan as it was when it was put there. */
  readonly own?: Activity<string>
  /** What is at the stations, and who goes round them; only in a step with stations. */
  readonly stations?: Stations
  /** Stays where another plan is built. */
  readonly locked?: boolean
  /** How long it really took, in seconds; left out until it was held. */
  readonly tookSeconds?: number
}

/** Stations that teams go round: in each round every team is at one of them, and after the last round it was at all. */
export interface Stations {
  /** As many as stations. */
  readonly teams: readonly Team[]
  readonly list: readonly Station[]
}

export interface Team {
  readonly childIds: readonly ChildId[]
  /** The rung that most of the team need. */
  readonly rung: RungId
}

export interface Station extends StepActivity {
  readonly led: 'adult' | 'helper' | 'alone'
}

export interface SessionPlan {
  /** The rung that most of the group needs. */
  readonly rung: RungId
  readonly steps: readonly PlanStep[]
}

export const SHORTEST_SESSION = 10
export const LONGEST_SESSION = 120
export const MOST_SEATED_IN_A_ROW = 2
