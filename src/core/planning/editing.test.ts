import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { everything, request } from '../../../tests/readback/plainRequests'
import { type Activity, activityOf, catalogue } from '../activities'
import { RefusedValue } from '../errors'
import type { RungId } from '../teaching'
import {
  checkPlan,
  fitMinutes,
  planAfterAdd,
  planAfterMinutes,
  planAfterMove,
  planAfterRemove,
  planAfterSwap,
  planSession,
  plannedMinutes,
  shelf,
  timeline,
} from '.'

describe('editing a plan', () => {
  const from = request({ minutes: 40 })
  const plan = planSession(from, { seed: 7 })
  const ids = plan.steps.map((step) => step.id)

  it('moves, removes, adds and swaps without touching the plan it was given', () => {
    const before = structuredClone(plan)
    expect(
      planAfterMove(plan, ids[0] as string, 2)
        .steps.map(({ id }) => id)
        .slice(0, 3),
    ).toEqual([ids[1], ids[2], ids[0]])
    expect(planAfterRemove(plan, ids[1] as string).steps.map(({ id }) => id)).not.toContain(ids[1])
    const [offer] = shelf(plan, from)
    const added = planAfterAdd(plan, offer?.activity as Activity, from)
    expect(added.steps.length).toBe(plan.steps.length + 1)
    expect(activityOf(added.steps[added.steps.length - 1]?.activityId ?? '').role).toBe('check')
    expect(new Set(added.steps.map(({ id }) => id)).size).toBe(added.steps.length)
    const swapped = planAfterSwap(plan, ids[1] as string, offer?.activity as Activity, from)
    expect(swapped.steps[1]).toMatchObject({ id: ids[1], activityId: offer?.activity.id })
    expect(plan).toEqual(before)
  })

  it('is seen by the checks', () => {
    const longer = planAfterMinutes(plan, ids[0] as string, 40)
    expect(inEnglish(checkPlan(longer, from).find(({ id }) => id === 'time')?.says ?? told(''))).toMatch(
      /^\d+ min too long for 40/,
    )
    const last = ids[ids.length - 1] as string
    expect(checkPlan(planAfterMove(plan, last, 0), from).find(({ id }) => id === 'check')?.ok).toBe(false)
    const seated = {
      rung: 'half' as RungId,
      steps: ['paper-clock', 'match-cards', 'read-dials-sheet'].map((activityId, i) => ({
        id: `s${i}`,
        activityId,
        rung: 'half' as RungId,
        minutes: 8,
        why: told(''),
      })),
    }
    const failed = checkPlan(seated, request({ minutes: 24 }))
      .filter(({ ok }) => !ok)
      .map(({ id }) => id)
    expect(failed).toEqual(expect.arrayContaining(['seated', 'movement', 'check']))
  })

  it('counts seated steps in a row, of which the closing check is none', () => {
    const seatedSays = (ids: readonly string[]) =>
      checkPlan(
        {
          rung: 'half',
          steps: ids.map((activityId, i) => ({ id: `s${i}`, activityId, rung: 'half', minutes: 8, why: told('') })),
        },
        request({ minutes: 8 * ids.length }),
      ).find(({ id }) => id === 'seated')
    const check = catalogue.find(({ role, energy }) => role === 'check' && energy === 'seated')?.id ?? ''
    const moving = catalogue.find(({ energy }) => energy === 'moving')?.id ?? ''
    expect(activityOf(check).role).toBe('check')
    expect(seatedSays(['paper-clock', 'match-cards', check])?.ok).toBe(true)
    expect(seatedSays(['paper-clock', 'match-cards', 'read-dials-sheet'])?.ok).toBe(false)
    expect(seatedSays(['paper-clock', 'match-cards', moving, 'read-dials-sheet', check])?.ok).toBe(true)
  })

  it('names what was taught last time too, where the closing check does not count', () => {
    const repeats = (lastTime: readonly string[]) =>
      checkPlan(plan, { ...from, lastTime: [...lastTime] }).find(({ id }) => id === 'repeats')
    const taught = plan.steps.find(({ activityId }) => activityOf(activityId).role === 'teach')?.activityId ?? ''
    const check = plan.steps.find(({ activityId }) => activityOf(activityId).role === 'check')?.activityId ?? ''
    expect(repeats([taught])).toMatchObject({ ok: false })
    expect(inEnglish(repeats([taught])?.says ?? told(''))).toContain(activityOf(taught).name)
    expect(repeats([check])?.ok).toBe(true)
    expect(repeats([])?.ok).toBe(true)
  })

  it('adds before the closing check, and at the end where there is none', () => {
    const offer = shelf(plan, from)[0]?.activity as Activity
    const added = planAfterAdd(plan, offer, from)
    expect(added.steps.map(({ activityId }) => activityId).indexOf(offer.id)).toBe(plan.steps.length - 1)
    const open = planAfterRemove(plan, ids[ids.length - 1] as string)
    expect(planAfterAdd(open, offer, from).steps.at(-1)?.activityId).toBe(offer.id)
  })

  it('refuses a step that is not in the plan and minutes that are none', () => {
    expect(() => planAfterMove(plan, 'nobody', 0)).toThrow(RefusedValue)
    expect(() => planAfterMinutes(plan, ids[0] as string, 0)).toThrow(/minutes/)
  })
})

