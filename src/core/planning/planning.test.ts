import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boxOf, readSvg } from '../../../tests/readback/svg'
import {
  type Activity,
  type Place,
  activityOf,
  catalogue,
  durationRange,
  materials,
  type MaterialId,
} from '../activities'
import { SAFE_MARGIN_MM, papers, toSvg } from '../drawing'
import { RefusedValue } from '../errors'
import { MS_PER_DAY, simulateSitting, standingOf, type Standing } from '../knowing'
import { randomFrom } from '../random'
import { PRINTABLE_IDS, printables } from '../printables'
import { STAGES, type MisreadingId, type RungId, rungs, schools } from '../teaching'
import {
  type SessionRequest,
  checkPlan,
  childForms,
  fetchList,
  fitMinutes,
  groupNeed,
  planAfterAdd,
  planAfterMinutes,
  planAfterMove,
  planAfterRemove,
  planAfterSwap,
  planSession,
  printsOf,
  plannedMinutes,
  runSheetPages,
  sessionPrints,
  shelf,
  timeline,
} from '.'

const NOW = Date.UTC(2026, 10, 20, 9)
const school = schools['turns-first']
const everything = Object.keys(materials) as MaterialId[]

/** The standing of a child for whom so many rungs of the school are firm. */
function standingAfter(firm: number): Standing {
  const child = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
  const answers = school.order.slice(0, firm).flatMap((rung, i) =>
    [2, 9].flatMap((day) =>
      simulateSitting(randomFrom(i), child, {
        childId: 'c',
        rung,
        count: 5,
        at: NOW - day * MS_PER_DAY,
        newId: () => `${rung}${day}`,
      }),
    ),
  )
  return standingOf(answers, school, NOW)
}

const standings = Array.from({ length: 9 }, (_, firm) => standingAfter(firm))

function request(
  change: Partial<SessionRequest> & { firm?: readonly number[]; findings?: readonly MisreadingId[] } = {},
): SessionRequest {
  const { firm = [2, 2, 2], findings = [], ...rest } = change
  const children = firm.map((count, i) => ({
    id: `c${i}`,
    name: `Child ${i}`,
    age: 6,
    standing: standings[count] as Standing,
    findings: findings.map((misreading) => ({ misreading })),
  }))
  return { children, minutes: 25, start: 570, place: 'table', materials: everything, lastTime: [], school, ...rest }
}

const anyRequest = fc
  .record({
    firm: fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 1, maxLength: 8 }),
    minutes: fc.integer({ min: 15, max: 60 }),
    place: fc.constantFrom<Place>('table', 'floor', 'hall', 'outdoors'),
    lastTime: fc.subarray(
      catalogue.map((activity) => activity.id),
      { maxLength: 5 },
    ),
  })
  .map(request)

