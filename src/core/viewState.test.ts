import fc from 'fast-check'
import { expect, it } from 'vitest'
import { packState, unpackState } from './viewState'

it('gives back what was packed, whatever quotes are in it', () => {
  fc.assert(
    fc.property(fc.array(fc.record({ key: fc.array(fc.string()), data: fc.json(), at: fc.nat() })), (entries) => {
      expect(unpackState(packState(entries))).toEqual(entries)
    }),
  )
  const quoted = [{ key: ['child'], data: { name: '`Tavi` "the duck"' }, at: 1 }]
  expect(unpackState(packState(quoted))).toEqual(quoted)
  expect(unpackState(undefined)).toEqual([])
})

it('has no double quote where there is no backtick', () => {
  expect(packState([{ key: ['people'], data: { names: ['Ilse'] }, at: 5 }])).not.toContain('"')
})
