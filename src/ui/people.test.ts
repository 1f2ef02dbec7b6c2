import { describe, expect, it } from 'vitest'
import { schools } from '../core/teaching'
import { splitNames, startOf, withIds } from './people'

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
    ['Dev, 7', [{ name: 'Dev', age: 7 }]],
    [
      'Dev, 7, Moss, (5)\n6',
      [
        { name: 'Dev', age: 7 },
        { name: 'Moss', age: 5 },
        { name: '6', age: null },
      ],
    ],
    ['🦦 Rill 5', [{ name: '🦦 Rill', age: 5 }]],
  ])('%j', (text, children) => {
    expect(splitNames(text)).toEqual(children)
  })

  it('get ids of their own', () => {
    const tavi = { name: 'Tavi', age: 6 }
    const [a, b] = withIds([tavi, tavi], {}, schools['turns-first'])
    expect(a?.id).not.toBe(b?.id)
    expect(a).toMatchObject({ name: 'Tavi', age: 6 })
  })

  it('start where their age says, or where the adult says', () => {
    const school = schools['turns-first']
    const start = (age: number | null) => startOf({ name: 'Tavi', age }, {}, school)
    expect([null, 4, 5, 6, 7, 8, 99].map(start)).toEqual([
      'hour-hand',
      'parts',
      'parts',
      'hour-hand',
      'half',
      'fives',
      'minute',
    ])
    expect(startOf({ name: 'Tavi', age: 4 }, { Tavi: 'half' }, school)).toBe('half')
  })
})
