import { drawUnit, randomFrom } from '../random'
import {
  type Ask,
  asksOf,
  hasDialTimes,
  type Item,
  itemKey,
  isOpen,
  itemPool,
  likeness,
  minuteOf,
  type MisreadingId,
  misreadings,
  type Mode,
  type RungId,
  type Stage,
  wayOf,
} from '../teaching'
import type { Answer } from './answers'
import { type Belief, believe } from './believing'
import type { Finding } from './weighing'
import { aspects } from './aspects'
import { type Prediction, predictionsFor } from './predictions'
import { information, onOffer, type Question, withTellingChoices } from './telling'

export interface NextRequest {
  readonly rung: RungId
  readonly seed: number
  /** The child's answers of this check, in order. */
  readonly answers: readonly Answer[]
  /** Questions that were put already, answered or skipped: none of them comes again while there are others. */
  readonly asked: readonly Item[]
  /** How likely each misreading is from earlier answers; left out, as common as it is among beginners. */
  readonly before?: Partial<Record<MisreadingId, number>>
  /** Only these ways of asking; left out, all that the rung has. */
  readonly asks?: readonly Ask[]
  /** The kinds in which the child was right on this rung before this check. */
  readonly kinds?: readonly Stage[]
}

/** Of each way of asking, so many questions are weighed. */
const WEIGHED = 16
/** Among them are so many on which each open misreading shows, where the rung has them. */
const SOUGHT = 3
/**
 * How much it is worth, in bits, to show what was hardly tried yet: a misreading that few questions show would else
 * never have its turn. What was tried before is worth less each time, as seldom as one that is held stays hidden.
 * Found by trying, with `bench/know-cells.ts`.
 */
const NOVELTY = 2
const BY_TRIES = [1, 0.35, 0.12]
/**
 * One that is hardly thought likely in some place is tried there too, as if it were so likely. Few can be held in
 * saying, so a question that is said shows few: each counts for more there.
 */
const LEAST_LIKELY = {
  reading: 0.02,
  setting: 0.02,
  saying: 0.055,
  writing: 0.02,
  reckoning: 0.02,
} as const satisfies Record<Mode, number>

/** What shows in less than such a share of the questions is sought twice as hard. */
const RARE = { share: 0.25, worth: 2 } as const

/**
 * The next question: of those not put yet, the one whose answer is expected to tell most about which
 * misreading the child holds, if any (mutual information, in bits), made a little less likely where
 * its time is like those before it or its kind has come more often than the others. Undefined only
 * where the rung has no question left at all. The same request gives the same question.
 */
export function nextQuestion(request: NextRequest): Question | undefined {
  const belief = believe(request.answers, request.before)
  const missing = missingKind(request)
  const question = mostTelling({ ...request, asks: missing?.asks ?? request.asks }, belief)
  return question && missing?.withThings ? { ...question, withThings: true } : question
}

/** A kind that is still missing is asked for once so many answers of the other were right in a check. */
const RIGHT_OF_ONE_KIND = 2

/**
 * Two kinds of answers make a rung secure, so the one that is missing is asked for: by a way of asking that has it, or
 * with things where the rung has none. Every other question, so that a child who cannot do it is asked otherwise too.
 */
function missingKind({ rung, answers, asked, asks = asksOf(rung), kinds = [] }: NextRequest) {
  const own = answers.filter(({ item, right, helped }) => item.rung === rung && right && !helped)
  const [kind, other] = new Set([...kinds, ...own.map(({ stage }) => stage)])
  const isEarly = kinds.length === 0 && own.length < RIGHT_OF_ONE_KIND
  if (kind === undefined || other !== undefined || isEarly || asked.length % 2 === 1) return undefined
  const having = asks.filter((ask) => wayOf(ask).stage !== kind)
  if (having.length > 0) return { asks: having, withThings: false }
  return kind === 'concrete' ? undefined : { asks, withThings: true }
}

/** A question on which two explanations of an answer would show differently; undefined where the rung has none. */
export function tellingQuestion(request: NextRequest, between: readonly MisreadingId[]): Question | undefined {
  const share = (id: MisreadingId) => (between.includes(id) ? 1 / between.length : 0)
  const likely = aspects.map(({ misreading }) => share(misreading))
  const belief: Belief = {
    findings: [],
    likely,
    chances: misreadings.map(({ id }) => share(id)),
    none: 0,
    guesses: false,
  }
  const question = mostTelling(request, belief)
  return question && information(question, belief) > 0.05 ? question : undefined
}

/** The same for a finding that could be either of two, on the rungs of its answers; undefined for one that is sure. */
export function questionToTell({ misreading, or, evidence }: Finding): Question | undefined {
  if (!or) return undefined
  const rungs = [...new Set([...evidence].sort((a, b) => b.at - a.at).map(({ item }) => item.rung))]
  for (const rung of rungs) {
    const question = tellingQuestion({ rung, seed: 1, answers: [], asked: [] }, [misreading, or])
    if (question) return question
  }
  return undefined
}

