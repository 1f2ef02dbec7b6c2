import { inEnglish, told } from '../wording'
import { describe, expect, it } from 'vitest'
import { someRequest } from '../../../tests/readback/planRequests'
import { NOW, child, request, school } from '../../../tests/readback/usualRequest'
import { brokenIn, wrongWith } from '../../../tests/readback/plans'
import { MATERIAL_IDS, activityOf, materials } from '../activities'
import { RefusedValue } from '../errors'
import { localDay } from '../clock'
import { MS_PER_DAY } from '../clock'
import { simulateSitting, standingOf } from '../knowing'
import { usualRecipe } from '../make'
import { randomFrom } from '../random'
import { type RungId, itemAt, pathOf, schools } from '../teaching'
import {
  type PlanChild,
  type SessionRequest,
  checkPlan,
  clockAmounts,
  clocksToMake,
  fetchInWords,
  fetchList,
  groupNeed,
  knownBefore,
  likelyStart,
  planAfterLock,
  planSession,
  sessionPrints,
  whatWouldHelp,
  workingRung,
} from '.'

const idsOf = (plan: { steps: readonly { activityId: string }[] }) => plan.steps.map(({ activityId }) => activityId)

describe('plans, judged apart from the planner', () => {
  it('keep everything, or say what they give up', () => {
    let planned = 0
    for (let seed = 1; seed <= 60; seed++) {
      const asked = someRequest(randomFrom(seed))
      try {
        const plan = planSession(asked, { seed })
        planned++
        expect(wrongWith(plan, asked, checkPlan(plan, asked)), `seed ${seed}`).toEqual([])
      } catch (error) {
        expect(error).toBeInstanceOf(RefusedValue)
      }
    }
    expect(planned).toBeGreaterThan(50)
  }, 60_000)

  it('are found out where they are wrong', () => {
    const asked = request({ minutes: 40 })
    const plan = planSession(asked, { seed: 2 })
    const [first, ...rest] = plan.steps
    if (!first) throw new Error('no steps')
    expect(brokenIn(plan, asked)).toEqual(new Set())
    expect(brokenIn({ ...plan, steps: rest }, asked)).toContain('time')
    expect(brokenIn({ ...plan, steps: [...rest, first] }, asked)).toContain('check')
    expect(brokenIn({ ...plan, steps: [...plan.steps].reverse() }, asked)).toContain('order')
    expect(brokenIn({ ...plan, steps: [{ ...first, minutes: 60 }, ...rest] }, asked)).toContain('lengths')
    expect(brokenIn(plan, { ...asked, place: 'outdoors' })).toContain('place')
    expect(brokenIn(plan, { ...asked, lastTime: [first.activityId] })).toContain('repeats')
    expect(wrongWith({ ...plan, steps: [first, ...plan.steps] }, asked, [])).toContain(
      `${first.activityId} comes twice`,
    )
  })
})

describe('making a clock', () => {
  it('comes first where none was made and there is time, and never again', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const first = request({ children: [child('Tavi', [], 6)], minutes: 20 })
      expect(idsOf(planSession(first, { seed }))[0], `seed ${seed}`).toBe('paper-clock')
      expect(idsOf(planSession({ ...first, hasClocks: true }, { seed }))).not.toContain('paper-clock')
    }
  })

  it('is asked for beforehand, with its minutes and its pages, where clocks are used that nobody has', () => {
    const asked = request()
    const plan = {
      rung: 'half' as const,
      steps: ['set-your-clock', 'quick-check'].map((activityId, i) => ({
        id: `s${i}`,
        activityId,
        rung: 'half' as const,
        minutes: 5,
        why: told(''),
      })),
    }
    expect(clocksToMake(plan, asked)).toBe(12)
    expect(inEnglish(checkPlan(plan, asked).find(({ id }) => id === 'clocks')?.says ?? told(''))).toContain(
      'beforehand: about 12 min',
    )
    expect(clocksToMake(plan, { ...asked, hasClocks: true })).toBeUndefined()
    expect(clocksToMake(plan, { ...asked, materials: ['clock'] })).toBeUndefined()
    const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
    expect(sessionPrints(plan, asked, settings, 1).contents[0]?.title).toBe('Card clock, one a child')
    expect(sessionPrints(plan, { ...asked, hasClocks: true }, settings, 1).contents).toEqual([])
  })
})

