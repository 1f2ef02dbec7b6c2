import {
  type Answer,
  type Finding,
  type Question,
  type SimulatedChild,
  WRONG_CHOICES,
  aspects,
  diagnose,
  estimateKnowing,
  nextQuestion,
  predictionsFor,
  simulateAnswer,
  stageOf,
} from '../src/core/knowing'
import { dayAfter, localDay } from '../src/core/clock'
import { draw, drawInt, drawUnit, randomFrom, shuffled } from '../src/core/random'
import {
  type MisreadingId,
  type RungId,
  type Value,
  asksOf,
  isOpen,
  isRight,
  itemPool,
  luresFor,
  makeItems,
  misreadings,
  rungs,
} from '../src/core/teaching'

/* Quick checks of simulated children: asked by the app, or evenly, so that the two can be set side by side. */

export type Way = 'by-information' | 'evenly'

/** The rungs on which a misreading shows at least in one question in twenty of some way of asking. */
export function rungsShowing(id: MisreadingId): RungId[] {
  return rungs
    .map((rung) => rung.id)
    .filter((rung) =>
      asksOf(rung).some((ask) => {
        const pool = itemPool(randomFrom(1), { rung, ask })
        const showing = pool.filter((item) =>
          predictionsFor(item).some(({ at }) => aspects[at]?.misreading === id),
        ).length
        return showing >= Math.max(8, pool.length / 20)
      }),
    )
}

export interface Check {
  readonly rung: RungId
  readonly way: Way
  readonly seed: number
}

/**
 * The answers to so many questions in turn; fewer where there are no more. Each question may follow from the answers.
 */
export function answersInTurn(
  count: number,
  ask: (answers: readonly Answer[]) => Question | undefined,
  give: (question: Question) => Value,
): Answer[] {
  const answers: Answer[] = []
  while (answers.length < count) {
    const question = ask(answers)
    if (!question) break
    const given = give(question)
    const { item, choices, withThings } = question
    const at = 1e12 + answers.length * 20_000
    answers.push({
      id: String(answers.length),
      childId: 'simulated',
      at,
      day: localDay(at, 'UTC'),
      item,
      choices: choices.length,
      given,
      right: isRight(item, given),
      stage: withThings ? 'concrete' : stageOf(item),
      helped: false,
    })
  }
  return answers
}

/** The questions that the app chooses on a rung, by the answers so far. */
export const chosenOn = (rung: RungId, seed: number) => (answers: readonly Answer[]) =>
  nextQuestion({ rung, seed, answers, asked: answers.map(({ item }) => item) })

/** The answers of one child to the first `count` questions of a check. */
export function simulateCheck(child: SimulatedChild, { rung, way, seed }: Check, count: number): Answer[] {
  const random = randomFrom(seed)
  const even = way === 'evenly' ? evenItems(rung, count, seed) : []
  const ask = way === 'evenly' ? (answers: readonly Answer[]) => even[answers.length] : chosenOn(rung, seed)
  return answersInTurn(count, ask, ({ item, choices }) => simulateAnswer(random, child, item, choices))
}

/**
 * Items spread evenly over the rung's times, each way of asking in turn, wrong choices drawn alike from all
 * misreadings.
 */
function evenItems(rung: RungId, count: number, seed: number) {
  const random = randomFrom(seed + 1)
  const asks = asksOf(rung)
  const pools = asks.map((ask) =>
    makeItems(random, { rung, ask, count: Math.min(count, itemPool(randomFrom(seed), { rung, ask }).length) }),
  )
  return Array.from({ length: count }, (_, i) => {
    const pool = pools[i % asks.length] ?? []
    const bare = pool[i % pool.length]
    if (!bare) throw new Error('no item')
    const lures = isOpen(bare.ask) ? [] : luresFor(bare, { count: WRONG_CHOICES, seed: drawInt(random, 0, 1e9) })
    const choices = lures.length === 0 ? [] : shuffled(random, [bare.answer, ...lures.map((lure) => lure.value)])
    return { item: { ...bare, lures }, choices }
  })
}

export interface Planted {
  readonly child: SimulatedChild
  readonly ids: readonly MisreadingId[]
  readonly rung: RungId
}

/**
 * Children who hold so many misreadings, at a strength between 0.5 and 0.9, with 5 % slips, each on a rung where all
 * of them show.
 */
export function plantedChildren(howMany: number, misreadingsEach: 0 | 1 | 2, seed: number): Planted[] {
  const random = randomFrom(seed)
  const shownOn = new Map(misreadings.map(({ id }) => [id, rungsShowing(id)]))
  const children: Planted[] = []
  while (children.length < howMany) {
    const ids = shuffled(random, misreadings)
      .slice(0, misreadingsEach)
      .map(({ id }) => id)
    const common = rungs.map(({ id }) => id).filter((rung) => ids.every((id) => shownOn.get(id)?.includes(rung)))
    if (common.length === 0) continue
    const child = { misreadings: ids, strength: 0.5 + 0.4 * drawUnit(random), slip: 0.05, knows: () => 1 }
    children.push({ child, ids, rung: draw(random, common) })
  }
  return children
}

export type Named = (found: readonly Finding[], ids: readonly MisreadingId[]) => boolean

/** The shares of children for whom `named` holds after each of so many answers (ascending). */
export function sharesAfter(children: readonly Planted[], way: Way, counts: readonly number[], named: Named): number[] {
  const hits = counts.map(() => 0)
  const most = counts[counts.length - 1] ?? 0
  for (const [i, { child, ids, rung }] of children.entries()) {
    const answers = simulateCheck(child, { rung, way, seed: i }, most)
    for (const [at, count] of counts.entries()) {
      const found = diagnose(answers.slice(0, count)).findings
      if (named(found, ids)) hits[at] = (hits[at] ?? 0) + 1
    }
  }
  return hits.map((hit) => hit / children.length)
}

/** Alone, or as one of a pair. */
const names = (finding: Finding | undefined, id: MisreadingId | undefined) =>
  finding !== undefined && (finding.misreading === id || finding.or === id)

export const firstIsRight: Named = ([first], ids) => names(first, ids[0])
export const allAreNamed: Named = (found, ids) => ids.every((id) => found.some((finding) => names(finding, id)))
export const anyIsNamed: Named = (found) => found.length > 0

const DAY = 86_400_000

/** Whether a simulated child is secure at some point within 24 answers over two days. */
export function secureWithin24(child: SimulatedChild, rung: RungId, seed: number): boolean {
  const days = [0, 1].flatMap((day) =>
    simulateCheck(child, { rung, way: 'by-information', seed: seed + day }, 12).map((answer) => ({
      ...answer,
      at: answer.at + 3 * day * DAY,
      day: dayAfter(answer.day, 3 * day),
    })),
  )
  return days.some((_, n) => estimateKnowing(days.slice(0, n + 1), rung, 0).firm)
}
