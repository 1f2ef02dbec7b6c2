import { inEnglish } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { someRequest } from '../../../tests/readback/planRequests'
import { activityOf } from '../activities'
import { attempt } from '../errors'
import { randomFrom } from '../random'
import { BENDS, type BendId, bendPlan, minutesLeftAt, planSession, plannedMinutes } from '.'

const IDS = Object.keys(BENDS) as BendId[]

/** A session that was planned, at one of its steps. */
const begun = fc
  .record({
    seed: fc.nat({ max: 2 ** 30 }),
    at: fc.nat({ max: 20 }),
    late: fc.integer({ min: 0, max: 30 }),
    spent: fc.integer({ min: 0, max: 25 }),
  })
  .map(({ seed, at, late, spent }) => {
    const request = someRequest(randomFrom(seed))
    const { value: plan } = attempt(() => planSession(request, { seed }))
    if (!plan) return undefined
    const step = plan.steps[at % plan.steps.length]
    if (!step) return undefined
    const planned = minutesLeftAt(plan, step.id)
    return { plan, request, at: step.id, minutesLeft: Math.max(1, planned - late - spent), spentMinutes: spent }
  })

const activityIds = (steps: readonly { activityId: string }[]) => steps.map(({ activityId }) => activityId)

describe('a session that has begun', () => {
  it('keeps what is over and the closing check, and fits the minutes that are left', () => {
    fc.assert(
      fc.property(begun, fc.constantFrom(...IDS), (start, bend) => {
        if (!start) return
        const { plan, at, minutesLeft, spentMinutes } = start
        const bent = bendPlan(start, bend).plan
        const place = plan.steps.findIndex(({ id }) => id === at)
        expect(bent.steps.slice(0, place)).toEqual(plan.steps.slice(0, place))
        expect(new Set(bent.steps.map(({ id }) => id)).size).toBe(bent.steps.length)
        for (const { minutes } of bent.steps) expect(minutes).toBeGreaterThanOrEqual(1)
        // What is held stays, with the minutes that it has lasted.
        const [held] = bent.steps.slice(place)
        expect(held?.id).toBe(at)
        expect(held?.minutes).toBeGreaterThanOrEqual(spentMinutes)
        // Never more minutes than are left.
        const ahead = plannedMinutes({ ...bent, steps: bent.steps.slice(place) })
        expect(ahead).toBeLessThanOrEqual(minutesLeft + spentMinutes)
        const last = bent.steps[bent.steps.length - 1]
        const hadCheck = activityOf(plan.steps[plan.steps.length - 1]?.activityId ?? '').role === 'check'
        if (hadCheck && minutesLeft >= 3 && held?.minutes !== ahead)
          expect(activityOf(last?.activityId ?? '').role).toBe('check')
      }),
      { numRuns: 150 },
    )
  })

  const request = {
    ...someRequest(randomFrom(3)),
    minutes: 45,
    place: 'hall' as const,
    lastTime: [],
  }
  const plan = planSession(request, { seed: 4 })
  const at = plan.steps[1]?.id ?? ''
  const left = minutesLeftAt(plan, at)

  it('ten minutes late loses ten minutes, the last steps before the check first', () => {
    const { plan: bent, says } = bendPlan({ plan, request, at, minutesLeft: left - 10 }, 'late')
    expect(minutesLeftAt(bent, at)).toBe(left - 10)
    expect(inEnglish(says)).toContain(`${left - 10} min to go.`)
    const few = bendPlan({ plan, request, at, minutesLeft: 6 }, 'late')
    const gone = plan.steps.filter(({ id }) => !few.plan.steps.some((step) => step.id === id))
    const names = gone.map((step) => inEnglish(activityOf(step).name))
    expect(inEnglish(few.says)).toMatch(`Left out: ${names.join(', ')}. `)
    expect(few.plan.steps.length).toBeLessThan(plan.steps.length)
    expect(activityIds(few.plan.steps)).toContain(plan.steps[1]?.activityId)
  })

  it('gets a movement break when they are tired, unless one comes anyway', () => {
    const seated = planSession({ ...request, minutes: 20, place: 'table' }, { seed: 2 })
    const first = seated.steps[0]?.id ?? ''
    const { plan: bent, says } = bendPlan(
      { plan: seated, request, at: first, minutesLeft: minutesLeftAt(seated, first) },
      'tired',
    )
    const second = activityOf(bent.steps[1]?.activityId ?? '')
    expect(second.energy).toBe('moving')
    if (!activityIds(seated.steps).includes(second.id)) expect(inEnglish(says)).toMatch(/^A movement break comes next/)
    expect(plannedMinutes(bent)).toBe(plannedMinutes(seated))
  })

  it('comes indoors when it rains', () => {
    const outdoors = { ...request, place: 'outdoors' as const }
    const outside = planSession(outdoors, { seed: 9 })
    const first = outside.steps[0]?.id ?? ''
    const { plan: bent } = bendPlan(
      { plan: outside, request: outdoors, at: first, minutesLeft: minutesLeftAt(outside, first) },
      'rain',
    )
    for (const { activityId } of bent.steps) expect(activityOf(activityId).places).toContain('floor')
  })

  it('is left as it is when it rains and they are indoors, and says where the rest is held when they are not', () => {
    const indoors = bendPlan({ plan, request, at, minutesLeft: left }, 'rain')
    expect(indoors.plan).toEqual(plan)
    expect(indoors.place).toBe('hall')
    const outdoors = bendPlan({ plan, request: { ...request, place: 'outdoors' }, at, minutesLeft: left }, 'rain')
    expect(outdoors.place).toBe('floor')
  })

  it('keeps the minutes that the step has been held already', () => {
    const { plan: bent, says } = bendPlan({ plan, request, at, minutesLeft: left - 4, spentMinutes: 4 }, 'late')
    expect(minutesLeftAt(bent, at)).toBe(left)
    expect(inEnglish(says)).toBe(`Everything fits as it is. ${left - 4} min to go.`)
  })

  it('goes on with what goes well, and the others make room', () => {
    const { plan: bent, says } = bendPlan({ plan, request, at, minutesLeft: left }, 'longer')
    expect(bent.steps[1]?.minutes).toBe((plan.steps[1]?.minutes ?? 0) + 5)
    expect(minutesLeftAt(bent, at)).toBe(left)
    expect(inEnglish(says)).toContain('has ')
  })
})
