import type { GroupId, RecipeId, SessionId, YardId } from '../ids'
import type { Activity, MaterialId, Place } from '../activities'
import type { Recipe, Yard } from '../make'
import type { Instant } from '../knowing'
import {
  type AnswerWay,
  type Forecast,
  type PackLine,
  type PackThing,
  type PlanChild,
  type PlanStep,
  type SessionPlan,
  type SessionRequest,
  type TermWish,
  type Timing,
  paceOf,
} from '../planning'
import type { ChosenOptions, PrintableId, SavedPrint } from '../printables'
import { type RungId, schools } from '../teaching'
import type { Group, Kept } from './people'
import type { Settings } from './settings'

/* Sessions, the term that they are part of, and what is printed for them. */

export interface Session {
  readonly id: SessionId
  readonly groupId: GroupId
  /** Of the place where it is held: 2026-11-28. */
  readonly date: string
  readonly start: number
  readonly minutes: number
  readonly place: Place
  readonly materials: readonly MaterialId[]
  readonly plan: SessionPlan
  readonly seed: number
  readonly note: string
  /** A saved clock and a floor clock that go with it. */
  readonly recipeId: RecipeId | null
  readonly yardId: YardId | null
  readonly printedAt: Instant | null
  readonly doneAt: Instant | null
  readonly version: number
}

export type SessionEdit = Pick<Session, 'date' | 'start' | 'minutes' | 'place' | 'materials' | 'note' | 'version'> & {
  readonly rung: RungId
  readonly steps: readonly PlanStep[]
}

/** A term as it was planned: what was wished, and the forecast that was kept with it. */
export interface KeptTerm {
  readonly wish: TermWish
  readonly forecast: Forecast
  /** When it was kept. */
  readonly at: Instant
  readonly version: number
}

/** A term as it is sent to be kept; version 0 where there was none. */
export type TermEdit = Pick<KeptTerm, 'wish' | 'forecast' | 'version'>

/** A session with all that planning and running it need. */
export interface SessionContext {
  readonly session: Session
  readonly group: Group
  readonly children: readonly PlanChild[]
  /** Ids of the activities of the group's session before this one. */
  readonly lastTime: readonly string[]
  /** The same of the session before that one. */
  readonly beforeLast: readonly string[]
  /** Whether the group made clocks to turn in an earlier session. */
  readonly hasClocks: boolean
  /** What the group's sessions so far took. */
  readonly timings: readonly Timing[]
  /** The adult's own activities. */
  readonly own: readonly Activity[]
  /** The house rules, with the group's own in their place. */
  readonly settings: Settings
  readonly recipe: Kept<Recipe> | null
  readonly yard: Kept<Yard> | null
  /** What was put into it from the Print room. */
  readonly prints: readonly Kept<SavedPrint>[]
}

/** What the planner is asked for a session as it stands. */
export function requestOf(context: SessionContext): SessionRequest {
  const { session, children, lastTime, beforeLast, hasClocks, timings, own, settings, recipe } = context
  const { minutes, start, place, materials } = session
  const { favourites, notForUs } = settings
  const school = schools[settings.school]
  const known = {
    children,
    lastTime,
    beforeLast,
    hasClocks,
    pace: paceOf(timings),
    own,
    favourites,
    notForUs,
    school,
    clock: recipe?.body,
  }
  return { minutes, start, place, materials, ...known }
}

/** What a session is asked for with; the plan follows. */
export type SessionWish = Pick<Session, 'id' | 'groupId' | 'date' | 'start' | 'minutes' | 'place' | 'materials'>

/** A print as it is asked for. */
export interface PrintWish {
  readonly printable: PrintableId
  readonly options: ChosenOptions
  readonly seed: number
  /** Of the pages, not of the key; 1 where it is left out. */
  readonly copies?: number
  /** A page for each where it is left out. */
  readonly answersOnPaper?: AnswerWay
}

/** A pack as it is asked for. */
export interface PackOrder {
  readonly id: string
  readonly groupId: GroupId
  readonly things: readonly PackThing[]
  readonly seed: number
  readonly answersOnPaper?: AnswerWay
}

/** What of a session can be edited, as it is now. */
export function editOf({ date, start, minutes, place, materials, note, version, plan }: Session): SessionEdit {
  return { date, start, minutes, place, materials, note, version, rung: plan.rung, steps: plan.steps }
}

/** How a pack that the server makes is getting on. */
export interface PackJob {
  readonly id: string
  readonly state: 'waiting' | 'making' | 'done' | 'failed' | 'cancelled'
  readonly done: number
  readonly total: number
  /** Who gets what. */
  readonly lines: readonly PackLine[]
  /** Once it is done. */
  readonly pages?: number
  /** How many wait before it, as long as it waits. */
  readonly before?: number
}
