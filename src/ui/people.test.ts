import { describe, expect, it } from 'vitest'
import { placingQuestion } from '../core/planning'
import { schools } from '../core/teaching'
import { NO_NAMES, keysOf, newChildrenOf, sharedNames, splitNames, startOf, withoutRepeats } from './people'

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
    ['Clara;7', [{ name: 'Clara', age: 7 }]],
    ['Finn, 9 Jahre', [{ name: 'Finn', age: 9 }]],
    [
      '1. Ada\t6\n4. Emil (8)\n12) Noé, 7 ans',
      [
        { name: 'Ada', age: 6 },
        { name: 'Emil', age: 8 },
        { name: 'Noé', age: 7 },
      ],
    ],
    [
      'Name;Alter\n- Mia aged 5\n• Ben 6 years old\nLucía 8 años',
      [
        { name: 'Mia', age: 5 },
        { name: 'Ben', age: 6 },
        { name: 'Lucía', age: 8 },
      ],
    ],
    ['Jean 8 y', [{ name: 'Jean', age: 8 }]],
    ['Jay', [{ name: 'Jay', age: null }]],
  ])('%j', (text, children) => {
    expect(splitNames(text)).toEqual(children)
  })

  it('get ids of their own', () => {
    const [a, b] = newChildrenOf({ ...NO_NAMES, text: 'Tavi 6, Tavi 6' }, schools['turns-first']).newChildren
    expect(a?.id).not.toBe(b?.id)
    expect(a).toMatchObject({ name: 'Tavi', age: 6 })
  })

  it('are told apart where two have the same name, also by what was asked and chosen', () => {
    const text = 'Tavi 6, Bram, Tavi 8'
    expect(keysOf(splitNames(text))).toEqual(['Tavi', 'Bram', 'Tavi 2'])
    const { item } = placingQuestion('half', 1)
    const answer = { at: 5, item, choices: 4, given: item.answer, stage: 'pictorial', helped: false } as const
    const placed = { 'Tavi 2': { startsAt: 'quarters', found: '', answers: [answer] } } as const
    const names = { text, starts: { 'Tavi 2': 'quarters' }, placed } as const
    const { newChildren, answers } = newChildrenOf(names, schools['turns-first'])
    expect(newChildren.map(({ startsAt }) => startsAt)).toEqual(['hour-hand', 'hour-hand', 'quarters'])
    expect(answers).toEqual([{ ...answer, id: answers[0]?.id, childId: newChildren[2]?.id }])
  })

  it('start where their age says, or where the adult says', () => {
    const school = schools['turns-first']
    const start = (age: number | null) => startOf({ name: 'Tavi', age }, undefined, school)
    expect([null, 4, 5, 6, 7, 8, 99].map(start)).toEqual([
      'hour-hand',
      'parts',
      'parts',
      'hour-hand',
      'half',
      'fives',
      'minute',
    ])
    expect(startOf({ name: 'Tavi', age: 4 }, 'half', school)).toBe('half')
  })
})

describe('names that do not tell one child from another', () => {
  const list = 'Ada 6\nBen 7\nben 5\nMary Ann'

  it('are those of a list pasted twice, of two children alike, and of children who are there', () => {
    const twice = splitNames(`${list}\n${list}`)
    expect(sharedNames(twice, [])).toEqual({
      repeated: ['Ada', 'ben', 'Mary Ann'],
      alike: ['ben'],
      known: [],
    })
    expect(splitNames(withoutRepeats(twice))).toEqual(splitNames(list))
    expect(sharedNames(splitNames('Ada 6, Bram 5'), ['BRAM', 'Cleo'])).toEqual({
      repeated: [],
      alike: [],
      known: ['Bram'],
    })
    expect(sharedNames(splitNames('Ada 6, Bram 5'), [])).toEqual({ repeated: [], alike: [], known: [] })
  })
})
