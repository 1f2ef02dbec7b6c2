import { inEnglish } from '../wording'
import { describe, expect, it } from 'vitest'
import { randomFrom } from '../random'
import { type MisreadingId, type RungId, misreadings, schools } from '../teaching'
import { localDay } from '../clock'
import { simulateSitting } from './simulatedSitting'
import { type SimulatedChild } from './simulatedChild'
import { MS_PER_DAY } from '../clock'
import { type Answer, afterAnswer, diagnose, estimateKnowing, readinessInWords, standingOf } from '.'

const START = Date.UTC(2026, 8, 5, 9)
let ids = 0
const newId = () => `a${ids++}`

function sitting(seed: number, child: Partial<SimulatedChild>, rung: RungId, count: number, day = 0): Answer[] {
  const full: SimulatedChild = { misreadings: [], strength: 0.8, slip: 0.05, knows: () => 1, ...child }
  return simulateSitting(randomFrom(seed), full, { childId: 'c', rung, count, at: START + day * MS_PER_DAY, newId })
}

/** Rungs on which a reading child shows each misreading. */
const shownOn: Partial<Record<MisreadingId, RungId>> = {
  'swapped-hands': 'past-fives',
  'next-hour': 'past-fives',
  'hour-just-gone': 'to-fives',
  'numeral-as-minutes': 'past-fives',
  'hour-only': 'past-fives',
  'parked-hour': 'half',
}

describe('diagnosis', () => {
  it.each(Object.entries(shownOn) as [MisreadingId, RungId][])('finds a planted %s', (planted, rung) => {
    const found = Array.from(
      { length: 60 },
      (_, seed) => diagnose(sitting(seed, { misreadings: [planted] }, rung, 16)).findings[0]?.misreading,
    ).filter((id) => id === planted).length
    expect(found).toBeGreaterThanOrEqual(51)
  })

  it('names none for children who only slip, save by rare chance', () => {
    const named = Array.from({ length: 300 }, (_, seed) => diagnose(sitting(seed, {}, 'past-fives', 12))).filter(
      ({ findings }) => findings.length > 0,
    ).length
    expect(named).toBeLessThanOrEqual(6)
  })

  it('rests every finding on answers that the misreading leads to', () => {
    for (let seed = 0; seed < 40; seed++) {
      const { findings } = diagnose(sitting(seed, { misreadings: ['swapped-hands', 'hour-only'] }, 'quarters', 16))
      const claimed = findings.flatMap((finding) => finding.evidence)
      expect(new Set(claimed).size).toBe(claimed.length)
      for (const answer of claimed) expect(answer.right).toBe(false)
      for (const { misreading } of findings) expect(misreadings.map((m) => m.id)).toContain(misreading)
    }
  })

  it('says that there is not enough yet, and does not count answers that were helped', () => {
    const three = sitting(1, { misreadings: ['hour-only'], strength: 1 }, 'past-fives', 3)
    expect(diagnose(three).enough).toBe(false)
    const helped = sitting(1, { misreadings: ['hour-only'], strength: 1 }, 'past-fives', 12).map((answer) => ({
      ...answer,
      helped: true,
    }))
    expect(diagnose(helped)).toEqual({ enough: false, guesses: false, findings: [], past: [] })
  })
})

