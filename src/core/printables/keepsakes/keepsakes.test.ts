import { describe, expect, it } from 'vitest'
import { asItIs, changed, emptied, moved, spoiling, turned, without } from '../../../../tests/readback/spoil'
import type { Shape } from '../../drawing'
import { minuteOf } from '../../teaching'
import { type PrintOptions, printableOf } from '..'

const optionsFor = (more: Partial<PrintOptions> = {}): PrintOptions => ({
  paper: 'a4',
  wording: { language: 'en-GB', form: 'turns' },
  rung: 'quarters',
  count: 4,
  ...more,
})
const isText = (shape: Shape) => shape.type === 'text'

describe('a certificate', () => {
  const spoilt = spoiling('certificate', optionsFor())

  it('is right as it is, and found out where its clocks or minutes are others', () => {
    expect(spoilt('', asItIs)).toBe('')
    expect(spoilt('clock-1', turned(90))).toContain('the key has the clocks')
    expect(spoilt('clock-2', emptied)).toContain('3 clocks instead of 4')
    expect(spoilt('minute-20', moved(2, 0))).toContain('bead 20 is')
    expect(spoilt('minute-15', without(isText))).toContain('bead 15 is called “”')
    expect(spoilt('minute-60', emptied)).toContain('59 beads')
  })

  it('has no more clocks than a child reads to somebody at one go', () => {
    expect(() => printableOf('certificate').make(optionsFor({ count: 7 }), 1)).toThrow('a whole number from 1 to 6')
  })
})

describe('a strip of clocks', () => {
  const spoilt = spoiling('clock-strip', optionsFor({ count: 6 }))

  it('is right as it is, and found out where it would not fold, glue or tell the truth', () => {
    expect(spoilt('', asItIs)).toBe('')
    expect(spoilt('clock-3', turned(180))).toContain('the key has the clocks')
    const another = changed((shape) => (shape.type === 'text' ? { ...shape, text: 'quarter past one' } : shape))
    expect(spoilt('words', another)).toContain('“quarter past one” by a dial at')
    expect(spoilt('fold', turned(1))).toContain('the fold is not straight')
    expect(spoilt('fold', moved(0, -20))).toContain('a clock is folded or cut')
    expect(spoilt('tab', moved(-4, 0))).toContain('a tab of 8 mm')
    expect(spoilt('clock-0', moved(-8, 0))).toContain('a clock is under the glue')
    expect(spoilt('row-1', emptied)).toContain('instead of 6')
  })
})

describe('a clock book', () => {
  const spoilt = spoiling('clock-book', optionsFor({ cover: true }))

  it('is right as it is, and found out where a leaf is another or cut through', () => {
    expect(spoilt('', asItIs)).toBe('')
    expect(spoilt('question-2', turned(30))).toContain('question 3')
    expect(spoilt('question-0', moved(0, -40))).toContain('a leaf is cut through')
    expect(
      spoilt(
        'question-1',
        without((shape) => shape.type === 'group' && shape.part === 'face'),
      ),
    ).toContain('there is no face to draw on')
    expect(spoilt('cover', emptied)).toContain('a cover that was not asked for, or none')
    expect(spoilt('binding', moved(20, 0))).toContain('a leaf is bound through')
  })

  it.each([1, 2, 3, 8])('shows on none of %i leaves the time that is drawn there', (count) => {
    for (let seed = 0; seed < 40; seed++) {
      const { items } = printableOf('clock-book').make(optionsFor({ count, rung: 'oclock' }), seed)
      const times = items.map(minuteOf)
      expect(items.map(({ ask }) => ask)).toEqual(Array.from({ length: count }, () => ['read', 'set']).flat())
      for (let i = 0; i < times.length; i += 2) expect(times[i]).not.toBe(times[i + 1])
    }
  })
})
