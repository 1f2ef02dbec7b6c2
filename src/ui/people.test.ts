import { describe, expect, it } from 'vitest'
import { splitNames, withIds } from './people'

describe('children as an adult types them', () => {
  it.each([
    [
      'Tavi 6\nBram 5',
      [
        { name: 'Tavi', age: 6 },
        { name: 'Bram', age: 5 },
      ],
    ],
    [
      'Tavi, Bram (7); Odalys',
      [
        { name: 'Tavi', age: null },
        { name: 'Bram', age: 7 },
        { name: 'Odalys', age: null },
      ],
    ],
    ['  \n , ;', []],
    ['Mary Ann 6', [{ name: 'Mary Ann', age: 6 }]],
    ['R2 D2', [{ name: 'R2 D2', age: null }]],
    ['7', [{ name: '7', age: null }]],
    ['🦦 Rill 5', [{ name: '🦦 Rill', age: 5 }]],
  ])('%j', (text, children) => {
    expect(splitNames(text)).toEqual(children)
  })

  it('get ids of their own', () => {
    const [a, b] = withIds([
      { name: 'Tavi', age: 6 },
      { name: 'Tavi', age: 6 },
    ])
    expect(a?.id).not.toBe(b?.id)
    expect(a).toMatchObject({ name: 'Tavi', age: 6 })
  })
})
