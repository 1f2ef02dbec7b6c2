import { compileMessage } from '@lingui/message-utils/compileMessage'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Message, filled, filledAsWritten } from './filled'

const compiled = (text: string) => compileMessage(text) as Message

describe('a message of a catalogue', () => {
  it('is filled in by name', () => {
    expect(filled(compiled('Remove {name}?'), { name: 'Bram' }, 'en')).toBe('Remove Bram?')
    expect(filled('Remove', {}, 'en')).toBe('Remove')
    expect(filled(compiled('{0} of {1}'), { 0: 1, 1: 2 }, 'de')).toBe('1 of 2')
  })

  it('has numbers with the point or comma of its language', () => {
    expect(filled(compiled('{0} min'), { 0: 2.5 }, 'en')).toBe('2.5 min')
    expect(filled(compiled('{0} min'), { 0: 2.5 }, 'de')).toBe('2,5 min')
    expect(filled(compiled('{0} min'), { 0: '2.5' }, 'fr')).toBe('2.5 min')
  })

  it('chooses the plural of its language, the number itself before its kind', () => {
    const cards = compiled('{n, plural, =0 {no card} one {# card} other {# cards of {of}}}')
    const inLanguage = (n: number, language: 'en' | 'fr') => filled(cards, { n, of: 9 }, language)
    expect([0, 1, 2].map((n) => inLanguage(n, 'en'))).toEqual(['no card', '1 card', '2 cards of 9'])
    // In French one and a half is one.
    expect([1.5, 2].map((n) => inLanguage(n, 'fr'))).toEqual(['1,5 card', '2 cards of 9'])
  })

  it('chooses an ordinal and a word', () => {
    const place = compiled('{n, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}')
    expect([1, 2, 3, 4, 21].map((n) => filled(place, { n }, 'en'))).toEqual(['1st', '2nd', '3rd', '4th', '21st'])
    const way = compiled('{way, select, set {set} other {said}}')
    expect([filled(way, { way: 'set' }, 'en'), filled(way, { way: 'read' }, 'en')]).toEqual(['set', 'said'])
  })

  it('says the same as the text in the code, where that has nothing to choose', () => {
    const name = fc.string().filter((text) => !text.includes('\\'))
    fc.assert(
      fc.property(name, fc.integer(), (child, count) => {
        const text = 'It is {child}, {count} times'
        expect(filled(compiled(text), { child, count }, 'en')).toBe(filledAsWritten(text, { child, count }))
      }),
    )
  })

  it('leaves nothing of a place that has no value', () => {
    expect(filled(compiled('a{b}c'), {}, 'en')).toBe('ac')
    expect(filledAsWritten('a{b}c', {})).toBe('ac')
  })

  it('has other quotation marks within a quotation', () => {
    expect(filled(compiled('Bessert „{0}“ ({1}).'), { 0: 'sagt „vor“', 1: '„du“' }, 'de')).toBe(
      'Bessert „sagt ‚vor‘“ („du“).',
    )
    expect(filled(compiled('«{0}»'), { 0: 'dice «menos»' }, 'es')).toBe('«dice “menos”»')
    expect(filled(compiled('«\u00a0{0}\u00a0»'), { 0: 'dit «\u00a0moins\u00a0»' }, 'fr')).toBe(
      '«\u00a0dit “moins”\u00a0»',
    )
    expect(filledAsWritten('Mends “{0}”, or {1}', { 0: 'says “to”', 1: '“past”' })).toBe('Mends “says ‘to’”, or “past”')
  })

  it('puts one point where a value ends with one and the sentence too', () => {
    expect(filled(['Fällig seit ', ['0'], '.'], { 0: 'Mo, 30. Nov.' }, 'de')).toBe('Fällig seit Mo, 30. Nov.')
    expect(filledAsWritten('Until {0}. Then {1}.', { 0: '4 p.m.', 1: 'home' })).toBe('Until 4 p.m. Then home.')
    expect(filledAsWritten('{0}…', { 0: 'No.' })).toBe('No.…')
  })
})
