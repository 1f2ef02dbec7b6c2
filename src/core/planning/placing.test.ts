import fc from 'fast-check'
import { describe, expect, it } from 'vitest'

import { type RungId, type SchoolId, isRight, schools } from '../teaching'
import { PLACING_QUESTIONS, type PlacingAnswer, placing, placingQuestion } from './placing'
import { startsOf } from './start'

const anySchool = fc.constantFrom(...(Object.keys(schools) as SchoolId[])).map((id) => schools[id])

/** Asks a child who knows all rungs before the one at `knows`, and none from there. */
function ask(school: (typeof schools)[SchoolId], guess: RungId, knows: number) {
  const starts = startsOf(school)
  const answers: PlacingAnswer[] = []
  for (;;) {
    const { next, startsAt } = placing(guess, answers, school)
    if (!next) return { answers, place: starts.indexOf(startsAt) }
    answers.push({ rung: next, isRight: starts.indexOf(next) < knows })
  }
}

describe('three quick questions', () => {
  it('never place a child above what is known, nor far below it, whatever the guess was', () => {
    fc.assert(
      fc.property(anySchool, fc.nat(20), fc.nat(20), (school, g, k) => {
        const starts = startsOf(school)
        const knows = k % (starts.length + 1)
        const { answers, place } = ask(school, starts[g % starts.length] as RungId, knows)
        expect(answers.length).toBeLessThanOrEqual(PLACING_QUESTIONS)
        expect(new Set(answers.map(({ rung }) => rung)).size).toBe(answers.length)
        expect(place).toBeLessThanOrEqual(knows)
        expect(place).toBeGreaterThanOrEqual(Math.min(knows, starts.length - 1) - 2)
      }),
    )
  })

  it('begin at the guess, go up after a right answer and down after another', () => {
    const school = schools['turns-first']
    expect(placing('half', [], school)).toEqual({ next: 'half', startsAt: 'half' })
    const up = placing('half', [{ rung: 'half', isRight: true }], school)
    expect(startsOf(school).indexOf(up.next as RungId)).toBeGreaterThan(startsOf(school).indexOf('half'))
    expect(up.startsAt).toBe('quarters')
    const down = placing('half', [{ rung: 'half', isRight: false }], school)
    expect(down).toEqual({ next: 'hour-hand', startsAt: 'parts' })
  })

  it('are over at once where the parts of the clock are not known, and end at the last rung where all is', () => {
    const school = schools['turns-first']
    expect(placing('parts', [{ rung: 'parts', isRight: false }], school)).toEqual({
      next: undefined,
      startsAt: 'parts',
    })
    expect(placing('minute', [{ rung: 'minute', isRight: true }], school)).toEqual({
      next: undefined,
      startsAt: 'minute',
    })
  })

  it('refuse a rung that is no start', () => {
    expect(() => placing('elapsed', [], schools['turns-first'])).toThrow(/rung must be one of parts, /)
  })

  it('offer choices, one of them right, on every rung where a child can start', () => {
    fc.assert(
      fc.property(anySchool, fc.nat(1_000_000), (school, seed) => {
        for (const rung of startsOf(school)) {
          const { item, choices } = placingQuestion(rung, seed)
          expect(item.rung).toBe(rung)
          expect(['dial', 'part']).toContain(item.shown.as)
          expect(choices.length).toBeGreaterThanOrEqual(3)
          expect(choices.filter((choice) => isRight(item, choice))).toHaveLength(1)
        }
      }),
      { numRuns: 20 },
    )
  })
})
