import { drawInt, drawUnit, type Random, randomFrom, shuffled } from '../random'
import { isOpen, isRight, type Item, type Lure, neighbours, sameValue, type Value } from '../teaching'
import type { Belief } from './believing'
import { type Finding, isSettled } from './weighing'
import { aspects, SUPPOSED } from './aspects'
import { type Prediction, predictionsFor } from './predictions'

/** One question of a quick check: answered by a choice where there are any, else by setting or writing. */
export interface Question {
  readonly item: Item
  /** The true answer among the wrong ones, in the order in which they are offered; empty when open. */
  readonly choices: readonly Value[]
  /** It is to be asked with things, not on the screen, since that kind of answer is still missing. */
  readonly withThings?: boolean
}

export const WRONG_CHOICES = 5
/** How often a held misreading is taken to show, and how often a child slips, when a question is weighed. */
const STRENGTH = 0.75
const SLIP = 0.08

/** The item with the wrong choices that tell most: those of the likeliest misreadings first. */
export function withTellingChoices(
  random: Random,
  item: Item,
  predictions: readonly Prediction[],
  belief: Belief,
): Question {
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

/** What of a prediction a child can choose: where choices are given, only what is among them. */
export function onOffer(prediction: Prediction, item: Item, isClosed: boolean): Prediction {
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
