import type { Activity } from '../activities'
import { STAGES } from '../teaching'
import type { GroupNeed } from './need'
import { MOST_SEATED_IN_A_ROW } from './types'
import type { SessionRequest } from './request'
import { type Choice, taught } from './worth'

/** What the search may give up, in this order, when nothing fits a short or odd session. */
export interface Rules {
  readonly check: boolean
  readonly wholeOrder: boolean
}

/** A plan being grown, step by step. */
export interface Draft {
  readonly choices: readonly Choice[]
  readonly least: number
  readonly usual: number
  readonly most: number
  readonly score: number
}

/** What a plan is looked for with. */
export interface PlanSearch {
  readonly request: SessionRequest
  readonly usable: readonly Choice[]
  readonly need: GroupNeed
  /** A small number for each activity, by the seed, so that equals come in another order. */
  readonly jitter: ReadonlyMap<Activity, number>
  /** The locked steps, which all have to come. */
  readonly kept: readonly Choice[]
}

/** Locked steps come in their own order, wherever the adult put them; only what is chosen obeys the rules. */
export function nextLocked(before: readonly Choice[], kept: readonly Choice[]): Choice | undefined {
  return kept[before.filter((choice) => choice.locked).length]
}

/** Whether a choice may come next in a plan that is being grown. */
export function mayFollow(draft: Draft, choice: Choice, { need, kept }: PlanSearch, rules: Rules): boolean {
  const { activity, rung } = choice
  const before = draft.choices
  if (choice.locked) return nextLocked(before, kept) === choice
  const last = before[before.length - 1]
  if (last?.activity.role === 'check') return false
  if (before.some((choice) => choice.activity.id === activity.id)) return false
  if (activity.role === 'check')
    return nextLocked(before, kept) === undefined && (before.length > 0 || !rules.wholeOrder)
  if (activity.role === 'break') return before.length > 0 && last?.activity.energy !== 'moving'
  const seated = before.slice(-MOST_SEATED_IN_A_ROW)
  if (
    activity.energy === 'seated' &&
    seated.length === MOST_SEATED_IN_A_ROW &&
    seated.every((choice) => choice.activity.energy === 'seated')
  )
    return false
  // One older rung, and only as a way in.
  if (rung !== need.rung) return before.length === 0
  const stages = taught(before, rung).map((choice) => STAGES.indexOf(choice.activity.stage))
  const highest = stages.length > 0 ? Math.max(...stages) : -1
  const stage = STAGES.indexOf(activity.stage)
  if (stage < highest) return false
  if (!rules.wholeOrder) return true
  // No stage is skipped on the way up, except those that every child has already met.
  return stage <= Math.max(highest + 1, STAGES.indexOf(need.firstStage))
}
