import { inEnglish } from '../../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { TermWorld, fromDay } from '../../../../tests/readback/termWorld'
import { MS_PER_DAY, dateAfter, dateOf, daysOf, weekdayOf } from '../../clock'
import { type Answer, KNOWING, estimateKnowing, simulateSitting, standingOf } from '../../knowing'
import { drawUnit, randomFrom } from '../../random'
import { schools } from '../../teaching'
import {
  type TermChild,
  type TermWish,
  forecastOf,
  meetingsOf,
  playTerms,
  shiftsBetween,
  speedFit,
  startTerm,
  whatIfs,
  bandInTerm,
  daysIntoTerm,
} from '..'
import { isFirm, learnerOf } from './learner'
import { groupPaces, SPEEDS } from './speed'

const school = schools['turns-first']

const wish: TermWish = {
  from: '2026-11-30',
  until: '2027-03-28',
  weekdays: [5],
  minutes: 30,
  homeMinutes: 0,
  goal: null,
  holidays: [],
  school: 'turns-first',
}

const newChild = (id: string, answers: readonly Answer[] = [], now = daysOf(wish.from) * MS_PER_DAY): TermChild => ({
  id,
  name: id,
  age: 6,
  standing: standingOf(answers, school, now),
  findings: [],
  speedFit: speedFit(answers),
})

const play = (of: TermWish, children: readonly TermChild[], runs = 400, seed = 1) => {
  const counts = startTerm(of, children)
  playTerms(counts, of, { runs, seed })
  return { counts, forecast: forecastOf(counts) }
}

describe('the sessions of a term', () => {
  it('fall on its days, from the first to the last, and on no holiday', () => {
    const holidays = [{ from: '2026-12-21', until: '2027-01-03' }]
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1 }), (weekdays) => {
        const days = meetingsOf({ ...wish, weekdays, holidays })
        for (const day of days) {
          expect(weekdays).toContain(weekdayOf(day))
          expect(dateOf(day) >= wish.from && dateOf(day) <= wish.until).toBe(true)
          expect(dateOf(day) >= '2026-12-21' && dateOf(day) <= '2027-01-03').toBe(false)
        }
        // 17 whole weeks, two of them away.
        expect(days.length).toBe(15 * weekdays.length)
      }),
    )
  })

  it.each([
    [{ until: '2026-11-29' }, /until must be Mon 30 Nov 2026 or later/],
    [{ until: '2036-11-29' }, /until must be at most 60 weeks after Mon 30 Nov 2026/],
    [{ until: '2026-12-03' }, /until must be so late that you meet once at least/],
    [{ weekdays: [] }, /weekdays must be at least one day/],
    [{ minutes: 0 }, /minutes must be a whole number from 10 to 120/],
    [{ homeMinutes: 90 }, /homeMinutes/],
    [{ holidays: [{ from: '2026-11-01', until: '2027-12-01' }] }, /holidays must be shorter: at least one session/],
    [
      { holidays: [{ from: '2026-12-24', until: '2026-12-01' }] },
      /holiday 1: last day must be Thu 24 Dec 2026 or later/,
    ],
    [{ from: 'soon' }, /from must be a date/],
  ])('refuse %j', (change, message) => {
    expect(() => meetingsOf({ ...wish, ...change } as TermWish)).toThrow(message)
  })
})

