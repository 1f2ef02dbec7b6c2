import { describe, expect, it } from 'vitest'
import { allKept, keep, letGo } from './keep'
import type { Safety, Waiting, WaitingPlace } from './waiting'

/** A place of a test's own. One that refuses throws at each call, as browsers do. */
function place(safety: Safety, refuses = false): WaitingPlace & { list: Waiting[] } {
  const made = { list: [] as Waiting[] }
  const work = <T>(done: () => T): Promise<T> =>
    refuses ? Promise.reject(new Error('refused')) : Promise.resolve(done())
  return Object.assign(made, {
    safety,
    all: () => work(() => made.list),
    add: (waiting: Waiting) => work(() => void made.list.push(waiting)),
    remove: (orders: readonly number[]) =>
      work(() => void (made.list = made.list.filter(({ order }) => !orders.includes(order)))),
  })
}

describe('what waits', () => {
  it('is kept in the safest place that takes it, and it is said which', async () => {
    const all = [place('browser'), place('small'), place('page')]
    expect(await keep({ answerId: 'a' }, all)).toBe('browser')
    const refused = [place('browser', true), place('small'), place('page')]
    expect(await keep({ answerId: 'a' }, refused)).toBe('small')
    const nowhere = [place('browser', true), place('small', true), place('page')]
    expect(await keep({ answerId: 'a' }, nowhere)).toBe('page')
    expect((await allKept(nowhere)).safety).toBe('page')
    expect((await allKept([place('browser'), place('small'), place('page')])).safety).toBe('browser')
  })

  it('comes out in the order in which it happened, from wherever it is', async () => {
    const [browser, small, page] = [place('browser'), place('small'), place('page')]
    await keep({ answerId: 'first' }, [browser])
    await keep({ answerId: 'second' }, [small])
    await keep({ answerId: 'third' }, [page])
    await keep({ answerId: 'fourth' }, [browser])
    const { list, safety } = await allKept([browser, small, page])
    expect(list.map(({ answerId }) => answerId)).toEqual(['first', 'second', 'third', 'fourth'])
    expect(safety).toBe('page')
    await letGo(list.slice(1, 3), [browser, small, page])
    expect((await allKept([browser, small, page])).list.map(({ answerId }) => answerId)).toEqual(['first', 'fourth'])
    expect((await allKept([browser, small, page])).safety).toBe('browser')
  })

  it('of one place is read though another one refuses', async () => {
    const small = place('small')
    await keep({ answerId: 'a' }, [small])
    expect((await allKept([place('browser', true), small])).list).toHaveLength(1)
    await letGo(small.list, [place('browser', true), small])
    expect(small.list).toEqual([])
  })

  it('comes after what an earlier page kept, also where the clock was set back', async () => {
    const small = place('small')
    small.list.push({ order: Date.now() + 3_600_000, answerId: 'before' })
    await allKept([small])
    await keep({ answerId: 'after' }, [small])
    expect((await allKept([small])).list.map(({ answerId }) => answerId)).toEqual(['before', 'after'])
  })
})
