import { stillMinutes } from './moving'
import { MOST_SEATED_IN_A_ROW } from './types'
import type { SessionRequest } from './request'
import { type Choice, worth, taught } from './worth'
import type { Activity } from '../activities'
import { STAGES } from '../teaching'
import type { GroupNeed } from './need'

/** What the search may give up, in this order, when nothing fits a short or odd session. */
export interface Rules {
  readonly check: boolean
  readonly wholeOrder: boolean
  /** In a long session an activity may come once more, in its harder form and after others. */
  readonly again: boolean
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
interface PlanSearch {
  readonly request: SessionRequest
  readonly usable: readonly Choice[]
  readonly need: GroupNeed
  /** A small number for each activity, by the seed, so that equals come in another order. */
  readonly jitter: ReadonlyMap<Activity, number>
  /** The locked steps, which all have to come. */
  readonly kept: readonly Choice[]
}

/** Locked steps come in their own order, wherever the adult put them; only what is chosen obeys the rules. */
function nextLocked(before: readonly Choice[], kept: readonly Choice[]): Choice | undefined {
  return kept[before.filter((choice) => choice.locked).length]
}

/** Whether a choice may come next in a plan that is being grown. */
function mayFollow(draft: Draft, choice: Choice, { need, kept }: PlanSearch, rules: Rules): boolean {
  const { activity, rung } = choice
  const before = draft.choices
  if (choice.locked) return nextLocked(before, kept) === choice
  const last = before[before.length - 1]
  if (last?.activity.role === 'check') return false
  if (before.some(({ activity: { id } }) => id === activity.id) && !(rules.again && mayComeAgain(before, activity)))
    return false
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

/** Something else has to come in between. */
const BETWEEN = 2

function mayComeAgain(before: readonly Choice[], { id, role }: Activity): boolean {
  const isSame = ({ activity }: Choice) => activity.id === id
  return role === 'teach' && before.filter(isSame).length === 1 && !before.slice(-BETWEEN).some(isSame)
}

const MOST_STEPS = 20
const BEAM = 60

/** Grows plans step by step and keeps the best few of each length (a beam search). */
export function search(wanted: PlanSearch, rules: Rules): Draft | undefined {
  const { request, usable } = wanted
  let drafts: Draft[] = [{ choices: [], least: 0, usual: 0, most: 0, score: 0 }]
  let best: Draft | undefined
  for (let length = 1; length <= MOST_STEPS && drafts.length > 0; length++) {
    const grown = drafts.flatMap((draft) =>
      usable.filter((choice) => mayFollow(draft, choice, wanted, rules)).map((choice) => grow(draft, choice, wanted)),
    )
    const fitting = grown.filter((draft) => draft.least <= request.minutes)
    for (const draft of fitting)
      if (isWhole(draft, wanted, rules) && (!best || finalScore(draft, request) > finalScore(best, request)))
        best = draft
    drafts = fitting.sort((a, b) => b.score - a.score).slice(0, BEAM)
  }
  return best
}

function grow(draft: Draft, choice: Choice, { request, need, jitter }: PlanSearch): Draft {
  const { least, usual, most } = choice.lengths
  return {
    choices: [...draft.choices, choice],
    least: draft.least + least,
    usual: draft.usual + usual,
    most: draft.most + most,
    score: draft.score + worth(draft.choices, choice, request, need) + 0.6 * (jitter.get(choice.activity) ?? 0),
  }
}

function isWhole(draft: Draft, { request, kept }: PlanSearch, rules: Rules): boolean {
  if (nextLocked(draft.choices, kept)) return false
  const last = draft.choices[draft.choices.length - 1]
  if (rules.check && last?.activity.role !== 'check') return false
  if (rules.check && draft.choices.length < 2) return false
  if (request.minutes > stillMinutes(request) && !draft.choices.some((choice) => choice.activity.energy === 'moving'))
    return false
  return draft.least <= request.minutes && request.minutes <= draft.most
}

/**
 * A session whose usual lengths add up to about the minutes available is better than one that is stretched or
 * squeezed.
 */
function finalScore(draft: Draft, request: SessionRequest): number {
  return draft.score - 0.35 * Math.abs(draft.usual - request.minutes)
}
