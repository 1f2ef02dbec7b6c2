import { type Random, drawInt, drawUnit, randomFrom, shuffled } from '../random'
import {
  type Ask,
  type Item,
  type Lure,
  type MisreadingId,
  type RungId,
  type Value,
  asksOf,
  isRight,
  itemKey,
  itemPool,
  likeness,
  minuteOf,
  misreadings,
  neighbours,
  sameValue,
} from '../teaching'
import { type Answer } from './answers'
import { type Belief, type Finding, believe, isSettled } from './diagnosis'
import { type Prediction, SUPPOSED, aspects, predictionsFor } from './evidence'

/** One question of a quick check: answered by a choice where there are any, else by setting or writing. */
export interface Question {
  readonly item: Item
  /** The true answer among the wrong ones, in the order in which they are offered; empty when open. */
  readonly choices: readonly Value[]
}

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
}

export const WRONG_CHOICES = 5
/** Of each way of asking, so many questions are weighed. */
const WEIGHED = 16
/** Among them are so many on which each open misreading shows, where the rung has them. */
const SOUGHT = 3
/**
 * How much it is worth, in bits, to show a misreading that was hardly tried yet: one that few questions show would
 * else never have its turn. What was tried once is worth the share `SECOND_TRY` of it.
 */
const NOVELTY = 2
const SECOND_TRY = 0.3
/**
 * How strongly a way of asking that has come before is held back: an exponent. Found by trying, with
 * `bench/knowing.ts`.
 */
const BALANCE = { set: 0, say: 1, write: 0.25, other: 0.2 } as const
/** How often a held misreading is taken to show, and how often a child slips, when a question is weighed. */
const STRENGTH = 0.75
const SLIP = 0.08

/** Ways of asking that are answered by setting or writing, without choices. */
export function isOpen(ask: Ask): boolean {
  return ask === 'set' || ask === 'write'
}

/**
 * The next question: of those not put yet, the one whose answer is expected to tell most about which
 * misreading the child holds, if any (mutual information, in bits), made a little less likely where
 * its time is like those before it or its kind has come more often than the others. Undefined only
 * where the rung has no question left at all. The same request gives the same question.
 */
export function nextQuestion(request: NextRequest): Question | undefined {
  const belief = believe(request.answers, request.before)
  return mostTelling(request, belief)
}

