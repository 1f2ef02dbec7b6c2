import { inEnglish, told } from '../wording'
import { describe, expect, it } from 'vitest'
import { brokenIn } from '../../../tests/readback/plans'
import { child, request, school } from '../../../tests/readback/usualRequest'
import { activityOf } from '../activities'
import { taughtMinutes } from './shares'
import { type SessionPlan, type SessionRequest, checkPlan, planSession } from '.'

const idsOf = (plan: SessionPlan) => plan.steps.map(({ activityId }) => activityId)

describe('the age of the youngest', () => {
  const none = { children: [child('Tavi', [], 8)] }
  const young = (age: number, change: Partial<SessionRequest> = {}) =>
    request({ children: [child('Tavi', [], age), child('Bram', school.order.slice(0, 1), age + 2)], ...change })
  const stretch = (plan: SessionPlan) => Math.max(...[0, ...plan.steps].map((_, i) => sittingFrom(plan.steps.slice(i))))
  const sittingFrom = (steps: SessionPlan['steps']): number => {
    const [step, ...after] = steps
    return step && activityOf(step).energy === 'seated' ? step.minutes + sittingFrom(after) : 0
  }

  it('bounds how long they sit on end and what they write, in every place', () => {
    for (const [age, longest, written] of [
      [4, 8, 0],
      [5, 8, 1],
      [6, 12, Infinity],
    ] as const)
      for (const place of ['table', 'floor', 'hall', 'outdoors'] as const)
        for (const minutes of [15, 30, 45]) {
          const plan = planSession(young(age, { place, minutes }), { seed: minutes })
          const where = `${age} years, ${place}, ${minutes} min`
          expect(stretch(plan), where).toBeLessThanOrEqual(longest)
          expect(plan.steps.filter((step) => activityOf(step).writes).length, where).toBeLessThanOrEqual(written)
        }
    // With older children only, longer stretches come.
    const longest = [45, 46, 47, 48].map((seed) => stretch(planSession(request({ ...none, minutes: 45 }), { seed })))
    expect(Math.max(...longest)).toBeGreaterThan(12)
  })

  it('is told where a plan of the adult’s own does not keep it', () => {
    const steps = ['match-cards', 'write-it', 'quick-check'].map((activityId, i) => ({
      id: `s${i}`,
      activityId,
      rung: 'half' as const,
      minutes: [7, 6, 3][i] ?? 0,
      why: told(''),
    }))
    const plan: SessionPlan = { rung: 'half', steps }
    const broken = (age: number) => checkPlan(plan, young(age)).filter(({ ok }) => !ok)
    expect(inEnglish(broken(4).find(({ id }) => id === 'sitting')?.says ?? told(''))).toBe(
      'They sit for 16 min on end from Match cards. At 4, 8 min are enough: put something standing or moving in between.',
    )
    expect(inEnglish(broken(4).find(({ id }) => id === 'writing')?.says ?? told(''))).toContain(
      'too much to write in Write',
    )
    expect(broken(5).map(({ id }) => id)).not.toContain('writing')
    expect(broken(9).map(({ id }) => id)).not.toContain('sitting')
    expect([...brokenIn(plan, young(4))]).toEqual(expect.arrayContaining(['sitting', 'writing', 'hands']))
    expect(inEnglish(broken(9).find(({ id }) => id === 'hands')?.says ?? told(''))).toBe(
      'Only 0 of 13 minutes of teaching are with things: at least 6 would be better.',
    )
  })
})

describe('long sessions', () => {
  it('are found whatever the seed: two hours for one child of five, with little to hand', () => {
    const children = [child('Tavi', [], 5)]
    const materials = ['paper', 'card', 'scissors', 'crayons'] as const
    for (let seed = 1; seed <= 40; seed++) {
      const plan = planSession(request({ children, materials, minutes: 120, place: 'outdoors' }), { seed })
      expect(
        plan.steps.reduce((sum, { minutes }) => sum + minutes, 0),
        `seed ${seed}`,
      ).toBe(120)
    }
  })

  it('keep the hands busy at every length, more where the rung is new', () => {
    const minutes = [30, 60, 90]
    for (const length of minutes)
      for (const seed of [1, 2, 3]) {
        const asked = request({ place: 'floor', minutes: length })
        const plan = planSession(asked, { seed })
        const timed = plan.steps.map((step) => ({ activity: activityOf(step), minutes: step.minutes }))
        const { taught, withThings } = taughtMinutes(timed)
        expect(withThings / taught, `${length} min, seed ${seed}`).toBeGreaterThanOrEqual(0.4)
      }
  })
})

describe('ten sessions in a row', () => {
  it('share no more than half of what is taught with either of the two before', () => {
    for (const place of ['table', 'floor'] as const) {
      let [lastTime, beforeLast]: string[][] = [[], []]
      for (let session = 1; session <= 10; session++) {
        const asked = request({ place, minutes: 20, hasClocks: session > 1, lastTime, beforeLast })
        const plan = planSession(asked, { seed: session })
        const taught = new Set(
          plan.steps.filter((step) => activityOf(step).role === 'teach').map(({ activityId }) => activityId),
        )
        for (const earlier of [lastTime ?? [], beforeLast ?? []])
          expect(
            [...taught].filter((id) => earlier.includes(id)).length * 2,
            `${place} ${session}`,
          ).toBeLessThanOrEqual(taught.size)
        ;[lastTime, beforeLast] = [idsOf(plan), lastTime]
      }
    }
  })
})
