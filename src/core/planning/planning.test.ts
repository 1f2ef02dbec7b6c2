import { inEnglish } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyRequest, request, tryPlan } from '../../../tests/readback/plainRequests'
import { type Activity, activityOf, catalogue, durationRange } from '../activities'
import { type RungId, STAGES } from '../teaching'
import { checkPlan, childForms, groupNeed, planSession, reasonFor } from '.'

describe('a planned session', () => {
  it('fills its minutes and obeys the order of stages, the energy rule and the place', () => {
    let asked = 0
    let planned = 0
    fc.assert(
      fc.property(anyRequest, fc.nat(), (from, seed) => {
        asked++
        const plan = tryPlan(from, seed)
        if (!plan) return
        planned++
        const activities = plan.steps.map((step) => activityOf(step))
        expect(plan.steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(from.minutes)
        expect(activities.every(({ places }) => places.includes(from.place))).toBe(true)
        for (const [i, step] of plan.steps.entries()) {
          const { least, most } = durationRange(activities[i] as never, from.children.length)
          expect(step.minutes).toBeGreaterThanOrEqual(least)
          expect(step.minutes).toBeLessThanOrEqual(most)
          expect(inEnglish(step.why).length).toBeGreaterThan(20)
        }
        const stages = plan.steps.flatMap((step, i) =>
          activities[i]?.role === 'teach' && step.rung === plan.rung ? [STAGES.indexOf(activities[i].stage)] : [],
        )
        expect(stages).toEqual([...stages].sort())
        if (from.minutes > 20) expect(activities.some(({ energy }) => energy === 'moving')).toBe(true)
        activities.forEach((activity, i) => {
          if (i >= 2 && activity.role !== 'check' && activity.energy === 'seated')
            expect(activities.slice(i - 2, i).every(({ energy }) => energy === 'seated')).toBe(false)
        })
      }),
      { numRuns: 150 },
    )
    expect(planned / asked).toBeGreaterThan(2 / 3)
  }, 60_000)

  it('passes its own checks where everything is to hand', () => {
    for (const minutes of [20, 25, 30, 40, 45]) {
      const from = request({ minutes })
      const failed = checkPlan(planSession(from, { seed: minutes }), from).filter(({ ok }) => !ok)
      expect(failed.map(({ says }) => says).map(inEnglish)).toEqual([])
    }
  })

  it('is for the rung that most need, brings a due one back, and mends what was found', () => {
    expect(groupNeed(request({ firm: [2, 2, 5] })).rung).toBe('half')
    expect(groupNeed(request({ firm: [2, 5] })).rung).toBe('half')
    const from = request({ firm: [5, 5, 5], minutes: 40, findings: ['numeral-as-minutes'] })
    const why = planSession(from, { seed: 3 })
      .steps.map((step) => inEnglish(step.why))
      .join(' ')
    expect(why).toContain('Mends “reads the number as minutes')
    expect(childForms(request({ firm: [1, 2, 5] }), 'half').map(({ form }) => form)).toEqual([
      'easier',
      'as it is',
      'harder',
    ])
  })

  it('says who is on a rung: all, some or one of them, or nobody any more', () => {
    const paperClock = catalogue.find(({ id }) => id === 'paper-clock') as Activity
    const said = (firm: readonly number[], rung: RungId) => {
      const from = request({ firm: [...firm] })
      const names = from.children.map(({ name }) => name)
      return { names, why: reasonFor({ activity: paperClock, rung }, from, { ...groupNeed(from), rung }) }
    }
    const all = said([2, 2, 2], 'half')
    expect(inEnglish(all.why)).toContain('Half past, with the hands first: all are on it.')
    const two = said([2, 2, 5], 'half')
    expect(inEnglish(two.why)).toContain(`: ${two.names[0]} and ${two.names[1]} are on it.`)
    const one = said([5, 5, 2], 'half')
    expect(inEnglish(one.why)).toContain(`: ${one.names[2]} is on it.`)
    expect(inEnglish(said([5, 5, 5], 'half').why)).toMatch(/^Half past, with the hands first\./)
  })

  it('does not start in pictures or signs while a child has not met the rung with hands', () => {
    for (let seed = 0; seed < 30; seed++) {
      const plan = planSession(request(), { seed: seed })
      const first = plan.steps.map((step) => activityOf(step)).find(({ role }) => role === 'teach')
      expect(first?.stage).toBe('concrete')
    }
  })

  it('closes with a short check, however many there are', () => {
    for (const children of [1, 3, 8, 9, 20, 30]) {
      const from = request({ firm: Array<number>(children).fill(2), minutes: 45, place: 'floor' })
      const last = planSession(from, { seed: children }).steps.at(-1)
      expect(activityOf(last?.activityId ?? '').role).toBe('check')
      expect(last?.minutes).toBeLessThanOrEqual(children <= 8 ? 4 : 6)
    }
  })

  it('fills a long session with something that comes twice, the second time in its harder form', () => {
    const plan = planSession(request({ minutes: 120, place: 'outdoors', firm: [0] }), { seed: 1 })
    const ids = plan.steps.map(({ activityId }) => activityId)
    const again = plan.steps.filter(({ activityId }, i) => ids.indexOf(activityId) < i)
    expect(again.length).toBeGreaterThan(0)
    for (const { why } of again) expect(inEnglish(why)).toContain('A second time, now in its harder form.')
  })

  it('refuses what cannot be, and says what could', () => {
    for (const minutes of [0, -5, 1e9, 9, 121, NaN, 12.5])
      expect(() => planSession(request({ minutes }), { seed: 1 })).toThrow(
        /minutes must be a whole number from 10 to 120/,
      )
    expect(() => planSession(request({ firm: [] }), { seed: 1 })).toThrow(/children/)
    const few = catalogue.filter(({ id }) => ['rope-clock', 'set-your-clock', 'quick-check'].includes(id))
    expect(() => planSession(request({ minutes: 120, place: 'floor' }), { catalogue: few })).toThrow(
      /^minutes must be a length that .* such as /,
    )
    const ropeOnly = catalogue.filter(({ id }) => id === 'rope-clock')
    expect(() =>
      planSession(request({ firm: Array<number>(30).fill(2), minutes: 15, place: 'floor' }), { catalogue: ropeOnly }),
    ).toThrow(/^children must be 12 at most for Half past in this place: split the group/)
  })
})