describe('a forecast', () => {
  it('counts each run once for each rung at most, in the order of the rungs', () => {
    const { forecast } = play(wish, [newChild('a'), newChild('b')])
    for (const { rungs } of forecast.children) {
      expect(rungs.map(({ rung }) => rung)).toEqual(school.order)
      for (const [i, { byEnd, by }] of rungs.entries()) {
        expect(byEnd).toBeLessThanOrEqual(1)
        if (i > 0) expect(byEnd).toBeLessThanOrEqual(rungs[i - 1]?.byEnd ?? 0)
        const days = [by[0.1], by[0.25], by[0.5], by[0.75], by[0.8], by[0.9]]
        expect(days).toEqual([...days].sort((x, y) => (x ?? '9').localeCompare(y ?? '9')))
      }
    }
  })

  it('is the same for the same seed, however the runs are parcelled', () => {
    const children = [newChild('a'), newChild('b')]
    const parts = startTerm(wish, children)
    playTerms(parts, wish, { runs: 30, seed: 4 })
    playTerms(parts, wish, { runs: 70, seed: 4 })
    expect(forecastOf(parts)).toEqual(play(wish, children, 100, 4).forecast)
    expect(forecastOf(parts)).not.toEqual(play(wish, children, 100, 5).forecast)
  })

  it('lets all be asked at the beginning where a quarter of them lack nothing but answers', () => {
    const at = (daysOf(wish.from) - 10) * MS_PER_DAY
    const knows = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
    const answers = simulateSitting(randomFrom(7), knows, {
      childId: 'a',
      rung: 'oclock',
      count: 4,
      at,
      newId: () => 'x',
    })
    const passed = standingOf(answers, school, daysOf(wish.from) * MS_PER_DAY, [
      { rung: 'hour-hand', verdict: 'firm', at, note: '' },
    ])
    const child = { ...newChild('a', answers), standing: passed }
    // Four new children beside it work on the first step: one in five is too few for the questions to come.
    const others = ['b', 'c', 'd', 'e'].map((id) => newChild(id))
    const firmAtOnce = (children: readonly TermChild[]) => {
      const { counts } = play({ ...wish, until: '2026-12-12' }, children, 2000)
      const oclock = counts.firmAfter[0]?.[counts.ladder.indexOf('oclock')]
      return (oclock?.[1] ?? 0) / 2000
    }
    const [alone, among] = [firmAtOnce([child]), firmAtOnce([child, ...others])]
    expect(alone).toBeGreaterThan(among + 0.1)
    expect(firmAtOnce([child, ...others.slice(0, 3)])).toBeGreaterThan(among + 0.1)
  })

  it('does not ask again for what is firm or what the adult says is known', () => {
    const at = daysOf(wish.from) * MS_PER_DAY
    const standing = standingOf([], school, at, [{ rung: 'hour-hand', verdict: 'firm', at, note: '' }])
    const { forecast } = play(wish, [{ ...newChild('a'), standing }])
    expect(forecast.children[0]?.rungs[0]?.rung).toBe('oclock')
    expect(forecast.weeks[0]?.works.map(({ rung }) => rung)).toEqual(['oclock'])
  })

  it('takes nothing as known in another order that was not passed in its own', () => {
    const at = daysOf(wish.from) * MS_PER_DAY
    const known = (['hour-hand', 'oclock', 'half'] as const).map((rung) => ({
      rung,
      verdict: 'firm' as const,
      at,
      note: '',
    }))
    const child = { ...newChild('a'), standing: standingOf([], school, at, known) }
    const { forecast } = play({ ...wish, school: 'fives-first' }, [child])
    expect(forecast.weeks[0]?.works.map(({ rung }) => rung)).toEqual(['fives'])
    expect(forecast.children[0]?.rungs.map(({ rung }) => rung)).toContain('past-fives')
    expect(forecast.children[0]?.rungs.map(({ rung }) => rung)).not.toContain('half')
  })

  it('begins with the parts of the clock for a child of four', () => {
    const { forecast } = play(wish, [{ ...newChild('a'), age: 4 }])
    expect(forecast.weeks[0]?.works[0]?.rung).toBe('parts')
  })

  it('comes earlier with more sessions, longer ones and minutes at home', () => {
    const children = [newChild('a'), newChild('b'), newChild('c')]
    const reached = (change: Partial<TermWish>) => {
      const { forecast } = play({ ...wish, goal: 'oclock', ...change }, children, 600)
      return forecast.goal?.byEnd ?? 0
    }
    const usual = reached({})
    expect(reached({ weekdays: [2, 5] })).toBeGreaterThan(usual + 0.1)
    expect(reached({ minutes: 60 })).toBeGreaterThan(usual)
    expect(reached({ homeMinutes: 15 })).toBeGreaterThan(usual)
    expect(reached({ holidays: [{ from: '2026-12-14', until: '2027-02-14' }] })).toBeLessThan(usual - 0.1)
  })

  it('brings rungs back after the gaps of the reviews, never one that is new', () => {
    const { counts } = play({ ...wish, weekdays: [1, 3, 5] }, [newChild('a')])
    const hourHand = counts.ladder.indexOf('hour-hand')
    const back = counts.cameBack.map((rungs) => rungs[hourHand] ?? 0)
    expect(back.slice(0, 3)).toEqual([0, 0, 0])
    expect(back.reduce((sum, each) => sum + each, 0)).toBeGreaterThan(counts.runs / 2)
  })

  it('says what moved: a rung that became firm, a day that came later', () => {
    const { forecast: before } = play(wish, [newChild('a'), newChild('b')])
    const { forecast: later } = play({ ...wish, from: '2026-12-28' }, [newChild('a'), newChild('b')])
    expect(shiftsBetween(before, before)).toEqual([])
    const [shift] = shiftsBetween(before, later)
    expect(shift).toMatchObject({ childId: 'a', rung: 'hour-hand', isFirm: false })
    expect((shift?.after ?? '') > (shift?.before ?? '')).toBe(true)
    const firm = { ...later, children: later.children.map((each) => ({ ...each, rungs: each.rungs.slice(1) })) }
    expect(shiftsBetween(before, firm).map(({ isFirm }) => isFirm)).toEqual([true, true])
    expect(shiftsBetween(before, { ...later, children: [] })).toEqual([])
  })
})

