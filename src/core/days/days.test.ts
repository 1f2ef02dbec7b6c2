import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readSvg } from '../../../tests/readback/svg'
import { toSvg } from '../drawing'
import { schools } from '../teaching'
import {
  DAY_STRIP,
  type DayRow,
  dayBand,
  dayChecks,
  dayQuestions,
  dayStrip,
  inOrder,
  jumpsBack,
  minutesKnownOn,
  roundedDay,
  slackAt,
  startOf,
} from '.'

describe('what is odd about a day', () => {
  const kinds = (rows: readonly DayRow[]) => dayChecks(rows).map(({ row, kind }) => `${row} ${kind}`)
  const at = (minute: number, to?: number): DayRow => ({ minute, what: 'x', ...(to !== undefined && { to }) })

  it('is said at the row', () => {
    expect(kinds([at(600), at(540)])).toEqual(['1 order'])
    expect(kinds([at(600), at(600)])).toEqual(['1 same'])
    expect(kinds([at(600, 660), at(650)])).toEqual(['1 overlap'])
    expect(kinds([at(600, 660), at(780)])).toEqual(['1 gap'])
    expect(kinds([at(600, 661), at(780)])).toEqual([])
    expect(kinds([at(1400, 20)])).toEqual(['0 midnight'])
    expect(kinds([at(1380, 0)])).toEqual([])
    expect(kinds([at(540, 600), at(600, 660), at(660)])).toEqual([])
  })

  it('is mended as it says', () => {
    fc.assert(
      fc.property(fc.array(fc.record({ minute: fc.nat(1439), what: fc.constant('x') })), (rows) => {
        for (const { kind, mended } of dayChecks(rows))
          if (mended) expect(dayChecks(mended).some((check) => check.kind === kind && kind === 'order')).toBe(false)
      }),
    )
    const [overlap] = dayChecks([at(600, 660), at(650)])
    expect(overlap?.mended).toEqual([at(600, 650), at(650)])
  })
})

describe('when to start', () => {
  const plan = {
    what: 'the ferry',
    deadline: 560,
    buffer: 0,
    steps: [
      { what: 'shoes', minutes: 12 },
      { what: 'look round', minutes: 8 },
      { what: 'walk', minutes: 20 },
    ],
  }

  it('is worked back through whole hours', () => {
    const worked = startOf(plan)
    expect(worked).toMatchObject({ start: 520, total: 40, proof: 560, dayShift: 0 })
    expect(worked.steps.map(({ from, to }) => [from, to])).toEqual([
      [520, 532],
      [532, 540],
      [540, 560],
    ])
    expect(worked.jumps.map(({ minutes }) => minutes)).toEqual([20, 20])
    expect(jumpsBack(790, 275).map(({ minutes, to }) => [minutes, to])).toEqual([
      [10, 780],
      [240, 540],
      [25, 515],
    ])
    expect(startOf({ ...plan, deadline: 10 })).toMatchObject({ start: 1410, dayShift: -1, proof: 10 })
  })

  it('adds up, whatever the plan', () => {
    const steps = fc.array(fc.record({ what: fc.constant('x'), minutes: fc.integer({ min: 1, max: 100 }) }), {
      minLength: 1,
      maxLength: 12,
    })
    fc.assert(
      fc.property(fc.nat(1439), steps, fc.nat(100), (deadline, each, buffer) => {
        const worked = startOf({ what: 'x', deadline, steps: each, buffer })
        const sum = each.reduce((all, { minutes }) => all + minutes, buffer)
        expect(worked.total).toBe(sum)
        expect((worked.start + sum) % 1440).toBe(deadline)
        expect(worked.proof).toBe(deadline)
        expect(worked.jumps.reduce((all, { minutes }) => all + minutes, 0)).toBe(sum)
        expect(slackAt({ what: 'x', deadline, steps: each, buffer }, worked.start)).toBe(buffer)
      }),
    )
  })

  it('says what is wrong with a plan', () => {
    expect(() => startOf({ ...plan, steps: [] })).toThrow('steps must be 1 to 12 of them, not 0')
    expect(() => startOf({ ...plan, steps: [{ what: 'walk', minutes: 0 }] })).toThrow(
      /minutes of walk must be a whole number/,
    )
    expect(() => startOf({ ...plan, buffer: 121 })).toThrow(/minutes to spare must be/)
    expect(() => startOf({ ...plan, steps: Array.from({ length: 3 }, () => ({ what: 'x', minutes: 600 })) })).toThrow(
      /shorter than a day/,
    )
    expect(slackAt(plan, 530)).toBe(-10)
    expect(slackAt(plan, 500)).toBe(20)
  })
})

