import { told } from '../../src/core/wording'
import { type Activity, catalogue, durationRange } from '../../src/core/activities'
import type { SessionPlan, SessionRequest } from '../../src/core/planning'
import type { RungId } from '../../src/core/teaching'
import { brokenIn } from './plans'

/*
 * Looks for a session that keeps every rule, apart from the planner: every order of every activity is tried, each with
 * two ways of sharing out the minutes. What it does not find within its steps is left open.
 */

const MOST_TRIED = 400_000

/** `none`: all orders were tried; `open`: it was given up before. */
type Search = { readonly plan: SessionPlan } | 'none' | 'open'

interface Wish {
  readonly request: SessionRequest
  readonly rung: RungId
  /** What was taught in the sessions before, of each of which at most half may come again. */
  readonly earlier: readonly ReadonlySet<string>[]
}

export function otherPlan({ request, rung, earlier }: Wish): Search {
  const players = request.children.length
  const suited = catalogue.filter(
    (each) =>
      each.rungs.includes(rung) &&
      each.places.includes(request.place) &&
      players >= each.players.least &&
      players <= each.players.most &&
      !(each.role === 'teach' && request.lastTime.includes(each.id)),
  )
  const lengths = new Map(suited.map((each) => [each, durationRange(each, players)]))
  const leastOf = (list: readonly Activity[]) => list.reduce((sum, each) => sum + (lengths.get(each)?.least ?? 0), 0)
  const isFresh = (taught: readonly Activity[]) =>
    earlier.every((ids) => taught.filter(({ id }) => ids.has(id)).length * 2 <= taught.length)
  let tried = 0

  function grown(list: readonly Activity[]): SessionPlan | undefined {
    if (++tried > MOST_TRIED || leastOf(list) > request.minutes) return undefined
    for (const last of suited.filter(({ role }) => role === 'check')) {
      const whole = [...list, last]
      const taught = whole.filter(({ role }) => role === 'teach')
      if (taught.length === 0 || !isFresh(taught)) continue
      const plan = [...sharedOut(whole, request.minutes, lengths)]
        .map((minutes) => planOf(whole, minutes, rung))
        .find((each) => brokenIn(each, request).size === 0)
      if (plan) return plan
    }
    for (const next of suited) {
      if (next.role === 'check' || list.includes(next)) continue
      const plan = grown([...list, next])
      if (plan) return plan
    }
    return undefined
  }

  const plan = grown([])
  if (plan) return { plan }
  return tried > MOST_TRIED ? 'open' : 'none'
}

type Lengths = ReadonlyMap<Activity, { readonly least: number; readonly most: number }>

/** What is over the least goes to what moves or stands first, or to what is done with things first. */
function* sharedOut(whole: readonly Activity[], minutes: number, lengths: Lengths): Generator<number[]> {
  const first = [(each: Activity) => each.energy !== 'seated', (each: Activity) => each.stage === 'concrete']
  for (const isFirst of first) {
    const shares = whole.map((each) => lengths.get(each)?.least ?? 0)
    let left = minutes - shares.reduce((sum, each) => sum + each, 0)
    const order = [...whole.keys()].sort(
      (a, b) => Number(isFirst(whole[b] as never)) - Number(isFirst(whole[a] as never)),
    )
    for (const at of order) {
      const more = Math.min(left, (lengths.get(whole[at] as Activity)?.most ?? 0) - (shares[at] ?? 0))
      shares[at] = (shares[at] ?? 0) + more
      left -= more
    }
    if (left === 0) yield shares
  }
}

function planOf(whole: readonly Activity[], minutes: readonly number[], rung: RungId): SessionPlan {
  const steps = whole.map(({ id }, i) => ({
    id: `step-${i}`,
    activityId: id,
    rung,
    minutes: minutes[i] ?? 0,
    why: told(''),
  }))
  return { rung, steps }
}
