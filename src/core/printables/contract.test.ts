import { inEnglish, told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drawnOptions, rungsOf } from '../../../tests/readback/prints'
import { RefusedValue, attempt } from '../errors'
import { randomFrom } from '../random'
import { rungs } from '../teaching'
import { ON_HALF, ON_WHOLE } from './kit/sheetIds'
import {
  OPTION_IDS,
  PRINT_OPTIONS,
  type OptionId,
  type PrintOption,
  type Printable,
  countsOn,
  printables,
  takenChoices,
  tidyChoices,
  usualOf,
} from '.'

const all = Object.values(printables)
const plain = (printable: Printable) => {
  const rung = rungsOf(printable)[0] ?? 'oclock'
  const { usual } = countsOn(printable, rung)
  return { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung, count: usual } as const
}

/** What every printable takes and has a usual value. */
const EVERYWHERE = ['lowInk', 'grey', 'look']
/** Values that no option of its type takes, beside what is of no type that an option has. */
const OF_NO_TYPE = [null, { a: 1 }, [null]]
const WRONG: Record<PrintOption['type'], unknown> = {
  choice: 'sideways',
  level: 9,
  whole: 7.5,
  flag: 'yes',
  text: 'x'.repeat(201),
  picture: 'no picture',
  rows: [{ minute: 450, what: 'x'.repeat(41) }],
  numbers: [1, -1],
  weights: { 'swapped-hands': 0 },
}

describe.each(all)('$name', (printable) => {
  it('is made on the rungs that it suits and refused by name on every other', () => {
    const seeds = fc.nat({ max: 1_000_000 })
    fc.assert(
      fc.property(fc.constantFrom(...rungs.map(({ id }) => id)), seeds, (rung, seed) => {
        if (printable.suits(rung)) {
          const { items } = printable.make(drawnOptions(randomFrom(seed), printable, rung), seed)
          expect(items.length).toBeGreaterThan(0)
          return
        }
        const { refusal } = attempt(() => printable.make({ ...plain(printable), rung }, seed))
        expect(refusal?.field).toBe('rung')
      }),
      { numRuns: 40 },
    )
  })

  it('refuses counts on either side of what it can hold, wherever it is asked', () => {
    for (const rung of rungsOf(printable)) {
      const { least, most } = countsOn(printable, rung)
      for (const count of [least - 1, most + 1, 60, 0, NaN, 1.5].filter(
        (each) => !(each >= least && each <= most && Number.isInteger(each)),
      )) {
        const options = { ...plain(printable), rung, count }
        const works = [
          () => printable.make(options, 1),
          () => printable.notes?.(options, 1) ?? printable.check(options),
          () => printable.fill?.(options) ?? printable.check(options),
        ]
        for (const work of works) expect(attempt<unknown>(work).refusal?.field).toBe(`“${inEnglish(printable.counts)}”`)
      }
    }
  })

  it('refuses every option that it does not take, and every value outside the table', () => {
    for (const id of OPTION_IDS) {
      const option: PrintOption = PRINT_OPTIONS[id]
      const isTaken = option.everywhere === true || (printable.takes as readonly OptionId[]).includes(id)
      for (const wrong of [WRONG[option.type], ...OF_NO_TYPE]) {
        const { refusal } = attempt(() => printable.check({ ...plain(printable), [id]: wrong }))
        expect(refusal?.message, id).toMatch(isTaken ? /must be / : /must be left out/)
        expect(refusal?.message, id).not.toContain('[object')
      }
    }
  })

  it('refuses a paper, a language and a form that there are not', () => {
    const o = plain(printable)
    expect(() => printable.check({ ...o, paper: 'a7' as 'a4' })).toThrow('paper must be one of a4')
    expect(() => printable.check({ ...o, wording: { language: 'la' as 'fr', form: 'turns' } })).toThrow(
      /wording must be in one of en-GB/,
    )
    expect(() => printable.check({ ...o, wording: { language: 'fr', form: 'sung' as 'turns' } })).toThrow(
      /forms turns, /,
    )
  })
})

it('every sheet is told to be drawn on half a sheet of paper, or on a whole one', () => {
  const sheets = all.filter(({ kind }) => kind === 'sheet').map(({ id }) => id)
  expect([...ON_HALF, ...ON_WHOLE].sort()).toEqual([...sheets].sort())
})

describe('what was chosen', () => {
  it('is kept for another printable as far as that takes it, and its usual values are taken by all that take the option', () => {
    for (const printable of all)
      for (const rung of rungsOf(printable)) {
        const chosen = Object.fromEntries(OPTION_IDS.map((id) => [id, usualOf(id)]))
        const choices = takenChoices(printable, rung, chosen)
        expect(() =>
          printable.check({ ...plain(printable), rung, count: countsOn(printable, rung).usual, ...choices }),
        ).not.toThrow()
        expect(
          Object.keys(choices).every(
            (id) => (printable.takes as readonly string[]).includes(id) || EVERYWHERE.includes(id),
          ),
        ).toBe(true)
      }
    expect(takenChoices(printables['match-cards'], 'fives', { forms: 3, cells: 2, owner: 'Bram' })).toEqual({
      forms: 2,
      owner: 'Bram',
    })
    expect(takenChoices(printables['match-cards'], 'half', { forms: 3, cells: 2 })).toEqual({ forms: 3 })
  })

  it('is tidied of what was left empty', () => {
    expect(
      tidyChoices({
        title: '  ',
        owner: ' Bram ',
        rows: [],
        sectors: [],
        weights: {},
        guillotine: false,
        helps: 0,
      }),
    ).toEqual({ owner: 'Bram', guillotine: false, helps: 0 })
    const rows = [{ minute: 450, what: 'bread' }]
    expect(tidyChoices({ rows, sectors: [2] })).toEqual({ rows, sectors: [2] })
  })
})

it('an error that is no refusal is thrown on', () => {
  expect(attempt(() => 3)).toEqual({ value: 3 })
  expect(() =>
    attempt(() => {
      throw new TypeError('ours')
    }),
  ).toThrow(TypeError)
  expect(new RefusedValue(told('title'), told('short'), 'x'.repeat(300)).message.length).toBeLessThan(110)
})
