import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Findable, findByWords, plainLetters } from './search'

const thing = (name: string, about = '', kind = 'child'): Findable => ({ kind, name, about, href: `/${name}` })
const THINGS = [
  thing('Bramble games', '', 'group'),
  thing('Bram', 'Ducklings'),
  thing('Ducklings', '', 'group'),
  thing('Élodie', 'Herons'),
  thing('Hobram', 'Herons'),
]
const names = (typed: string, most = 10) => findByWords(typed, THINGS, most).things.map(({ name }) => name)

describe('finding by words', () => {
  it('has what begins with a word before what has it within, and that before what is only said of it', () => {
    expect(names('bram')).toEqual(['Bramble games', 'Bram', 'Hobram'])
    expect(names('duck')).toEqual(['Ducklings', 'Bram'])
    expect(names('games')).toEqual(['Bramble games'])
    const also = { ...thing('Undo a removal'), also: 'bring back' }
    expect(findByWords('back', [...THINGS, also], 9).things).toEqual([also])
  })

  it('wants all words, in any order, whatever their accents and capitals', () => {
    expect(names('ELODIE')).toEqual(['Élodie'])
    expect(names('herons bram')).toEqual(['Hobram'])
    expect(names('bram herons nobody')).toEqual([])
    expect(plainLetters('Groß, ÑANDÚ')).toBe('gross, nandu')
  })

  it('says how many there are where only some are given', () => {
    expect(findByWords('', THINGS, 2)).toMatchObject({
      total: 5,
      things: [{ name: 'Bramble games' }, { name: 'Bram' }],
    })
  })

  it('finds each thing by its whole name', () => {
    const words = fc.stringMatching(/^[a-zé]{1,8}( [a-zé]{1,8})?$/)
    fc.assert(
      fc.property(fc.uniqueArray(words, { minLength: 1, maxLength: 20 }), (list) => {
        const all = list.map((name) => thing(name))
        for (const name of list)
          expect(findByWords(name, all, all.length).things.map((found) => found.name)).toContain(name)
      }),
    )
  })
})
