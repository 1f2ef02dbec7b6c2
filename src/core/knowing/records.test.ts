import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dateOfDay, localDay } from '../clock'
import { randomFrom } from '../random'
import { type RungId, schools } from '../teaching'
import { MS_PER_DAY } from '../clock'
import {
  type Answer,
  DIAGNOSIS,
  FADING_ORDER,
  KNOWING,
  type Partner,
  afterAnswer,
  diagnose,
  estimateKnowing,
  growthOf,
  secureByWeek,
  levelOf,
  weeksOf,
  reviewDue,
  scaffoldsInUse,
  sharedRepairs,
  simulateSitting,
  standingOf,
  suggestPairs,
  suggestTogether,
} from '.'

const START = Date.UTC(2026, 8, 5, 9)
let ids = 0

/** Answers of one day to a rung by a child who is always right, or who only guesses. */
function day(rung: RungId, on: number, knows = 1, change: Partial<Answer> = {}): Answer[] {
  const child = { misreadings: [], strength: 0, slip: 0, knows: () => knows }
  const at = START + on * MS_PER_DAY
  return simulateSitting(randomFrom(on + rung.length), child, {
    childId: 'c',
    rung,
    count: 9,
    at,
    newId: () => `a${ids++}`,
  }).map((answer) => ({ ...answer, ...change }))
}

describe('when a rung comes back', () => {
  it('is after a growing gap while the answers are right, and soon after a bad day', () => {
    const good = [0, 3, 12].map((on) => day('half', on))
    const due = [1, 2, 3].map((days) => (reviewDue(good.slice(0, days).flat(), 'half') ?? NaN) - START)
    const gaps = due.map((at, i) => at / MS_PER_DAY - [0, 3, 12][i]!) // eslint-disable-line @typescript-eslint/no-non-null-assertion
    expect(gaps[0]).toBeGreaterThanOrEqual(1)
    expect(gaps[1]).toBeGreaterThan(gaps[0] ?? NaN)
    expect(gaps[2]).toBeGreaterThan(gaps[1] ?? NaN)
    const bad = reviewDue([...good.flat(), ...day('half', 20, 0)], 'half') ?? NaN
    expect(bad - START).toBeLessThan(26 * MS_PER_DAY)
  })

  it('does not depend on the order of the answers, leaves out what was helped, and is unknown for what was never met', () => {
    const answers = [...day('half', 0), ...day('half', 5)]
    expect(reviewDue([...answers].reverse(), 'half')).toBe(reviewDue(answers, 'half'))
    expect(reviewDue([...answers, ...day('half', 9, 0, { helped: true })], 'half')).toBe(reviewDue(answers, 'half'))
    expect(reviewDue(answers, 'oclock')).toBeUndefined()
  })
})

describe('how well a rung is known', () => {
  const YEAR = 365

  it('falls back half of the way towards not known in a year without an answer', () => {
    const answers = day('half', 0)
    const soon = estimateKnowing(answers, 'half', START).probability
    const later = estimateKnowing(answers, 'half', (answers.at(-1)?.at ?? NaN) + YEAR * MS_PER_DAY).probability
    expect(later).toBeCloseTo(KNOWING.knownBefore + (soon - KNOWING.knownBefore) / 2, 3)
  })

  it('falls back between two answers too, and takes them by their dates whatever their order', () => {
    const [first, second] = [day('half', 0).slice(0, 1), day('half', YEAR).slice(0, 1)]
    const at = second[0]?.at ?? NaN
    const choices = first[0]?.choices ?? NaN
    const afterOne = afterAnswer(KNOWING.knownBefore, true, choices)
    const half = KNOWING.knownBefore + (afterOne - KNOWING.knownBefore) / 2
    const expected = afterAnswer(half, true, second[0]?.choices ?? NaN)
    expect(estimateKnowing([...first, ...second], 'half', at).probability).toBeCloseTo(expected, 3)
    const wrongLast = [...day('half', 0), ...day('half', 5, 0)]
    const rightLast = [...day('half', 0, 0), ...day('half', 5)]
    const now = START + 6 * MS_PER_DAY
    const known = (answers: readonly Answer[]) => estimateKnowing(answers, 'half', now).probability
    expect(known([...wrongLast].reverse())).toBe(known(wrongLast))
    expect(known(rightLast)).toBeGreaterThan(known(wrongLast))
  })
})

describe('a diagnosis', () => {
  it('waits for four unaided answers, and no more', () => {
    const answers = day('half', 0)
    expect(diagnose(answers.slice(0, DIAGNOSIS.leastAnswers)).enough).toBe(true)
    expect(diagnose(answers.slice(0, DIAGNOSIS.leastAnswers - 1)).enough).toBe(false)
    expect(diagnose(answers.map((answer) => ({ ...answer, helped: true }))).enough).toBe(false)
  })
})