describe('a child of one simulated term', () => {
  const day = daysOf(wish.from)
  const learners = (answers: readonly Answer[], first: number, count = 400) => {
    const child = newChild('a', answers)
    const counts = startTerm(wish, [child])
    const speeds = groupPaces([child.speedFit]).find(({ chance }) => chance > 0)?.speeds[0] ?? []
    return Array.from({ length: count }, (_, seed) => learnerOf(randomFrom(seed), child, { first, speeds }, counts))
  }
  const sitting = simulateSitting(
    randomFrom(7),
    { misreadings: [], strength: 0, slip: 0, knows: () => 1 },
    { childId: 'a', rung: 'half', count: 6, at: (day - 10) * MS_PER_DAY, newId: () => 'x' },
  )

  it('starts on its first rung, knows what it passed, and the rest as often as the records say', () => {
    const all = learners([], 3)
    for (const { at, first, rungs } of all) {
      expect([at, first]).toEqual([3, 3])
      expect(rungs.slice(0, 3).map(({ knows, wasFirm, passed }) => [knows, wasFirm, passed])).toEqual(
        Array(3).fill([true, true, true]),
      )
      expect(rungs.slice(3).map(({ wasFirm, passed }) => [wasFirm, passed])).toEqual(
        Array(rungs.length - 3).fill([false, false]),
      )
    }
    // Without an answer one in ten is taken to know a rung; 400 drawings are five standard errors wide.
    const share = all.filter(({ rungs }) => rungs[4]?.knows).length / all.length
    expect(Math.abs(share - KNOWING.knownBefore)).toBeLessThan(0.08)
  })

  it('has what its answers say of a rung: how many, when it was last met, and the day the term begins', () => {
    const [learner] = learners(sitting, 0)
    // The parts of the clock come first in the ladder, half past fourth.
    expect(learner?.rungs[3]).toMatchObject({ answers: 6, days: 1, metOn: day - 10, passed: false, reviews: 0 })
    const meeting = meetingsOf(wish)[0]
    expect(learner?.rungs.map(({ asOf }) => asOf)).toEqual(Array(learner?.rungs.length).fill(meeting))
    expect(learner?.rungs[4]).toMatchObject({ answers: 0, days: 0, metOn: undefined })
    // What was answered is not passed over, wherever the child is.
    expect(learners(sitting, 5)[0]?.rungs[3]?.passed).toBe(false)
  })

  it('learns at one of the speeds, each as often as it is likely, and at the paces of that speed', () => {
    const speeds = SPEEDS.map((_, i) => (i % 2 === 0 ? 1 / 6 : 0))
    const all = Array.from({ length: 600 }, (_, seed) =>
      learnerOf(randomFrom(seed), newChild('a'), { first: 0, speeds }, startTerm(wish, [])),
    )
    for (const [i, speed] of SPEEDS.entries()) {
      const own = all.filter(({ rate }) => rate === speed)
      expect(Math.abs(own.length / all.length - (speeds[i] ?? 0)), String(speed)).toBeLessThan(0.06)
      const paces = speed < 0.7 ? ['slow'] : speed < 1 ? ['usual'] : speed < 1.5 ? ['usual', 'fast'] : ['fast']
      for (const each of own) expect(each.paces).toEqual(paces)
    }
  })
})

