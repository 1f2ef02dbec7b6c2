import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { asPart, inEnglish, nameIn, told, unitFor } from '.'

const german = { language: 'de', form: 'turns' } as const
const french = { language: 'fr', form: 'turns' } as const

describe('a told text', () => {
  it('is the text itself in English, its places filled in their order', () => {
    expect(inEnglish(told('Half past'))).toBe('Half past')
    expect(inEnglish(told('{1} of {0}', 'Bram', 2.5))).toBe('2.5 of Bram')
    expect(inEnglish(told('{0}, who {1}', 'Bram', asPart(told('mixes up the hands'))))).toBe(
      'Bram, who mixes up the hands',
    )
  })

  it('never takes what somebody typed for a place of its own', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (first, second) => {
        expect(inEnglish(told('{0} · {1}', first, second))).toBe(`${first} · ${second}`)
      }),
    )
  })

  it('comes out of JSON as it went in', () => {
    const name = told('{0} is on {1}', 'Bram', asPart(told('Half past')))
    expect(inEnglish(JSON.parse(JSON.stringify(name)) as typeof name)).toBe('Bram is on Half past')
  })

  it('is printed in the language of a group, with what is in it', () => {
    expect(nameIn(german, told('paper plate'))).toBe('Pappteller')
    expect(nameIn(german, told('backing, {0}', asPart(told('paper plate'))))).toBe('Unterlage, Pappteller')
    expect(nameIn(german, told('backing, {0}', 1.5))).toBe('Unterlage, 1,5')
    expect(nameIn(french, unitFor(told('page'), 1))).toBe('page')
    expect(nameIn(german, unitFor(told('page'), 3))).toBe('Seiten')
  })
})
