import { DIAGNOSIS, diagnose, stageOf, type Answer, type SimulatedChild } from '../src/core/knowing'
import { randomFrom } from '../src/core/random'
import { rungs, asksOf, itemPool, type RungId } from '../src/core/teaching'
import {
  allAreNamed,
  anyIsNamed,
  secureWithin24,
  firstIsRight,
  plantedChildren,
  sharesAfter,
  simulateCheck,
} from './checks'
import { falseShare, measureCells, tableOf } from './know-cells'
import { medians } from './raw'

/*
 * What the diagnosis and the readiness find out about simulated children, and what they cost. Seeds are in the lines.
 */

const HOW_MANY = Number(process.argv[2] ?? 2000)
const percent = (share: number | undefined) => `${((share ?? 0) * 100).toFixed(1)} %`

/* Where a misreading is held: in one place only, or everywhere (a model of children apart from the app's). */
const EACH = Math.max(4, Math.round(HOW_MANY / 80))
console.log(
  `named right, alone or as one of a pair, in % after 8 and 12 chosen answers (strength 0.7, slips 5 %, ${EACH} children a rung), worst first`,
)
for (const line of tableOf(measureCells(EACH))) console.log(line)
for (const slip of [0.05, 0.15])
  console.log(
    `slips of ${percent(slip)} alone, ${EACH * 4} children a rung: something is named in ${percent(falseShare(slip, EACH * 4))}`,
  )

const one = plantedChildren(HOW_MANY, 1, 1)
const [after8, after12] = sharesAfter(one, 'by-information', [8, 12], firstIsRight)
console.log(
  `one misreading planted (${HOW_MANY} children, seed 1), named first above ${DIAGNOSIS.namedOdds} to 1: after 8 answers ${percent(after8)}, after 12 ${percent(after12)}`,
)

const two = plantedChildren(Math.ceil(HOW_MANY / 2), 2, 2)
const [both] = sharesAfter(two, 'by-information', [24], allAreNamed)
console.log(`two planted (${two.length} children, seed 2), both named after 24 answers: ${percent(both)}`)

const none = plantedChildren(HOW_MANY, 0, 3)
const given = sharesAfter(none, 'by-information', [8, 12], anyIsNamed)
console.log(
  `slips only (${HOW_MANY} children, seed 3), any named: after 8 answers ${percent(given[0])}, after 12 ${percent(given[1])}`,
)

const compared = one.slice(0, Math.ceil(HOW_MANY / 4))
const counts = Array.from({ length: 39 }, (_, i) => i + 2)
const informed = sharesAfter(compared, 'by-information', counts.slice(0, 15), firstIsRight)
const even = sharesAfter(compared, 'evenly', counts, firstIsRight)
for (const wanted of [0.7, 0.8, 0.9]) {
  const needs = (shares: readonly number[]) => counts[shares.findIndex((share) => share >= wanted)]
  const [fewer, more] = [needs(informed), needs(even)]
  const saved =
    fewer && more
      ? `${Math.round((1 - fewer / more) * 100)} % fewer`
      : fewer
        ? `more than ${Math.round((1 - fewer / 40) * 100)} % fewer`
        : 'not reached'
  console.log(
    `answers until ${percent(wanted)} are named right (${compared.length} children): by information ${fewer ?? 'over 16'}, evenly ${more ?? 'over 40'}: ${saved}`,
  )
}

/** The rungs that are asked in two kinds on the screen, so that nothing but the answers decides. */
const twoKinds: RungId[] = rungs
  .map(({ id }) => id)
  .filter(
    (rung) =>
      new Set(asksOf(rung).flatMap((ask) => itemPool(randomFrom(1), { rung, ask }).slice(0, 1).map(stageOf))).size > 1,
  )
const knows: SimulatedChild = { misreadings: [], strength: 0, slip: 0.05, knows: () => 1 }
const guesses: SimulatedChild = { ...knows, knows: () => 1 / 6 }
const firm = (child: SimulatedChild) =>
  Array.from({ length: HOW_MANY }, (_, i) => secureWithin24(child, twoKinds[i % twoKinds.length] as RungId, i)).filter(
    Boolean,
  ).length / HOW_MANY
console.log(
  `secure within 24 answers over two days (${HOW_MANY} children each, rungs ${twoKinds.join(', ')}): of those who know ${percent(firm(knows))}, of those who guess ${percent(firm(guesses))}`,
)

/** 100,000 answers as they are kept, from some thousand different ones. */
const pool: Answer[] = none
  .slice(0, 250)
  .flatMap(({ child, rung }, i) => simulateCheck(child, { rung, way: 'by-information', seed: i }, 8))
const many = Array.from({ length: 100_000 }, (_, i) => ({
  ...(pool[i % pool.length] as Answer),
  id: crypto.randomUUID(),
  at: 1e12 + i * 30_000,
}))
const text = JSON.stringify(many)
const [parsing = NaN, diagnosing = NaN] = await medians(
  [() => Promise.resolve(JSON.parse(text)), () => Promise.resolve(diagnose(many))],
  5,
  1,
)
console.log(
  `diagnosing 100,000 answers takes ${(diagnosing / parsing).toFixed(2)} times as long as JSON.parse of them (${Math.round(text.length / 1e6)} MB)`,
)
