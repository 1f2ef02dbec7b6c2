import { inARow, told } from '../wording'
import { type DurationRange, activityOf } from '../activities'
import { stepName } from './planCheck'
import { fitMinutes } from './edits'
import { pacedRange } from './pace'
import type { PlanStep } from './types'
import type { SessionRequest } from './request'
import { type Ahead, type Begun, isCheck, total } from './ahead'

/** Shorter than this a step is left out. */
const SHORTEST_STEP = 2

/**
 * The steps ahead in the minutes that are left, and never more than those. The one that is held keeps the minutes that
 * it has lasted, and the closing check stays as long as there are minutes for it. `minutesLeft` counts what the held
 * step has lasted.
 */
export function cutShort(ahead: readonly PlanStep[], begun: Begun, rangesOf = ranges): Ahead {
  const { minutesLeft, spentMinutes = 0 } = begun
  const spent = Math.min(minutesLeft, Math.ceil(spentMinutes))
  const rangesNow = (list: readonly PlanStep[]) =>
    rangesOf(list, begun.request).map((range, i) => (i === 0 ? lastingAtLeast(range, spent) : range))
  const leastOf = (list: readonly PlanStep[]) => rangesNow(list).reduce((sum, { least }) => sum + least, 0)
  const floorOf = (step: PlanStep, i: number) => (i === 0 ? Math.max(1, spent) : isCheck(step) ? SHORTEST_STEP : 1)
  const floors = (list: readonly PlanStep[]) => list.reduce((sum, step, i) => sum + floorOf(step, i), 0)
  let steps = [...ahead]
  while (steps.length > 1 && leastOf(steps) > minutesLeft) {
    const index = lastToGo(steps)
    if (index < 1) break
    steps = steps.filter((_, i) => i !== index)
  }
  // Only the held step and the check are left, or locked ones: the check goes as well before there are too many minutes.
  while (steps.length > 1 && floors(steps) > minutesLeft)
    steps = steps.filter((_, i) => i !== Math.max(1, lastToGo(steps)))
  const fitted = fitMinutes(rangesNow(steps), minutesLeft)
  const result = squeezed(
    steps.map((step, i) => ({ ...step, minutes: fitted[i] ?? step.minutes })),
    minutesLeft,
    floorOf,
  )
  const isSame = result.length === ahead.length && total(result) >= total(ahead)
  const kept = isSame ? told('Everything fits as it is.') : told('Nothing is left out; the activities are shorter.')
  const left = ahead.filter(({ id }) => !result.some((step) => step.id === id)).map(stepName)
  return { steps: result, says: left.length > 0 ? told('Left out: {0}.', inARow(left)) : kept }
}

const lastingAtLeast = ({ least, usual, most }: DurationRange, minutes: number): DurationRange => ({
  least: Math.max(least, minutes),
  usual: Math.max(usual, minutes),
  most: Math.max(most, minutes),
})

/** What comes last before the check is built on least by the others; what is locked goes after what is not. */
function lastToGo(steps: readonly PlanStep[]): number {
  const open = steps.findLastIndex((step, i) => i > 0 && !isCheck(step) && !step.locked)
  return open > 0 ? open : steps.findLastIndex((step, i) => i > 0 && !isCheck(step))
}

/** Where even the shortest do not fit, the minutes are taken from all but what each must have. */
function squeezed(steps: PlanStep[], minutesLeft: number, floorOf: (step: PlanStep, i: number) => number): PlanStep[] {
  let over = total(steps) - minutesLeft
  return steps.map((step, i) => {
    const cut = Math.min(over, Math.max(0, step.minutes - floorOf(step, i)))
    over -= Math.max(0, cut)
    return cut > 0 ? { ...step, minutes: step.minutes - cut } : step
  })
}

/** In a begun session a step may be as short as two minutes. */
export function ranges(steps: readonly PlanStep[], request: SessionRequest) {
  return steps.map((step) => {
    const { least, usual, most } = pacedRange(activityOf(step), request.children.length, request.pace)
    return {
      least: Math.min(least, Math.max(SHORTEST_STEP, Math.ceil(least / 2))),
      usual: Math.min(usual, step.minutes),
      most: Math.max(most, step.minutes),
    }
  })
}

/** The closing check keeps its two minutes. */
export const restLeast = (rest: readonly PlanStep[]) => (rest.some(isCheck) ? SHORTEST_STEP : 0)