describe('what is firm in a forecast', () => {
  it('is what the records call firm, answer for answer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.double({ min: 0.3, max: 1, noNaN: true }), (seed, knows) => {
        const random = randomFrom(seed)
        const child = { misreadings: [], strength: 0, slip: 0, knows: () => knows }
        const answers = Array.from({ length: 5 }, (_, day) => day).flatMap((day) =>
          simulateSitting(random, child, {
            childId: 'a',
            rung: 'half',
            count: 1 + Math.floor(drawUnit(random) * 5),
            at: day * MS_PER_DAY,
            newId: () => `${day} ${drawUnit(random)}`,
          }),
        )
        const now = 5 * MS_PER_DAY
        const known = estimateKnowing(answers, 'half', now)
        expect(isFirm({ ...known.followed, days: known.days, kinds: known.stages.length })).toBe(known.firm)
      }),
    )
  })
})

describe('the paces of a group', () => {
  const nothing = speedFit([])
  const sittings = (knows: number) =>
    [0, 7, 14, 21].flatMap((day) =>
      simulateSitting(
        randomFrom(day),
        { misreadings: [], strength: 0, slip: 0, knows: () => knows },
        { childId: 'a', rung: 'half', count: 5, at: day * MS_PER_DAY, newId: () => String(day) },
      ),
    )
  const logOf = (likely: readonly number[]) => likely.reduce((sum, each, i) => sum + each * Math.log(SPEEDS[i] ?? 1), 0)
  /** The mean logarithm of each child's speed, over all paces of the group. */
  const means = (fits: readonly (readonly number[])[]) =>
    fits.map((_, child) =>
      groupPaces(fits).reduce((sum, { chance, speeds }) => sum + chance * logOf(speeds[child] ?? []), 0),
    )

  it('are even about the usual one without answers, and all chances add up to 1', () => {
    expect(means([nothing, nothing])[1]).toBeCloseTo(0, 10)
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 5 }), (knowing) => {
        const paces = groupPaces(knowing.map((knows) => speedFit(sittings(knows))))
        const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0)
        expect(sum(paces.map(({ chance }) => chance))).toBeCloseTo(1, 10)
        for (const { speeds } of paces) for (const each of speeds) expect(sum(each)).toBeCloseTo(1, 10)
      }),
      { numRuns: 20 },
    )
  })

  it('lean to what a child’s answers say, and the others of the group lean with it', () => {
    const [slow, fast] = [speedFit(sittings(0)), speedFit(sittings(1))]
    const [own = 0, other = 0] = means([slow, nothing])
    expect(own).toBeLessThan(-0.4)
    expect(other).toBeLessThan(-0.1)
    expect(other).toBeGreaterThan(own)
    expect(means([fast, nothing])[1]).toBeGreaterThan(0.05)
    // Three slow children say more of the group than one does.
    expect(means([slow, slow, slow, nothing])[3]).toBeLessThan(other - 0.1)
  })
})