describe('the shelf', () => {
  const plan = planSession(request(), { seed: 7 })
  const butOf = (id: string, change: Parameters<typeof request>[0]) =>
    shelf(plan, request(change))
      .find(({ activity }) => activity.id === id)
      ?.but.map(inEnglish)

  it('says of each activity how many children it needs or takes, at the limits and beyond them', () => {
    const offered = shelf(plan, request()).map(({ activity }) => activity)
    const few = offered.find(({ players }) => players.least > 1) as Activity
    const many = offered.find(({ players }) => players.most < 30) as Activity
    const group = (count: number) => ({ firm: Array.from({ length: count }, () => 2) })
    const needs = `needs ${few.players.least} children`
    expect(butOf(few.id, group(few.players.least - 1))).toContain(needs)
    expect(butOf(few.id, group(few.players.least))).not.toContain(needs)
    const atMost = `${many.players.most} children at most`
    expect(butOf(many.id, group(many.players.most + 1))).toContain(atMost)
    expect(butOf(many.id, group(many.players.most))).not.toContain(atMost)
  })

  it('has what fits first, and says what is wrong with the rest', () => {
    const entries = shelf(plan, request({ materials: [] }))
    const counts = entries.map(({ but }) => but.length)
    expect(counts).toEqual([...counts].sort((a, b) => a - b))
    const id = entries[0]?.activity.id ?? ''
    expect(butOf(id, { lastTime: [id] })).toContain('done last time')
    expect(butOf(id, { materials: everything })).not.toContain('done last time')
    expect(entries.some(({ but }) => but.map(inEnglish).includes('something is not to hand'))).toBe(true)
    expect(
      shelf(plan, request({ place: 'outdoors' })).some(({ but }) => but.map(inEnglish).includes('not for this place')),
    ).toBe(true)
    const used = plan.steps.map(({ activityId }) => activityId)
    expect(entries.filter(({ activity }) => used.includes(activity.id))).toEqual([])
  })
})

describe('minutes', () => {
  it('add up, within the range of each, wherever they can', () => {
    const range = fc
      .tuple(fc.integer({ min: 1, max: 9 }), fc.nat({ max: 6 }), fc.nat({ max: 6 }))
      .map(([least, a, b]) => ({ least, usual: least + a, most: least + a + b }))
    fc.assert(
      fc.property(fc.array(range, { minLength: 1, maxLength: 8 }), fc.nat({ max: 120 }), (ranges, total) => {
        const minutes = fitMinutes(ranges, total)
        const sum = (of: (range: (typeof ranges)[number]) => number) => ranges.reduce((all, each) => all + of(each), 0)
        const reachable = Math.max(
          sum(({ least }) => least),
          Math.min(
            total,
            sum(({ most }) => most),
          ),
        )
        expect(minutes.reduce((a, b) => a + b, 0)).toBe(reachable)
        minutes.forEach((each, i) => {
          expect(each).toBeGreaterThanOrEqual(ranges[i]?.least ?? 0)
          expect(each).toBeLessThanOrEqual(ranges[i]?.most ?? 0)
        })
      }),
    )
  })

  it('are laid one after the other, over noon too', () => {
    const plan = planSession(request({ minutes: 40 }), { seed: 2 })
    const laid = timeline(plan, 710)
    expect(laid[0]?.start).toBe(710)
    laid.slice(1).forEach((timed, i) => expect(timed.start).toBe(laid[i]?.end))
    expect(laid[laid.length - 1]?.end).toBe(710 + plannedMinutes(plan))
  })
})
