import type { Activity } from '../activities'
import type { SessionRequest } from './request'

/* What a session owes to the age of the youngest child in it, as far as ages are known. */

export interface AgeLimits {
  /** The longest session, in whole minutes, in which nothing has to move. */
  readonly still: number
  /** The longest that they sit on end, in minutes. */
  readonly sitting: number
  /** How many activities at most may ask for writing. */
  readonly writing: number
}

interface AgeRow extends AgeLimits {
  /** In years: of this age, or younger. */
  readonly until: number
}

const BY_AGE: readonly AgeRow[] = [
  { until: 4, still: 11, sitting: 8, writing: 0 },
  { until: 5, still: 11, sitting: 8, writing: 1 },
  { until: 7, still: 20, sitting: 12, writing: Infinity },
]
const OTHERS: AgeLimits = { still: 20, sitting: Infinity, writing: Infinity }

type Ages = Pick<SessionRequest, 'children'>

/** The age of the youngest child, in years; undefined where no age is known. */
export function youngestAge({ children }: Ages): number | undefined {
  const ages = children.flatMap(({ age }) => age ?? [])
  return ages.length === 0 ? undefined : Math.min(...ages)
}

/** The limits for the youngest child. */
export function limitsByAge(request: Ages): AgeLimits {
  const youngest = youngestAge(request) ?? Infinity
  return BY_AGE.find(({ until }) => youngest <= until) ?? OTHERS
}

/** The longest session, in whole minutes, in which nothing has to move: less where a child is four or five. */
export const stillMinutes = (request: Ages): number => limitsByAge(request).still

/** The stretches of seated activities on end, as places among them from one to the last. */
export function seatedStretches(activities: readonly Pick<Activity, 'energy'>[]): number[][] {
  const stretches: number[][] = []
  activities.forEach(({ energy }, i) => {
    if (energy !== 'seated') return
    const last = stretches[stretches.length - 1]
    if (last?.[last.length - 1] === i - 1) last.push(i)
    else stretches.push([i])
  })
  return stretches
}
