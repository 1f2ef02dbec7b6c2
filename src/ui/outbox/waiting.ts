import type { GroupCount, SentAnswer, SessionEdit } from '../../core/records'

/** What is still to be told to the server. */
export interface Waiting {
  /** Later ones are larger, in whichever place they are kept. */
  readonly order: number
  /** The id of the answer or the count; of a plan, its session. */
  readonly answerId: string
  /** Left out, and without a count or a plan: the answer is to be taken back. */
  readonly answer?: SentAnswer
  /** How many of a group showed what, instead of an answer. */
  readonly count?: GroupCount
  /** A plan as it was edited. */
  readonly plan?: SessionEdit
  /** The session was held, with this note. */
  readonly done?: { readonly note: string }
  /** The plan was changed elsewhere as well: it waits until somebody has looked at both. */
  readonly clash?: boolean
  /** Why the server did not take it. It is kept here until somebody sends it again or removes it. */
  readonly refused?: string
}

/** Where things can wait. The first is the safest. */
export const SAFETY = ['browser', 'small', 'page'] as const
/**
 * `browser`: the browser's own database. `small`: its small storage, where that one is refused. `page`: this page
 * alone, so that closing it would lose them.
 */
export type Safety = (typeof SAFETY)[number]

/** One place in which things can wait. Each call may throw where the browser refuses it. */
export interface WaitingPlace {
  readonly safety: Safety
  readonly all: () => Promise<readonly Waiting[]>
  readonly add: (waiting: Waiting) => Promise<void>
  readonly remove: (orders: readonly number[]) => Promise<void>
}
