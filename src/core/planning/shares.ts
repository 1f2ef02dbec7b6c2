import type { Activity } from '../activities'
import type { GroupNeed } from './need'

/*
 * How much of what is taught is done with things: more where a rung is new, and never nothing, however long the session
 * is.
 */

const WITH_THINGS = { new: 0.4, met: 0.2 } as const

/** The wanted share, 0 to 1. A rung is new as long as some child has not met it with things. */
export function wantedWithThings({ firstStage }: Pick<GroupNeed, 'firstStage'>): number {
  return firstStage === 'concrete' ? WITH_THINGS.new : WITH_THINGS.met
}

interface Timed {
  readonly activity: Activity
  readonly minutes: number
}

/** Minutes that are taught, and those of them with things. */
export function taughtMinutes(steps: readonly Timed[]) {
  const taught = steps.filter(({ activity }) => activity.role === 'teach')
  const sum = (of: typeof taught) => of.reduce((total, { minutes }) => total + minutes, 0)
  return { taught: sum(taught), withThings: sum(taught.filter(({ activity }) => activity.stage === 'concrete')) }
}

/** How many minutes with things are missing to the wanted share. */
export function lackingWithThings(steps: readonly Timed[], need: Pick<GroupNeed, 'firstStage'>): number {
  const { taught, withThings } = taughtMinutes(steps)
  return Math.max(0, wantedWithThings(need) * taught - withThings)
}
