import type { ActivityId, ChildId, StepId } from '../ids'
import type { MinuteOfDay } from '../clock'
import type { Activity, MaterialId, Place, StepActivity } from '../activities'
import type { Recipe } from '../make'
import type { Finding, ScaffoldId, Standing } from '../knowing'
import type { MisreadingId, RungId, School } from '../teaching'

export interface PlanChild {
  readonly id: ChildId
  readonly name: string
  readonly age?: number
  readonly standing: Standing
  /** The misreadings that were found in this child. */
  readonly findings: readonly Pick<Finding, 'misreading'>[]
  /** How likely each misreading is after all answers so far. One that is left out is as common as among beginners. */
  readonly before?: Partial<Record<MisreadingId, number>>
  /** Helps that the child last had on the dial, by rung. */
  readonly scaffolds?: Partial<Record<RungId, readonly ScaffoldId[]>>
}

/** How long a group takes beside the catalogue: 1.2 is a fifth longer. */
export interface Pace {
  /** Of an activity that was not timed yet. */
  readonly usual: PaceFactor
  readonly byActivity: Readonly<Record<ActivityId, PaceFactor & { readonly times: number }>>
}

export interface PaceFactor {
  readonly factor: number
  /** Between these it lies with 80 %. */
  readonly low: number
  readonly high: number
}

export interface SessionRequest {
  readonly children: readonly PlanChild[]
  /** Whole minutes, SHORTEST_SESSION to LONGEST_SESSION. */
  readonly minutes: number
  readonly start: MinuteOfDay
  readonly place: Place
  readonly materials: readonly MaterialId[]
  /** Ids of the activities of the group's last session. */
  readonly lastTime: readonly string[]
  readonly school: School
  /** Whether the children have clocks to turn that were made before. */
  readonly hasClocks?: boolean
  /** The clock from the Workbench that is made in it; left out, the usual card clock. */
  readonly clock?: Recipe
  /** Activities of the adult's own, offered with the catalogue; those liked best; and those that are never planned. */
  readonly own?: readonly Activity[]
  readonly favourites?: readonly ActivityId[]
  readonly notForUs?: readonly ActivityId[]
  /** How long things take this group; left out, as long as the catalogue says. */
  readonly pace?: Pace
  /** The rung to plan for, where the adult chose one; left out, the one that most need. */
  readonly rung?: RungId
}

export interface PlanStep {
  /** Unique in its plan, and kept when the step is moved. */
  readonly id: StepId
  readonly activityId: ActivityId
  readonly rung: RungId
  readonly minutes: number
  /** Why it was chosen, in a sentence or two. */
  readonly why: string
  /** An activity of one's own stands in the plan as it was when it was put there. */
  readonly own?: Activity
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
/** Anything longer needs a movement break. */
export const BREAK_AFTER_MINUTES = 20
export const MOST_SEATED_IN_A_ROW = 2
