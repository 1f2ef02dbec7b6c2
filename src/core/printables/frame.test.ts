import { describe, expect, it } from 'vitest'
import { asItIs, emptied, changed, moved, spoiling, without } from '../../../tests/readback/spoil'
import { printables, type PrintOptions } from '.'

const options: PrintOptions = {
  paper: 'a4',
  wording: { language: 'en-GB', form: 'turns' },
  rung: 'quarters',
  count: 6,
  owner: 'Odalys of the long boat',
  picture: 'u1f98a',
  look: 'workshop',
}

describe('the frame of a page', () => {
  it.each([
    ['the picture lost', 'head-picture', emptied, 'another picture'],
    ['the picture on the title', 'head-picture', moved(-100, 0), 'lies on the picture'],
    ['the picture below the head', 'head-picture', moved(0, 4), 'reaches out of the head'],
    ['a minute lost', 'workshop', without((shape) => shape.type === 'circle' && shape.cx < 12), 'lost beads'],
  ] as const)('is found to be wrong: %s', (_, part, change, problem) => {
    const spoiled = spoiling('read-dials', options)
    expect(spoiled(part, asItIs)).toBe('')
    expect(spoiled(part, change)).toContain(problem)
  })

  it('is found to be wrong: a card without its edge', () => {
    const spoiled = spoiling('match-cards', options)
    expect(spoiled('edges', asItIs)).toBe('')
    expect(
      spoiled(
        'edges',
        without((_, i) => i === 0),
      ),
    ).toContain('a card has no edge')
  })

  it('is found to be wrong: a colour among greys', () => {
    const spoiled = spoiling('read-dials', { ...options, grey: true })
    expect(spoiled('workshop', asItIs)).toBe('')
    const red = changed((shape) => (shape.type === 'circle' ? { ...shape, fill: '#AA0000' } : shape))
    expect(spoiled('workshop', red)).toContain('colours where greys were asked for')
  })

  it('leaves what is on the page where it is', () => {
    const plain = { ...options, look: undefined, picture: undefined }
    const bodyOf = (one: PrintOptions) =>
      printables['read-dials']
        .make(one, 3)
        .pages.flatMap(({ shapes }) =>
          shapes.filter(
            (shape) => shape.type === 'group' && shape.part !== 'workshop' && shape.part !== 'head-picture',
          ),
        )
    expect(bodyOf(options)).toEqual(bodyOf(plain))
  })
})
