import type { ActivityId, ChangeId, ChildId, CountId, GroupId, NoteId, RecipeId, SessionId, YardId } from './ids'
import type { Activity, MaterialId, OwnActivityBody, Place } from './activities'
import type { Day } from './days'
import type { PaperId } from './drawing'
import type { Story } from './stories'
import type { Recipe, Yard } from './make'
import type { Answer, Finding, Instant, Overrule, Standing } from './knowing'
import {
  type Forecast,
  type PackLine,
  type PackThing,
  type PlanChild,
  type PlanStep,
  type SessionPlan,
  type SessionRequest,
  type TermChild,
  type TermWish,
  type Timing,
  paceOf,
} from './planning'
import type { PrintOptions, PrintableId, SavedPrint } from './printables'
import { type Item, type RungId, type SchoolId, type Value, schools } from './teaching'
import type { LanguageId, Wording } from './wording'

/* The shapes that are kept and sent: what the server stores and the views show. */

export interface Child {
  readonly id: ChildId
  readonly name: string
  readonly age: number | null
  readonly version: number
}

/** A child as it is added. */
export interface NewChild {
  readonly id: ChildId
  readonly name: string
  readonly age?: number | null
  /** The rung that the child starts at, as the adult says; what comes before it counts as known. */
  readonly startsAt?: RungId
}

export interface Group {
  readonly id: GroupId
  readonly name: string
  readonly childIds: readonly ChildId[]
  /** What is otherwise with this group than in the house rules. */
  readonly rules: GroupRules
  readonly version: number
}

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

/** The house rules: one way of saying, teaching and printing for everyone. */
export interface Settings {
  readonly language: LanguageId
  readonly form: 'turns' | 'minutes-past' | 'digital'
  readonly school: SchoolId
  readonly paper: PaperId
  readonly lowInk: boolean
  readonly place: Place
  /** What is usually to hand. */
  readonly materials: readonly MaterialId[]
  /** Activities that this adult likes best, and those that are never planned. */
  readonly favourites: readonly ActivityId[]
  readonly notForUs: readonly ActivityId[]
  /** How much of what is in the cupboard: a shopping list leaves it out. What is not named was not counted. */
  readonly cupboard: Readonly<Partial<Record<MaterialId, number>>>
  readonly version: number
}

/** The rules that a group can have for itself. What it leaves out is as the house rules say. */
export type GroupRules = Partial<Omit<Settings, 'version' | 'favourites' | 'notForUs' | 'cupboard'>>

/** The rules that hold for a group. */
export function rulesFor(settings: Settings, { rules }: Pick<Group, 'rules'>): Settings {
  return { ...settings, ...rules }
}

