import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { someRequest } from '../../../tests/readback/planRequests'
import { type Activity, activityOf, catalogue, durationRange } from '../activities'
import { type RefusedValue, attempt } from '../errors'
import { randomFrom } from '../random'
import { pathOf } from '../teaching'
import {
  CHANGE_MINUTES,
  type PlanStep,
  type SessionPlan,
  type SessionRequest,
  type Stations,
  type StationsWish,
  activitiesOf,
  checkPlan,
  fetchList,
  needsAdult,
  planSession,
  planWithStations,
  roundMinutes,
  roundStarts,
  stationAt,
  stationLines,
  stationsThatFit,
} from '.'

/** Whether the adult has to call or show something while it runs, by what its steps tell the adult to do. */
const tellsTheAdult = ({ steps, game }: Activity): boolean =>
  game !== undefined ||
  steps.some((step) =>
    /\b(Say|Call|Show|Name)( or draw)? (a time|a number of minutes|a part|a clock(?! aloud))/.test(inEnglish(step)),
  )

/** What stations must keep, from the step and the request alone; apart from how they are made. */
function wrongWith(step: PlanStep, request: SessionRequest, { helpers }: Pick<StationsWish, 'helpers'>): string[] {
  const { teams, list } = step.stations as Stations
  const wrong: string[] = []
  const all = teams.flatMap(({ childIds }) => childIds)
  if (all.length !== request.children.length || new Set(all).size !== all.length)
    wrong.push('a child is nowhere or twice')
  const sizes = teams.map(({ childIds }) => childIds.length)
  if (Math.max(...sizes) - Math.min(...sizes) > 1) wrong.push('teams differ')
  const rounds = list.map((_, round) => teams.map((__, team) => stationAt({ list }, team, round)))
  for (const at of rounds) if (new Set(at).size !== teams.length) wrong.push('two teams at one station')
  for (const [team] of teams.entries())
    if (new Set(rounds.map((at) => at[team])).size !== list.length) wrong.push('a team misses a station')
  const last = roundStarts(step)[list.length - 1] ?? 0
  if (last + roundMinutes(step) !== step.minutes) wrong.push('the minutes do not add up')
  const path = pathOf(request.school)
  for (const station of list) {
    const activity = activityOf(station)
    for (const { rung, childIds } of teams) {
      if (!activity.rungs.some((each) => path.indexOf(each) <= path.indexOf(rung))) wrong.push('too hard for a team')
      const range = durationRange(activity, childIds.length)
      if (roundMinutes(step) < range.least || roundMinutes(step) > range.most) wrong.push('a round does not fit')
    }
    if (!activity.places.includes(request.place)) wrong.push('not for this place')
  }
  if (list.filter(({ led }) => led === 'adult').length !== 1) wrong.push('the adult is not at one station')
  if (list.some((station) => station.led === 'alone' && tellsTheAdult(activityOf(station)))) wrong.push('nobody leads')
  if (list.filter(({ led }) => led === 'helper').length > helpers) wrong.push('too few helpers')
  return wrong
}

const wishes = fc.record({
  count: fc.integer({ min: 2, max: 4 }),
  helpers: fc.integer({ min: 0, max: 3 }),
  seed: fc.integer({ min: 1, max: 1000 }),
})

interface Made {
  readonly request: SessionRequest
  readonly plan: SessionPlan
  readonly value: SessionPlan
}

/** A session with stations, where one can be made. What cannot must say which field stands against it. */
function madeOf(request: SessionRequest, seed: number, wish: StationsWish): Made | undefined {
  const planned = attempt(() => planSession(request, { seed }))
  const { value: plan } = planned
  if (!plan) return refusedFor(planned.refusal, ['minutes'])
  const placed = attempt(() => planWithStations(plan, request, wish))
  return placed.value ? { request, plan, value: placed.value } : refusedFor(placed.refusal, ['stations', 'minutes'])
}

function refusedFor(refusal: RefusedValue | undefined, fields: readonly string[]): undefined {
  expect(fields).toContain(refusal?.field)
  return undefined
}

const MOST_DRAWS = 400