describe('growth', () => {
  it('has a level for each week from the first answer on, and the first day on which the rung was secure', () => {
    const answers = [...day('oclock', 0), ...day('half', 4), ...day('oclock', 14), ...day('half', 14, 0)]
    const weeks = weeksOf(answers)
    expect(weeks).toHaveLength(3)
    expect(weeks.map((week) => dateOfDay(week))).toEqual(['2026-08-31', '2026-09-07', '2026-09-14'])
    const [oclock, half] = growthOf(answers, ['oclock', 'half', 'quarters'])
    expect(oclock?.weeks.map((week) => week?.level)).toEqual(['getting-there', 'getting-there', 'secure'])
    expect(oclock?.weeks[1]?.of).toBe(0)
    expect(oclock?.weeks[2]).toMatchObject({ right: 9, of: 9 })
    expect(half?.weeks.map((week) => week?.level)).toEqual([undefined, 'getting-there', 'not-yet'])
    expect(half?.secureSince).toBeUndefined()
    expect(oclock?.secureSince).toBe(localDay(START + 14 * MS_PER_DAY, 'UTC'))
    expect(growthOf(answers, ['quarters'])).toEqual([])
    // What speaks for it is enough where it is secure, and gone where all was wrong.
    expect(oclock?.weeks[2]?.evidencePercent).toBeGreaterThanOrEqual(100)
    expect(half?.weeks[1]?.evidencePercent).toBeGreaterThan(0)
    expect(half?.weeks[2]?.evidencePercent).toBe(0)
    expect(secureByWeek(answers, ['oclock', 'half'])).toEqual(
      weeks.map((week, i) => ({ week, secure: i === 2 ? 1 : 0 })),
    )
    expect(weeksOf([])).toEqual([])
  })

  it('says a level in words: the adult’s own first, and nothing from three answers', () => {
    const level = (change: Partial<Parameters<typeof levelOf>[0]>) =>
      levelOf({ firm: false, answers: 8, probability: 0.9, ...change })
    const own = (verdict: 'firm' | 'not-firm') => ({ rung: 'half', verdict, at: 0, note: '' }) as const
    expect(level({ firm: true, answers: 0, overrule: own('firm') })).toBe('secure')
    expect(level({ overrule: own('not-firm') })).toBe('not-yet')
    expect(level({ answers: 0 })).toBe('not-met')
    expect(level({ answers: 3 })).toBe('too-early')
    expect(level({ answers: 4 })).toBe('getting-there')
    expect(level({ probability: 0.49 })).toBe('not-yet')
  })
})

describe('an adult’s overrule', () => {
  const school = schools['turns-first']
  const firmBy = (verdict: 'firm' | 'not-firm', rung: RungId, answers: Answer[]) =>
    standingOf(answers, school, START + 8 * MS_PER_DAY, [{ rung, verdict, at: START, note: '' }])

  it('makes firm what the answers do not, and keeps what they say beside it', () => {
    const standing = firmBy('firm', 'oclock', [])
    expect(standing.firm).toEqual(['oclock'])
    // The hour hand alone was passed on the way: never asked, and o'clock is firm.
    expect(standing.working).toBe('half')
    expect(standing.estimates.find(({ rung }) => rung === 'oclock')?.unmet.length).toBeGreaterThan(0)
  })

  it('takes firmness away where the adult has seen otherwise', () => {
    const answers = [...day('hour-hand', 0), ...day('hour-hand', 7), ...day('oclock', 0), ...day('oclock', 7)]
    expect(standingOf(answers, school, START + 8 * MS_PER_DAY).firm).toContain('oclock')
    const standing = firmBy('not-firm', 'oclock', answers)
    expect(standing.firm).not.toContain('oclock')
    expect(standing.working).toBe('oclock')
  })
})

describe('helps on the dial', () => {
  const withHelps = (scaffolds: readonly string[], knows = 1) => day('half', 0, knows, { scaffolds })

  it('are faded one at a time, in the order chosen, after right answers that had them', () => {
    const { inUse, advice } = scaffoldsInUse(withHelps(['zones', 'ring-of-fives']), 'half', [])
    expect(inUse).toEqual(['zones', 'ring-of-fives'])
    expect(advice).toMatchObject({ does: 'fade', scaffold: 'ring-of-fives' })
    const other = [...FADING_ORDER].reverse()
    expect(scaffoldsInUse(withHelps(['zones', 'ring-of-fives']), 'half', [], other).advice).toMatchObject({
      scaffold: 'zones',
    })
  })

  it('are brought back where mistakes share something, and kept otherwise', () => {
    expect(scaffoldsInUse(withHelps([], 0), 'half', ['next-hour']).advice).toMatchObject({
      does: 'bring-back',
      scaffold: 'zones',
    })
    expect(scaffoldsInUse(withHelps(['zones'], 0), 'half', []).advice.does).toBe('keep')
    expect(scaffoldsInUse([], 'half', [])).toEqual({ inUse: [], advice: { does: 'keep', why: 'none is in use' } })
    // A help of an older version is let go.
    expect(scaffoldsInUse(withHelps(['lantern']), 'half', []).inUse).toEqual([])
  })

  it('follow from what was answered last, on this rung, without help, in whatever order the answers come', () => {
    const earlier = day('half', 0, 0, { scaffolds: [] })
    const later = day('half', 1, 1, { scaffolds: ['zones'] })
    const [elsewhere, helped] = [
      day('oclock', 2, 0, { scaffolds: ['ring-of-fives'] }),
      day('half', 3, 0, { helped: true }),
    ]
    const faded = scaffoldsInUse([...earlier, ...later], 'half', [])
    expect(faded).toMatchObject({ inUse: ['zones'], advice: { does: 'fade', scaffold: 'zones' } })
    for (const answers of [
      [...later, ...earlier],
      [...earlier, ...later, ...elsewhere],
      [...earlier, ...later, ...helped],
    ])
      expect(scaffoldsInUse(answers, 'half', ['next-hour'])).toEqual(faded)
  })
})

