import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  allAreNamed,
  anyIsNamed,
  secureWithin24,
  firstIsRight,
  plantedChildren,
  sharesAfter,
  simulateCheck,
} from '../../../bench/checks'
import { handsHidden } from '../clock'
import {
  type Item,
  type RungId,
  asksOf,
  isOpen,
  isRight,
  itemKey,
  rungs,
  sameValue,
  sayAnswer,
  wordingOn,
  explain,
} from '../teaching'
import { type Answer, believe, diagnose, information, nextQuestion, tellingQuestion, whyNot } from '.'

const gb = { language: 'en-GB', form: 'turns' } as const
const everyRung = rungs.map(({ id }) => id)

describe('the next question', () => {
  it('is one not put yet, with the true answer once among different ones, and the same for the same request', () => {
    fc.assert(
      fc.property(fc.constantFrom(...everyRung), fc.nat({ max: 1e6 }), (rung, seed) => {
        const asked: Item[] = []
        for (let i = 0; i < 5; i++) {
          const request = { rung, seed, answers: [], asked }
          const question = nextQuestion(request)
          expect(question).toEqual(nextQuestion(request))
          if (!question) throw new Error(`${rung} has no question`)
          const { item, choices } = question
          expect(asked.map(itemKey)).not.toContain(itemKey(item))
          if (item.shown.as === 'dial' && item.shown.hands === 'both')
            expect(handsHidden(item.shown.minute)).toBe(false)
          if (isOpen(item.ask)) expect(choices).toEqual([])
          else {
            expect(choices.filter((choice) => isRight(item, choice)).length).toBe(1)
            const said = choices.map((choice) => sayAnswer(item, choice, gb))
            expect(new Set(said).size, said.join(' | ')).toBe(choices.length)
            expect(choices.length).toBeGreaterThanOrEqual(5)
          }
          for (const lure of item.lures)
            if (lure.misreading) expect(explain(item, lure.value)).toContain(lure.misreading)
          asked.push(item)
        }
      }),
      { numRuns: 40 },
    )
  })

  it('begins again once all that a rung has were put', () => {
    const asked = Array.from({ length: 5 }).reduce<Item[]>((items) => {
      const question = nextQuestion({ rung: 'parts', seed: 1, answers: [], asked: items })
      return question ? [...items, question.item] : items
    }, [])
    expect(new Set(asked.map(itemKey)).size).toBe(5)
    expect(nextQuestion({ rung: 'parts', seed: 1, answers: [], asked })).toBeDefined()
  })

  it('tells two explanations apart: they would answer it differently', () => {
    const question = tellingQuestion({ rung: 'past-fives', seed: 3, answers: [], asked: [] }, [
      'next-hour',
      'hour-just-gone',
    ])
    if (!question) throw new Error('no question tells them apart')
    const { item } = question
    expect(item.lures.some((lure) => explain(item, lure.value).includes('next-hour')) || isOpen(item.ask)).toBe(true)
    const certain = {
      ...believe([]),
      none: 0,
      likely: believe([]).likely.map((_, at) => (at === 1 || at === 2 ? 0.5 : 0)),
    }
    expect(information(question, certain)).toBeGreaterThan(0.3)
    // On o'clock neither could show.
    expect(
      tellingQuestion({ rung: 'oclock', seed: 3, answers: [], asked: [] }, ['next-hour', 'hour-just-gone']),
    ).toBeUndefined()
  })
})

