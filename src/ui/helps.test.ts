import { inEnglish } from '../core/wording'
import { describe, expect, it } from 'vitest'
import { FADING_ORDER, SCAFFOLD_NAMES } from '../core/knowing'
import { helpsOnDial, withoutFirst } from './helps'

describe('helps on the dial', () => {
  it('are each drawn by their own option, and none without being asked for', () => {
    const bare = Object.values(helpsOnDial([], 20))
    expect(bare.every((value) => value === false || value === undefined)).toBe(true)
    for (const id of FADING_ORDER) {
      const drawn = Object.values(helpsOnDial([id], 20)).filter((value) => value !== false && value !== undefined)
      expect(drawn, id).toHaveLength(1)
      expect(inEnglish(SCAFFOLD_NAMES[id])).not.toBe('')
    }
  })

  it('count the arc forward on the past side and back on the to side', () => {
    expect(helpsOnDial(['arc'], 9 * 60 + 30).arc).toBe('past')
    expect(helpsOnDial(['arc'], 9 * 60 + 31).arc).toBe('to')
  })

  it('are faded one at a time, the first of the chosen order that is on', () => {
    expect(withoutFirst(['zones', 'labels', 'arc'])).toEqual(['zones', 'arc'])
    expect(withoutFirst(['zones', 'arc'], ['zones', 'arc', 'labels', 'halves', 'quarters', 'ring-of-fives'])).toEqual([
      'arc',
    ])
    expect(withoutFirst([])).toEqual([])
  })
})
