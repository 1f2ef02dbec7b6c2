import type { StepId } from '../ids'
import { type Place, activityOf, placeNames } from '../activities'
import { attempt } from '../errors'
import { plannedMinutes } from './checks'
import { fitMinutes, newStepId } from './edits'
import { pacedRange } from './pace'
import { planSession } from './planner'
import { LONGEST_SESSION, type PlanStep, SHORTEST_SESSION, type SessionPlan, type SessionRequest } from './types'

/* A session that has begun, and goes another way than planned. */

/** What can come between. */
export const BENDS = {
  late: { short: 'Late', says: 'We are late' },
  tired: { short: 'Tired', says: 'They are tired' },
  rain: { short: 'Rain', says: 'It rains' },
  longer: { short: 'Longer', says: 'This goes well, longer' },
} as const
export type BendId = keyof typeof BENDS

export interface Begun {
  readonly plan: SessionPlan
  readonly request: SessionRequest
  /** The step that is being held. Those before it are over. */
  readonly at: StepId
  /** Whole minutes from now until the session ends. */
  readonly minutesLeft: number
  /** Whole minutes that the step has been held already; they stay its own. */
  readonly spentMinutes?: number
}

export interface Bent {
  readonly plan: SessionPlan
  /** Where the rest is held. */
  readonly place: Place
  /** What was changed, in a sentence or two. */
  readonly says: string
}

/** How much longer a step goes on that goes well. */
const LONGER_MINUTES = 5
/** Shorter than this a step is left out. */
const SHORTEST_STEP = 2

const nameOf = (step: PlanStep) => activityOf(step).name
const isCheck = (step: PlanStep) => activityOf(step).role === 'check'

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
  const spent = begun.spentMinutes ?? 0
  const whole = { ...begun, minutesLeft: begun.minutesLeft + spent }
  const bent = { late: shortened, tired: eased, rain: indoors, longer: lengthened }[bend](ahead, whole)
  return {
    plan: { ...plan, steps: [...over, ...bent.steps] },
    place: bent.place ?? begun.request.place,
    says: `${bent.says} ${Math.max(0, total(bent.steps) - spent)} min to go.`,
  }
}

interface Ahead {
  readonly steps: readonly PlanStep[]
  readonly says: string
  readonly place?: Place
}

/** The steps ahead in the minutes that are left. The one that is held and the closing check stay. */
function shortened(ahead: readonly PlanStep[], { request, minutesLeft }: Begun, rangesOf = ranges): Ahead {
  let steps = [...ahead]
  const left: string[] = []
  const leastOf = (list: readonly PlanStep[]) => rangesOf(list, request).reduce((sum, { least }) => sum + least, 0)
  while (steps.length > 1 && leastOf(steps) > minutesLeft) {
    // What comes last before the check is built on least by the others.
    const gone = steps.findLastIndex((step, i) => i > 0 && !isCheck(step) && !step.locked)
    const index = gone > 0 ? gone : steps.findLastIndex((step, i) => i > 0 && !isCheck(step))
    if (index < 1) break
    left.unshift(...steps.slice(index, index + 1).map(nameOf))
    steps = steps.filter((_, i) => i !== index)
  }
  const fitted = fitMinutes(rangesOf(steps, request), minutesLeft)
  const result = squeezed(
    steps.map((step, i) => ({ ...step, minutes: fitted[i] ?? step.minutes })),
    minutesLeft,
  )
  const isSame = total(result) >= total(ahead)
  const kept = isSame ? 'Everything fits as it is.' : 'Nothing is left out; the steps are shorter.'
  return { steps: result, says: left.length > 0 ? `Left out: ${left.join(', ')}.` : kept }
}

const total = (steps: readonly PlanStep[]) => steps.reduce((sum, { minutes }) => sum + minutes, 0)

/** Where even the shortest do not fit: the minutes are shared out, the check keeping two. */
function squeezed(steps: PlanStep[], minutesLeft: number): PlanStep[] {
  let over = total(steps) - minutesLeft
  const result = [...steps]
  for (let i = 0; i < result.length && over > 0; i++) {
    const step = result[i]
    if (!step) continue
    const cut = Math.min(over, Math.max(0, step.minutes - (isCheck(step) ? SHORTEST_STEP : 1)))
    result[i] = { ...step, minutes: step.minutes - cut }
    over -= cut
  }
  return result
}

