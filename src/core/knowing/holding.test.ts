import { inEnglish } from '../wording'
import { describe, expect, it } from 'vitest'
import { type ModelChild, chosenAnswers } from '../../../bench/children'
import { falseShare } from '../../../bench/know-cells'
import type { MisreadingId, RungId } from '../teaching'
import {
  TIE,
  aspects,
  aspectsOf,
  believe,
  diagnose,
  findingInWords,
  questionToTell,
  tieAfter,
  tellingQuestion,
  information,
} from '.'

const held = (id: MisreadingId, kind: ModelChild['kind']): ModelChild => ({ id, kind, strength: 0.8, slip: 0.03 })

/** How many of so many children are named, alone or in a pair, and where it is said to be held. */
function named(id: MisreadingId, kind: ModelChild['kind'], rung: RungId, children = 12) {
  const found = Array.from({ length: children }, (_, i) =>
    diagnose(chosenAnswers(held(id, kind), rung, 100 + i, 12)).findings.find(
      (finding) => finding.misreading === id || finding.or === id,
    ),
  ).filter((finding) => finding !== undefined)
  return { share: found.length / children, found }
}

describe('where a misreading is held', { timeout: 240_000 }, () => {
  it('is found in reading alone, in setting alone, and in both, and said so', () => {
    for (const id of ['next-hour', 'wrong-way', 'hour-only'] as const)
      for (const kind of ['reading', 'setting', 'everywhere'] as const) {
        const { share, found } = named(id, kind, 'past-fives')
        expect(share, `${id} ${kind}`).toBeGreaterThan(0.7)
        const places = (mode: 'reading' | 'setting') =>
          found.filter(({ heldIn }) => heldIn.includes(mode)).length / found.length
        if (kind !== 'everywhere') {
          expect(places(kind), `${id} ${kind}`).toBe(1)
          expect(places(kind === 'reading' ? 'setting' : 'reading'), `${id} ${kind}`).toBeLessThan(0.1)
        } else expect(places('reading') + places('setting')).toBeGreaterThan(1.2)
      }
  })

  it('is found where few questions show it: at o’clock, in saying alone, in hands read to the minute', () => {
    for (const [id, kind, rung] of [
      ['hour-only', 'setting', 'oclock'],
      ['hour-just-gone', 'saying', 'quarters'],
      ['past-for-to', 'saying', 'to-fives'],
      ['swapped-hands', 'reading', 'minute'],
    ] as const)
      expect(named(id, kind, rung).share, `${id} ${kind}`).toBeGreaterThanOrEqual(0.75)
  })

  it('is either of two where neither can be told from the other, with the question that would tell', () => {
    const { found } = named('swapped-set', 'setting', 'past-fives')
    const pairs = found.filter((finding) => finding.or)
    expect(pairs.length).toBeGreaterThan(6)
    const [pair] = pairs
    if (!pair) throw new Error('no pair')
    expect([pair.misreading, pair.or].sort()).toEqual(['swapped-hands', 'swapped-set'])
    expect(inEnglish(findingInWords(pair))).toMatch(/^either .+, or .+/)
    const telling = questionToTell(pair)
    expect(telling?.item.ask).not.toBe('set')
    expect(questionToTell({ ...pair, or: undefined })).toBeUndefined()
  })

  it('is made likelier elsewhere by evidence in one place, but is not taken for found there', () => {
    const reading = chosenAnswers(held('next-hour', 'reading'), 'past-fives', 3, 12).filter(
      ({ item }) => item.ask !== 'set',
    )
    const at = aspects.findIndex(({ misreading, mode }) => misreading === 'next-hour' && mode === 'setting')
    const [finding] = diagnose(reading).findings
    expect(finding).toMatchObject({ misreading: 'next-hour', heldIn: ['reading'] })
    expect(believe(reading).likely[at]).toBeGreaterThan(2 * (believe([]).likely[at] ?? 0))
    expect(aspectsOf('next-hour').map((each) => aspects[each]?.mode)).toEqual(['reading', 'setting'])
  })

  it('has a tie that is learnt from what was found', () => {
    expect(tieAfter({ everywhere: 0, somewhere: 0 })).toBeCloseTo(TIE.everywhere / (TIE.everywhere + TIE.somewhere), 9)
    expect(tieAfter({ everywhere: 3, somewhere: 0 })).toBeGreaterThan(0.5)
    expect(tieAfter({ everywhere: 0, somewhere: 3 })).toBeLessThan(0.2)
  })

  it('is asked for by setting where only setting could show it', () => {
    const question = tellingQuestion({ rung: 'half', seed: 2, answers: [], asked: [] }, ['parked-hour', 'next-hour'])
    expect(question && information(question, { ...believe([]), none: 0 })).toBeGreaterThan(0)
    expect(question?.item.ask).toBe('set')
  })

  it('is not found in slips', () => {
    expect(falseShare(0.05, 6)).toBeLessThanOrEqual(0.01)
    expect(falseShare(0.15, 12)).toBeLessThanOrEqual(0.02)
  })
})

describe('a finding in words', () => {
  it('says where it was seen, unless it can be nowhere else', () => {
    const words = (misreading: MisreadingId, heldIn: Parameters<typeof findingInWords>[0]['heldIn']) =>
      inEnglish(findingInWords({ misreading, heldIn }))
    expect(words('hour-only', ['reading', 'setting'])).toBe('ignores the minute hand, when reading and setting')
    expect(words('parked-hour', ['setting'])).toBe('sets the hour hand exactly on the number')
  })
})
