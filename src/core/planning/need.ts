import { RefusedValue } from '../errors'
import type { Printable } from '../printables'
import { type RungId, STAGES, type Stage, rungs } from '../teaching'
import type { PlanChild, SessionRequest } from './types'
import { IN_ENGLISH, listInWords } from '../wording'

/** What a group needs now: the rung most of it is on, and an older one that should come back. */
export interface GroupNeed {
  readonly rung: RungId
  readonly review: RungId | undefined
  /** The stage that all children have already met the rung in before `firstStage`, if any. */
  readonly firstStage: Stage
}

/** The rung that a child works on. A child who knows all of them works on the school's last one. */
export function workingRung(child: PlanChild, request: Pick<SessionRequest, 'school'>): RungId {
  const last = request.school.order[request.school.order.length - 1]
  if (!last) throw new Error(`the school ${request.school.id} has no rungs`)
  return child.standing.working ?? last
}

/** The rung that most children need. Of two that are needed equally, the easier one, so that nobody is left behind. */
export function groupNeed(request: Pick<SessionRequest, 'children' | 'school'>): GroupNeed {
  const rung = mostCommon(
    request.children.map((child) => workingRung(child, request)),
    request.school.order,
  )
  const earlier = request.school.order.slice(0, request.school.order.indexOf(rung))
  const due = request.children.flatMap((child) => child.standing.due.filter((each) => earlier.includes(each)))
  return {
    rung,
    review: due.length > 0 ? mostCommon(due, request.school.order) : undefined,
    firstStage: firstStage(request.children, rung),
  }
}

function mostCommon(ids: readonly RungId[], order: readonly RungId[]): RungId {
  const counted = order.map((id) => ({ id, count: ids.filter((each) => each === id).length }))
  const best = counted.reduce((a, b) => (b.count > a.count ? b : a))
  return best.id
}

/** Concrete, unless every child has already met the rung with the hands. Then pictures may come first. */
function firstStage(children: readonly PlanChild[], rung: RungId): Stage {
  const met = (stage: Stage) =>
    children.every((child) =>
      child.standing.estimates.some((estimate) => estimate.rung === rung && estimate.stages.includes(stage)),
    )
  return STAGES.slice(0, -1).find((stage) => !met(stage)) ?? 'abstract'
}

export interface TakenForm {
  readonly child: PlanChild
  readonly rung: RungId
  /** Which form of the group's activities suits this child. */
  readonly form: 'easier' | 'as it is' | 'harder'
}

/** Who takes the easier and who the harder form, by where each child stands beside the group's rung. */
export function childForms(request: Pick<SessionRequest, 'children' | 'school'>, rung: RungId): TakenForm[] {
  const level = request.school.order.indexOf(rung)
  return request.children.map((child) => {
    const own = workingRung(child, request)
    const ahead = request.school.order.indexOf(own) - level
    return { child, rung: own, form: ahead < 0 ? 'easier' : ahead > 0 ? 'harder' : 'as it is' }
  })
}

/**
 * Names as they are said: "Tavi", "Tavi and Bram", "Tavi, Bram and Kwame".
 */
export function namesInWords(names: readonly string[]): string {
  return listInWords(names, IN_ENGLISH) || 'nobody'
}

/**
 * The child's own rung where a printable suits it. Otherwise the hardest rung before it that it suits, or else the
 * easiest of all.
 */
export function rungFor(printable: Printable, own: RungId, order: readonly RungId[]): RungId {
  if (printable.suits(own)) return own
  const before = order.slice(0, Math.max(0, order.indexOf(own))).reverse()
  const found = [...before, ...rungs.map(({ id }) => id)].find((rung) => printable.suits(rung))
  if (!found) throw new RefusedValue('printable', 'one that suits some rung', printable.id)
  return found
}
