import { told, asPart, type Told } from '../wording'
import { BESIDE_THE_ORDER, type RungId, type School, rungOf } from '../teaching'
import type { Answer, Instant } from './answers'
import { type Estimate, type Overrule, estimateKnowing } from './estimate'
import { GETTING_THERE_PROBABILITY, LEAST_FOR_A_LEVEL } from './levels'
import { SHAKY_PROBABILITY } from './verdict'

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

/** Up to this age a child of whom nothing is known begins with the parts of the clock. */
export const PARTS_FIRST_UNTIL_AGE = 5

/**
 * The rung that a child of this age works on: the parts of the clock for a child of four or five of whom nothing else
 * is known, until they are likely known; else the next one of the school's order. Undefined where all of it is known.
 */
export function workedOn({ estimates, beside, working }: Standing, age: number | null | undefined): RungId | undefined {
  const isNew = [...estimates, ...beside].every(
    ({ rung, answers, overrule, probability }) =>
      !overrule && (answers === 0 || (rung === 'parts' && probability < SHAKY_PROBABILITY)),
  )
  return isNew && age !== null && age !== undefined && age <= PARTS_FIRST_UNTIL_AGE ? 'parts' : working
}

/** The child knows a rung and has not met the next one, so it is time to begin that one. */
export function movesOn({ firm, working, estimates }: Standing): boolean {
  const next = estimates.find(({ rung }) => rung === working)
  return firm.length > 0 && (next === undefined || next.answers === 0)
}

/** Readiness in one sentence, for a child of such an age; without one where it is not told. */
export function readinessInWords(standing: Standing, school: School, age?: number | null): Told {
  const { estimates, beside, supposed } = standing
  const working = workedOn(standing, age)
  if (working === undefined) return told('Every step that is read off a dial is known.')
  const at = [...estimates, ...beside].find((estimate) => estimate.rung === working)
  const name = rungOf(working).name
  if (!at || (at.answers === 0 && at.overrule?.verdict !== 'not-firm')) {
    const before = school.order[school.order.indexOf(working) - 1]
    if (before && supposed.includes(before)) return told('Starts at {0} (your guess).', asPart(name))
    return before
      ? told('Ready for {0}: {1} is known.', asPart(name), asPart(rungOf(before).name))
      : told('Starts at {0}.', asPart(name))
  }
  return told(
    'Working on {0}: {1}.',
    asPart(name),
    asPart(
      at.overrule?.verdict === 'not-firm'
        ? told('not known yet, as you marked it')
        : (at.unmet[0] ?? told('almost there')),
    ),
  )
}