describe('what is not to hand', () => {
  const plan = {
    rung: 'half' as const,
    steps: [{ id: 's', activityId: 'paper-clock', rung: 'half' as const, minutes: 13, why: told('') }],
  }

  it('has what does as well named alike in the checks and in the list', () => {
    const asked = request({ materials: MATERIAL_IDS.filter((id) => id !== 'fasteners') })
    const says = checkPlan(plan, asked).find(({ id }) => id === 'materials')
    expect(says?.ok).toBe(true)
    expect(inEnglish(says?.says ?? told(''))).toContain(materials.fasteners.standIn)
    const listed = fetchList(plan, asked).find(({ material }) => material === 'fasteners')
    expect(listed && fetchInWords(listed)).toBe(
      `paper fasteners: 2 fasteners (or ${materials.fasteners.standIn && inEnglish(materials.fasteners.standIn)})`,
    )
    const there = fetchList(plan, request()).find(({ material }) => material === 'fasteners')
    expect(there && fetchInWords(there)).toBe('paper fasteners: 2 fasteners')
  })

  it('is what a clock from the Workbench takes, in the place of the usual one', () => {
    const clock = { ...usualRecipe('card'), fastener: 'hairpins' } as const
    const wording = { language: 'en-GB', form: 'turns' } as const
    const without = MATERIAL_IDS.filter((id) => id !== 'fasteners' && id !== 'card')
    const asked = request({ clock, materials: without })
    expect(fetchList(plan, asked).map(({ material }) => material)).toEqual(['scissors', 'crayons'])
    expect(inEnglish(checkPlan(plan, asked).find(({ id }) => id === 'materials')?.says ?? told(''))).toBe(
      'Everything needed is to hand.',
    )
    // Two hairpins for each of the two clocks.
    expect(clockAmounts(asked, wording)).toContain('hairpins, two a clock: 4 hairpins')
    expect(clockAmounts(request(), wording)).toEqual([])
  })

  it('is told where nothing does as well', () => {
    const sheet = { ...plan, steps: plan.steps.map((step) => ({ ...step, activityId: 'read-dials-sheet' })) }
    const check = checkPlan(sheet, request({ materials: [] })).find(({ id }) => id === 'materials')
    expect(check).toMatchObject({ ok: false })
    expect(inEnglish(check?.says ?? told(''))).toContain('printed pages (nothing does instead)')
  })

  it('changes the holes of the printed clock', () => {
    const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
    const pagesWith = (ids: SessionRequest['materials']) =>
      JSON.stringify(sessionPrints(plan, request({ materials: ids }), settings, 1).pages)
    expect(pagesWith([])).toContain('3 mm')
    expect(pagesWith([])).not.toBe(pagesWith(['fasteners']))
  })
})

