import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { request } from '../../../tests/readback/plainRequests'
import {
  STOPPED_WATCH,
  pagesInParts,
  planSession,
  plannedMinutes,
  secondsLeft,
  sessionMinutesLeft,
  timerFigures,
  watchMs,
  watchToggled,
} from '.'

describe('the watch of a step', () => {
  it('runs between its starts and stops, and a clock that is set back takes nothing away', () => {
    const times = fc.array(fc.integer({ min: 0, max: 1e7 }), { minLength: 1, maxLength: 12 })
    fc.assert(
      fc.property(times, (moments) => {
        const sorted = [...moments].sort((a, b) => a - b)
        const watch = sorted.reduce(watchToggled, STOPPED_WATCH)
        const ran = sorted.reduce((sum, at, i) => sum + (i % 2 === 1 ? at - (sorted[i - 1] ?? at) : 0), 0)
        const now = (sorted.at(-1) ?? 0) + 500
        expect(watchMs(watch, now)).toBe(ran + (sorted.length % 2 === 1 ? 500 : 0))
        expect(watchMs(watch, 0)).toBe(ran)
      }),
    )
  })

  it('says what is left in whole seconds that are never fewer than there are', () => {
    expect([secondsLeft(5, 0), secondsLeft(5, 1), secondsLeft(5, 300_000), secondsLeft(5, 301_001)]).toEqual([
      300, 300, 0, -1,
    ])
    expect([0, 9, 60, -1, -61, 3601].map(timerFigures)).toEqual(['0:00', '0:09', '1:00', '+0:01', '+1:01', '60:01'])
  })
})

describe('minutes left of a session', () => {
  const plan = planSession(request({ minutes: 30 }), { seed: 1 })
  const session = { date: '2026-11-28', start: 600, minutes: 30, plan }
  const [first, second] = plan.steps
  const at = (minute: number, date = session.date) =>
    sessionMinutesLeft(session, String(first?.id), 130, { date, minute })

  it('are those of the clock on the wall while it is its time', () => {
    expect(plannedMinutes(plan)).toBe(30)
    expect([at(600), at(612), at(629)]).toEqual([30, 18, 1])
  })

  it('are those that are planned from the step on, less what it took, at any other time', () => {
    expect([at(599), at(630), at(612, '2026-11-29')]).toEqual([28, 28, 28])
    const rest = 30 - (first?.minutes ?? 0)
    const now = { date: '2026-12-24', minute: 0 }
    expect(sessionMinutesLeft(session, String(second?.id), 0, now)).toBe(rest)
    expect(sessionMinutesLeft(session, String(plan.steps.at(-1)?.id), 6000, now)).toBe(1)
  })
})

describe('pages in parts', () => {
  it('hold every page once, in order, and no more than the printer takes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 300 }), (pages, sheets) => {
        const parts = pagesInParts(pages, sheets)
        const printed = parts.flatMap(({ from, to }) => Array.from({ length: to - from + 1 }, (_, i) => from + i))
        expect(printed).toEqual(Array.from({ length: pages }, (_, i) => i + 1))
        for (const { from, to } of parts) expect(to - from + 1).toBeLessThanOrEqual(sheets)
        expect(parts).toHaveLength(Math.ceil(pages / sheets))
      }),
    )
    expect(() => pagesInParts(10, 0)).toThrow(/^sheets must be/)
  })
})