/** A question on which two explanations of an answer would show differently; undefined where the rung has none. */
export function tellingQuestion(request: NextRequest, between: readonly MisreadingId[]): Question | undefined {
  const share = (id: MisreadingId) => (between.includes(id) ? 1 / between.length : 0)
  const likely = aspects.map(({ misreading }) => share(misreading))
  const belief: Belief = { findings: [], likely, chances: misreadings.map(({ id }) => share(id)), none: 0 }
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
  let best: { readonly question: Question; readonly worth: number } | undefined
  for (const pool of offered) {
    for (const item of worthWeighing(pool, belief)) {
      const predictions = predictionsFor(item)
      const question = withTellingChoices(random, item, predictions, belief)
      const bits = information(question, belief, predictions)
      const worth =
        (bits + NOVELTY * untested(showingOn(question.item, predictions), belief, seen) + 0.02 * drawUnit(random)) /
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

/** How likely the child holds something that shows here and could show at most once before. */
function untested(showing: readonly number[], belief: Belief, seen: readonly number[]): number {
  const share = (times: number) => (times === 0 ? 1 : times === 1 ? SECOND_TRY : 0)
  return showing.reduce((sum, at) => sum + share(seen[at] ?? 0) * (belief.likely[at] ?? 0), 0)
}

/** The places in `aspects` that an answer to this item can show, with the choices that it has. */
function showingOn(item: Item, predictions: readonly Prediction[]): number[] {
  return predictions.flatMap((prediction) =>
    onOffer(prediction, item, !isOpen(item.ask)).values.length > 0 ? [prediction.at] : [],
  )
}

/**
 * Above 1 where this way of asking has come more than its share in this check. An open answer tells more at once than
 * a choice does, but only about its own way: what a child reads wrongly never shows while hands are set.
 */
function balance({ ask }: Item, asked: readonly Item[]): number {
  const kind = kindOf(ask)
  const same = asked.filter((other) => kindOf(other.ask) === kind).length
  return asked.length === 0 ? 1 : (1 + same) ** BALANCE[kind]
}

const kindOf = (ask: Ask): keyof typeof BALANCE => (ask === 'set' || ask === 'say' || ask === 'write' ? ask : 'other')

/** The item with the wrong choices that tell most: those of the likeliest misreadings first. */
function withTellingChoices(random: Random, item: Item, predictions: readonly Prediction[], belief: Belief): Question {
  if (isOpen(item.ask)) return { item, choices: [] }
  const ranked = predictions
    .flatMap(({ at, values }) =>
      values
        .filter((value) => value.kind === item.answer.kind)
        .map((value) => ({ value, at, chance: ((belief.likely[at] ?? 0) + foundChance(belief, at)) / values.length })),
    )
    // A little chance in the order, so that the same choices do not always come together.
    .map((lure) => ({ ...lure, rank: lure.chance * (0.85 + 0.3 * drawUnit(random)) }))
    .sort((a, b) => b.rank - a.rank)
  const lures: Lure[] = []
  const add = (lure: Lure) => {
    if (
      lures.length < WRONG_CHOICES &&
      !isRight(item, lure.value) &&
      !lures.some((other) => sameValue(other.value, lure.value))
    )
      lures.push(lure)
  }
  for (const { value, at } of ranked) add({ value, misreading: aspects[at]?.misreading })
  if (lures.length < WRONG_CHOICES) for (const lure of neighbours(random, item)) add(lure)
  const choices = shuffled(randomFrom(drawInt(random, 0, 1e9)), [item.answer, ...lures.map((lure) => lure.value)])
  return { item: { ...item, lures }, choices }
}

/** What was found stays among the choices now and then: is it outgrown? */
function foundChance(belief: Belief, at: number): number {
  return belief.findings.some((finding) => finding.misreading === aspects[at]?.misreading) ? 0.15 : 0
}

/**
 * Mutual information between what the child holds and the answer, in bits:
 * Σ_h P(h) Σ_v P(v | h) log2(P(v | h) ÷ P(v)), over the misreadings still open and none of them.
 */
export function information({ item, choices }: Question, belief: Belief, known = predictionsFor(item)): number {
  const predictions = known.map((prediction) => onOffer(prediction, item, choices.length > 0))
  const values = distinctValues(predictions)
  const targets = choices.length > 0 ? choices.length - 1 : SUPPOSED.openSlipTargets
  const found = belief.findings.filter(isSettled)
  const base = distribution(values, targets)
  const seen = predictions
    .filter(({ at }) => found.some((finding) => isHeldAt(finding, at)))
    .reduce<readonly number[]>((chances, prediction) => mixed(values, prediction, chances), base)
  const hypotheses = predictions
    .filter(({ at }) => (belief.likely[at] ?? 0) > 0)
    .map((prediction) => ({ chance: belief.likely[prediction.at] ?? 0, answers: mixed(values, prediction, seen) }))
  const rest = 1 - hypotheses.reduce((sum, { chance }) => sum + chance, 0)
  const all = [{ chance: Math.max(0, rest), answers: seen }, ...hypotheses]
  let bits = 0
  for (let v = 0; v < seen.length; v++) {
    const marginal = all.reduce((sum, { chance, answers }) => sum + chance * (answers[v] ?? 0), 0)
    for (const { chance, answers } of all) {
      const p = answers[v] ?? 0
      if (chance > 0 && p > 0 && marginal > 0) bits += chance * p * Math.log2(p / marginal)
    }
  }
  return bits
}

function isHeldAt({ misreading, heldIn }: Finding, at: number): boolean {
  const aspect = aspects[at]
  return aspect?.misreading === misreading && heldIn.includes(aspect.mode)
}

function distinctValues(predictions: readonly Prediction[]): Value[] {
  const values: Value[] = []
  for (const { values: each } of predictions)
    for (const value of each) if (!values.some((other) => sameValue(other, value))) values.push(value)
  return values
}

function onOffer(prediction: Prediction, item: Item, isClosed: boolean): Prediction {
  if (!isClosed) return prediction
  const values = prediction.values.filter((value) => item.lures.some((lure) => sameValue(lure.value, value)))
  return { ...prediction, values }
}

/** Chances of: right, each of the values, anything else. A slip falls on each wrong answer alike. */
function distribution(values: readonly Value[], targets: number): number[] {
  const each = SLIP / Math.max(targets, values.length)
  return [1 - SLIP, ...values.map(() => each), Math.max(0, SLIP - each * values.length)]
}

/** The chances once a misreading shows as often as it is taken to. */
function mixed(values: readonly Value[], prediction: Prediction, chances: readonly number[]): readonly number[] {
  const { values: leadsTo } = prediction
  if (leadsTo.length === 0) return chances
  return chances.map((chance, i) => {
    const value = values[i - 1]
    const led = value !== undefined && leadsTo.some((each) => sameValue(each, value)) ? STRENGTH / leadsTo.length : 0
    return led + (1 - STRENGTH) * chance
  })
}
