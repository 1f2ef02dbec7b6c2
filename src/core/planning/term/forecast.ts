import { type PlainDate, dateOf, mondayOf, daysOf } from '../../clock'
import type { ChildId } from '../../ids'
import type { RungId } from '../../teaching'
import type { TermCounts } from './learner'
import { type LearningPace, LEARNING_PACES } from './speed'

/**
 * The shares of runs by which a date is told: the ends of the bands that hold 50 and 80 %, the middle, and 80 % itself.
 */
export const SHARES = [0.1, 0.25, 0.5, 0.75, 0.8, 0.9] as const
export type Share = (typeof SHARES)[number]

/** When a child is likely firm on a rung. */
export interface FirmWhen {
  readonly rung: RungId
  /** In which share of the runs it is firm by the end of the term. */
  readonly byEnd: number
  /** The meeting by which about so many of the runs have it firm; null where it takes longer than the term. */
  readonly by: Readonly<Record<Share, PlainDate | null>>
  /**
   * The same for eight in ten of the runs in which the child learns at each pace; only while its answers do not say yet
   * at which it learns.
   */
  readonly byPace?: Readonly<Record<LearningPace, PlainDate | null>>
}

export interface ChildForecast {
  readonly childId: ChildId
  /** Every rung that is not firm yet, in order. */
  readonly rungs: readonly FirmWhen[]
}

/** What a week is likely about. */
export interface TermWeek {
  /** Its Monday. */
  readonly monday: PlainDate
  readonly meetings: readonly PlainDate[]
  /** The rungs that the group works on in most runs, the likeliest first, with their shares of the runs. */
  readonly works: readonly RungShare[]
  /** Those that come back. */
  readonly back: readonly RungShare[]
}

export interface RungShare {
  readonly rung: RungId
  readonly share: number
}

export interface Forecast {
  readonly runs: number
  readonly children: readonly ChildForecast[]
  readonly weeks: readonly TermWeek[]
  /** When all are firm on the goal; undefined without a goal. */
  readonly goal: FirmWhen | undefined
}

/** A band over the days of a term: from its first day on, and each part as long as the days it takes. */
export interface TermBand {
  readonly before: number
  /** The tenth to the quarter of the runs, the middle half, and on to nine tenths. */
  readonly early: number
  readonly middle: number
  readonly late: number
}

/** Half a day: a band that is a single day can still be seen. */
const LEAST_BAND_DAYS = 0.5

/** When a rung is likely firm, in days of a term; all 0 where it is firm already, or hardly ever in the term. */
export function bandInTerm(
  when: FirmWhen | undefined,
  { from, until }: { from: PlainDate; until: PlainDate },
): TermBand {
  if (!when || when.by[0.1] === null) return { before: 0, early: 0, middle: 0, late: 0 }
  const at = (share: Share) => daysIntoTerm(when.by[share] ?? until, { from, until })
  const [p10, p25, p75, p90] = [at(0.1), at(0.25), at(0.75), at(0.9)]
  return { before: p10, early: p25 - p10, middle: Math.max(LEAST_BAND_DAYS, p75 - p25), late: p90 - p75 }
}

/** Days from the first day of a term to a date, never before its first day nor after its last. */
export function daysIntoTerm(date: PlainDate, { from, until }: { from: PlainDate; until: PlainDate }): number {
  return Math.max(0, Math.min(daysOf(until), daysOf(date)) - daysOf(from))
}

/** The rungs named in a week: those of every fourth run at least. */
const LEAST_SHARE = 0.25

/** What the terms that were played come to. */
export function forecastOf(counts: TermCounts): Forecast {
  const { runs, ladder, children, firmAfter, goalAt, allThere } = counts
  const goal = goalAt === undefined ? undefined : ladder[goalAt]
  return {
    runs,
    children: children.map(({ id }, c) => {
      const isOpen = isPaceOpen(c, counts)
      return {
        childId: id,
        rungs: ladder.flatMap((rung, r) => {
          const after = firmAfter[c]?.[r]
          if (after === undefined || after[0] === runs) return []
          const when = firmWhen(rung, after, counts)
          return [isOpen ? { ...when, byPace: datesByPace(c, r, counts) } : when]
        }),
      }
    }),
    weeks: weeksOfTerm(counts),
    goal: goal === undefined ? undefined : firmWhen(goal, allThere, counts),
  }
}

