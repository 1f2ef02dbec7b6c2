import { told } from '../wording'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type LengthUnit, formatDistance, formatLength, parseLength } from '.'

describe('lengths as they are typed', () => {
  it.each<[string, LengthUnit | 'm' | 'ft', number]>([
    ['180', 'mm', 180],
    ['18', 'cm', 180],
    ['7', 'in', 177.8],
    ['18 cm', 'mm', 180],
    ['18,5 cm', 'mm', 185],
    ['7 1/2 in', 'mm', 190.5],
    ['1/2"', 'mm', 12.7],
    ['7.25"', 'cm', 184.15],
    ['2,4 m', 'ft', 2400],
    ['2.4', 'm', 2400],
    ['7 ft 10 in', 'm', 2387.6],
    ['7\'10"', 'm', 2387.6],
    ['7 feet', 'm', 2133.6],
    ['  20MM ', 'in', 20],
  ])('%s in %s is %d mm', (text, unit, mm) => {
    expect(parseLength(told('face'), text, unit)).toBeCloseTo(mm, 3)
  })

  it.each([
    '',
    '0',
    '-5',
    '-5 cm',
    'abc',
    '12 apples',
    '1..5',
    '1,2,3',
    '1/0 in',
    '1e9',
    'NaN',
    'Infinity',
    '999999 m',
    '5 cm 3 mm',
    '10 in 2 ft',
    '1 2 3',
  ])('%j is refused, with the field and what would be right', (text) => {
    expect(() => parseLength(told('face'), text, 'cm')).toThrow(/^face must be a length above 0 such as 18 cm, not /)
  })

  it('come back from how they are shown, within what is shown', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.constantFrom<LengthUnit>('mm', 'cm', 'in'),
        (mm, unit) => {
          const slack = { mm: 0.26, cm: 0.51, in: 25.4 / 32 + 0.01 }[unit]
          expect(Math.abs(parseLength(told('x'), formatLength(mm, unit), 'mm') - mm)).toBeLessThanOrEqual(slack)
        },
      ),
    )
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 50_000, noNaN: true }),
        fc.constantFrom('m' as const, 'ft' as const),
        (mm, unit) => {
          expect(Math.abs(parseLength(told('x'), formatDistance(mm, unit), 'm') - mm)).toBeLessThanOrEqual(
            unit === 'm' ? 5.01 : 12.8,
          )
        },
      ),
    )
  })
})