describe('a day at a child’s rung', () => {
  const { order } = schools['turns-first']

  it('knows which minutes are known', () => {
    expect(minutesKnownOn('oclock', order)).toEqual([0])
    expect(minutesKnownOn('quarters', order)).toEqual([0, 15, 30, 45])
    expect(minutesKnownOn('to-fives', order)).toEqual(Array.from({ length: 12 }, (_, i) => i * 5))
    expect(minutesKnownOn('elapsed', order)).toHaveLength(60)
  })

  it('has each time at the nearest one that is known, and says what was changed or left out', () => {
    const rows = [550, 585, 613, 1439].map((minute) => ({ minute, what: String(minute) }))
    const half = roundedDay(rows, 'half', order)
    expect(half.rows.map(({ minute }) => minute)).toEqual([540, 600, 1410])
    expect(half.changed.map(({ row, minute }) => [row.minute, minute])).toEqual([
      [550, 540],
      [585, 600],
      [1439, 1410],
    ])
    expect(half.left.map(({ minute }) => minute)).toEqual([613])
    fc.assert(
      fc.property(fc.nat(1439), fc.constantFrom(...order), (minute, rung) => {
        const [row] = roundedDay([{ minute, what: 'x' }], rung, order).rows
        const known = minutesKnownOn(rung, order)
        const off = (each: number) => Math.abs(each - minute)
        const all = Array.from({ length: 1440 }, (_, each) => each).filter((each) => known.includes(each % 60))
        expect(off(row?.minute ?? NaN)).toBe(Math.min(...all.map(off)))
      }),
      { numRuns: 60 },
    )
  })

  it('asks what is true, and names the row', () => {
    const rows: DayRow[] = [
      { minute: 760, what: 'lunch' },
      { minute: 840, to: 930, what: 'kingfisher walk' },
    ]
    const wording = { language: 'en-GB', form: 'turns' } as const
    const wish = { rows, rung: 'to-fives', order, isRounded: true, wording } as const
    expect(dayQuestions({ ...wish, ask: 'set' })[0]).toMatchObject({
      says: 'Lunch: Show me twenty to one.',
      item: { rung: 'to-fives', answer: { minute: 40 } },
    })
    expect(dayQuestions({ ...wish, ask: 'how-long' }).map(({ item }) => item.answer)).toMatchObject([
      { hours: 1, minutes: 20 },
      { hours: 1, minutes: 30 },
    ])
    expect(dayQuestions({ ...wish, ask: 'half' })[1]?.item.answer).toEqual({ kind: 'day', minute: 840 })
    expect(dayQuestions({ ...wish, ask: 'set', rung: 'half' })[0]).toMatchObject({ rounded: 760, row: { minute: 750 } })
  })
})

describe('the picture of a day', () => {
  it('has each row at its hours, on the right turn of the dial', () => {
    const rows: DayRow[] = [
      { minute: 540, to: 600, what: 'a' },
      { minute: 690, to: 750, what: 'b' },
      { minute: 1200, to: 1260, what: 'c' },
    ]
    const shapes = readSvg(toSvg(dayBand(rows, { names: ['am', 'pm'] })))
    const turnsOf = (row: number) => [
      ...new Set(
        shapes.flatMap(({ parts }) =>
          parts.includes(`row-${row}`) ? parts.filter((part) => part.startsWith('turn-')) : [],
        ),
      ),
    ]
    expect([0, 1, 2].map(turnsOf)).toEqual([['turn-0'], ['turn-0', 'turn-1'], ['turn-1']])
    // From nine to ten the band begins level with the pivot, to the left of it.
    const [a] = shapes.filter(({ parts, tag }) => parts.includes('row-0') && tag === 'path')
    expect(a?.points[0]?.y).toBeCloseTo(a?.origin.y ?? NaN, 1)
    expect(a?.points[0]?.x).toBeLessThan(a?.origin.x ?? NaN)
  })

  it('is as wide on the strip as it is long', () => {
    const rows: DayRow[] = [
      { minute: 540, to: 600, what: 'a' },
      { minute: 600, to: 720, what: 'b' },
    ]
    const shapes = readSvg(toSvg(dayStrip(rows)))
    const widths = [0, 1].map((row) => {
      const xs = shapes
        .filter(({ parts, tag }) => tag === 'path' && parts.includes(`row-${row}`))
        .flatMap(({ points }) => points.map(({ x }) => x))
      return Math.max(...xs) - Math.min(...xs)
    })
    expect(widths[1]).toBeCloseTo(2 * (widths[0] ?? NaN), 1)
    expect((widths[0] ?? 0) + (widths[1] ?? 0)).toBeCloseTo(DAY_STRIP.to - DAY_STRIP.from, 1)
  })
})

it('rows are put in order without losing any', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(1439)), (minutes) => {
      const rows = minutes.map((minute, i) => ({ minute, what: String(i) }))
      const ordered = inOrder(rows)
      expect([...ordered].sort((a, b) => Number(a.what) - Number(b.what))).toEqual(rows)
    }),
  )
})