function mostTelling(request: NextRequest, belief: Belief): Question | undefined {
  const random = randomFrom(request.seed + 7919 * request.asked.length)
  const before = request.asked.map(minuteOf)
  const put = new Set(request.asked.map(itemKey))
  const asks = request.asks ?? asksOf(request.rung)
  const pools = asks.map((ask) => itemPool(random, { rung: request.rung, ask }))
  const fresh = pools.map((pool) => pool.filter((item) => !put.has(itemKey(item))))
  const offered = fresh.some((pool) => pool.length > 0) ? fresh : pools
  const seen = timesShown(request.asked)
  const rare = rarityOn(request.rung, asks, pools)
  let best: { readonly question: Question; readonly worth: number } | undefined
  for (const pool of offered) {
    for (const item of worthWeighing(pool, belief)) {
      const predictions = predictionsFor(item)
      const question = withTellingChoices(random, item, predictions, belief)
      const bits = information(question, belief, predictions)
      const worth =
        (bits +
          NOVELTY * untested(showingOn(question.item, predictions), belief, seen, rare) +
          0.02 * drawUnit(random)) /
        (1 + 0.008 * likeness(minuteOf(item), before)) /
        balance(item, request.asked)
      if (!best || worth > best.worth) best = { question, worth }
    }
  }
  return best?.question
}

/** Some of the pool in its drawn order, and beyond those some on which each misreading that is still open shows. */
function worthWeighing(pool: readonly Item[], belief: Belief): Item[] {
  const taken = pool.slice(0, WEIGHED)
  const wanted = belief.likely.map((chance): number => (chance > 0 ? SOUGHT : 0))
  const shows = (item: Item) => predictionsFor(item).filter(({ at }) => (wanted[at] ?? 0) > 0)
  const take = (item: Item) => {
    const showing = shows(item)
    for (const { at } of showing) wanted[at] = (wanted[at] ?? 0) - 1
    return showing.length > 0
  }
  for (const item of taken) take(item)
  return [...taken, ...pool.slice(WEIGHED).filter(take)]
}

/** How often each misreading could have shown so far, by place in `aspects`: in a choice, only where it was offered. */
function timesShown(asked: readonly Item[]): number[] {
  const seen = aspects.map(() => 0)
  for (const item of asked) for (const at of showingOn(item, predictionsFor(item))) seen[at] = (seen[at] ?? 0) + 1
  return seen
}

/** How likely the child holds something that shows here and was not tried often enough. */
function untested(
  showing: readonly number[],
  belief: Belief,
  seen: readonly number[],
  rare: readonly number[],
): number {
  return showing.reduce((sum, at) => {
    const least = LEAST_LIKELY[aspects[at]?.mode ?? 'reading'] * (rare[at] ?? 1)
    return sum + (BY_TRIES[seen[at] ?? 0] ?? 0) * Math.max(least, belief.likely[at] ?? 0)
  }, 0)
}

/** The places in `aspects` that an answer to this item can show, with the choices that it has. */
function showingOn(item: Item, predictions: readonly Prediction[]): number[] {
  return predictions.flatMap((prediction) =>
    onOffer(prediction, item, !isOpen(item.ask)).values.length > 0 ? [prediction.at] : [],
  )
}

/** Above 1 where this way of asking has come more than its share in this check. */
function balance({ ask }: Item, asked: readonly Item[]): number {
  const { heldBack, answered, mode } = wayOf(ask)
  const isAlike = (other: Item) => wayOf(other.ask).answered === answered && wayOf(other.ask).mode === mode
  return asked.length === 0 ? 1 : (1 + asked.filter(isAlike).length) ** heldBack
}

/** The times of a dial are always the same, so their rarity is found once. */
const rarities = new Map<string, readonly number[]>()

/** By place in `aspects`, how much more it is worth to try one that few of the questions show. */
function rarityOn(rung: RungId, asks: readonly Ask[], pools: readonly (readonly Item[])[]): readonly number[] {
  if (!hasDialTimes(rung)) return rarityIn(pools)
  const key = [rung, ...asks].join(' ')
  const known = rarities.get(key) ?? rarityIn(pools)
  rarities.set(key, known)
  return known
}

function rarityIn(pools: readonly (readonly Item[])[]): number[] {
  const showing = aspects.map(() => 0)
  const among = aspects.map(() => 0)
  for (const pool of pools) {
    const here = new Set<number>()
    for (const { at } of pool.flatMap(predictionsFor)) {
      showing[at] = (showing[at] ?? 0) + 1
      here.add(at)
    }
    for (const at of here) among[at] = (among[at] ?? 0) + pool.length
  }
  return showing.map((count, at) => (count < RARE.share * (among[at] ?? 0) ? RARE.worth : 1))
}
