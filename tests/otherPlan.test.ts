import { describe, expect, it } from 'vitest'
import { catalogue } from '../src/core/activities'
import { otherPlan } from './readback/otherPlan'
import { request } from './readback/plainRequests'
import { brokenIn } from './readback/plans'

describe('the search for a session like none before it', () => {
  const wish = { request: request({ firm: [0, 0], minutes: 20 }), rung: 'hour-hand' as const }

  it('finds one that keeps every rule where there is one', () => {
    const found = otherPlan({ ...wish, earlier: [new Set(['paper-clock'])] })
    if (typeof found === 'string') throw new Error(found)
    expect([...brokenIn(found.plan, wish.request)]).toEqual([])
  })

  it('says that there is none where everything was taught before', () => {
    const all = new Set(catalogue.map(({ id }) => id))
    expect(otherPlan({ ...wish, earlier: [all], request: { ...wish.request, minutes: 9 } })).toBe('none')
    const lastTime = [...all]
    expect(otherPlan({ ...wish, earlier: [], request: { ...wish.request, lastTime } })).toBe('none')
  })
})
