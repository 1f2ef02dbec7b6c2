import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fingerprint } from './fingerprint'

describe('the fingerprint of a text', () => {
  // Worked examples that are published with the algorithm.
  it.each([
    ['', '811c9dc5'],
    ['a', 'e40c292c'],
    ['foobar', 'bf9cf968'],
  ])('of %j is %s', (text, hash) => expect(fingerprint(text)).toBe(hash))

  it('is another for another letter at any place', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.nat(), (text, at) => {
        const i = at % text.length
        const other = text.slice(0, i) + String.fromCharCode(text.charCodeAt(i) ^ 1) + text.slice(i + 1)
        expect(fingerprint(other)).not.toBe(fingerprint(text))
      }),
    )
  })
})
