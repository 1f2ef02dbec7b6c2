import type { AgeLimits } from './byAge'
import { fittedMinutes } from './fitting'
import { MOST_SEATED_IN_A_ROW } from './types'
import type { SessionRequest } from './request'
import { type Choice, worth, taught } from './worth'
import type { Activity } from '../activities'
import { STAGES } from '../teaching'
import { lackingWithThings, wantedWithThings } from './shares'
import type { GroupNeed } from './need'

/** What the search may give up, in this order, when nothing fits a short or odd session. */
export interface Rules {
  readonly wholeOrder: boolean
  /** No longer seated on end, and no more writing, than suits the youngest. */
  readonly byAge: boolean
  readonly check: boolean
}

/** A plan being grown, step by step. */
export interface Draft {
  readonly choices: readonly Choice[]
  readonly least: number
  readonly usual: number
  readonly most: number
  /** Usual minutes that are taught with things. */
  readonly withThings: number
  readonly score: number
}

/** What a plan is looked for with. */
interface PlanSearch {
  readonly request: SessionRequest
  readonly usable: readonly Choice[]
  readonly need: GroupNeed
  /** A small number for each activity, by the seed, so that equals come in another order. */
  readonly jitter: ReadonlyMap<Activity, number>
  /** What the age of the youngest asks for. */
  readonly limits: AgeLimits
  /** The locked steps, which all have to come. */
  readonly kept: readonly Choice[]
}

/** Locked steps come in their own order, wherever the adult put them; only what is chosen obeys the rules. */
function nextLocked(before: readonly Choice[], kept: readonly Choice[]): Choice | undefined {
  return kept[before.filter((choice) => choice.locked).length]
}

/** Whether a choice may come next in a plan that is being grown. */
function mayFollow(draft: Draft, choice: Choice, { request, need, kept, limits }: PlanSearch, rules: Rules): boolean {
  const { activity, rung } = choice
  const before = draft.choices
  if (choice.locked) return nextLocked(before, kept) === choice
  const last = before[before.length - 1]
  if (last?.activity.role === 'check') return false
  if (rules.byAge && !suitsAge(before, choice, limits)) return false
  if (before.some(({ activity: { id } }) => id === activity.id) && !mayComeAgain(before, activity, request))
    return false
  if (activity.role === 'check')
    return nextLocked(before, kept) === undefined && (before.length > 0 || !rules.wholeOrder)
  if (activity.role === 'recall') return need.recall && before.length === 0
  if (activity.role === 'break') return before.length > 0 && last?.activity.energy !== 'moving'
  const seated = before.slice(-MOST_SEATED_IN_A_ROW)
  if (
    activity.energy === 'seated' &&
    seated.length === MOST_SEATED_IN_A_ROW &&
    seated.every((choice) => choice.activity.energy === 'seated')
  )
    return false
  // One older rung, and only as a way in.
  if (rung !== need.rung) return before.every((other) => other.activity.role === 'recall')
  const stages = taught(before, rung).map((choice) => STAGES.indexOf(choice.activity.stage))
  const highest = stages.length > 0 ? Math.max(...stages) : -1
  const stage = STAGES.indexOf(activity.stage)
  if (stage < highest) return false
  if (!rules.wholeOrder) return true
  // No stage is skipped on the way up, except those that every child has already met.
  return stage <= Math.max(highest + 1, STAGES.indexOf(need.firstStage))
}

/** From here on an activity may come once more, in its harder form … */
const LONG_MINUTES = 60
/** … where so many others came in between. */
const BETWEEN = 2

function mayComeAgain(before: readonly Choice[], { id, role }: Activity, { minutes }: SessionRequest): boolean {
  const isSame = ({ activity }: Choice) => activity.id === id
  if (minutes < LONG_MINUTES) return false
  return role === 'teach' && before.filter(isSame).length === 1 && !before.slice(-BETWEEN).some(isSame)
}

const MOST_STEPS = 20
/**
 * So many of each length are kept, of each stage that they have come to: going on early to signs looks best at first.
 * Where none of them leads to a plan, more are kept before anything is given up.
 */
const BEAMS = [30, 200]

/** A plan that keeps the rules; looked for more widely where the first look finds none. */
export function search(wanted: PlanSearch, rules: Rules): Draft | undefined {
  for (const beam of BEAMS) {
    const found = searchWithin(wanted, rules, beam)
    if (found) return found
  }
  return undefined
}

/** Grows plans step by step and keeps the best few of each length and stage (a beam search). */
function searchWithin(wanted: PlanSearch, rules: Rules, beam: number): Draft | undefined {
  const { request, usable } = wanted
  let drafts: Draft[] = [{ choices: [], least: 0, usual: 0, most: 0, withThings: 0, score: 0 }]
  let best: { readonly draft: Draft; readonly score: number } | undefined
  for (let length = 1; length <= MOST_STEPS && drafts.length > 0; length++) {
    const grown = drafts.flatMap((draft) =>
      usable.filter((choice) => mayFollow(draft, choice, wanted, rules)).map((choice) => grow(draft, choice, wanted)),
    )
    const fitting = grown.filter((draft) => draft.least <= request.minutes).sort((a, b) => b.score - a.score)
    for (const draft of fitting) {
      // A plan is never worth more than what it is made of.
      if (best && draft.score <= best.score) break
      if (!isWhole(draft, wanted, rules)) continue
      const score = finalScore(draft, wanted, rules)
      if (score !== undefined && (!best || score > best.score)) best = { draft, score }
    }
    drafts = bestOfEachStage(fitting, wanted, beam)
  }
  return best?.draft
}

