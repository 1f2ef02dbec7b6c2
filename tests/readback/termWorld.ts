import { dateOf } from '../../src/core/clock'
import { MS_PER_DAY } from '../../src/core/clock'
import { type Answer, type SimulatedChild, simulateSitting, standingOf } from '../../src/core/knowing'
import { type TermChild, type TermWish, groupNeed, speedFit, workingRung } from '../../src/core/planning'
import { type Random, drawUnit } from '../../src/core/random'
import { type RungId, schools } from '../../src/core/teaching'

/*
 * Children who really live through a term, for judging forecasts. Written apart from the forecast: every answer is a
 * whole one, given to a real question, and what is firm is read by the app's own records; no counters, no shares.
 */

/** What is true of the children of this world. The forecast has guesses of its own for all of it. */
const WORLD = {
  learn: 0.12,
  slip: 0.08,
  guessOfFour: 0.25,
  guessInTheOpen: 0.05,
  turns: 3,
  questions: 5,
  recalled: 4,
  recallMinutes: 3.5,
  away: 0.08,
  lost: 0.05,
  rateSd: 0.5,
}
const HALF_LIFE_DAYS = 365

/** A meeting that is held: what most are on, on which day, and whether all are asked at its beginning. */
interface Held {
  readonly group: RungId
  readonly day: number
  readonly isRecalled: boolean
}

interface Living {
  readonly id: string
  readonly rate: number
  readonly knows: Set<RungId>
  readonly answers: Answer[]
  readonly firmOn: Map<RungId, number>
  metOn: Map<RungId, number>
}

/** A term of a group, meeting by meeting: what is told of them before each, and when each rung was firm. */
export class TermWorld {
  readonly children: Living[]
  private count = 0

  constructor(
    private readonly random: Random,
    private readonly wish: TermWish,
    size: number,
    /** How fast all of them learn beside the usual. */
    speed = 1,
  ) {
    this.children = Array.from({ length: size }, (_, i) => ({
      id: `child-${i}`,
      rate: speed * Math.exp(WORLD.rateSd * this.normal()),
      knows: new Set(this.school.order.filter(() => drawUnit(random) < 0.1)),
      answers: [],
      firmOn: new Map(),
      metOn: new Map(),
    }))
  }

  private get school() {
    return schools[this.wish.school]
  }

  /** The sum of twelve even draws, less six: nearly normal. */
  private normal(): number {
    return Array.from({ length: 12 }, () => drawUnit(this.random)).reduce((a, b) => a + b, -6)
  }

  /** The children as the app has them on the morning of a day. */
  told(day: number): TermChild[] {
    return this.children.map(({ id, answers }) => ({
      id,
      name: id,
      age: 6,
      standing: standingOf(answers, this.school, day * MS_PER_DAY),
      findings: [],
      speedFit: speedFit(answers),
    }))
  }

  /** Holds the meetings of some days. */
  hold(days: readonly number[]): void {
    for (const day of days) {
      if (drawUnit(this.random) < WORLD.lost) continue
      const told = this.told(day)
      const working = told.map((child) => workingRung(child, { school: this.school }))
      // Asked at the beginning where the app would have it.
      const isRecalled = groupNeed({ children: told, school: this.school }).recall
      const times = (rung: RungId) => working.filter((each) => each === rung).length
      const order = this.school.order
      const group = order.reduce((best, rung) => (times(rung) > times(best) ? rung : best))
      this.children.forEach((child, i) => {
        if (drawUnit(this.random) >= WORLD.away) this.attend(child, working[i] as RungId, { group, day, isRecalled })
      })
      this.told(day + 1).forEach((child, i) => {
        const { firmOn } = this.children[i] as Living
        for (const rung of child.standing.firm) if (!firmOn.has(rung)) firmOn.set(rung, day)
      })
    }
  }

  private attend(child: Living, rung: RungId, { group, day, isRecalled }: Held): void {
    const gap = day - (child.metOn.get(rung) ?? day)
    if (drawUnit(this.random) > 0.5 ** (gap / HALF_LIFE_DAYS)) child.knows.delete(rung)
    child.metOn.set(rung, day)
    const taught = WORLD.turns * (isRecalled ? 1 - WORLD.recallMinutes / this.wish.minutes : 1)
    if (isRecalled) this.ask(child, rung, { day, from: 0, ways: Array.from({ length: WORLD.recalled }, () => 1) })
    this.turn(child, rung, (rung === group ? 1 : 0.5) * taught * child.rate)
    // A sitting asks in one way and then in the other.
    this.ask(child, rung, { day, from: 20, ways: Array.from({ length: WORLD.questions }, (_, i) => i % 2) })
  }

  /** Questions in these ways, one a minute from a minute of the session on. */
  private ask(
    child: Living,
    rung: RungId,
    { day, from, ways }: { day: number; from: number; ways: readonly number[] },
  ) {
    for (const [i, way] of ways.entries()) {
      const guess = way === 0 ? WORLD.guessOfFour : WORLD.guessInTheOpen
      const as: SimulatedChild = {
        misreadings: [],
        strength: 0,
        slip: WORLD.slip,
        // Whoever guesses does not slip: `simulateAnswer` lets everyone slip, so that this takes it back.
        knows: () => (child.knows.has(rung) ? 1 : guess / (1 - WORLD.slip)),
      }
      const at = day * MS_PER_DAY + 9 * 3_600_000 + (from + i) * 60_000
      const wish = { childId: child.id, rung, count: 2, at, newId: () => `a${this.count++}` }
      const answer = simulateSitting(this.random, as, wish)[way]
      if (answer) child.answers.push(answer)
      this.turn(child, rung, child.rate)
    }
  }

  private turn({ knows }: Living, rung: RungId, times: number): void {
    if (drawUnit(this.random) > (1 - WORLD.learn) ** times) knows.add(rung)
  }
}

/** The same term from another day on. */
export function fromDay(wish: TermWish, day: number): TermWish {
  return { ...wish, from: dateOf(day) }
}