describe('what is locked', () => {
  it('stays with its minutes and its order when another plan is built', () => {
    const asked = request({ minutes: 40 })
    const plan = planSession(asked, { seed: 1 })
    const kept = [plan.steps[0], plan.steps[2]].flatMap((step) => step ?? [])
    const lockedPlan = kept.reduce((from, { id }) => planAfterLock(from, id, true), plan)
    const locked = lockedPlan.steps.filter((step) => step.locked)
    for (let seed = 2; seed < 12; seed++) {
      const again = planSession(asked, { seed, locked })
      expect(again.steps.filter((step) => step.locked)).toEqual(locked)
      expect(again.steps.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(40)
      expect(new Set(again.steps.map(({ id }) => id)).size).toBe(again.steps.length)
      expect(activityOf(again.steps[again.steps.length - 1]?.activityId ?? '').role).toBe('check')
    }
    const unlocked = planAfterLock(lockedPlan, kept[0]?.id ?? '', false)
    expect(unlocked.steps.filter((step) => step.locked)).toHaveLength(1)
  })

  it('cannot be longer than the session', () => {
    const long = [
      { id: 's', activityId: 'paper-clock', rung: 'half' as const, minutes: 60, why: told(''), locked: true },
    ]
    expect(() => planSession(request(), { locked: long })).toThrow(
      /minutes of the locked activities must be a whole number from 0 to 30/,
    )
  })
})

describe('what one change would buy', () => {
  it('is nothing where all holds, and is planned and checked where something does not', () => {
    const asked = request()
    const plan = planSession(asked, { seed: 1 })
    expect(whatWouldHelp(plan, asked)).toEqual([])
    const bare = { ...request({ minutes: 24, materials: [], place: 'outdoors' }), lastTime: idsOf(plan) }
    const short = {
      ...plan,
      steps: [{ id: 's', activityId: 'read-dials-sheet', rung: 'half' as const, minutes: 8, why: told('') }],
    }
    const helps = whatWouldHelp(short, bare)
    expect(helps.length).toBeGreaterThan(0)
    expect(inEnglish(helps[0]?.change ?? told(''))).toBe('built again, with nothing changed')
    for (const { plan: better, request: then, holds } of helps) {
      expect(holds.length).toBeGreaterThan(0)
      const count = (of: typeof plan, by: SessionRequest) => checkPlan(of, by).filter(({ ok }) => !ok).length
      expect(count(better, then)).toBeLessThan(count(short, bare))
    }
  })
})

describe('where a child starts', () => {
  it('is the parts of the clock for the youngest of whom nothing is known', () => {
    expect(workingRung(child('Moss', [], 5), { school })).toBe('parts')
    expect(workingRung(child('Moss', [], 6), { school })).toBe('hour-hand')
    expect(workingRung(child('Moss', ['parts'], 5), { school })).toBe('hour-hand')
    expect(groupNeed(request({ children: [child('Moss', [], 4)] })).rung).toBe('parts')
  })

  it('stays the parts of the clock until they are likely known', () => {
    const after = (right: boolean, count: number): PlanChild => {
      const knowing = { misreadings: [], strength: 0, slip: 0, knows: () => (right ? 1 : 0) }
      const sitting = { childId: 'Moss', rung: 'parts' as const, count, at: NOW - MS_PER_DAY, newId: () => `${count}` }
      const answers = simulateSitting(randomFrom(2), knowing, sitting)
      return { ...child('Moss', [], 5), standing: standingOf(answers, school, NOW) }
    }
    expect(workingRung(after(false, 4), { school })).toBe('parts')
    expect(workingRung(after(true, 6), { school })).toBe('hour-hand')
    expect(workingRung({ ...after(false, 4), age: 6 }, { school })).toBe('hour-hand')
  })

  it('is guessed from the age, and what comes before it counts as known', () => {
    expect(likelyStart(undefined, school)).toBe('hour-hand')
    expect(likelyStart(8, school)).toBe(school.order[4])
    expect(knownBefore('half', 7, school)).toEqual(['hour-hand', 'oclock'])
    expect(knownBefore('hour-hand', 5, school)).toEqual(['parts'])
    expect(knownBefore('parts', 5, school)).toEqual([])
  })

  it('goes on beside the order for a child who knows all of it', () => {
    const knows = child('Fern', school.order)
    expect(workingRung(knows, { school })).toBe('day-halves')
    const sides: RungId[] = ['day-halves', 'later', 'elapsed', 'work-back', 'timetable', 'day-24', 'rounding']
    expect(workingRung(child('Fern', [...school.order, ...sides]), { school })).toBe(school.order.at(-1))
  })

  it('brings in a side path once all that it needs is known', () => {
    const ready = request({ children: [child('Tavi', school.order.slice(0, 3))], minutes: 45, hasClocks: true })
    expect(groupNeed(ready)).toMatchObject({ rung: 'quarters', side: 'day-halves', review: undefined })
    const plan = planSession({ ...ready, rung: 'day-24' }, { seed: 1 })
    expect(plan.rung).toBe('day-24')
    for (const id of Object.values(schools)) {
      const path = pathOf(id)
      expect(new Set(path).size).toBe(17)
      expect(path.filter((rung) => id.order.includes(rung))).toEqual(id.order)
    }
  })

  it('is no side path while an answer is missing', () => {
    const answers = [0, 1].map((i) => ({
      id: `a${i}`,
      childId: 'c',
      at: NOW,
      day: localDay(NOW, 'UTC'),
      item: itemAt('oclock', 'read', 180),
      choices: 0,
      given: { kind: 'time' as const, minute: 180 },
      right: true,
      stage: 'pictorial' as const,
      helped: false,
    }))
    const standing = standingOf(answers, school, NOW)
    expect(groupNeed(request({ children: [{ ...child('c', []), standing }] })).side).toBeUndefined()
  })
})