/** The first so many of each stage that they have come to, from drafts with the best first. */
function bestOfEachStage(drafts: readonly Draft[], wanted: PlanSearch, beam: number): Draft[] {
  const kept = new Map<number, Draft[]>()
  for (const draft of drafts) {
    const stage = stageReached(draft, wanted)
    const same = kept.get(stage) ?? []
    if (same.length < beam) same.push(draft)
    kept.set(stage, same)
  }
  return [...kept.values()].flat()
}

/** The place in `STAGES` of the last that was taught on the rung of the group; -1 where nothing was. */
function stageReached({ choices }: Draft, { need }: PlanSearch): number {
  const last = choices.findLast(({ activity, rung }) => activity.role === 'teach' && rung === need.rung)
  return last ? STAGES.indexOf(last.activity.stage) : -1
}

/** One more with things, as long as they have less than their share of the session. */
const WITH_THINGS_POINTS = 1.5

const isWithThings = ({ activity }: Choice) => activity.role === 'teach' && activity.stage === 'concrete'

function grow(draft: Draft, choice: Choice, { request, need, jitter }: PlanSearch): Draft {
  const { least, usual, most } = choice.lengths
  const wanted = wantedWithThings(need) * request.minutes
  return {
    choices: [...draft.choices, choice],
    least: draft.least + least,
    usual: draft.usual + usual,
    most: draft.most + most,
    withThings: draft.withThings + (isWithThings(choice) ? usual : 0),
    score:
      draft.score +
      (isWithThings(choice) && draft.withThings < wanted ? WITH_THINGS_POINTS : 0) +
      worth(draft.choices, choice, request, need) +
      0.6 * (jitter.get(choice.activity) ?? 0),
  }
}

function isWhole(draft: Draft, wanted: PlanSearch, rules: Rules): boolean {
  const { request, kept, limits } = wanted
  if (nextLocked(draft.choices, kept)) return false
  const last = draft.choices[draft.choices.length - 1]
  if (rules.check && last?.activity.role !== 'check') return false
  if (rules.check && draft.choices.length < 2) return false
  if (request.minutes > limits.still && !draft.choices.some((choice) => choice.activity.energy === 'moving'))
    return false
  return draft.least <= request.minutes && request.minutes <= draft.most
}

/** Whether a choice may come next for the youngest: no longer seated on end, no more writing, than suits. */
function suitsAge(before: readonly Choice[], { activity, lengths }: Choice, { sitting, writing }: AgeLimits): boolean {
  if (activity.writes && before.filter((other) => other.activity.writes).length >= writing) return false
  if (activity.energy !== 'seated' || sitting === Infinity) return true
  let minutes = lengths.least
  for (let i = before.length - 1; before[i]?.activity.energy === 'seated'; i--) minutes += before[i]?.lengths.least ?? 0
  return minutes <= sitting
}

/** What it costs, in points: each minute that is not as usual, too little with things, what came too often before. */
const COSTS = { unusualMinute: 0.35, minuteWithoutThings: 0.6, tooFewWithThings: 4, repeated: 20 } as const

/**
 * A session whose usual lengths add up to about the minutes available is better than one that is stretched or
 * squeezed, and one that has enough with things and enough that is new is better than another. Undefined where it
 * cannot have its minutes without sitting too long.
 */
function finalScore(draft: Draft, { request, need, limits }: PlanSearch, { byAge }: Rules): number | undefined {
  const minutes = fittedMinutes(draft.choices, request.minutes, { ...limits, byAge })
  if (!minutes) return undefined
  const steps = draft.choices.map(({ activity }, i) => ({ activity, minutes: minutes[i] ?? 0 }))
  const lacking = lackingWithThings(steps, need)
  return (
    draft.score -
    (lacking > 0 ? COSTS.tooFewWithThings : 0) -
    COSTS.unusualMinute * Math.abs(draft.usual - request.minutes) -
    COSTS.minuteWithoutThings * lacking -
    COSTS.repeated * repeatedTooOften(draft, request)
  )
}

/** How many more than half of what is taught came in one of the two sessions before. */
function repeatedTooOften({ choices }: Draft, { lastTime, beforeLast = [] }: SessionRequest): number {
  const ids = new Set(choices.flatMap(({ activity }) => (activity.role === 'teach' ? activity.id : [])))
  const alike = [lastTime, beforeLast].map((earlier) => [...ids].filter((id) => earlier.includes(id)).length)
  return Math.max(0, ...alike.map((count) => count - ids.size / 2))
}