describe('estimate', () => {
  it('follows the formula, worked by hand', () => {
    // 0.1 known; right among 4: 0.1·0.92 / (0.1·0.92 + 0.9·0.25) = 0.29022; then + 0.70978·0.12.
    expect(afterAnswer(0.1, true, 4)).toBeCloseTo(0.37539, 4)
    // Wrong in the open: 0.5·0.08 / (0.5·0.08 + 0.5·0.95) = 0.07767; then + 0.92233·0.12.
    expect(afterAnswer(0.5, false, 0)).toBeCloseTo(0.18835, 4)
  })

  const perfect = [...sitting(1, { slip: 0 }, 'half', 8, 0), ...sitting(2, { slip: 0 }, 'half', 8, 7)]
  const now = START + 8 * MS_PER_DAY

  it('does not take a child back by time alone: a rung that was firm comes back, and is lost by two lapses of four', () => {
    const first = [...sitting(1, { slip: 0 }, 'hour-hand', 9, 0), ...sitting(2, { slip: 0 }, 'hour-hand', 9, 7)]
    const school = schools['turns-first']
    const standing = (days: number) => standingOf(first, school, START + days * MS_PER_DAY)
    expect(standing(8)).toMatchObject({ firm: ['hour-hand'], working: 'oclock' })
    expect(standing(97)).toMatchObject({ firm: ['hour-hand'], working: 'oclock', due: ['hour-hand'] })
    // One lapse is none; with the second it is worked on again, and since when it was lost is known.
    const lapse = sitting(3, { knows: () => 0 }, 'hour-hand', 2, 90)
    const after = (lapses: number) => standingOf([...first, ...lapse.slice(0, lapses)], school, START + 97 * MS_PER_DAY)
    expect(after(1).working).toBe('oclock')
    expect(after(2).working).toBe('hour-hand')
    expect(after(2).estimates[0]).toMatchObject({ firm: false, since: undefined, until: lapse[1]?.day })
    // So it is where the adult says that it is not known.
    const said = [{ rung: 'hour-hand', verdict: 'not-firm', at: START, note: '' }] as const
    expect(standingOf(first, school, START + 97 * MS_PER_DAY, said).working).toBe('hour-hand')
  })

  it('calls a rung firm only when everything is met', () => {
    expect(estimateKnowing(perfect, 'half', now)).toMatchObject({ firm: true, unmet: [], answers: 16 })
  })

  it.each<[string, Answer[], RegExp]>([
    ['few answers', perfect.slice(0, 4).concat(perfect.slice(8, 11)), /^about \d+ more right answers$/],
    [
      'one day',
      perfect.map((answer) => ({ ...answer, day: localDay(START, 'UTC') })),
      /^right answers on a second day$/,
    ],
    ['one kind', perfect.map((answer) => ({ ...answer, stage: 'pictorial' as const })), /second kind.*with pictures/],
    ['recent mistakes', perfect.map((a, i) => ({ ...a, right: i < 12 })), /^about 1\d more right answers$/],
    ['help', perfect.map((answer) => ({ ...answer, helped: true })), /^no answers yet$/],
  ])('names what is missing: %s', (_, answers, words) => {
    const estimate = estimateKnowing(answers, 'half', now)
    expect(estimate.firm).toBe(false)
    expect(estimate.unmet.map(inEnglish).join('; ')).toMatch(words)
  })

  it('is likely known no more after a long gap, but secure until it is asked again', () => {
    const later = estimateKnowing(perfect, 'half', now + 200 * MS_PER_DAY)
    expect(later.probability).toBeLessThan(0.8)
    expect(later.firm).toBe(true)
    const before = [...sitting(1, { slip: 0 }, 'half', 8, 0)]
    const soon = [...before, ...sitting(2, { slip: 0 }, 'half', 7, 7)]
    const late = [...before, ...sitting(2, { slip: 0 }, 'half', 7, 360)]
    expect(estimateKnowing(soon, 'half', now).firm).toBe(true)
    expect(estimateKnowing(late, 'half', now).firm).toBe(false)
  })
})

describe('standing', () => {
  const school = schools['turns-first']
  const firmOn = (rung: RungId, seed: number) => [
    ...sitting(seed, { slip: 0 }, rung, 9, 0),
    ...sitting(seed + 1, { slip: 0 }, rung, 9, 7),
  ]

  it('starts a new child at the first rung of the school', () => {
    const standing = standingOf([], school, START)
    expect(standing.working).toBe('hour-hand')
    expect(inEnglish(readinessInWords(standing, school))).toBe('Starts at Hour hand alone.')
    expect(inEnglish(readinessInWords(standing, school, 6))).toBe('Starts at Hour hand alone.')
    // As the plan has it for a child of four or five.
    expect(inEnglish(readinessInWords(standing, school, 5))).toBe('Starts at Parts of the clock.')
  })

  it('moves to the first rung that is not firm, and brings an old one back', () => {
    const answers = [...firmOn('hour-hand', 1), ...firmOn('oclock', 3)]
    const soon = standingOf(answers, school, START + 9 * MS_PER_DAY)
    expect(soon.working).toBe('half')
    expect(soon.due).toEqual([])
    expect(inEnglish(readinessInWords(soon, school))).toBe('Ready for Half past: O’clock is known.')
    const due = soon.estimates.find(({ rung }) => rung === 'oclock')?.due ?? NaN
    // Two good days a week apart earn more than a week.
    expect(due).toBeGreaterThan(START + 15 * MS_PER_DAY)
    expect(standingOf(answers, school, due - 1).due).not.toContain('oclock')
    expect(standingOf(answers, school, due + 1).due).toContain('oclock')
  })

  it('does not pull back a child who is firm on a later rung, and says what is shaky', () => {
    const later = START + 9 * MS_PER_DAY
    // Never asked about the hour hand alone.
    const leapt = standingOf([...firmOn('oclock', 3), ...firmOn('half', 5)], school, later)
    expect(leapt.working).toBe('quarters')
    expect(leapt.due).not.toContain('hour-hand')
    // One mistake too many on o'clock, which half past needs as well: that one speaks for it.
    const slipped = firmOn('oclock', 3).map((answer, i) => ({ ...answer, right: i !== 8 && i !== 6 }))
    const standing = standingOf([...firmOn('hour-hand', 1), ...slipped, ...firmOn('half', 5)], school, later)
    expect(standing.estimates[1]).toMatchObject({ rung: 'oclock', firm: true, through: 'half' })
    expect(standing.working).toBe('quarters')
    // Lost altogether: back to it.
    const lost = firmOn('oclock', 3).map((answer) => ({ ...answer, right: false }))
    expect(standingOf([...firmOn('hour-hand', 1), ...lost, ...firmOn('half', 5)], school, later).working).toBe('oclock')
  })
})