/** The plan, or undefined where the planner says that nothing fits. */
function tryPlan(from: SessionRequest, seed: number) {
  try {
    return planSession(from, { seed: seed })
  } catch (error) {
    expect(error).toBeInstanceOf(RefusedValue)
    return undefined
  }
}

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
          expect(step.why.length).toBeGreaterThan(20)
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
      expect(failed.map(({ says }) => says)).toEqual([])
    }
  })

  it('is for the rung that most need, brings a due one back, and mends what was found', () => {
    expect(groupNeed(request({ firm: [2, 2, 5] })).rung).toBe('half')
    expect(groupNeed(request({ firm: [2, 5] })).rung).toBe('half')
    const from = request({ firm: [5, 5, 5], minutes: 40, findings: ['numeral-as-minutes'] })
    const why = planSession(from, { seed: 3 })
      .steps.map((step) => step.why)
      .join(' ')
    expect(why).toContain('Mends “reads the numeral as minutes')
    expect(childForms(request({ firm: [1, 2, 5] }), 'half').map(({ form }) => form)).toEqual([
      'easier',
      'as it is',
      'harder',
    ])
  })

  it('does not start in pictures or signs while a child has not met the rung with hands', () => {
    for (let seed = 0; seed < 30; seed++) {
      const plan = planSession(request(), { seed: seed })
      const first = plan.steps.map((step) => activityOf(step)).find(({ role }) => role === 'teach')
      expect(first?.stage).toBe('concrete')
    }
  })

  it('refuses what cannot be, and says what could', () => {
    for (const minutes of [0, -5, 1e9, 9, 121, NaN, 12.5])
      expect(() => planSession(request({ minutes }), { seed: 1 })).toThrow(/minutes must be an integer in \[10, 120\]/)
    expect(() => planSession(request({ firm: [] }), { seed: 1 })).toThrow(/children/)
    expect(() => planSession(request({ minutes: 120, place: 'outdoors', firm: [0] }), { seed: 1 })).toThrow(
      /^minutes must be a length that .* such as /,
    )
    const ropeOnly = catalogue.filter(({ id }) => id === 'rope-clock')
    expect(() =>
      planSession(request({ firm: Array<number>(30).fill(2), minutes: 15, place: 'floor' }), { catalogue: ropeOnly }),
    ).toThrow(/^children must be 12 at most for Half past in this place: split the group/)
  })
})

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
    expect(checkPlan(longer, from).find(({ id }) => id === 'time')?.says).toMatch(/^\d+ min too long for 40/)
    const last = ids[ids.length - 1] as string
    expect(checkPlan(planAfterMove(plan, last, 0), from).find(({ id }) => id === 'check')?.ok).toBe(false)
    const seated = {
      rung: 'half' as RungId,
      steps: ['paper-clock', 'match-cards', 'read-dials-sheet'].map((activityId, i) => ({
        id: `s${i}`,
        activityId,
        rung: 'half' as RungId,
        minutes: 8,
        why: '',
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
          steps: ids.map((activityId, i) => ({ id: `s${i}`, activityId, rung: 'half', minutes: 8, why: '' })),
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
    expect(repeats([taught])?.says).toContain(activityOf(taught).name)
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
    shelf(plan, request(change)).find(({ activity }) => activity.id === id)?.but

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
    expect(entries.some(({ but }) => but.includes('something is not to hand'))).toBe(true)
    expect(shelf(plan, request({ place: 'outdoors' })).some(({ but }) => but.includes('not for this place'))).toBe(true)
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

describe('what a session takes', () => {
  const steps = (ids: string[]) => ({
    rung: 'half' as RungId,
    steps: ids.map((activityId, i) => ({
      id: `s${i}`,
      activityId,
      rung: 'half' as RungId,
      minutes: 8,
      why: 'Since it fits.',
    })),
  })

  it('is counted once where it is reused, and added up where it is used up', () => {
    const list = fetchList(steps(['paper-clock', 'folded-quarters']), request({ firm: [2, 2, 2, 2] }))
    const amount = (material: MaterialId) => list.find((entry) => entry.material === material)?.amount
    expect(amount('crayons')).toBe(4)
    expect(amount('card')).toBe(4)
    expect(amount('fasteners')).toBe(4)
    expect(list.every(({ toHand }) => toHand)).toBe(true)
  })

  it('prints a clock and a sheet for each child, at each child’s own rung', () => {
    const from = request({ firm: [2, 5] })
    const settings = { paper: 'letter', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
    const prints = sessionPrints(steps(['paper-clock', 'read-dials-sheet']), from, settings, 11)
    expect(prints.pages.length).toBe(4)
    expect(new Set(prints.items.map(({ rung }) => rung))).toEqual(new Set(['half', 'past-fives']))
    const names = prints.pages.map((page) => readSvg(toSvg(page)).some(({ text }) => text === 'Child 1'))
    expect(names).toEqual([false, true, false, true])
  })

  it('is all on the run sheet, inside its margins', () => {
    fc.assert(
      fc.property(anyRequest, fc.nat(), fc.constantFrom('a4' as const, 'letter' as const), (from, seed, paper) => {
        const plan = tryPlan(from, seed)
        if (!plan) return
        const pages = runSheetPages(plan, from, {
          title: 'Run',
          paper,
          wording: { language: 'en-GB', form: 'turns' },
          placeName: 'here',
          prints: [{ title: 'A sheet', pages: 3 }],
        })
        const shapes = pages.map((page) => readSvg(toSvg(page)))
        const text = shapes
          .flat()
          .map((shape) => shape.text ?? '')
          .join(' ')
        for (const step of plan.steps) expect(text).toContain(activityOf(step).name)
        for (const page of shapes) expect(boxOf(page).bottom).toBeLessThanOrEqual(papers[paper].height - SAFE_MARGIN_MM)
      }),
      { numRuns: 40 },
    )
  }, 30_000)
})

describe('the run sheet', () => {
  it('names who takes the easier and who the harder form', () => {
    const from = request({ firm: [1, 4, 4, 7] })
    const plan = { ...planSession(from, { seed: 3 }), rung: school.order[4] as RungId }
    const forms = childForms(from, plan.rung)
    const named = (form: string) => forms.filter((each) => each.form === form).map(({ child }) => child.name)
    expect(named('easier').length).toBeGreaterThan(0)
    expect(named('harder').length).toBeGreaterThan(0)
    const texts = runSheetPages(plan, from, {
      title: 'Run',
      paper: 'a4',
      wording: { language: 'en-GB', form: 'turns' },
      placeName: 'here',
      prints: [],
    }).flatMap((page) => readSvg(toSvg(page)).map(({ text }) => text ?? ''))
    for (const form of ['easier', 'harder']) {
      const line = texts.find((text) => text.startsWith(`Take the ${form} form: `)) ?? ''
      const others = from.children.map(({ name }) => name).filter((name) => !named(form).includes(name))
      expect(named(form).filter((name) => !line.includes(name))).toEqual([])
      expect(others.filter((name) => line.includes(name))).toEqual([])
    }
  })
})

describe('a kept print in a session', () => {
  const settings = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, lowInk: false } as const
  const kept = (count: number) => ({
    name: 'Halves for Sedge',
    body: { printable: 'match-cards', options: { ...settings, rung: 'half', count }, seed: 3, made: 1 } as const,
  })

  it('is among the pages, and is named where it can no longer be made', () => {
    const job = { request: request(), settings: { ...settings, kept: [kept(6)] }, seed: 1 }
    expect(printsOf([], 'half', job).contents.map(({ title }) => title)).toEqual(['Halves for Sedge'])
    const refused = { ...job, settings: { ...settings, kept: [kept(500)] } }
    expect(() => printsOf([], 'half', refused)).toThrow(
      /^the kept print “Halves for Sedge” must be one that can still be made: change it .*count of sets must be/,
    )
  })
})

describe('what a session prints', () => {
  const [sheetActivity] = catalogue.filter(({ prints }) => prints === 'read-dials')
  const [cardActivity] = catalogue.filter(({ prints }) => prints === 'match-cards')

  it.each(PRINTABLE_IDS)('has %s, whichever activity names it, on every rung', (id) => {
    const asked = request({ minutes: 25 })
    for (const { id: rung } of rungs) {
      const activity = { ...(sheetActivity as Activity), prints: id, tableOf: 2 }
      const settings = { paper: 'a4', lowInk: true, wording: { language: 'en-GB', form: 'turns' } } as const
      const { contents, pages, keys } = printsOf([activity, cardActivity as Activity], rung, {
        request: asked,
        settings,
        seed: 7,
      })
      const own = contents.filter(({ title }) => title.startsWith(printables[id].name))
      const isForChild = printables[id].kind === 'sheet'
      expect(own.length).toBe(isForChild ? asked.children.length : Math.ceil(asked.children.length / 2))
      expect(contents.reduce((sum, each) => sum + each.pages, 0)).toBe(pages.length)
      expect(keys.length).toBeGreaterThan(own.length - 1)
    }
  })
})
