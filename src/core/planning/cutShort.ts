import { activityOf } from '../activities'
import { stepName } from './planCheck'
import { fitMinutes } from './edits'
import { pacedRange } from './pace'
import type { PlanStep } from './types'
import type { SessionRequest } from './request'
import { type Ahead, type Begun, isCheck, total } from './ahead'

/** Shorter than this a step is left out. */
const SHORTEST_STEP = 2

/** The steps ahead in the minutes that are left. The one that is held and the closing check stay. */
export function cutShort(ahead: readonly PlanStep[], { request, minutesLeft }: Begun, rangesOf = ranges): Ahead {
  let steps = [...ahead]
  const left: string[] = []
  const leastOf = (list: readonly PlanStep[]) => rangesOf(list, request).reduce((sum, { least }) => sum + least, 0)
  while (steps.length > 1 && leastOf(steps) > minutesLeft) {
    // What comes last before the check is built on least by the others.
    const gone = steps.findLastIndex((step, i) => i > 0 && !isCheck(step) && !step.locked)
    const index = gone > 0 ? gone : steps.findLastIndex((step, i) => i > 0 && !isCheck(step))
    if (index < 1) break
    left.unshift(...steps.slice(index, index + 1).map(stepName))
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
