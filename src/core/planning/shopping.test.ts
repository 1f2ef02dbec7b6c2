import { told } from '../wording'
import { describe, expect, it } from 'vitest'
import type { PlanStep } from './types'
import { type ShoppedSession, shoppingList } from '.'

const step = (activityId: string): PlanStep => ({
  id: activityId,
  activityId,
  rung: 'half',
  minutes: 10,
  why: told(''),
})
const session = (
  name: string,
  activities: readonly string[],
  children: number,
  materials: ShoppedSession['materials'] = [],
) => ({
  name,
  plan: { rung: 'half' as const, steps: activities.map(step) },
  children: Array.from({ length: children }, () => null),
  materials,
})
/** To make a clock each child needs a fastener and a sheet of card; scissors are shared out among them, and reused. */
const two = [session('Mon', ['paper-clock'], 4), session('Thu', ['paper-clock'], 3)]
const entry = (list: ReturnType<typeof shoppingList>, material: string) =>
  list.find((each) => each.material === material)

describe('a shopping list over sessions', () => {
  it('adds up what is used up, and counts what is reused once', () => {
    const list = shoppingList(two, {})
    expect(entry(list, 'fasteners')).toMatchObject({ needed: 7, get: 7, have: undefined, for: ['Mon', 'Thu'] })
    expect(entry(list, 'scissors')).toMatchObject({ needed: 4, get: 4 })
  })

  it('takes off what is in the cupboard, never below nothing', () => {
    expect(entry(shoppingList(two, { fasteners: 5 }), 'fasteners')).toMatchObject({ needed: 7, have: 5, get: 2 })
    expect(entry(shoppingList(two, { fasteners: 50 }), 'fasteners')).toMatchObject({ get: 0 })
    expect(entry(shoppingList(two, { fasteners: 0 }), 'fasteners')).toMatchObject({ get: 7 })
  })

  it('leaves open how much is to get of what is ticked as to hand and was never counted', () => {
    const ticked = (materials: ShoppedSession['materials']) =>
      shoppingList([session('Mon', ['paper-clock'], 4, materials)], {})
    expect(entry(ticked(['fasteners']), 'fasteners')).toMatchObject({ needed: 4, get: undefined })
    const once = [session('Mon', ['paper-clock'], 4, ['fasteners']), session('Thu', ['paper-clock'], 3)]
    expect(entry(shoppingList(once, {}), 'fasteners')).toMatchObject({ get: 7 })
    expect(entry(shoppingList(once, { fasteners: 3 }), 'fasteners')).toMatchObject({ get: 4 })
  })

  it('has what is still to get first, then what has to be counted', () => {
    const some = [session('Mon', ['paper-clock'], 4, ['scissors'])]
    const gets = shoppingList(some, { fasteners: 50 }).map(({ get }) => get)
    const first = gets.filter((get) => get !== undefined && get > 0)
    const uncounted = gets.filter((get) => get === undefined)
    expect(first.length).toBeGreaterThan(0)
    expect(uncounted.length).toBeGreaterThan(0)
    expect(gets).toEqual([...first, ...uncounted, 0])
    expect(shoppingList([], {})).toEqual([])
  })
})
