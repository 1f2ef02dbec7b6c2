import { told, asPart } from '../wording'
import { type Activity, activityOf, asStep } from '../activities'
import { requireMinuteOfDay } from '../clock'
import { RefusedValue, requireInteger } from '../errors'
import { drawUnit, randomFrom } from '../random'
import { type RungId, rungOf } from '../teaching'
import { groupNeed, type GroupNeed } from './need'
import { pacedRange } from './pace'
import { reasonFor } from './reasons'
import { offeredActivities } from './offer'
import { LONGEST_SESSION, type PlanStep, type SessionPlan, SHORTEST_SESSION } from './types'
import type { SessionRequest } from './request'
import { type Choice, repairs } from './worth'
import { limitsByAge } from './byAge'
import { fittedMinutes } from './fitting'
import { type Draft, type Rules, search } from './search'

/** Lengths that are offered where the wanted one cannot be filled. */
const LENGTHS_TO_TRY = [15, 20, 25, 30, 40, 50, 60, 75, 90, 105]

const LENGTHS_TOLD = 3

const RULES_TO_TRY: readonly Rules[] = [
  { wholeOrder: true, byAge: true, check: true },
  { wholeOrder: false, byAge: true, check: true },
  { wholeOrder: false, byAge: false, check: true },
  { wholeOrder: false, byAge: false, check: false },
]

/** What a plan is built from besides the request. */
export interface Building {
  /** Decides between equals. */
  readonly seed?: number
  readonly catalogue?: readonly Activity[]
  /** Steps that stay, in their order. */
  readonly locked?: readonly PlanStep[]
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
  requireInteger(told('children'), request.children.length, 1, 30)
  requireInteger(told('minutes'), request.minutes, SHORTEST_SESSION, LONGEST_SESSION)
  requireMinuteOfDay(request.start, told('start'))
  const lockedMinutes = (building.locked ?? []).reduce((sum, { minutes }) => sum + minutes, 0)
  requireInteger(told('minutes of the locked activities'), lockedMinutes, 0, request.minutes)
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
  const limits = limitsByAge(request)
  for (const rules of RULES_TO_TRY) {
    const best = search({ request, usable, need, jitter, kept, limits }, rules)
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

function toPlan(request: SessionRequest, need: GroupNeed, draft: Draft): SessionPlan {
  const minutes = fittedMinutes(draft.choices, request.minutes, { ...limitsByAge(request), byAge: false }) ?? []
  const taken = draft.choices.flatMap(({ locked }) => locked?.id ?? [])
  const free = Array.from({ length: 2 * draft.choices.length }, (_, i) => `step-${i + 1}`).filter(
    (id) => !taken.includes(id),
  )
  const steps = draft.choices.map((choice, i) => {
    const { locked, activity, rung } = choice
    if (locked) return locked
    const id = free.shift() ?? `step-${i + 1}`
    const again = draft.choices.slice(0, i).some((before) => before.activity.id === activity.id)
    const why = reasonFor({ activity, rung, again }, request, need)
    return { id, ...asStep(activity), rung, minutes: minutes[i] ?? 0, why }
  })
  return { rung: need.rung, steps }
}

/** What would fit instead: other lengths for this group or, failing that, a smaller group. */
function nothingFits(request: SessionRequest, building: Building): RefusedValue {
  const { children, minutes } = request
  const name = asPart(rungOf(groupNeed(request).rung).name)
  const fits = (change: Partial<SessionRequest>) => bestPlan({ ...request, ...change }, building) !== undefined
  // The nearest first: three are enough, and each has to be planned to know.
  const near = [...LENGTHS_TO_TRY].sort((a, b) => Math.abs(a - minutes) - Math.abs(b - minutes))
  const lengths: number[] = []
  for (const length of near) if (lengths.length < LENGTHS_TOLD && fits({ minutes: length })) lengths.push(length)
  const count = asPart(children.length === 1 ? told('1 child') : told('{0} children', children.length))
  if (lengths.length > 0) {
    return new RefusedValue(
      told('minutes'),
      told(
        'a length that activities for {0} can fill here with {1}, such as {2}',
        name,
        count,
        lengths.sort((a, b) => a - b).join(', '),
      ),
      minutes,
    )
  }
  const sizes = Array.from({ length: children.length - 1 }, (_, i) => children.length - 1 - i)
  const most = sizes.find((size) =>
    LENGTHS_TO_TRY.some((length) => fits({ children: children.slice(0, size), minutes: length })),
  )
  const advice =
    most === undefined
      ? told('few enough for some activity in this place: choose another place')
      : told('{0} at most for {1} in this place: split the group, or choose another place', most, name)
  return new RefusedValue(told('children'), advice, children.length)
}
