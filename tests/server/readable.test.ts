import { describe, expect, it } from 'vitest'
import { DamagedRow, parsed } from '../../src/server/stores/readable'

describe('the JSON of a column', () => {
  it('is read where it is what it should be', () => {
    expect(parsed('{"a":1}')).toEqual({ a: 1 })
    expect(parsed('[1]', Array.isArray)).toEqual([1])
  })

  it('is damaged where it is no JSON, or JSON of another kind', () => {
    for (const text of ['{"a":', '"text"', '7', 'null', undefined]) expect(() => parsed(text), text).toThrow(DamagedRow)
    expect(() => parsed('{"a":1}', Array.isArray)).toThrow(DamagedRow)
  })
})
