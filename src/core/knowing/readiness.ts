import { BESIDE_THE_ORDER, type RungId, type School, rungOf } from '../teaching'
import type { Answer, Instant } from './answers'
import { type Estimate, type Overrule, estimateKnowing } from './estimate'
import { GETTING_THERE_PROBABILITY, LEAST_FOR_A_LEVEL } from './levels'

/** Where a child stands: the rung being worked on, those that are firm, those that should come back. */
export interface Standing {
  /** In the school's order. */
  readonly estimates: readonly Estimate[]
  /** Rungs outside the school's order, which come beside it: parts, halves of the day, how long, … */
  readonly beside: readonly Estimate[]
  /**
   * The first rung of the school's order that is not firm and not passed on the way to a firm one; undefined when
   * there is none.
   */
  readonly working: RungId | undefined
  readonly firm: readonly RungId[]
  /** What is supposed to be known since the child was said to start later, and no answers say otherwise. */
  readonly supposed: readonly RungId[]
  /** Rungs to bring back: shaky ones, then firm ones whose review is due, the longest overdue first. */
  readonly due: readonly RungId[]
}

/**
 * A child who is firm on a later rung is not pulled back by one that was never asked, nor by one that has fallen a
 * little under firm: above this probability it only comes back, as one that is due does.
 */
export const SHAKY_PROBABILITY = 0.8

export function standingOf(
  answers: readonly Answer[],
  school: School,
  now: Instant,
  overrules: readonly Overrule[] = [],
): Standing {
  const estimate = (rung: RungId) =>
    estimateKnowing(
      answers,
      rung,
      now,
      overrules.find((each) => each.rung === rung),
    )
  const estimates = school.order.map(estimate)
  const beside = BESIDE_THE_ORDER.map(estimate)
  const firm = [...estimates, ...beside].filter((each) => each.firm).map((each) => each.rung)
  const isSupposed = ({ overrule, firm: isFirm, answers: given, probability }: Estimate) =>
    overrule?.verdict === 'supposed' &&
    !isFirm &&
    (given < LEAST_FOR_A_LEVEL || probability >= GETTING_THERE_PROBABILITY)
  const supposed = [...estimates, ...beside].filter(isSupposed)
  const lastFirm = estimates.findLastIndex((each) => each.firm || supposed.includes(each))
  const before = estimates.filter((each, i) => !each.firm && i < lastFirm)
  const shaky = before.filter((each) => each.answers > 0 && each.probability >= SHAKY_PROBABILITY)
  const passed = [...shaky, ...supposed, ...before.filter((each) => each.answers === 0)]
  const overdue = [...estimates, ...beside]
    .filter((each) => each.firm && each.due !== undefined && each.due <= now)
    .sort((a, b) => (a.due ?? 0) - (b.due ?? 0))
  return {
    estimates,
    beside,
    working: estimates.find((each) => !each.firm && !passed.includes(each))?.rung,
    firm,
    supposed: supposed.map(({ rung }) => rung),
    due: [...shaky.map(({ rung }) => rung), ...overdue.map(({ rung }) => rung)],
  }
}

/** The child knows a rung and has not met the next one, so it is time to begin that one. */
export function movesOn({ firm, working, estimates }: Standing): boolean {
  const next = estimates.find(({ rung }) => rung === working)
  return firm.length > 0 && (next === undefined || next.answers === 0)
}

/**
 * Readiness in one sentence.
 */
export function readinessInWords(standing: Standing, school: School): string {
  const { working, estimates, supposed } = standing
  if (working === undefined) return 'Every step that is read off a dial is known.'
  const at = estimates.find((estimate) => estimate.rung === working)
  const name = rungOf(working).name
  if (!at || (at.answers === 0 && at.overrule?.verdict !== 'not-firm')) {
    const before = school.order[school.order.indexOf(working) - 1]
    if (before && supposed.includes(before)) return `Starts at ${name} (your guess).`
    return before ? `Ready for ${name}: ${rungOf(before).name} is known.` : `Starts at ${name}.`
  }
  return `Working on ${name}: ${at.overrule?.verdict === 'not-firm' ? 'not known yet, as you marked it' : (at.unmet[0] ?? 'almost there')}.`
}
