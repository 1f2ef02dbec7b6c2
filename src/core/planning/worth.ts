import type { Activity, DurationRange } from '../activities'
import { type RungId, mends } from '../teaching'
import { ON_HALF, ON_WHOLE } from '../printables/kit/sheetIds'
import type { GroupNeed } from './need'
import { usualWay } from './paperWay'
import { missingMaterials, needsClocks } from './toHand'
import { stillMinutes } from './byAge'
import type { PlanStep } from './types'
import type { SessionRequest } from './request'

/* What an activity is worth in a plan, in points. The weights are ours; their order is what matters. */

/** An activity that may come in a plan. */
export interface Choice {
  readonly activity: Activity
  readonly rung: RungId
  readonly lengths: DurationRange
  /** What it mends of what was found. */
  readonly mends: readonly string[]
  /** A step that stays as it is. */
  readonly locked?: PlanStep
}

export function taught(choices: readonly Choice[], rung: RungId): Choice[] {
  return choices.filter((choice) => choice.activity.role === 'teach' && choice.rung === rung)
}

/** What the adult likes best comes before its equals, but never before what a child needs. */
const FAVOURITE_POINTS = 1.2

/** The same as last time comes only where nothing else will do: it costs more than mending what was found is worth. */
const REPEAT_POINTS = 6
/** What came the time before that may come again, but others come first. */
const EARLIER_POINTS = 3.5

/** Whoever seems to know it is asked before anything else: each session that is not needed is saved so. */
const RECALL_POINTS = 6

/** Once more in the same session, only where others will not do. */
const AGAIN_POINTS = 2.5

/** A sheet for each of many children is a pile of paper, twice as high where no two fit on a page. */
const SHEETS_POINTS = { onHalf: 1.5, whole: 4 } as const

/** What one more activity adds to those before it, in points. */
export function worth(before: readonly Choice[], choice: Choice, request: SessionRequest, need: GroupNeed): number {
  const { activity, rung } = choice
  let points = choice.locked ? 10 : 0
  if (activity.role === 'teach' && rung === need.rung) {
    const newStage = !taught(before, rung).some((other) => other.activity.stage === activity.stage)
    points += newStage ? 4 : 0.5
  }
  if (activity.role === 'recall') points += RECALL_POINTS
  if (before.some((other) => other.activity.id === activity.id)) points -= AGAIN_POINTS
  if (rung !== need.rung) points += rung === need.review ? 2.5 : 1
  points += clockPoints(before, activity, request)
  points -= paperPoints(activity, request.children.length)
  if (request.favourites?.includes(activity.id)) points += FAVOURITE_POINTS
  // What was found is mended once, as early as its stage allows.
  const mended = choice.mends.filter((key) => !before.some((other) => other.mends.includes(key))).length
  if (mended > 0) points += Math.min(5, 3 + mended) - 0.3 * before.length
  const last = before[before.length - 1]
  if (last && last.activity.energy !== activity.energy) points += 0.5
  if (activity.role === 'break' && request.minutes <= stillMinutes(request)) points -= 3
  if (activity.role === 'teach' && request.lastTime.includes(activity.id)) points -= REPEAT_POINTS
  if (activity.role === 'teach' && request.beforeLast?.includes(activity.id)) points -= EARLIER_POINTS
  if (activity.role === 'break' && request.lastTime.includes(activity.id)) points -= 1
  const missing = missingMaterials(activity, request)
  // A stand-in does, but what is to hand comes first.
  points -= 3 * missing.filter(({ standIn }) => !standIn).length + 0.7 * missing.length
  return points
}

/** A clock of one's own is made first, once; afterwards it is used. */
function clockPoints(before: readonly Choice[], activity: Activity, request: SessionRequest): number {
  const isMade = request.hasClocks === true || before.some((choice) => choice.activity.prints === 'paper-clock')
  if (activity.prints === 'paper-clock') return isMade ? -4 : 9 - 1.5 * before.length
  return needsClocks(activity) ? 1.5 : 0
}

function paperPoints({ prints, role }: Activity, children: number): number {
  if (role === 'check' || !usualWay(children).two) return 0
  // By their ids: the printables stay away, with all that draws them, from views that only plan.
  if (ON_HALF.includes(prints)) return SHEETS_POINTS.onHalf
  return ON_WHOLE.includes(prints) ? SHEETS_POINTS.whole : 0
}

/** What this activity mends of what was found: a key for each child and misreading. */
export function repairs({ id }: Activity, { children }: Pick<SessionRequest, 'children'>): string[] {
  return children.flatMap((child) =>
    child.findings
      .filter(({ misreading }) => mends(id, misreading))
      .map(({ misreading }) => `${child.id} ${misreading}`),
  )
}
