import { type RungId, type School, rungOf } from '../teaching'
import { type Answer, type Instant, MS_PER_DAY, dayNumber } from './answers'
import { type Estimate, estimateKnowing } from './estimate'

/** Where a child stands: the rung being worked on, those that are firm, those that should come back. */
export interface Standing {
  readonly estimates: readonly Estimate[]
  /** The first rung of the school's order that is not firm and not passed on the way to a firm one; undefined when there is none. */
  readonly working: RungId | undefined
  readonly firm: readonly RungId[]
  /** Rungs to bring back: shaky ones, then firm ones not met for as long as they have earned, the longest overdue first. */
  readonly due: readonly RungId[]
}

/**
 * A child who is firm on a later rung is not pulled back by one that was never asked, nor by one that
 * has fallen a little under firm: above this probability it only comes back, as one that is due does.
 */
export const SHAKY_PROBABILITY = 0.8

/** A firm rung comes back after this many days, doubled for each day beyond two on which it was met. */
export const FIRST_REVIEW_DAYS = 7

export function standingOf(answers: readonly Answer[], school: School, now: Instant): Standing {
  const estimates = school.order.map((rung) => estimateKnowing(answers, rung, now))
  const firm = estimates.filter((estimate) => estimate.firm).map((estimate) => estimate.rung)
  const lastFirm = estimates.findLastIndex((estimate) => estimate.firm)
  const before = estimates.filter((estimate, i) => !estimate.firm && i < lastFirm)
  const shaky = before.filter((estimate) => estimate.answers > 0 && estimate.probability >= SHAKY_PROBABILITY)
  const passed = [...shaky, ...before.filter((estimate) => estimate.answers === 0)]
  const overdue = estimates
    .filter((estimate) => estimate.firm && estimate.lastAt !== undefined)
    .map((estimate) => ({ rung: estimate.rung, days: overdueDays(answers, estimate, now) }))
    .filter(({ days }) => days >= 0)
    .sort((a, b) => b.days - a.days)
  return {
    estimates,
    working: estimates.find((estimate) => !estimate.firm && !passed.includes(estimate))?.rung,
    firm,
    due: [...shaky.map(({ rung }) => rung), ...overdue.map(({ rung }) => rung)],
  }
}

function overdueDays(answers: readonly Answer[], estimate: Estimate, now: Instant): number {
  const days = new Set(answers.filter((a) => a.item.rung === estimate.rung).map((a) => dayNumber(a.at))).size
  const gap = FIRST_REVIEW_DAYS * 2 ** Math.max(0, days - 2)
  return (now - (estimate.lastAt ?? now)) / MS_PER_DAY - gap
}

/**
 * Readiness in one sentence.
 */
export function readinessInWords(standing: Standing, school: School): string {
  const { working, estimates } = standing
  if (working === undefined) return 'Every rung that is read off a dial is firm.'
  const at = estimates.find((estimate) => estimate.rung === working)
  const name = rungOf(working).name
  if (!at || at.answers === 0) {
    const before = school.order[school.order.indexOf(working) - 1]
    return before ? `Ready for ${name}: ${rungOf(before).name} is firm.` : `Starts at ${name}.`
  }
  return `Working on ${name}: ${at.unmet[0] ?? 'almost there'}.`
}