function firmWhen(rung: RungId, after: Uint32Array, { meetings, runs }: TermCounts): FirmWhen {
  const dates = SHARES.map((share) => [share, dayBy(share, { after, runs, meetings })])
  return {
    rung,
    byEnd: after.reduce((sum, count) => sum + count, 0) / runs,
    by: Object.fromEntries(dates) as Record<Share, PlainDate | null>,
  }
}

interface Reached {
  readonly after: Uint32Array
  readonly runs: number
  readonly meetings: readonly number[]
}

/** The meeting by which about such a share of the runs has it firm; null where the term is too short. */
function dayBy(share: number, { after, runs, meetings }: Reached): PlainDate | null {
  let sum = 0
  const reached = Array.from(after, (count) => (sum += count) / runs)
  const first = reached.findIndex((each) => each >= share)
  if (first < 0) return null
  // Between two meetings nothing happens: of the two, the one that lies nearer to the share.
  const earlier = reached[first - 1] ?? 0
  const isNearer = first > 1 && share - earlier < (reached[first] ?? 1) - share
  return dateOf(meetings[Math.max(0, first - (isNearer ? 2 : 1))] ?? 0)
}

/** A pace is known once the child learns at it in so many of the runs. */
const KNOWN_PACE = 0.7
/** A pace that has fewer runs says nothing. */
const LEAST_RUNS = 20

function isPaceOpen(child: number, { byPace, runs }: TermCounts): boolean {
  return LEARNING_PACES.every((pace) => {
    const own = byPace[pace][child]?.runs ?? 0
    return own >= LEAST_RUNS && own < KNOWN_PACE * runs
  })
}

function datesByPace(
  child: number,
  rung: number,
  { byPace, meetings }: TermCounts,
): Record<LearningPace, PlainDate | null> {
  const dates = LEARNING_PACES.map((pace) => {
    const { runs = 0, firmAfter = [] } = byPace[pace][child] ?? {}
    const after = firmAfter[rung]
    return [pace, after ? dayBy(PLANNED_FOR, { after, runs, meetings }) : null]
  })
  return Object.fromEntries(dates) as Record<LearningPace, PlainDate | null>
}

function weeksOfTerm({ meetings, ladder, worked, cameBack, runs }: TermCounts): TermWeek[] {
  const mondays = [...new Set(meetings.map(mondayOf))]
  return mondays.map((monday) => {
    const at = meetings.flatMap((day, m) => (mondayOf(day) === monday ? [m] : []))
    const shares = (counted: readonly Uint32Array[]) =>
      ladder
        .map((rung, r) => ({ rung, share: Math.max(...at.map((m) => counted[m]?.[r] ?? 0)) / runs }))
        .filter(({ share }) => share >= LEAST_SHARE)
        .sort((a, b) => b.share - a.share)
    return {
      monday: dateOf(monday),
      meetings: at.map((m) => dateOf(meetings[m] ?? 0)),
      works: shares(worked),
      back: shares(cameBack),
    }
  })
}

/** How one forecast differs from another for one child and rung. */
export interface Shift {
  readonly childId: ChildId
  readonly rung: RungId
  readonly before: PlainDate | null
  readonly after: PlainDate | null
  /** It is firm by now. */
  readonly isFirm: boolean
}

/** Eight in ten: the share of runs that a plan goes by. */
export const PLANNED_FOR: Share = 0.8

/**
 * What changed from one forecast to the next: for each child the rung that was next before, where its day moved or it
 * is firm by now, and whoever came or went is left out.
 */
export function shiftsBetween(before: Forecast, after: Forecast): Shift[] {
  return before.children.flatMap((was) => {
    const now = after.children.find(({ childId }) => childId === was.childId)
    const [next] = was.rungs
    if (!now || !next) return []
    const then = now.rungs.find(({ rung }) => rung === next.rung)
    const shift = {
      childId: now.childId,
      rung: next.rung,
      before: next.by[PLANNED_FOR],
      after: then?.by[PLANNED_FOR] ?? null,
      isFirm: then === undefined,
    }
    return shift.isFirm || shift.before !== shift.after ? [shift] : []
  })
}

/** How many rungs a child is firm on by the end, beyond those of now, on the average of children and runs. */
export function rungsGained({ children }: Forecast): number {
  const sum = children.flatMap(({ rungs }) => rungs.map(({ byEnd }) => byEnd)).reduce((a, b) => a + b, 0)
  return children.length === 0 ? 0 : sum / children.length
}
