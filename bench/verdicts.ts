import { dayAfter, localDay } from '../src/core/clock'
import { type Answer, type Question, estimateKnowing, nextQuestion, stageOf } from '../src/core/knowing'
import { type Random, drawUnit, randomFrom } from '../src/core/random'
import { type RungId, rungs } from '../src/core/teaching'

/*
 * How often the verdict on a rung errs, for children made by a rule of their own: right at a constant rate, whatever is
 * asked. Each figure stands beside its limit; the last line says how many were missed.
 */

const HOW_MANY = Number(process.argv[2] ?? 3000)
const ANSWERS = 40
const A_DAY = 4
const FIRST = localDay(Date.UTC(2026, 8, 7, 10), 'UTC')
const MS_PER_DAY = 86_400_000

let missed = 0

function line(what: string, figure: number, limit: string, holds: boolean): void {
  if (!holds) missed++
  console.log(`${holds ? ' ' : '!'} ${what}: ${figure} (wanted ${limit})`)
}

/** An answer of a child who is asked a question, whatever the child knows. */
function answerTo({ item, choices, withThings }: Question, right: boolean, n: number, perDay = A_DAY): Answer {
  const day = dayAfter(FIRST, Math.floor(n / perDay) * 3)
  return {
    id: String(n),
    childId: 'one',
    at: day * MS_PER_DAY + 10 * 3_600_000 + n * 30_000,
    day,
    item,
    choices: choices.length,
    given: right ? item.answer : { kind: 'written', text: 'something else' },
    right,
    stage: withThings ? 'concrete' : stageOf(item),
    helped: false,
  }
}

interface Child {
  readonly random: Random
  readonly rung: RungId
  readonly rate: number
  readonly seed: number
}

/** The questions that the app puts to a child on one rung, who is right at some rate, and what came of them. */
function answersOf({ random, rung, rate, seed }: Child, count = ANSWERS): Answer[] {
  const answers: Answer[] = []
  let today: Answer[] = []
  for (let n = 0; n < count; n++) {
    if (n % A_DAY === 0) today = []
    const kinds = estimateKnowing(answers.slice(0, n - today.length), rung, 0).stages
    const question = nextQuestion({
      rung,
      seed: seed + Math.floor(n / A_DAY),
      answers: today,
      asked: today.map(({ item }) => item),
      kinds,
    })
    if (!question) throw new Error(`${rung} has no question`)
    const answer = answerTo(question, drawUnit(random) < rate, n)
    answers.push(answer)
    today.push(answer)
  }
  return answers
}

/** After how many answers a rung is secure, each in turn. */
const secureAt = (answers: readonly Answer[], rung: RungId): boolean[] =>
  answers.map((_, n) => estimateKnowing(answers.slice(0, n + 1), rung, 0).firm)

/**
 * What the app asks does not hang on the rate, but choosing it takes most of the time: so each rung's questions are
 * chosen some times, for a child who is right four times in five, and answered anew by each child.
 */
const CHOSEN = 6
const chosen = new Map<string, readonly Answer[]>()

function questionsOf(rung: RungId, i: number): readonly Answer[] {
  const key = `${rung} ${i % CHOSEN}`
  const known =
    chosen.get(key) ?? answersOf({ random: randomFrom(90 + (i % CHOSEN)), rung, rate: 0.8, seed: (i % CHOSEN) * 100 })
  chosen.set(key, known)
  return known
}

const answeredAnew = (random: Random, questions: readonly Answer[], rate: number): Answer[] =>
  questions.map((question) => ({ ...question, right: drawUnit(random) < rate }))

interface Curve {
  readonly ever: number
  readonly moments: number
  readonly median: number
  readonly within30: number
}

function curveOf(rate: number, rungIds: readonly RungId[]): Curve {
  const runs = Array.from({ length: HOW_MANY }, (_, i) => {
    const rung = rungIds[i % rungIds.length] as RungId
    return secureAt(answeredAnew(randomFrom(1 + i), questionsOf(rung, Math.floor(i / rungIds.length)), rate), rung)
  })
  const firsts = runs.map((run) => run.indexOf(true) + 1)
  const reached = firsts.filter((first) => first > 0)
  const sorted = firsts.map((first) => (first > 0 ? first : Infinity)).sort((a, b) => a - b)
  return {
    ever: share(reached.length),
    moments: Math.round((1000 * runs.flat().filter(Boolean).length) / (HOW_MANY * ANSWERS)) / 10,
    median: sorted[Math.floor(sorted.length / 2)] ?? Infinity,
    within30: share(reached.filter((first) => first <= 30).length),
  }
}

const share = (count: number) => Math.round((1000 * count) / HOW_MANY) / 10

/* 1. Whoever knows a rung becomes secure on it by doing what the app asks. */
console.log('Whoever is always right, four questions a day that the app chooses: answers until secure, by rung')
for (const { id } of rungs) {
  const at = secureAt(answersOf({ random: randomFrom(3), rung: id, rate: 1, seed: 7 }), id).indexOf(true) + 1
  line(`  ${id}`, at, '1 to 20', at > 0 && at <= 20)
}

/* 2. The curve: right at a constant rate. */
console.log(`Right at a constant rate, ${HOW_MANY} children over all rungs, ${ANSWERS} answers, ${A_DAY} a day`)
const all = rungs.map(({ id }) => id)
const curves = new Map(
  [0.5, 0.6, 0.7, 0.75, 0.8, 0.85, 0.9, 0.95, 1].map((rate) => [rate, curveOf(rate, all)] as const),
)
for (const [rate, { ever, moments, median, within30 }] of curves)
  console.log(
    `  right ${rate * 100} in 100: secure ever ${ever} %, at any moment ${moments} %, median ${median}, within 30 ${within30} %`,
  )
const at = (rate: number) => curves.get(rate) as Curve
line('7 in 10, secure at any moment, %', at(0.7).moments, '5 at most', at(0.7).moments <= 5)
line('7 in 10, ever within 40 answers, %', at(0.7).ever, '10 at most', at(0.7).ever <= 10)
line('8 in 10, ever within 40 answers, %', at(0.8).ever, '36 at most', at(0.8).ever <= 36)
line('95 in 100, answers at the median', at(0.95).median, '12 to 16', at(0.95).median >= 12 && at(0.95).median <= 16)
line('95 in 100, secure within 30, %', at(0.95).within30, '90 at least', at(0.95).within30 >= 90)

/* Once secure, two lapses among four take it away. */
const rung: RungId = 'half'
const secure = answersOf({ random: randomFrom(5), rung, rate: 1, seed: 1 }, 20)
const lapsed = [false, true, true, false].map((right, i) =>
  answerTo({ item: (secure[i] as Answer).item, choices: [] }, right, 20 + i),
)
const { firm, until } = estimateKnowing([...secure, ...lapsed], rung, 0)
line('secure after two lapses among four', Number(firm), '0', !firm && until === lapsed[3]?.day)

console.log(missed === 0 ? 'All limits hold.' : `${missed} limits are missed.`)
if (missed > 0) process.exitCode = 1
