import { type Activity, type MaterialId, type Need, materials, standInFor, tablesFor } from '../activities'
import { IN_ENGLISH, nameIn, printedAs, type Wording, type Told, unitFor } from '../wording'
import { usualWay } from './paperWay'
import { activitiesOf } from './rounds'
import { needsOf } from './toHand'
import type { PlanStep, SessionPlan } from './types'
import type { SessionRequest } from './request'

export interface FetchEntry {
  readonly material: MaterialId
  readonly name: Told
  readonly amount: number
  readonly unit: Told
  readonly toHand: boolean
  /** What does as well, where it is not to hand. */
  readonly standIn: Told | undefined
  readonly for: readonly Told[]
}

/** "scissors: 3 pairs", and what does as well where there are none. */
export function fetchInWords({ name, amount, unit, standIn }: FetchEntry, wording: Wording = IN_ENGLISH): string {
  const thing = printedAs(
    '{0}: {1} {2}',
    wording,
    nameIn(wording, name),
    amount,
    nameIn(wording, unitFor(unit, amount)),
  )
  return standIn ? printedAs('{0} (or {1})', wording, thing, nameIn(wording, standIn)) : thing
}

/** For how many it is fetched, and what is there. */
export interface FetchRequest extends Pick<SessionRequest, 'materials' | 'hasClocks' | 'clock'> {
  readonly children: readonly unknown[]
}

/**
 * One list of what to fetch. What is reused counts once, for the activity that needs most of it; other amounts are
 * added up.
 */
export function fetchList(plan: SessionPlan, request: FetchRequest): FetchEntry[] {
  const entries = new Map<MaterialId, FetchEntry>()
  for (const step of plan.steps) for (const activity of activitiesOf(step)) addNeeds(entries, activity, step, request)
  return [...entries.values()]
}

/** The card that the usual clocks are printed on. */
const isClockCard = ({ prints }: Activity, { material }: Need) => prints === 'paper-clock' && material === 'card'

function addNeeds(
  entries: Map<MaterialId, FetchEntry>,
  activity: Activity,
  { stations }: PlanStep,
  request: FetchRequest,
): void {
  // At a station one team plays at a time: what is reused serves them all.
  const largest = Math.max(...(stations?.teams ?? []).map(({ childIds }) => childIds.length), 0)
  for (const need of needsOf(activity, request.clock)) {
    const { name, unit, reused } = materials[need.material]
    const children = stations && reused ? largest : request.children.length
    const { tables: sets } = tablesFor(activity, children)
    const each = need.amount * (need.per === 'child' ? children : sets)
    const amount = isClockCard(activity, need) && usualWay(children).two ? Math.ceil(each / 2) : each
    const before = entries.get(need.material)
    const toHand =
      request.materials.includes(need.material) || (need.material === 'clock' && request.hasClocks === true)
    entries.set(need.material, {
      material: need.material,
      name,
      unit,
      amount: before ? (reused ? Math.max(before.amount, amount) : before.amount + amount) : amount,
      toHand,
      standIn: toHand ? undefined : standInFor(need.material),
      for: [...(before?.for ?? []), activity.name],
    })
  }
}
