import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isSet, itemKey, rungs } from '../teaching'
import { type AtOnceRequest, tasksAtOnce } from './atOnce'

const rungIds = rungs.map(({ id }) => id)
const group = fc.uniqueArray(fc.record({ id: fc.uuid(), rung: fc.constantFrom(...rungIds) }), {
  minLength: 1,
  maxLength: 12,
  selector: ({ id }) => id,
})

describe('questions to all at once', () => {
  it('asks each child once, at its own rung, by setting where the rung has that', () => {
    fc.assert(
      fc.property(group, fc.nat(10_000), (children, seed) => {
        const tasks = tasksAtOnce({ children, seed, asked: [] })
        expect(tasks.flatMap(({ childIds }) => childIds).sort()).toEqual(children.map(({ id }) => id).sort())
        for (const { childIds, question } of tasks) {
          for (const id of childIds) expect(children.find((child) => child.id === id)?.rung).toBe(question.item.rung)
          expect(question.choices.length === 0).toBe(isSet(question.item))
        }
        const sizes = tasks.map(({ childIds }) => childIds.length)
        expect(sizes).toEqual([...sizes].sort((a, b) => b - a))
      }),
      { numRuns: 60 },
    )
  })

  it('asks nothing twice while the rung has something else', () => {
    const children: AtOnceRequest['children'] = [{ id: 'a', rung: 'oclock' }]
    const asked = Array.from({ length: 10 }).reduce<AtOnceRequest['asked']>(
      (before) => [
        ...before,
        ...tasksAtOnce({ children, seed: 3, asked: before }).map(({ question }) => question.item),
      ],
      [],
    )
    expect(new Set(asked.map(itemKey)).size).toBe(10)
  })
})