describe('a date for each pace', () => {
  it('stands while the pace is open, the slow one the latest, and goes once the answers tell it', () => {
    const { forecast } = play({ ...wish, until: '2027-11-28' }, [newChild('a')], 2000)
    const [next] = forecast.children[0]?.rungs.slice(1) ?? []
    expect(next?.byPace).toBeDefined()
    const { slow, usual, fast } = next?.byPace ?? {}
    expect([fast, usual, slow]).toEqual([fast, usual, slow].toSorted())
    expect(fast).not.toBe(slow)
    // A child who fits one speed alone.
    const sure = { ...newChild('a'), speedFit: SPEEDS.map((speed) => (speed === 1 ? 1 : 0)) }
    const known = play(wish, [sure]).forecast.children[0]?.rungs ?? []
    expect(known.length).toBeGreaterThan(0)
    for (const each of known) expect(each.byPace).toBeUndefined()
  })
})

describe('what if', () => {
  it('changes one thing at a time, and meets on a day that lies apart', () => {
    const changed = whatIfs(wish).map((each) => [
      inEnglish(each.name),
      each.wish.weekdays,
      each.wish.homeMinutes,
      each.wish.school,
    ])
    expect(changed).toEqual([
      ['Meet twice a week', [5, 1], 0, 'turns-first'],
      ['Ten minutes at home each day', [5], 10, 'turns-first'],
      ['The order “Counting in fives first”', [5], 0, 'fives-first'],
    ])
    expect(whatIfs({ ...wish, weekdays: [0, 1, 2, 3, 4, 5, 6], homeMinutes: 10 }).map(({ id }) => id)).toEqual([
      'fives-first',
    ])
  })
})

describe('of children who live through a term', () => {
  it('about as many are there as the forecast says', () => {
    const often = { ...wish, weekdays: [2, 5] }
    const days = meetingsOf(often)
    let planned = 0
    let there = 0
    for (let group = 0; group < 20; group++) {
      const world = new TermWorld(randomFrom(500 + group), often, 3)
      world.hold(days.slice(0, 3))
      const rest = fromDay(often, days[3] ?? 0)
      const { forecast } = play(rest, world.told(days[3] ?? 0), 200, group * 1000)
      world.hold(days.slice(3))
      for (const [i, { rungs }] of forecast.children.entries())
        for (const { rung, by } of rungs.slice(0, 2)) {
          const day = by[0.8]
          if (day === null) continue
          planned++
          const on = world.children[i]?.firmOn.get(rung)
          if (on !== undefined && dateOf(on) <= day) there++
        }
    }
    expect(planned).toBeGreaterThan(50)
    // Four standard errors about 80 %; bench/term.ts measures closer.
    const error = 4 * Math.sqrt((0.8 * 0.2) / planned)
    expect(Math.abs(there / planned - 0.8)).toBeLessThan(error)
  }, 120_000)
})

describe('a band over the days of a term', () => {
  const by = { 0.1: '2026-12-04', 0.25: '2026-12-18', 0.5: '2027-01-08', 0.75: '2027-01-08', 0.8: null, 0.9: null }
  const when = { rung: 'half', byEnd: 0.78, by } as const

  it('begins and ends on its dates, and with the term where the rest is later', () => {
    const { before, early, middle, late } = bandInTerm(when, wish)
    const ends = [before, before + early, before + early + middle, before + early + middle + late]
    expect(ends.map((days) => dateAfter(wish.from, days))).toEqual([
      '2026-12-04',
      '2026-12-18',
      '2027-01-08',
      wish.until,
    ])
  })

  it('is seen where it is a single day, and is none where the step is secure or out of reach', () => {
    const once = { ...when, by: { ...by, 0.25: '2027-01-08', 0.1: '2027-01-08', 0.9: '2027-01-08' } }
    expect(bandInTerm(once, wish)).toEqual({ before: 39, early: 0, middle: 0.5, late: 0 })
    const none = { before: 0, early: 0, middle: 0, late: 0 }
    expect(bandInTerm(undefined, wish)).toEqual(none)
    expect(bandInTerm({ ...when, by: { ...by, 0.1: null } }, wish)).toEqual(none)
  })

  it('lies within the term, as holidays do that begin before it or end after it', () => {
    expect(
      ['2026-11-01', wish.from, '2026-12-07', wish.until, '2027-05-01'].map((date) => daysIntoTerm(date, wish)),
    ).toEqual([0, 0, 7, 118, 118])
  })
})
