import fc from 'fast-check'
import { expect, it } from 'vitest'
import { keyOf } from './keys'

it('is short for every text, the same each time, and another one for another text', () => {
  fc.assert(fc.property(fc.string(), (text) => keyOf(text).length <= 7 && keyOf(text) === keyOf(text)))
  // By the definition of the hash: 32 bits over the letters' codes.
  expect(keyOf('chongo was here!\n')).toBe((0xd49930d5).toString(36))
  const keys = Array.from({ length: 5000 }, (_, i) => keyOf(`A text of the catalogue, number ${i}`))
  expect(new Set(keys).size).toBe(keys.length)
})
