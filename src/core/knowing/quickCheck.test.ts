import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type RungId, hasItems, isRight, misreadings, rungTimes, rungs, sameValue, sayAnswer, wordingOn, wrongAnswers } from '../teaching' // prettier-ignore
import { quickCheck } from '.'

const practised = rungs.map(({ id }) => id).filter(hasItems)
const gb = { language: 'en-GB', form: 'turns' } as const

describe('the questions of a quick check', () => {
  it('ask no time twice, offer the true answer once among different ones, and are the same for the same seed', () => {
    fc.assert(
      fc.property(fc.constantFrom(...practised), fc.nat({ max: 1e9 }), (rung, seed) => {
        const questions = quickCheck({ rung, seed })
        expect(questions).toEqual(quickCheck({ rung, seed }))
        expect(questions.length).toBe(Math.min(12, rungTimes(rung, {}).length))
        expect(new Set(questions.map(({ item }) => item.shown.minute)).size).toBe(questions.length)
        for (const { item, choices } of questions) {
          if (choices.length === 0) {
            expect(['set', 'write']).toContain(item.ask)
            continue
          }
          expect(choices.filter((choice) => isRight(item, choice)).length).toBe(1)
          expect(choices.filter((choice) => sameValue(choice, item.answer)).length).toBe(1)
          const said = choices.map((choice) => sayAnswer(item, choice, gb))
          expect(new Set(said).size).toBe(choices.length)
          expect(choices.length).toBe(4)
        }
      }),
      { numRuns: 60 },
    )
  })

  it('read and set in turn, and write where figures are practised', () => {
    const asks = (rung: RungId) => quickCheck({ rung, seed: 4 }).map(({ item }) => item.ask)
    expect(asks('half').slice(0, 4)).toEqual(['read', 'set', 'read', 'set'])
    expect(asks('digital').slice(0, 4)).toEqual(['read', 'write', 'read', 'write'])
    // One hand alone is only read.
    expect(new Set(asks('hour-hand'))).toEqual(new Set(['read']))
    expect(quickCheck({ rung: 'elapsed', seed: 1 })).toEqual([])
  })

  it('bring up a child’s own misreading more often', () => {
    const swapped = misreadings.find(({ id }) => id === 'swapped-hands')
    if (!swapped) throw new Error('no such misreading')
    const offered = (weights: object) =>
      Array.from({ length: 60 }, (_, seed) => quickCheck({ rung: 'past-fives', seed, weights }))
        .flat()
        .filter(({ item, choices }) => wrongAnswers(swapped, item).some((wrong) => choices.some((choice) => sameValue(choice, wrong)))).length // prettier-ignore
    expect(offered({ 'swapped-hands': 6 })).toBeGreaterThan(1.2 * offered({}))
  })
})

describe('how a rung is said', () => {
  it('is past by fives with “past” alone, minutes to with “to”, and digital in figures, whatever the house says', () => {
    for (const form of ['turns', 'minutes-past', 'digital'] as const) {
      const house = { language: 'en-GB', form } as const
      expect(wordingOn('digital', house).form).toBe('digital')
      expect(wordingOn('past-fives', house).form).not.toBe('turns')
      expect(wordingOn('to-fives', house).form).not.toBe('minutes-past')
      expect(wordingOn('half', house)).toEqual(house)
    }
  })

  it('never says “to” on the way past, nor “past” on the way to', () => {
    for (const { item } of quickCheck({ rung: 'past-fives', seed: 9 })) expect(sayAnswer(item, item.answer, gb)).not.toContain(' to ') // prettier-ignore
    for (const { item } of quickCheck({ rung: 'to-fives', seed: 9 })) expect(sayAnswer(item, item.answer, { language: 'en-GB', form: 'minutes-past' })).toContain(' to ') // prettier-ignore
  })
})