/** The first draw from this one on of which stations can be made, as some test may want it. */
function made(seed: number, wish: StationsWish, suits: (request: SessionRequest) => boolean = () => true): Made {
  for (let draw = seed; draw < seed + MOST_DRAWS; draw++) {
    const drawn = someRequest(randomFrom(draw))
    const request = { ...drawn, pace: undefined, minutes: Math.max(30, drawn.minutes) }
    const isEnough = request.children.length >= 2 * wish.count
    const done = isEnough && suits(request) ? madeOf(request, draw, wish) : undefined
    if (done) return done
  }
  throw new Error(`no stations in ${MOST_DRAWS} draws from ${seed} on`)
}

const stepOf = ({ steps }: SessionPlan) => steps.find(({ stations }) => stations) as PlanStep

describe('stations', () => {
  it('have every child at one station in every round, at its rung, with somebody where one is needed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), wishes, (seed, wish) => {
        const done = made(seed, wish)
        const step = stepOf(done.value)
        expect(wrongWith(step, done.request, wish)).toEqual([])
        const total = (plan: SessionPlan) => plan.steps.reduce((sum, { minutes }) => sum + minutes, 0)
        expect(total(done.value)).toBe(total(done.plan))
        // The opening and the closing check stay.
        expect(done.value.steps[0]?.id).toBe(done.plan.steps[0]?.id)
        expect(done.value.steps.at(-1)?.id).toBe(done.plan.steps.at(-1)?.id)
        const broken = (plan: SessionPlan) =>
          checkPlan(plan, done.request)
            .filter(({ ok }) => !ok)
            .map(({ id }) => id)
        const before = broken(done.plan)
        const own = ['time', 'lengths', 'place', 'materials', 'seated', 'check']
        expect(broken(done.value).filter((id) => own.includes(id) && !before.includes(id))).toEqual([])
      }),
      { numRuns: 15 },
    )
  })

  it('are judged by a checker that finds what is wrong', () => {
    const done = made(1, { count: 3, helpers: 0, seed: 1 })
    const step = stepOf(done.value)
    const { teams, list } = step.stations as Stations
    const judged = (change: Partial<Stations>, minutes = step.minutes) =>
      wrongWith({ ...step, minutes, stations: { teams, list, ...change } }, done.request, { helpers: 0 })
    expect(judged({})).toEqual([])
    expect(judged({ teams: teams.slice(1) })).toContain('a child is nowhere or twice')
    expect(judged({ list: list.map((each) => ({ ...each, led: 'helper' })) })).toContain(
      'the adult is not at one station',
    )
    expect(judged({}, 90)).toContain('a round does not fit')
    expect(judged({ list: list.slice(1) })).toContain('two teams at one station')
  })

  it('are offered in those numbers that can be made, and otherwise it is said why', () => {
    const { request, plan } = made(1, { count: 3, helpers: 0, seed: 1 })
    const { counts, why } = stationsThatFit(plan, request, { helpers: 0, seed: 1 })
    expect(counts).toContain(3)
    expect(why).toBeUndefined()
    for (const count of [2, 3, 4]) {
      const { value } = attempt(() => planWithStations(plan, request, { count, helpers: 0, seed: 1 }))
      expect(counts.includes(count)).toBe(value !== undefined)
    }
    const short = { ...plan, steps: plan.steps.map((step) => ({ ...step, minutes: 1 })) }
    expect(stationsThatFit(short, request, { helpers: 0, seed: 1 })).toEqual({
      counts: [],
      why: 'there are too few minutes after the opening',
    })
  })

  /** Found once: planning takes a while. */
  let found: Made | undefined
  const nine = () => (found ??= made(1, { count: 3, helpers: 1, seed: 1 }, ({ children }) => children.length === 9))

  it('are fetched for: what is reused for one team, what is used up for all', () => {
    const { value, request } = nine()
    const step = stepOf(value)
    const only = { rung: value.rung, steps: [step] }
    const largest = 3
    for (const { material, amount } of fetchList(only, request)) {
      const needs = activitiesOf(step).flatMap(({ needs: all }) => all.filter((need) => need.material === material))
      if (needs.every(({ per }) => per === 'child') && ['slates', 'scissors', 'clock'].includes(material))
        expect(amount).toBe(Math.max(...needs.map((need) => need.amount)) * largest)
    }
    expect(fetchList(only, request).flatMap((entry) => entry.for).length).toBeGreaterThan(0)
  })

  it('say who is where and when, worked by hand', () => {
    const { request } = nine()
    const [a, b, c, d] = request.children.map(({ id }) => id) as [string, string, string, string]
    const step: PlanStep = {
      id: 'step-1',
      activityId: 'stations',
      rung: 'half',
      minutes: 22,
      why: told(''),
      stations: {
        teams: [
          { childIds: [a, b], rung: 'half' },
          { childIds: [c, d], rung: 'oclock' },
        ],
        list: [
          { activityId: 'match-cards', led: 'adult' },
          { activityId: 'toss-a-time', led: 'alone' },
        ],
      },
    }
    // 22 minutes: one to walk on, two rounds of ten, and one left over to settle down.
    expect([roundMinutes(step), roundStarts(step)]).toEqual([10, [1, 12]])
    expect(CHANGE_MINUTES).toBe(1)
    const names = request.children.map((child, i) => ({ ...child, name: `N${i}` }))
    const { teams, rounds } = stationLines(
      step,
      540,
      { ...request, children: names },
      { language: 'en-GB', form: 'turns' },
    )
    expect(teams).toEqual(['Team 1 (Half past): N0 and N1', 'Team 2 (O’clock): N2 and N3'])
    expect(rounds[0]).toMatch(/^Round 1, 9:01 to 9:11: team 1: .*; team 2: Toss and fill$/)
    expect(rounds[1]).toMatch(/^Round 2, 9:12 to 9:22: team 1: Toss and fill; team 2: /)
    // In a team of four, those who need the same repair are a pair, and one of the others shows the other one.
    const mended = names.map((child, i) => ({
      ...child,
      findings: i % 3 === 0 ? [{ misreading: 'next-hour' as const }] : [],
    }))
    const together = { ...step, stations: { teams: [{ childIds: [a, b, c, d], rung: 'half' as const }], list: [] } }
    const lines = stationLines(together, 540, { ...request, children: mended }, { language: 'en-GB', form: 'turns' })
    expect(lines.teams[1]).toMatch(/^In pairs: N0 and N3; (N1 and N2|N2 and N1)$/)
  })

  it('keep movement in a hall, where the plan had it in what they take the place of', () => {
    for (const seed of [1, 101, 201]) {
      const { value, request } = made(seed, { count: 3, helpers: 0, seed: 1 }, ({ place }) => place === 'hall')
      expect(checkPlan(value, request).find(({ id }) => id === 'movement')).toMatchObject({ ok: true })
    }
  })

  it('need nobody at pages, and somebody where times are called', () => {
    for (const activity of catalogue) if (tellsTheAdult(activity)) expect(needsAdult(activity), activity.id).toBe(true)
    expect(needsAdult(activityOf('match-cards'))).toBe(false)
    expect(needsAdult(activityOf('set-your-clock'))).toBe(true)
    expect(needsAdult(activityOf('clock-in-the-corner'))).toBe(true)
    // One of the adult's own, of which nothing is said.
    expect(needsAdult({ ...activityOf('match-cards'), leads: undefined })).toBe(true)
  })

  it('refuse what cannot be, by its field', () => {
    const { plan, request } = nine()
    const few = { ...request, children: request.children.slice(0, 3) }
    const wish = { count: 2, helpers: 0, seed: 1 }
    expect(() => planWithStations(plan, few, wish)).toThrow(/stations must be for 4 children or more: there are 3/)
    expect(() => planWithStations(plan, request, { ...wish, count: 5 })).toThrow(
      /stations must be a whole number from 2 to 4/,
    )
    expect(() => planWithStations(plan, request, { ...wish, helpers: 9 })).toThrow(/helpers/)
    const short = { ...plan, steps: plan.steps.slice(0, 1) }
    expect(() => planWithStations(short, request, wish)).toThrow(/minutes must be enough for 9 minutes of stations/)
    const locked = { ...plan, steps: plan.steps.map((step) => ({ ...step, locked: true })) }
    expect(() => planWithStations(locked, request, wish)).toThrow(/minutes/)
  })
})
