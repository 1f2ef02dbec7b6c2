import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { activityOf, durationRange } from '../activities'
import { drawUnit, randomFrom } from '../random'
import { type SessionPlan, PACE, factorFor, paceInWords, paceOf, pacedRange, planError, timingsOf } from '.'

const timing = (activityId: string, plannedMinutes: number, tookMinutes: number) => ({
  activityId,
  plannedMinutes,
  tookMinutes,
})
const planOf = (steps: readonly (readonly [id: string, minutes: number, took?: number])[]): SessionPlan => ({
  rung: 'half',
  steps: steps.map(([activityId, minutes, took], i) => ({
    id: `step-${i}`,
    activityId,
    rung: 'half',
    minutes,
    why: told(''),
    ...(took !== undefined && { tookSeconds: took * 60 }),
  })),
})

/** A number drawn from a normal distribution (Box and Muller). */
function normal(unit: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - unit())) * Math.cos(2 * Math.PI * unit())
}

describe('how far off a plan was', () => {
  it('is the mean of the steps that were timed, worked by hand', () => {
    // Off by 2 and by 1 of ten and five minutes; the third was not timed.
    const error = planError(
      planOf([
        ['a', 10, 12],
        ['b', 5, 4],
        ['c', 7],
      ]),
    )
    expect(error).toMatchObject({ steps: 2, planned: 15, real: 16 })
    expect(error?.minutesOff).toBeCloseTo(1.5, 10)
    expect(error?.share).toBeCloseTo(3 / 15, 10)
    expect(planError(planOf([['c', 7]]))).toBeUndefined()
  })
})

describe('the pace of a group', () => {
  it('is the catalogue’s where nothing was timed', () => {
    const pace = paceOf([])
    expect(pace.usual.factor).toBe(1)
    expect(factorFor('match-cards', pace)).toBe(1)
    expect(pacedRange(activityOf('match-cards'), 4, pace)).toEqual(durationRange(activityOf('match-cards'), 4))
    expect(paceInWords(activityOf('match-cards'), 4, pace)).toBeUndefined()
  })

  it('leans to what was timed, more with each time, and tells something of other activities', () => {
    const once = paceOf([timing('match-cards', 9, 12)])
    const often = paceOf(Array.from({ length: 8 }, () => timing('match-cards', 9, 12)))
    const factor = (pace: ReturnType<typeof paceOf>) => pace.byActivity['match-cards']?.factor ?? 0
    expect(factor(once)).toBeGreaterThan(1.1)
    expect(factor(often)).toBeGreaterThan(factor(once))
    expect(factor(often)).toBeLessThan(12 / 9)
    expect(often.usual.factor).toBeGreaterThan(1)
    expect(often.usual.factor).toBeLessThan(factor(often))
    const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low)
    expect(width(often.byActivity['match-cards'] ?? often.usual)).toBeLessThan(width(often.usual))
  })

  it('worked by hand: once, twice as long as planned', () => {
    const { byActivity, usual } = paceOf([timing('a', 5, 10)])
    const [group, activity, time] = [PACE.groupSd ** 2, PACE.activitySd ** 2, PACE.timeSd ** 2]
    const mean = (Math.log(2) * group) / (group + activity + time)
    expect(Math.log(usual.factor)).toBeCloseTo(mean, 10)
    // What is known of the activity is the group's and the activity's own part of how far it was off.
    const variance = 1 / (1 / group + 1 / (activity + time))
    const shared = 1 / (activity + variance)
    expect(Math.log(byActivity.a?.factor ?? 0)).toBeCloseTo(
      (Math.log(2) / time + mean * shared) / (1 / time + shared),
      10,
    )
  })

  it('leaves out what cannot be: a fire drill, a timer that was forgotten', () => {
    expect(paceOf([timing('a', 5, 60), timing('a', 5, 0.5), timing('a', 0, 5)])).toEqual(paceOf([]))
  })

  it('is not led on by its own plans: what takes as long as it was planned for stays as slow as it was', () => {
    // The catalogue says 9; it takes 12 each time, and later plans know it.
    const first = planOf([['match-cards', 9, 12]])
    const plans = [first]
    for (let i = 0; i < 6; i++) {
      const { factor } = paceOf(timingsOf(plans)).byActivity['match-cards'] ?? { factor: 1 }
      plans.push(planOf([['match-cards', Math.round(9 * factor), 12]]))
    }
    expect(paceOf(timingsOf(plans)).byActivity['match-cards']?.factor).toBeCloseTo(12 / 9, 0)
    expect(paceOf(timingsOf(plans)).byActivity['match-cards']?.factor).toBeGreaterThan(1.2)
    expect(timingsOf([planOf([['match-cards', 9]])])).toEqual([])
  })

  it('says it in minutes', () => {
    const pace = paceOf(Array.from({ length: 5 }, () => timing('match-cards', 9, 12)))
    const { usual } = durationRange(activityOf('match-cards'), 4)
    const yours = pacedRange(activityOf('match-cards'), 4, pace).usual
    expect(inEnglish(paceInWords(activityOf('match-cards'), 4, pace) ?? told(''))).toBe(
      `Match cards: it takes you ${yours} min, not ${usual} (timed 5 times).`,
    )
  })

  it('predicts lengths better after five sessions: the mean error falls by two fifths at least', () => {
    const random = randomFrom(7)
    const unit = () => drawUnit(random)
    const ids = ['match-cards', 'say-and-show', 'floor-clock', 'dough-dial', 'body-clock', 'write-it']
    let [before, after] = [0, 0]
    for (let group = 0; group < 200; group++) {
      // Groups as they may be: slower or quicker by a half, each activity in its own way.
      const own = 0.15 + 0.35 * normal(unit)
      const factors = new Map(ids.map((id) => [id, own + 0.2 * normal(unit)]))
      const took = (id: string) => 8 * Math.exp((factors.get(id) ?? 0) + 0.1 * normal(unit))
      // Each session is planned with what the ones before it taught.
      const plans: SessionPlan[] = []
      for (let session = 0; session < 5; session++) {
        const known = paceOf(timingsOf(plans))
        plans.push(planOf(ids.slice(0, 4).map((id) => [id, 8 * factorFor(id, known), took(id)] as const)))
      }
      const pace = paceOf(timingsOf(plans))
      for (const id of ids.slice(0, 4)) {
        const real = took(id)
        before += Math.abs(real - 8)
        after += Math.abs(real - 8 * factorFor(id, pace))
      }
    }
    expect(after / before).toBeLessThan(0.6)
  })

  it('always lies between its bounds', () => {
    const some = fc.record({
      activityId: fc.constantFrom('a', 'b', 'c'),
      plannedMinutes: fc.integer({ min: 1, max: 30 }),
      tookMinutes: fc.double({ min: 0.5, max: 90, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(some, { maxLength: 30 }), (timings) => {
        const { usual, byActivity } = paceOf(timings)
        for (const { factor, low, high } of [usual, ...Object.values(byActivity)]) {
          expect(low).toBeLessThan(factor)
          expect(factor).toBeLessThan(high)
          expect(factor).toBeGreaterThan(0.25)
          expect(factor).toBeLessThan(4)
        }
      }),
    )
  })
})
