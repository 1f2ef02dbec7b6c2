import { type Activity, activityOf, asStep } from '../activities'
import { requireMinuteOfDay } from '../clock'
import { RefusedValue, requireInteger } from '../errors'
import { drawUnit, randomFrom } from '../random'
import { type RungId, STAGES, rungOf } from '../teaching'
import { type GroupNeed, groupNeed } from './need'
import { pacedRange } from './pace'
import { reasonFor } from './reasons'
import { offeredActivities } from './offer'
import { fitMinutes } from './edits'
import {
  BREAK_AFTER_MINUTES,
  LONGEST_SESSION,
  MOST_SEATED_IN_A_ROW,
  type PlanStep,
  SHORTEST_SESSION,
  type SessionPlan,
  type SessionRequest,
} from './types'
import { type Choice, repairs, taught, worth } from './worth'

const MOST_STEPS = 20
const BEAM = 60

/** Lengths that are offered where the wanted one cannot be filled. */
const LENGTHS_TO_TRY = [15, 20, 25, 30, 40, 50, 60, 75, 90, 105]

const LENGTHS_TOLD = 3

/** What the search may give up, in this order, when nothing fits a short or odd session. */
interface Rules {
  readonly check: boolean
  readonly wholeOrder: boolean
}
const RULES_TO_TRY: readonly Rules[] = [
  { check: true, wholeOrder: true },
  { check: true, wholeOrder: false },
  { check: false, wholeOrder: false },
]

/** What a plan is built from besides the request. */
export interface Building {
  /** Decides between equals. */
  readonly seed?: number
  readonly catalogue?: readonly Activity[]
  /** Steps that stay, in their order. */
  readonly locked?: readonly PlanStep[]
}

/** A plan being grown, step by step. */
interface Draft {
  readonly choices: readonly Choice[]
  readonly least: number
  readonly usual: number
  readonly most: number
  readonly score: number
}

/**
 * A session that fits: activities in the order concrete, pictorial, abstract for the rung most of the
 * group needs, an older rung first where one is due, movement in anything over 20 minutes, never more
 * than two seated ones in a row, a short check at the end, and minutes that add up exactly. Where no
 * clock was made yet and one can be, making it comes first. Steps that are locked stay, in their order. A beam
 * search over the catalogue; the seed decides between equals. Throws RefusedValue where nothing fits,
 * saying how many minutes would.
 */
export function planSession(request: SessionRequest, building: Building = {}): SessionPlan {
  requireInteger('children', request.children.length, 1, 30)
  requireInteger('minutes', request.minutes, SHORTEST_SESSION, LONGEST_SESSION)
  requireMinuteOfDay(request.start, 'start')
  const lockedMinutes = (building.locked ?? []).reduce((sum, { minutes }) => sum + minutes, 0)
  requireInteger('minutes of the locked steps', lockedMinutes, 0, request.minutes)
  const found = bestPlan(request, building)
  if (!found) throw nothingFits(request, building)
  return found
}

function bestPlan(request: SessionRequest, building: Building): SessionPlan | undefined {
  const { seed = 1, catalogue = offeredActivities(request), locked = [] } = building
  if (locked.reduce((sum, { minutes }) => sum + minutes, 0) > request.minutes) return undefined
  const need = groupNeed(request)
  const kept = locked.map((step) => lockedChoice(step, request))
  const free = choicesFor(request, catalogue, need).filter(
    ({ activity }) => !locked.some((step) => step.activityId === activity.id),
  )
  const usable = [...kept, ...free]
  const jitter = jitterOf(usable, seed)
  for (const rules of RULES_TO_TRY) {
    const best = search({ request, usable, need, jitter, kept }, rules)
    if (best) return toPlan(request, need, best)
  }
  return undefined
}

function jitterOf(choices: readonly Choice[], seed: number): Map<Activity, number> {
  const random = randomFrom(seed)
  return new Map(choices.map(({ activity }) => [activity, drawUnit(random)]))
}

/** Activities that suit the place, the players and a rung that is needed. */
function choicesFor(request: SessionRequest, catalogue: readonly Activity[], need: GroupNeed): Choice[] {
  const players = request.children.length
  const fits = (activity: Activity) =>
    activity.places.includes(request.place) && players >= activity.players.least && players <= activity.players.most
  return catalogue.filter(fits).flatMap((activity) => {
    const rungs = activity.role === 'teach' ? [need.rung, need.review ?? need.side] : [need.rung]
    return rungs
      .filter((rung): rung is RungId => rung !== undefined && activity.rungs.includes(rung))
      .map((rung) => ({
        activity,
        rung,
        lengths: pacedRange(activity, players, request.pace),
        mends: repairs(activity, request),
      }))
  })
}

