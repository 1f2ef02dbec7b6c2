import { describe, expect, it } from 'vitest'
import { asItIs, bent, changed, isCut, moved, spoiling, turned, without } from '../../../../tests/readback/spoil'

describe('a square to fold', () => {
  const named = spoiling('fold-and-choose', {
    paper: 'a4',
    wording: { language: 'en-GB', form: 'turns' },
    rung: 'quarters',
    count: 1,
  })

  it('is right as it is', () => {
    expect(named('', asItIs)).toBe('')
  })

  it('is found out where a time, or what lies under it, is upside down', () => {
    expect(named('flap-6', turned(180))).toContain('a time on a flap is not upright')
    expect(named('under-6', turned(180))).toContain('a clock under a flap is not upright')
    expect(named('outer-1', turned(180))).toContain('a clock outside has its top elsewhere')
  })

  it('is found out where a clock lies under its neighbour, or under no flap', () => {
    expect(named('under-4', (group) => ({ ...group, y: -group.y }))).toContain('under another time')
    expect(named('under-4', moved(-25, 0))).toContain('something lies on middle')
  })

  it('is found out where a crease is missing, or the paper is no square', () => {
    expect(
      named(
        'fold-lines',
        without((shape) => shape.type === 'line' && shape.x1 === 0 && shape.x2 === 0),
      ),
    ).toContain('creases')
    const longer = bent(({ x, y }) => ({ x, y: y > 0 ? y + 1 : y }), isCut)
    expect(named('fold-lines', changed(longer))).toContain('a square of 184 by 185 mm')
  })
})
