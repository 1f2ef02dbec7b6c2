import { RefusedValue } from '../errors'
import type { Printable } from '../printables'
import { BESIDE_THE_ORDER, type RungId, STAGES, type School, type Stage, neededFor, pathOf, rungs } from '../teaching'
import { type Standing, onlyLacksAnswers, workedOn } from '../knowing'
import { type Told, inAList, told } from '../wording'
import type { PlanChild, SessionRequest } from './request'

/** What a group needs now: the rung most of it is on, and another that comes first. */
export interface GroupNeed {
  readonly rung: RungId
  /** An older rung that should come back. */
  readonly review: RungId | undefined
  /** Where nothing has to come back: a rung beside the order that most are ready for. */
  readonly side: RungId | undefined
  /** Some children seem to know what they work on already: only more answers are missing. */
  readonly recall: boolean
  /** The stage that all children have already met the rung in before `firstStage`, if any. */
  readonly firstStage: Stage
}

/** So many of the children must seem to know it before all are asked; found by trying, with `bench/planners.ts`. */
export const RECALL_SHARE = 0.25

function allEstimates({ estimates, beside }: Standing) {
  return [...estimates, ...beside]
}

/** Rungs beside the order whose needs are firm and that are not firm themselves, in the order of the path. */
function sidesOpenTo({ standing }: PlanChild, school: School): RungId[] {
  const isFirm = (rung: RungId) => standing.firm.includes(rung) || standing.supposed.includes(rung)
  return pathOf(school).filter(
    (rung) => BESIDE_THE_ORDER.includes(rung) && !isFirm(rung) && neededFor(rung).every(isFirm),
  )
}

/**
 * The rung that a child works on (`workedOn`); one who knows the whole order goes on with what lies beside it, and in
 * the end stays on the last one.
 */
export function workingRung(child: PlanChild, { school }: Pick<SessionRequest, 'school'>): RungId {
  const last = school.order[school.order.length - 1]
  if (!last) throw new Error(`the school ${school.id} has no steps`)
  const { standing, age } = child
  const working = workedOn(standing, age)
  if (working) return working
  const sides = sidesOpenTo(child, school).filter((rung) => rung !== 'parts')
  return sides[0] ?? last
}

/**
 * The rung that most children need, or the one that is asked for. Of two that are needed equally, the easier one, so
 * that nobody is left behind.
 */
export function groupNeed(request: Pick<SessionRequest, 'children' | 'school' | 'rung'>): GroupNeed {
  const { children, school } = request
  const path = pathOf(school)
  const working = children.map((child) => workingRung(child, request))
  const rung = request.rung ?? mostCommon(working, path)
  const earlier = path.slice(0, path.indexOf(rung))
  const due = children.flatMap((child) => child.standing.due.filter((each) => earlier.includes(each)))
  const sides = children.flatMap((child) => sidesOpenTo(child, school)).filter((side) => side !== 'parts')
  const side = sides.length > 0 ? mostCommon(sides, path) : undefined
  const isForMost = side !== rung && sides.filter((each) => each === side).length > children.length / 2
  return {
    rung,
    review: due.length > 0 ? mostCommon(due, path) : undefined,
    side: due.length === 0 && isForMost ? side : undefined,
    recall: children.filter((child) => needsAnswersOnly(child, request)).length >= RECALL_SHARE * children.length,
    firstStage: firstStage(children, rung),
  }
}

/** Whether a child seems to know what it works on, and only has too few answers that say so. */
export function needsAnswersOnly(child: PlanChild, request: Pick<SessionRequest, 'school'>): boolean {
  const rung = workingRung(child, request)
  const estimate = allEstimates(child.standing).find((each) => each.rung === rung)
  return (
    estimate !== undefined &&
    !estimate.firm &&
    estimate.overrule === undefined &&
    onlyLacksAnswers(estimate.followed, estimate.probability)
  )
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
      allEstimates(child.standing).some((estimate) => estimate.rung === rung && estimate.stages.includes(stage)),
    )
  return STAGES.slice(0, -1).find((stage) => !met(stage)) ?? 'abstract'
}

/** The children, those who waited longest for a question first, on whatever rung; who was never asked is first of all. */
export function waitedLongestFirst(children: readonly PlanChild[]): PlanChild[] {
  const askedAt = ({ standing }: PlanChild) =>
    Math.max(-Infinity, ...allEstimates(standing).flatMap(({ lastAt }) => lastAt ?? []))
  return [...children].sort((a, b) => (askedAt(a) < askedAt(b) ? -1 : askedAt(a) > askedAt(b) ? 1 : 0))
}

export interface TakenForm {
  readonly child: PlanChild
  readonly rung: RungId
  /** Which form of the group's activities suits this child. */
  readonly form: 'easier' | 'as it is' | 'harder'
}

/** Who takes the easier and who the harder form, by where each child stands beside the group's rung. */
export function childForms(request: Pick<SessionRequest, 'children' | 'school'>, rung: RungId): TakenForm[] {
  const path = pathOf(request.school)
  const level = path.indexOf(rung)
  return request.children.map((child) => {
    const own = workingRung(child, request)
    const ahead = path.indexOf(own) - level
    return { child, rung: own, form: ahead < 0 ? 'easier' : ahead > 0 ? 'harder' : 'as it is' }
  })
}

/**
 * Names as they are said: "Tavi", "Tavi and Bram", "Tavi, Bram and Kwame".
 */
export function namesInWords(names: readonly string[]): Told {
  return names.length === 0 ? told('nobody') : told('{0}', inAList(names))
}

/**
 * The child's own rung where a printable suits it. Otherwise the hardest rung before it that it suits, or else the
 * easiest of all.
 */
export function rungFor(printable: Printable, own: RungId, school: Pick<School, 'order'>): RungId {
  if (printable.suits(own)) return own
  const path = pathOf(school)
  const before = path.slice(0, Math.max(0, path.indexOf(own))).reverse()
  const found = [...before, ...rungs.map(({ id }) => id)].find((rung) => printable.suits(rung))
  if (!found) throw new RefusedValue(told('printable'), told('one that suits some step'), printable.id)
  return found
}