/** A locked step keeps its rung and its minutes. */
function lockedChoice(step: PlanStep, request: SessionRequest): Choice {
  const { minutes, rung } = step
  const activity = activityOf(step)
  const lengths = { least: minutes, usual: minutes, most: minutes }
  return { activity, rung, lengths, mends: repairs(activity, request), locked: step }
}

/** What a plan is looked for with. */
interface Search {
  readonly request: SessionRequest
  readonly usable: readonly Choice[]
  readonly need: GroupNeed
  /** A small number for each activity, by the seed, so that equals come in another order. */
  readonly jitter: ReadonlyMap<Activity, number>
  /** The locked steps, which all have to come. */
  readonly kept: readonly Choice[]
}

/** Grows plans step by step and keeps the best few of each length (a beam search). */
function search(wanted: Search, rules: Rules): Draft | undefined {
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

/** Locked steps come in their own order, wherever the adult put them; only what is chosen obeys the rules. */
function nextLocked(before: readonly Choice[], kept: readonly Choice[]): Choice | undefined {
  return kept[before.filter((choice) => choice.locked).length]
}

function mayFollow(draft: Draft, choice: Choice, { need, kept }: Search, rules: Rules): boolean {
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

function grow(draft: Draft, choice: Choice, { request, need, jitter }: Search): Draft {
  const { least, usual, most } = choice.lengths
  return {
    choices: [...draft.choices, choice],
    least: draft.least + least,
    usual: draft.usual + usual,
    most: draft.most + most,
    score: draft.score + worth(draft.choices, choice, request, need) + 0.6 * (jitter.get(choice.activity) ?? 0),
  }
}

function isWhole(draft: Draft, { request, kept }: Search, rules: Rules): boolean {
  if (nextLocked(draft.choices, kept)) return false
  const last = draft.choices[draft.choices.length - 1]
  if (rules.check && last?.activity.role !== 'check') return false
  if (rules.check && draft.choices.length < 2) return false
  if (request.minutes > BREAK_AFTER_MINUTES && !draft.choices.some((choice) => choice.activity.energy === 'moving'))
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

function toPlan(request: SessionRequest, need: GroupNeed, draft: Draft): SessionPlan {
  const minutes = fitMinutes(
    draft.choices.map(({ lengths }) => lengths),
    request.minutes,
  )
  const taken = draft.choices.flatMap(({ locked }) => locked?.id ?? [])
  const free = Array.from({ length: 2 * draft.choices.length }, (_, i) => `step-${i + 1}`).filter(
    (id) => !taken.includes(id),
  )
  const steps = draft.choices.map((choice, i) => {
    const { locked, activity, rung } = choice
    if (locked) return locked
    const id = free.shift() ?? `step-${i + 1}`
    return { id, ...asStep(activity), rung, minutes: minutes[i] ?? 0, why: reasonFor(choice, request, need) }
  })
  return { rung: need.rung, steps }
}

/** What would fit instead: other lengths for this group or, failing that, a smaller group. */
function nothingFits(request: SessionRequest, building: Building): RefusedValue {
  const { children, minutes } = request
  const name = rungOf(groupNeed(request).rung).name
  const fits = (change: Partial<SessionRequest>) => bestPlan({ ...request, ...change }, building) !== undefined
  // The nearest first: three are enough, and each has to be planned to know.
  const near = [...LENGTHS_TO_TRY].sort((a, b) => Math.abs(a - minutes) - Math.abs(b - minutes))
  const lengths: number[] = []
  for (const length of near) if (lengths.length < LENGTHS_TOLD && fits({ minutes: length })) lengths.push(length)
  const count = `${children.length} ${children.length === 1 ? 'child' : 'children'}`
  if (lengths.length > 0) {
    return new RefusedValue(
      'minutes',
      `a length that activities for ${name} can fill here with ${count}, such as ${lengths.sort((a, b) => a - b).join(', ')}`,
      minutes,
    )
  }
  const sizes = Array.from({ length: children.length - 1 }, (_, i) => children.length - 1 - i)
  const most = sizes.find((size) =>
    LENGTHS_TO_TRY.some((length) => fits({ children: children.slice(0, size), minutes: length })),
  )
  const advice =
    most === undefined
      ? 'few enough for some activity in this place: choose another place'
      : `${most} at most for ${name} in this place: split the group, or choose another place`
  return new RefusedValue('children', advice, children.length)
}
