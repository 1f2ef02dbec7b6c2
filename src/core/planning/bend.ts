import { told, type Told, asPart } from '../wording'
import type { StepId } from '../ids'
import { activityOf, type Place, placeNames } from '../activities'
import { attempt } from '../errors'
import { plannedMinutes } from './lengthChecks'
import { newStepId } from './edits'
import { planSession } from './planner'
import { LONGEST_SESSION, type PlanStep, type SessionPlan, SHORTEST_SESSION } from './types'
import type { SessionRequest } from './request'
import { listed, stepName } from './planCheck'
import { type Ahead, type Begun, isCheck, total } from './ahead'
import { ranges, restLeast, cutShort } from './cutShort'

/* A session that has begun, and goes another way than planned. */

/** What can come between. */
export const BENDS = {
  late: told('We are late'),
  tired: told('They are tired'),
  rain: told('It rains'),
  longer: told('It goes well'),
} as const

export type BendId = keyof typeof BENDS

export interface Bent {
  readonly plan: SessionPlan
  /** Where the rest is held. */
  readonly place: Place
  /** What was changed, in a sentence or two. */
  readonly says: Told
}

/** How much longer a step goes on that goes well. */
const LONGER_MINUTES = 5

/**
 * The plan for the minutes that are left, with the closing check kept: steps become shorter, and where that is not
 * enough, the last ones before the check are left out. When they are tired, a movement break comes first and sitting is
 * cut short; when it rains, what needs the open air is replaced by what fits indoors; when it goes well, the step that
 * is being held gets five minutes more. What is over stays as it was.
 */
export function bendPlan(begun: Begun, bend: BendId): Bent {
  const { plan, at } = begun
  const place = Math.max(
    0,
    plan.steps.findIndex((step) => step.id === at),
  )
  const over = plan.steps.slice(0, place)
  const ahead = plan.steps.slice(place)
  const spent = Math.ceil(begun.spentMinutes ?? 0)
  const whole = { ...begun, minutesLeft: begun.minutesLeft + spent, spentMinutes: spent }
  const bent = { late: cutShort, tired: eased, rain: indoors, longer: lengthened }[bend](ahead, whole)
  return {
    plan: { ...plan, steps: [...over, ...bent.steps] },
    place: bent.place ?? begun.request.place,
    says: told('{0} {1} min to go.', asPart(bent.says), Math.max(0, total(bent.steps) - spent)),
  }
}

/** A movement break next, and what is done seated no longer than it must be. */
function eased(ahead: readonly PlanStep[], begun: Begun): Ahead {
  const { request, plan } = begun
  const [now, ...rest] = ahead
  if (!now) return { steps: ahead, says: told('Nothing is left to change.') }
  const isMoving = (step: PlanStep) => activityOf(step).energy === 'moving'
  const used = new Set(plan.steps.map(({ activityId }) => activityId))
  const rested = isCheck(now) || rest.slice(0, 1).some(isMoving)
  const breakId = ['three-speeds', 'freeze-at-the-hour'].find((id) => !used.has(id))
  const pause: PlanStep[] =
    rested || !breakId
      ? []
      : [
          {
            id: newStepId(plan),
            activityId: breakId,
            rung: plan.rung,
            minutes: 3,
            why: told('They are tired: move first.'),
          },
        ]
  const seatedShort = (steps: readonly PlanStep[], of: SessionRequest) =>
    ranges(steps, of).map((range, i) => {
      const step = steps[i]
      const isSeated = step !== undefined && activityOf(step).energy === 'seated' && !isCheck(step)
      return isSeated ? { ...range, usual: range.least } : range
    })
  const { steps, says } = cutShort([now, ...pause, ...rest], { ...begun, request }, seatedShort)
  return { steps, says: pause.length > 0 ? told('A movement break comes next. {0}', asPart(says)) : says }
}

/** What cannot be held indoors is replaced, by another of the same stage where there is one. */
function indoors(ahead: readonly PlanStep[], begun: Begun): Ahead {
  if (begun.request.place !== 'outdoors')
    return { ...cutShort(ahead, begun), says: told('You are indoors already: nothing is changed.') }
  const place: Place = 'floor'
  const away = ahead.filter((step) => !activityOf(step).places.includes(place) || isOnlyOutside(step))
  if (away.length === 0)
    return {
      ...cutShort(ahead, begun),
      place,
      says: told('Everything to come can be held {0}.', asPart(placeNames[place])),
    }
  const [now] = ahead
  const request = { ...begun.request, place, minutes: inLimits(begun.minutesLeft) }
  const stays = ahead.filter((step) => !away.includes(step))
  const { value } = attempt(() =>
    planSession({
      ...request,
      rung: begun.plan.rung,
      lastTime: [...request.lastTime, ...away.map((s) => s.activityId)],
    }),
  )
  const offered = (value?.steps ?? []).filter((step) => !stays.some((each) => each.activityId === step.activityId))
  const used = new Set<PlanStep>()
  const steps = ahead.flatMap((step) => {
    if (!away.includes(step)) return [step]
    const { stage, role } = activityOf(step)
    const fits = (other: PlanStep) => !used.has(other) && activityOf(other).role === role
    const found = offered.find((other) => fits(other) && activityOf(other).stage === stage) ?? offered.find(fits)
    // What is being held ends where it is, and is not forgotten.
    if (!found) return step === now ? [{ ...step, minutes: Math.max(1, begun.spentMinutes ?? 0) }] : []
    used.add(found)
    return [{ ...found, id: step.id, minutes: step.minutes, why: told('It rains: this fits indoors.') }]
  })
  const { steps: fitted } = cutShort(steps, { ...begun, request })
  return { steps: fitted, place, says: told('Changed for indoors: {0}.', listed(away)) }
}

const isOnlyOutside = (step: PlanStep) => activityOf(step).places.every((place) => place === 'outdoors')
const inLimits = (minutes: number) => Math.max(SHORTEST_SESSION, Math.min(LONGEST_SESSION, minutes))

/** Five minutes more for what is being held; the others make room. */
function lengthened(ahead: readonly PlanStep[], begun: Begun): Ahead {
  const [now, ...rest] = ahead
  if (!now) return { steps: ahead, says: told('Nothing is left to change.') }
  const lasts = Math.max(now.minutes, begun.spentMinutes ?? 0)
  const longer = Math.min(lasts + LONGER_MINUTES, begun.minutesLeft - restLeast(rest))
  if (rest.length === 0 || longer <= lasts)
    return { ...cutShort(ahead, begun), says: told('There is no time left to take from what comes next.') }
  const { steps, says } = cutShort([{ ...now, minutes: longer }, ...rest], { ...begun, spentMinutes: longer })
  return { steps, says: told('{0} has {1} min. {2}', stepName(now), longer, asPart(says)) }
}

/** Minutes that are left of a session that began at its planned time, or later. */
export function minutesLeftAt(plan: SessionPlan, at: StepId): number {
  const place = plan.steps.findIndex((step) => step.id === at)
  return plannedMinutes({ ...plan, steps: plan.steps.slice(Math.max(0, place)) })
}