describe('the figures, with bounds looser than the bench prints for many more', { timeout: 120_000 }, () => {
  it('one planted misreading is named first after 8 answers, oftener after 12', () => {
    const [after8 = 0, after12 = 0] = sharesAfter(plantedChildren(60, 1, 11), 'by-information', [8, 12], firstIsRight)
    expect(after8).toBeGreaterThan(0.83)
    expect(after12).toBeGreaterThan(0.88)
  })

  it('two are both named after 24, and slips alone name none', () => {
    expect(sharesAfter(plantedChildren(12, 2, 12), 'by-information', [24], allAreNamed)[0]).toBeGreaterThan(0.6)
    expect(sharesAfter(plantedChildren(50, 0, 13), 'by-information', [12], anyIsNamed)[0]).toBeLessThanOrEqual(0.02)
  })

  it('takes far fewer answers than asking evenly', () => {
    const children = plantedChildren(30, 1, 14)
    const [informed = 0] = sharesAfter(children, 'by-information', [8], firstIsRight)
    const [even = 1] = sharesAfter(children, 'evenly', [13], firstIsRight)
    expect(informed).toBeGreaterThan(even)
  })

  it('calls firm those who know, and not those who guess', () => {
    const knows = { misreadings: [], strength: 0, slip: 0.05, knows: () => 1 }
    const firm = (knowing: number) =>
      Array.from({ length: 40 }, (_, i) => secureWithin24({ ...knows, knows: () => knowing }, 'half', i)).filter(
        Boolean,
      ).length / 40
    expect(firm(1)).toBeGreaterThan(0.75)
    expect(firm(1 / 6)).toBeLessThanOrEqual(0.05)
  })
})

describe('why not?', () => {
  const [planted] = plantedChildren(1, 1, 21)
  const answers = planted
    ? simulateCheck({ ...planted.child, strength: 0.9 }, { rung: planted.rung, way: 'by-information', seed: 5 }, 12)
    : []

  it('agrees with the finding, and counts every answer that could have shown it once', () => {
    const [finding] = diagnose(answers).findings
    if (!finding) throw new Error('nothing was found')
    const point = whyNot(answers, finding.misreading)
    expect(point.odds).toBeCloseTo(finding.odds, 6)
    expect(point.speakFor).toEqual(finding.evidence)
    expect(point.speakAgainst.length).toBe(finding.against)
  })

  it('says for a misreading that was not found what stands against it', () => {
    const right: Answer[] = answers.map((answer) => ({ ...answer, given: answer.item.answer, right: true }))
    const point = whyNot(right, planted?.ids[0] ?? 'sixty')
    expect(point.odds).toBeLessThan(0.1)
    expect(point.speakFor).toEqual([])
    expect(point.speakAgainst.length).toBeGreaterThan(0)
  })

  it('counts old answers less than new ones', () => {
    const [finding] = diagnose(answers).findings
    if (!finding) throw new Error('nothing was found')
    const id = finding.misreading
    const outgrown = answers.map((answer) => ({
      ...answer,
      id: `n${answer.id}`,
      at: answer.at + 300 * 86_400_000,
      given: answer.item.answer,
      right: true,
    }))
    const fresh = outgrown.map((answer) => ({ ...answer, at: answer.at - 300 * 86_400_000 }))
    expect(whyNot([...answers, ...outgrown], id).odds).toBeLessThan(whyNot([...answers, ...fresh], id).odds)
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

  it('matches in figures and says aloud in words, the house form digital or not', () => {
    const ask = (rung: RungId, way: Item['ask']) => nextQuestion({ rung, seed: 2, answers: [], asked: [], asks: [way] })
    for (const form of ['turns', 'digital'] as const) {
      const matched = ask('half', 'match')
      const aloud = ask('half', 'say')
      if (!matched || !aloud) throw new Error('no question')
      for (const choice of matched.choices)
        expect(sayAnswer(matched.item, choice, { language: 'en-GB', form })).toMatch(/^\d+:\d\d$/)
      for (const choice of aloud.choices)
        expect(sayAnswer(aloud.item, choice, { language: 'en-GB', form })).not.toMatch(/\d/)
      expect(aloud.choices.filter((choice) => sameValue(choice, aloud.item.answer)).length).toBe(1)
    }
    expect(asksOf('half')).toContain('say')
  })
})