describe('who goes together', () => {
  const partner = (
    name: string,
    change: Partial<Omit<Partner, 'standing'>> & Partial<Partner['standing']> = {},
  ): Partner => {
    const { firm = [], working = 'half', findings = [] } = change
    return { id: name, name, standing: { firm, working }, findings }
  }

  it('puts the same repair first, then one who can show the other, then the same rung', () => {
    const made = suggestTogether([
      partner('Juniper', { findings: ['next-hour'] }),
      partner('Tavi', { findings: ['next-hour', 'hour-only'], working: 'quarters' }),
      partner('Odalys', { firm: ['fives'], working: 'minute' }),
      partner('Bram', { working: 'fives' }),
      partner('Mirela', { working: 'digital' }),
      partner('Kwame', { working: 'digital' }),
      partner('Wren', { working: 'oclock' }),
    ])
    expect(made.map(({ kind, childIds }) => [kind, ...childIds])).toEqual([
      ['same-repair', 'Juniper', 'Tavi'],
      ['shows-the-other', 'Odalys', 'Bram'],
      ['same-rung', 'Mirela', 'Kwame'],
      ['alone', 'Wren'],
    ])
    expect(inEnglish(made[1]?.why ?? told(''))).toContain(
      'Odalys has “Counting in fives round the clock” secure and Bram is working on it',
    )
  })

  it('makes pairs of them, and three where one would be alone', () => {
    const juniper = partner('Juniper', { findings: ['next-hour'] })
    const tavi = partner('Tavi', { findings: ['next-hour'], working: 'quarters' })
    const odalys = partner('Odalys', { findings: ['next-hour'], firm: ['fives'] })
    const bram = partner('Bram', { working: 'fives' })
    const wren = partner('Wren', { working: 'oclock' })
    // Three need the same repair: two of them are a pair, the third goes with those who are left.
    expect(suggestPairs([juniper, bram, tavi, odalys])).toEqual([
      ['Juniper', 'Tavi'],
      ['Odalys', 'Bram'],
    ])
    expect(suggestPairs([juniper, bram, tavi, odalys, wren])).toEqual([
      ['Juniper', 'Tavi'],
      ['Odalys', 'Bram', 'Wren'],
    ])
    expect(suggestPairs([bram])).toEqual([['Bram']])
    expect(suggestPairs([])).toEqual([])
  })

  it('places every child exactly once, in groups of four at most', () => {
    const anyPartner = fc.record({
      working: fc.constantFrom<RungId>('half', 'quarters', 'fives'),
      firm: fc.subarray<RungId>(['half', 'quarters', 'fives']),
      findings: fc.subarray(['next-hour', 'hour-only', 'parked-hour'] as const),
    })
    fc.assert(
      fc.property(fc.array(anyPartner, { maxLength: 14 }), (list) => {
        const children = list.map((change, i) => partner(`child ${i}`, change))
        const made = suggestTogether(children)
        expect(made.flatMap(({ childIds }) => childIds).sort()).toEqual(children.map(({ id }) => id).sort())
        for (const { childIds, kind, why } of made) {
          expect(childIds.length).toBeLessThanOrEqual(4)
          expect(childIds.length > 1).toBe(kind !== 'alone')
          expect(inEnglish(why)).not.toBe('')
        }
        const pairs = suggestPairs(children)
        expect(pairs.flat().sort()).toEqual(children.map(({ id }) => id).sort())
        const sizes = pairs.map(({ length }) => length).sort()
        if (children.length > 1)
          expect(sizes).toEqual([...sizes.map(() => 2).slice(children.length % 2), ...(children.length % 2 ? [3] : [])])
        for (const { childIds } of sharedRepairs(children)) expect(childIds.length).toBeGreaterThan(1)
      }),
    )
  })
})
