import { told, type Told, asPart } from '../wording'
import type { LocalDay } from '../clock'
import { type Ask, KIND_NAMES, type RungId, STAGES, type Stage, asksOf, containing } from '../teaching'
import type { Answer, Instant } from './answers'
import { reviewDue } from './reviews'
import { knownAt } from './tracing'
import {
  type Following,
  SECURE,
  followAnswer,
  lapsesAmongLast,
  letPass,
  nothingYet,
  rightAnswersMissing,
} from './verdict'

/** How well a child knows a rung. */
export interface Estimate {
  readonly rung: RungId
  /** That the child knows it now, 0 to 1, by the two-state model. */
  readonly probability: number
  /** It is secure: by the adult's word, by its answers, or by those of a rung that contains it. */
  readonly firm: boolean
  /** Since when it is secure by the answers. */
  readonly since?: LocalDay
  /** When it last stopped being secure. */
  readonly until?: LocalDay
  /** The later rung that contains it, where only that one's answers make it secure. */
  readonly through?: RungId
  /** What is still missing for secure, each in words; empty where nothing is. */
  readonly unmet: readonly Told[]
  /** What its own answers come to so far. */
  readonly followed: Readonly<Following>
  readonly answers: number
  readonly lastAt?: Instant
  readonly lastDay?: LocalDay
  /** On how many days they were given. */
  readonly days: number
  /** The kinds in which an answer was right. */
  readonly stages: readonly Stage[]
  /** Right of how many, and how sure from those answers alone, by kind and by direction; only those that were met. */
  readonly byKind: readonly (Tally & { readonly stage: Stage })[]
  readonly byAsk: readonly (Tally & { readonly ask: Ask })[]
  /** When it should come back; undefined before it was ever met. */
  readonly due?: Instant
  /** What the adult says, over the answers. */
  readonly overrule?: Overrule
}

export interface Tally {
  readonly right: number
  readonly of: number
  readonly probability: number
}

/**
 * `firm` and `not-firm` are the adult's own judgement, which stands over the answers until it is taken back. `supposed`
 * is where a child was said to start: known, until answers say otherwise, but never told as known.
 */
export const VERDICTS = ['firm', 'not-firm', 'supposed'] as const

/** What an adult says of a rung, kept as theirs with its date. */
export interface Overrule {
  readonly rung: RungId
  readonly verdict: (typeof VERDICTS)[number]
  readonly at: Instant
  readonly note: string
}

/** How the answers to one rung went, one after the other. */
interface Course {
  readonly followed: Following
  readonly days: ReadonlySet<LocalDay>
  readonly kinds: ReadonlySet<Stage>
  readonly since?: LocalDay
  readonly until?: LocalDay
}

/** Follows the unaided answers to one rung, the earliest first. */
function courseOf(own: readonly Answer[]): Course {
  const followed = nothingYet()
  const days = new Set<LocalDay>()
  const kinds = new Set<Stage>()
  let since: LocalDay | undefined
  let until: LocalDay | undefined
  let before: LocalDay | undefined
  for (const { day, right, choices, stage } of own) {
    if (before !== undefined) letPass(followed, day - before)
    before = day
    followAnswer(followed, right, choices)
    days.add(day)
    if (right) kinds.add(stage)
    const secure = followed.convinced && days.size >= SECURE.days && kinds.size >= SECURE.kinds
    if (secure) since ??= day
    else if (since !== undefined) [since, until] = [undefined, day]
  }
  return { followed, days, kinds, since, until }
}

const ownOf = (answers: readonly Answer[], rung: RungId): Answer[] =>
  answers.filter((answer) => answer.item.rung === rung && !answer.helped).sort((a, b) => a.at - b.at)

/** How well one child knows one rung at `now`, from all of the child's answers, in any order, and the adult's word. */
export function estimateKnowing(answers: readonly Answer[], rung: RungId, now: Instant, overrule?: Overrule): Estimate {
  const counted = ownOf(answers, rung)
  const course = courseOf(counted)
  const { followed, days, kinds, until } = course
  const through = course.since === undefined ? secureThrough(answers, rung, course) : undefined
  const since = course.since ?? through?.since
  const last = counted[counted.length - 1]
  const tally = (of: readonly Answer[]): Tally => ({
    right: of.filter((answer) => answer.right).length,
    of: of.length,
    probability: knownAt(of, now),
  })
  return {
    rung,
    probability: knownAt(counted, now),
    firm: overrule && overrule.verdict !== 'supposed' ? overrule.verdict === 'firm' : since !== undefined,
    since,
    until,
    through: through?.rung,
    unmet: since === undefined ? unmetWords(course) : [],
    followed,
    answers: counted.length,
    lastAt: last?.at,
    lastDay: last?.day,
    days: days.size,
    stages: STAGES.filter((stage) => kinds.has(stage)),
    byKind: STAGES.map((stage) => ({ stage, ...tally(counted.filter((answer) => answer.stage === stage)) })).filter(
      ({ of }) => of > 0,
    ),
    byAsk: asksOf(rung)
      .map((ask) => ({ ask, ...tally(counted.filter((answer) => answer.item.ask === ask)) }))
      .filter(({ of }) => of > 0),
    due: reviewDue(counted, rung),
    overrule,
  }
}

/** How a rung stood by its own answers alone: what a level needs, without the rest of an estimate. */
export function stoodBy(
  own: readonly Answer[],
  rung: RungId,
  now: Instant,
): Pick<Estimate, 'firm' | 'answers' | 'probability' | 'followed'> {
  const counted = ownOf(own, rung)
  const { since, followed } = courseOf(counted)
  return {
    firm: since !== undefined,
    followed,
    answers: counted.length,
    probability: knownAt(counted, now),
  }
}

/**
 * The rung that contains this one and is secure by its own answers, the longest so first. Whoever has lost this one
 * since by its own answers is not secure on it, whatever was shown before.
 */
function secureThrough(
  answers: readonly Answer[],
  rung: RungId,
  { followed, until }: Course,
): { rung: RungId; since: LocalDay } | undefined {
  if (lapsesAmongLast(followed) >= SECURE.lapses) return undefined
  return containing(rung)
    .flatMap((later) => {
      const { since } = courseOf(ownOf(answers, later))
      return since !== undefined && (until === undefined || since >= until) ? [{ rung: later, since }] : []
    })
    .sort((a, b) => a.since - b.since)[0]
}

/** Choices of a usual question of the quick check. */
const USUAL_CHOICES = 6

function unmetWords({ followed, days, kinds }: Course): Told[] {
  if (followed.answers === 0) return [told('no answers yet')]
  const unmet: Told[] = []
  const missing = rightAnswersMissing(followed, USUAL_CHOICES)
  if (missing > 0)
    unmet.push(missing === 1 ? told('one more right answer') : told('about {0} more right answers', missing))
  if (days.size < SECURE.days) unmet.push(told('right answers on a second day'))
  const [kind] = kinds
  if (kinds.size < SECURE.kinds)
    unmet.push(
      kind
        ? told('answers of a second kind, so far only {0}', asPart(KIND_NAMES[kind]))
        : told('right answers of two kinds'),
    )
  return unmet
}
