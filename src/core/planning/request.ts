import type { ActivityId, ChildId } from '../ids'
import type { MinuteOfDay } from '../clock'
import type { Activity, MaterialId, Place } from '../activities'
import type { PictureId } from '../days'
import type { Recipe } from '../make'
import type { Finding, ScaffoldId, Standing } from '../knowing'
import type { MisreadingId, RungId, School } from '../teaching'

export interface PlanChild {
  readonly id: ChildId
  readonly name: string
  readonly age?: number
  /** What stands beside the name on the child's pages. */
  readonly picture?: PictureId
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
  /** The same of the session before that one. */
  readonly beforeLast?: readonly string[]
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
