import { type Told } from '../wording'
import type { OwnActivityBody } from '../activities'
import type { PlainDate } from '../clock'
import type { Day } from '../days'
import type { Story } from '../stories'
import type { Answer, Diagnosis, Finding, SecureWeek, Standing } from '../knowing'
import type { CautionId } from '../make'
import type { TermChild } from '../planning'
import type { Child, Group, Kept } from './people'
import type { Settings } from './settings'
import type { Session, KeptTerm } from './sessions'
import type { GroupCount, Note, AnswerChange } from './answers'

/* What each view shows at first. */

/** What the page of activities shows at first. */
export interface ActivitiesData {
  readonly own: readonly Kept<OwnActivityBody>[]
  readonly settings: Settings
}

/** What the view of a term shows at first. */
export interface TermData {
  readonly group: Group
  readonly children: readonly TermChild[]
  readonly settings: Settings
  readonly kept: KeptTerm | null
}

export interface ChildReport {
  readonly child: Child
  readonly groups: readonly string[]
  readonly standing: Standing
  readonly readiness: Told
  readonly diagnosis: Diagnosis
  readonly answers: number
  readonly notes: number
}

export interface GroupOverview {
  readonly group: Group
  readonly children: readonly {
    readonly id: string
    readonly name: string
    readonly readiness: Told
    readonly movesOn: boolean
    readonly age: number | null
    /** What the child's answers were found to have in common. */
    readonly findings: readonly Pick<Finding, 'misreading'>[]
  }[]
  /** Whether the group made clocks to turn in an earlier session. */
  readonly hasClocks: boolean
  readonly next: Session | null
  /** The sessions that are planned after the next one, the earliest first. */
  readonly planned: readonly Session[]
  /** The sessions whose day is over, of which nobody said whether they were held; the earliest first. */
  readonly unsaid: readonly Session[]
  /** On which day another one is to be. */
  readonly nextDay: PlainDate
  readonly last: Session | null
}

export interface Overview {
  readonly groups: readonly GroupOverview[]
  readonly children: number
  readonly settings: Settings
}

/** What Days shows: the days that are kept, and for whom they can be. */
export interface DaysData {
  readonly days: readonly Kept<Day>[]
  readonly groups: readonly Group[]
  readonly reports: readonly ChildReport[]
  readonly settings: Settings
}

/** What is found when it is tried whether something can be printed. */
export interface PrintCheck {
  /** Why it cannot, in whole sentences; none where it can. */
  readonly problems: readonly string[]
  /** What to look out for when it is cut out and played with. */
  readonly cautions: readonly CautionId[]
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

/** How a child went on: how many steps were secure at the end of each week. */
export interface ChildCourse {
  readonly childId: Child['id']
  readonly name: string
  readonly weeks: readonly SecureWeek[]
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
