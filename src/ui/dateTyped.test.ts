import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LANGUAGE_IDS, sayDate } from '../core/wording'
import { dateTyped } from './dateTyped'

const NOW = new Date(2026, 10, 28)

describe('a date that is typed', () => {
  it.each([
    ['5.12.', '2026-12-05'],
    ['5.12', '2026-12-05'],
    ['5. 12.', '2026-12-05'],
    ['5. Dezember', '2026-12-05'],
    ['Sa, 5. Dez. 2026', '2026-12-05'],
    ['5.1.', '2027-01-05'],
    ['30.9.', '2026-09-30'],
    ['5.12.26', '2026-12-05'],
    ['05/12/2026', '2026-12-05'],
    ['5 déc.', '2026-12-05'],
    ['1er janvier', '2027-01-01'],
    ['5 de diciembre de 2026', '2026-12-05'],
    ['Dec 5', '2026-12-05'],
    ['December 5, 2026', '2026-12-05'],
    ['mar. 3 mars 2027', '2027-03-03'],
    ['5 jui', null],
    ['29.2.2026', null],
    ['5 6 7 Dezember', null],
    ['2026-12-05', '2026-12-05'],
    ['31.2.', null],
    ['soon', null],
    ['', null],
  ])('%s is %s', (typed, date) => {
    expect(dateTyped(typed, NOW)).toBe(date)
  })

  it('is read as every view writes it, in every language', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2020-01-01'), max: new Date('2039-12-31'), noInvalidDate: true }),
        fc.constantFrom(...LANGUAGE_IDS),
        (day, language) => {
          const date = day.toISOString().slice(0, 10)
          expect(dateTyped(sayDate(date, language, { year: true }))).toBe(date)
        },
      ),
    )
  })
})