/** What the page of activities shows at first. */
export interface ActivitiesData {
  readonly own: readonly Kept<OwnActivityBody>[]
  readonly settings: Settings
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

/** What the view of a term shows at first. */
export interface TermData {
  readonly group: Group
  readonly children: readonly TermChild[]
  readonly settings: Settings
  readonly kept: KeptTerm | null
}

/** Something made and kept by name: a clock's recipe, a floor clock. */
export interface Kept<T> {
  readonly id: string
  readonly name: string
  readonly body: T
  readonly version: number
}

/** How times are put in everything that is printed, asked and accepted. */
export function wordingOf({ language, form }: Pick<Settings, 'language' | 'form'>): Wording {
  return { language, form }
}

/** An answer as it is sent: whether it is right is worked out where it is kept, never taken on trust. */
export type SentAnswer = Omit<Answer, 'right'>

/** What became of answers that were sent. */
export interface RecordedAnswers {
  /** Ids that are now kept, those that were kept before among them. */
  readonly kept: readonly string[]
  readonly refused: readonly { readonly id: string; readonly field: string; readonly reason: string }[]
}

/** How many of a group showed what at one call of a game: kept with the session, never with a child. */
export interface GroupCount {
  readonly id: CountId
  readonly sessionId: SessionId
  readonly at: Instant
  readonly item: Item
  /** Each thing that was shown, right or wrong, with how many showed it; `helped` where it was right with a nudge. */
  readonly lines: readonly CountLine[]
}

export interface CountLine {
  readonly value: Value
  readonly helped: boolean
  readonly count: number
}

/** A session with all that planning and running it need. */
export interface SessionContext {
  readonly session: Session
  readonly group: Group
  readonly children: readonly PlanChild[]
  /** Ids of the activities of the group's session before this one. */
  readonly lastTime: readonly string[]
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
  const { session, children, lastTime, hasClocks, timings, own, settings, recipe } = context
  const { minutes, start, place, materials } = session
  const { favourites, notForUs } = settings
  const school = schools[settings.school]
  const known = {
    children,
    lastTime,
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
  readonly options: PrintOptions
  readonly seed: number
  /** Of the pages, not of the key; 1 where it is left out. */
  readonly copies?: number
}

/** A pack as it is asked for. */
export interface PackOrder {
  readonly id: string
  readonly groupId: GroupId
  readonly things: readonly PackThing[]
  readonly seed: number
}

/** What of a session can be edited, as it is now. */
export function editOf({ date, start, minutes, place, materials, note, version, plan }: Session): SessionEdit {
  return { date, start, minutes, place, materials, note, version, rung: plan.rung, steps: plan.steps }
}

/** Something the adult wrote down about a child. */
export interface Note {
  readonly id: NoteId
  readonly childId: ChildId
  readonly at: Instant
  readonly text: string
}

/** What was done to a kept answer, when and why: so that nothing vanishes without a trace. */
export interface AnswerChange {
  readonly id: ChangeId
  readonly childId: ChildId
  readonly at: Instant
  readonly what: 'corrected' | 'removed'
  readonly reason: string
  readonly before: Answer
  /** Null where it was taken out. */
  readonly after: Answer | null
}

export interface Correction {
  readonly given: Answer['given']
  readonly helped: boolean
  readonly reason: string
}

export type OverruleWish = Pick<Overrule, 'rung' | 'note'> & { readonly verdict: Overrule['verdict'] | null }

export interface ChildReport {
  readonly child: Child
  readonly groups: readonly string[]
  readonly standing: Standing
  readonly readiness: string
  readonly diagnosis: { readonly enough: boolean; readonly findings: readonly Finding[] }
  readonly answers: number
  readonly notes: number
}

export interface GroupOverview {
  readonly group: Group
  readonly children: readonly {
    readonly id: string
    readonly name: string
    readonly readiness: string
    readonly movesOn: boolean
    readonly age: number | null
    /** What the child's answers were found to have in common. */
    readonly findings: readonly Pick<Finding, 'misreading'>[]
  }[]
  /** Whether the group made clocks to turn in an earlier session. */
  readonly hasClocks: boolean
  readonly next: Session | null
  readonly last: Session | null
}

export interface Overview {
  readonly groups: readonly GroupOverview[]
  readonly children: number
  readonly settings: Settings
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

/** What Days shows: the days that are kept, and for whom they can be. */
export interface DaysData {
  readonly days: readonly Kept<Day>[]
  readonly groups: readonly Group[]
  readonly reports: readonly ChildReport[]
  readonly settings: Settings
}

/** What Stories shows: the stories that are kept, the days that one can be made of, and for whom. */
export interface StoriesData extends DaysData {
  readonly stories: readonly Kept<Story>[]
}

/** What the list of children shows. */
export interface PeopleData {
  readonly groups: readonly Group[]
  readonly reports: readonly ChildReport[]
}

/** A group with its children side by side. */
export interface GroupData {
  readonly group: Group
  readonly members: readonly ChildReport[]
  readonly settings: Settings
}

/** All that is known of a child. */
export interface ChildData {
  readonly report: ChildReport
  readonly answers: readonly Answer[]
  readonly settings: Settings
  readonly notes: readonly Note[]
  readonly changes: readonly AnswerChange[]
}

export interface LogData {
  readonly sessions: readonly Session[]
  readonly groups: readonly Group[]
}

/** What was answered in one session, and where its children stand now. */
export interface RecordData {
  readonly answers: readonly Answer[]
  readonly counts: readonly GroupCount[]
  readonly reports: readonly ChildReport[]
  readonly settings: Settings
}

/** The session that the log shows: the one that was picked, else the last one held, else the last one planned. */
export function shownSession(sessions: readonly Session[], picked: string | undefined): Session | undefined {
  return sessions.find(({ id }) => id === picked) ?? sessions.find(({ doneAt }) => doneAt !== null) ?? sessions[0]
}