/** In a begun session a step may be as short as two minutes. */
function ranges(steps: readonly PlanStep[], request: SessionRequest) {
  return steps.map((step) => {
    const { least, usual, most } = pacedRange(activityOf(step), request.children.length, request.pace)
    return {
      least: Math.min(least, Math.max(SHORTEST_STEP, Math.ceil(least / 2))),
      usual: Math.min(usual, step.minutes),
      most: Math.max(most, step.minutes),
    }
  })
}

/** A movement break next, and what is done seated no longer than it must be. */
function eased(ahead: readonly PlanStep[], begun: Begun): Ahead {
  const { request, plan } = begun
  const [now, ...rest] = ahead
  if (!now) return { steps: ahead, says: 'Nothing is left to change.' }
  const isMoving = (step: PlanStep) => activityOf(step).energy === 'moving'
  const used = new Set(plan.steps.map(({ activityId }) => activityId))
  const rested = isCheck(now) || rest.slice(0, 1).some(isMoving)
  const breakId = ['three-speeds', 'freeze-at-the-hour'].find((id) => !used.has(id))
  const pause: PlanStep[] =
    rested || !breakId
      ? []
      : [{ id: newStepId(plan), activityId: breakId, rung: plan.rung, minutes: 3, why: 'They are tired: move first.' }]
  const seatedShort = (steps: readonly PlanStep[], of: SessionRequest) =>
    ranges(steps, of).map((range, i) => {
      const step = steps[i]
      const isSeated = step !== undefined && activityOf(step).energy === 'seated' && !isCheck(step)
      return isSeated ? { ...range, usual: range.least } : range
    })
  const { steps, says } = shortened([now, ...pause, ...rest], { ...begun, request }, seatedShort)
  return { steps, says: pause.length > 0 ? `A movement break comes next. ${says}` : says }
}

/** What cannot be held indoors is replaced, by another of the same stage where there is one. */
function indoors(ahead: readonly PlanStep[], begun: Begun): Ahead {
  if (begun.request.place !== 'outdoors') return { steps: ahead, says: 'You are indoors already: nothing is changed.' }
  const place: Place = 'floor'
  const away = ahead.filter((step) => !activityOf(step).places.includes(place) || isOnlyOutside(step))
  if (away.length === 0)
    return { ...shortened(ahead, begun), place, says: `Everything to come can be held ${placeNames[place]}.` }
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
    if (!found) return []
    used.add(found)
    return [{ ...found, id: step.id, minutes: step.minutes, why: 'It rains: this fits indoors.' }]
  })
  const { steps: fitted } = shortened(steps, { ...begun, request })
  return { steps: fitted, place, says: `Changed for indoors: ${away.map(nameOf).join(', ')}.` }
}

const isOnlyOutside = (step: PlanStep) => activityOf(step).places.every((place) => place === 'outdoors')
const inLimits = (minutes: number) => Math.max(SHORTEST_SESSION, Math.min(LONGEST_SESSION, minutes))

/** Five minutes more for what is being held; the others make room. */
function lengthened(ahead: readonly PlanStep[], begun: Begun): Ahead {
  const [now, ...rest] = ahead
  if (!now) return { steps: ahead, says: 'Nothing is left to change.' }
  const longer = Math.min(now.minutes + LONGER_MINUTES, Math.max(now.minutes, begun.minutesLeft - restLeast(rest)))
  const left = begun.minutesLeft - longer
  if (rest.length === 0 || longer === now.minutes)
    return { steps: ahead, says: 'There is no time left to take from what comes next.' }
  const { steps, says } = shortened(rest, { ...begun, minutesLeft: left })
  return { steps: [{ ...now, minutes: longer }, ...steps], says: `${nameOf(now)} has ${longer} min. ${says}` }
}

/** The closing check keeps its two minutes. */
const restLeast = (rest: readonly PlanStep[]) => (rest.some(isCheck) ? SHORTEST_STEP : 0)

/** Minutes that are left of a session that began at its planned time, or later. */
export function minutesLeftAt(plan: SessionPlan, at: StepId): number {
  const place = plan.steps.findIndex((step) => step.id === at)
  return plannedMinutes({ ...plan, steps: plan.steps.slice(Math.max(0, place)) })
}
