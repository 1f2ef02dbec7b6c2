import { type Activity, activityOf } from '../../src/core/activities'
import { MS_PER_DAY } from '../../src/core/clock'
import { type Answer, type SimulatedChild, diagnose, simulateSitting, standingOf } from '../../src/core/knowing'
import { type PlanChild, type SessionPlan, workingRung } from '../../src/core/planning'
import { type Random, draw, drawUnit } from '../../src/core/random'
import { type Ask, type MisreadingId, type RungId, type School, asksOf, mends } from '../../src/core/teaching'

/*
 * Children who learn from what is done in a session, for comparing planners. Nothing in here knows how a plan was made.
 * What it takes to be true is written down once, from what teachers agree on: hands before pictures before signs,
 * nothing new before the last is known, no long sitting, no same thing twice running, and a misreading stays until it
 * is mended.
 */

const TRUE = {
  /** Chances to learn in a minute, and how likely each is taken. */
  turnsPerMinute: 0.25,
  learn: 0.12,
  slip: 0.06,
  guess: 0.15,
  questions: 5,
  /** Where all show at once, a question takes so many minutes. */
  minutesAtOnce: 0.75,
  /** Pictures without hands before, signs without pictures before. */
  picturesTooEarly: 0.5,
  signsTooEarly: 0.3,
  /** What needs a rung that is not known yet. */
  tooHard: 0.25,
  /** The third thing seated in a row; more than 20 minutes without moving; the same as last time. */
  thirdSeated: 0.5,
  stiff: 0.7,
  again: 0.7,
  /** An activity for another rung, in its easier or harder form. */
  otherForm: 0.5,
  /**
   * How often a misreading shows, and how much is left of it after what mends it, and after any work with the hands.
   */
  shows: 0.7,
  afterRepair: 0.35,
  afterHands: 0.93,
  /** Of the children, how many begin with a misreading. */
  misread: 0.6,
} as const

const BEGINNERS: readonly MisreadingId[] = ['next-hour', 'swapped-hands', 'before-for-after']

/** What a child is asked at one time of a session. */
interface Asked {
  readonly rung: RungId
  readonly day: number
  readonly count: number
  readonly asks?: readonly Ask[]
}

/** All show at once by setting a clock, where the rung has that, else by the number of a choice. */
const shownAtOnce = (rung: RungId): Ask[] =>
  asksOf(rung).filter((ask, i, all) => ask === (all.find((each) => each === 'set') ?? all[0]))

interface Pupil {
  readonly id: string
  readonly knows: Set<RungId>
  readonly met: Set<string>
  readonly answers: Answer[]
  misreading: MisreadingId | undefined
  strength: number
}

export class LessonWorld {
  readonly pupils: Pupil[]
  private asked = 0

  constructor(
    private readonly random: Random,
    private readonly school: School,
    { size, misreadings = BEGINNERS }: { size: number; misreadings?: readonly MisreadingId[] },
  ) {
    this.pupils = Array.from({ length: size }, (_, i) => ({
      id: `pupil-${i}`,
      knows: new Set(),
      met: new Set(),
      answers: [],
      misreading: drawUnit(random) < TRUE.misread ? draw(random, misreadings) : undefined,
      strength: TRUE.shows,
    }))
  }

  /** The children as the app has them on a day. */
  told(day: number): PlanChild[] {
    return this.pupils.map(({ id, answers }) => ({
      id,
      name: id,
      age: 6,
      standing: standingOf(answers, this.school, day * MS_PER_DAY),
      findings: diagnose(answers).findings.map(({ misreading }) => ({ misreading })),
    }))
  }

  /** The rungs on which each child is firm on a day, by the records. */
  firmOn(day: number): readonly (readonly RungId[])[] {
    return this.told(day).map(({ standing }) => standing.firm)
  }

  /** Which children do not know yet what they work on, by the records: whatever the answers say, they have to learn. */
  stillToLearn(day: number): boolean[] {
    return this.told(day).map((child, i) => !this.pupils[i]?.knows.has(workingRung(child, { school: this.school })))
  }

  hold(plan: SessionPlan, day: number, lastTime: readonly string[]): void {
    const working = this.told(day).map((child) => workingRung(child, { school: this.school }))
    this.pupils.forEach((pupil, i) => {
      let seated = 0
      let stiff = 0
      for (const step of plan.steps) {
        const activity = activityOf(step)
        seated = activity.energy === 'seated' ? seated + 1 : 0
        stiff = activity.energy === 'moving' ? 0 : stiff + step.minutes
        const tired = (seated > 2 ? TRUE.thirdSeated : 1) * (stiff > 20 ? TRUE.stiff : 1)
        const bored = lastTime.includes(activity.id) ? TRUE.again : 1
        const rung = working[i] as RungId
        if (activity.role === 'teach')
          this.learn(pupil, { activity, rung, stepRung: step.rung }, step.minutes * tired * bored)
        if (activity.role === 'check') this.ask(pupil, { rung, day, count: TRUE.questions })
        if (activity.role === 'recall')
          this.ask(pupil, { rung, day, count: Math.floor(step.minutes / TRUE.minutesAtOnce), asks: shownAtOnce(rung) })
      }
    })
  }

  private learn(
    pupil: Pupil,
    { activity, rung, stepRung }: { activity: Activity; rung: RungId; stepRung: RungId },
    minutes: number,
  ): void {
    const { knows, met } = pupil
    const fit = stepRung === rung ? 1 : TRUE.otherForm
    const early =
      activity.stage === 'pictorial' && !met.has(`${rung} concrete`)
        ? TRUE.picturesTooEarly
        : activity.stage === 'abstract' && !met.has(`${rung} pictorial`)
          ? TRUE.signsTooEarly
          : 1
    met.add(`${rung} ${activity.stage}`)
    const before = this.school.order[this.school.order.indexOf(rung) - 1]
    const hard = before === undefined || knows.has(before) ? 1 : TRUE.tooHard
    const turns = minutes * TRUE.turnsPerMinute * fit * early * hard
    if (drawUnit(this.random) > (1 - TRUE.learn) ** turns) knows.add(rung)
    if (!pupil.misreading) return
    if (mends(activity.id, pupil.misreading)) pupil.strength *= TRUE.afterRepair
    else if (activity.stage === 'concrete') pupil.strength *= TRUE.afterHands
  }

  private ask(pupil: Pupil, { rung, day, ...asked }: Asked): void {
    const as: SimulatedChild = {
      misreadings: pupil.misreading ? [pupil.misreading] : [],
      strength: pupil.strength,
      slip: TRUE.slip,
      knows: (asked) => (pupil.knows.has(asked) ? 1 : TRUE.guess),
    }
    const at = day * MS_PER_DAY + 9 * 3_600_000
    const newId = () => `answer-${this.asked++}`
    pupil.answers.push(...simulateSitting(this.random, as, { childId: pupil.id, rung, at, newId, ...asked }))
  }
}
