import type { ChangeId, ChildId, CountId, NoteId, SessionId } from '../ids'
import type { Answer, Instant, Overrule } from '../knowing'
import type { Item, Value } from '../teaching'

/* What was answered, judged, noted and counted. */

/**
 * An answer as it is sent. Whether it is right, and on which day it was, is worked out where it is kept, never taken on
 * trust.
 */
export type SentAnswer = Omit<Answer, 'right' | 'day'>

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

/** Something the adult wrote down about a child. */
export interface Note {
  readonly id: NoteId
  readonly childId: ChildId
  readonly at: Instant
  readonly text: string
}

/** An answer as it stood before or after a change. */
export type ChangedAnswer = Omit<Answer, 'day'>

/** What was done to a kept answer, when and why: so that nothing vanishes without a trace. */
export interface AnswerChange {
  readonly id: ChangeId
  readonly childId: ChildId
  readonly at: Instant
  readonly what: 'corrected' | 'removed'
  readonly reason: string
  readonly before: ChangedAnswer
  /** Null where it was taken out. */
  readonly after: ChangedAnswer | null
}

export interface Correction {
  readonly given: Answer['given']
  readonly helped: boolean
  readonly reason: string
}

export type OverruleWish = Pick<Overrule, 'rung' | 'note'> & {
  readonly verdict: Exclude<Overrule['verdict'], 'supposed'> | null
}
