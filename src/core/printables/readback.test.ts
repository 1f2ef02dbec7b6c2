import { inEnglish } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drawnOptions, problemsOf, rungsOf } from '../../../tests/readback/prints'
import { readSvg } from '../../../tests/readback/svg'
import { type Drawing, type Shape, toSvg } from '../drawing'
import { RefusedValue } from '../errors'
import { randomFrom } from '../random'
import { ON_HALF } from './kit/sheetIds'
import { type Print, type PrintOptions, type Printable, countsOn, printables } from '.'

/**
 * Enough to find what is often wrong. What the fingerprints of `tests/pinned` hold does not change unseen, and
 * `npm run check:prints` makes ten thousand of each.
 */
const SEEDS_A_RUNG = 4

const usual = (printable: Printable): PrintOptions => {
  const rung = printable.suits('quarters') ? 'quarters' : (rungsOf(printable)[0] ?? 'oclock')
  return { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count: countsOn(printable, rung).usual }
}

const textsOf = (printable: Printable, o: PrintOptions, seed = 3) => {
  const { pages, key } = printable.make(o, seed)
  return [...pages, ...key].map((page) => readSvg(toSvg(page)).flatMap(({ text }) => text ?? []))
}

describe.each(Object.values(printables))('$name', (printable: Printable) => {
  it.each(rungsOf(printable))('is right wherever it is read back from its drawing, on %s', (rung) => {
    fc.assert(
      fc.property(fc.nat(), (seed) => {
        const options = drawnOptions(randomFrom(seed), printable, rung)
        expect(problemsOf(printable.id, printable.make(options, seed), options), JSON.stringify(options)).toEqual([])
      }),
      { numRuns: SEEDS_A_RUNG },
    )
  })

  it('is drawn for half a sheet where it says so, and is right there too', () => {
    for (const rung of rungsOf(printable))
      for (const paper of ['a5', 'half-letter'] as const) {
        const { usual: count } = countsOn(printable, rung)
        const half = { ...usual(printable), rung, paper, count }
        if (!ON_HALF.includes(printable.id)) expect(() => printable.make(half, 8)).toThrow(/paper must be one of/)
        else {
          // Where letters get too small it is not used: a session tries that, and prints on whole sheets then.
          const found = problemsOf(printable.id, printable.make(half, 8), half)
          expect(found.filter((problem) => !problem.endsWith('is too small to read'))).toEqual([])
        }
      }
  })

  it('makes the same pages for the same seed, others for another', () => {
    const o = usual(printable)
    expect(printable.make(o, 5)).toEqual(printable.make(o, 5))
    expect(printable.make(o, 5)).not.toEqual(printable.make(o, 6))
  })

  it('says what is possible for a count or a seed that is not', () => {
    const o = { ...usual(printable), count: 61 }
    const { most } = countsOn(printable, o.rung)
    expect(() => printable.make(o, 1)).toThrow(/“How many .*” must be a whole number from \d+ to \d+, not 61/)
    expect(() => printable.make({ ...o, count: most }, NaN)).toThrow(RefusedValue)
    expect(() => printable.make({ ...o, count: most }, 1.5)).toThrow(/seed must be a whole number/)
  })

  it('prints a title that was chosen, however it is written, and names its own where nothing of it can be drawn', () => {
    const o = usual(printable)
    const long = 'THE LAMP-LIGHTER OF HERON LOCK '.repeat(6)
    const owner = long.slice(0, 60)
    expect(
      textsOf(printable, { ...o, title: long })
        .flat()
        .join(' '),
    ).toMatch(/THE LAMP-LIGHTER OF HERON LOCK .*…/)
    for (const title of ['שעון', '🦆🦆', '   '])
      expect(textsOf(printable, { ...o, title })).toEqual(textsOf(printable, o))
    expect(problemsOf(printable.id, printable.make({ ...o, title: long, owner }, 3), o)).toEqual([])
  })

  it('says what it needs, how it is used and what to watch for', () => {
    expect(printable.needs.length).toBeGreaterThan(0)
    expect(printable.needs.includes('scissors')).toBe(printable.cautions.includes('scissors'))
    for (const note of printable.notes?.(usual(printable), 3) ?? []) expect(inEnglish(note).length).toBeGreaterThan(20)
  })
})

/** The pages with the first hour hand that is on them an hour on; undefined where there is none. */
function anHourOff(pages: readonly Drawing[]): Drawing[] | undefined {
  let found = false
  const turned = (shape: Shape): Shape => {
    if (found || shape.type !== 'group') return shape
    if (shape.part !== 'hour-hand') return { ...shape, shapes: shape.shapes.map(turned) }
    found = true
    return { ...shape, turn: ((shape.turn ?? 0) + 30) % 360 }
  }
  const changed = pages.map((page) => ({ ...page, shapes: page.shapes.map(turned) }))
  return found ? changed : undefined
}

describe.each(Object.values(printables))(
  'a checker that cannot fail would find nothing wrong in $name',
  (printable) => {
    const o = usual(printable)
    const right = printable.make(o, 3)
    const wrong = (more: Partial<Print>) => problemsOf(printable.id, { ...right, ...more }, o)

    it('with the key of other pages', () => {
      expect(wrong({})).toEqual([])
      // Any order is right in which the counts of the fives are called; all times of two rings are always the same.
      const isAlike = printable.id === 'fives-cards' || printable.id === 'two-rings'
      expect(wrong({ key: printable.make(o, 4).key }).length === 0).toBe(isAlike)
    })

    it('with a hand an hour off, on a page or in the key', () => {
      for (const side of ['pages', 'key'] as const) {
        const changed = anHourOff(right[side])
        if (changed) expect(wrong({ [side]: changed }), side).not.toEqual([])
      }
      const hasNoHands = printable.id === 'fives-cards' || printable.id === 'two-rings'
      expect(anHourOff([...right.pages, ...right.key]) === undefined).toBe(hasNoHands)
    })
  },
)
