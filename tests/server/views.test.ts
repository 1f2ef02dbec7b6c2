import { inEnglish } from '../../src/core/wording'
import { describe, expect, it } from 'vitest'
import { unpackState } from '../../src/core/viewState'
import { READS_OF_ONE, VIEW_IDS, keyOfRead, pathOfView, viewOf, viewPaths, views } from '../../src/core/views'
import type { SearchResult } from '../../src/core/search'
import type { ChildCourse } from '../../src/core/records'
import { usualRecipe } from '../../src/core/make'
import { readableAddress, savedInAddress } from '../../src/server/askedJson'
import { appDb } from '../../src/server/db'
import { recipe } from '../../src/server/makeSchemas'
import { printChoices } from '../../src/server/printSchemas'
import { Problem } from '../../src/server/problem'
import { addKept } from '../../src/server/stores/kept'
import { readFor, viewState } from '../../src/server/viewData'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const search = await import('../../src/pages/api/search')
const courses = await import('../../src/pages/api/groups/[id]/courses')

const NOW = Date.parse('2026-12-01T10:00:00Z')

/** A group with one child and one session. */
async function few(name: string, child: string) {
  const [group, childId, session] = [uuid(), uuid(), uuid()]
  const newChildren = [{ id: childId, name: child, age: 6 }]
  await call(groups.POST, 'POST', { json: { id: group, name, childIds: [], newChildren } })
  const wish = {
    id: session,
    groupId: group,
    date: '2026-12-05',
    start: 570,
    minutes: 25,
    place: 'table',
    materials: [],
  }
  await call(sessions.POST, 'POST', { json: wish })
  return { group, child: childId, session }
}

describe('the table of views', () => {
  it('has an address, a name and a sentence for each, and every read of one has its id in the address', () => {
    expect(new Set(VIEW_IDS.map((id) => views[id].path)).size).toBe(VIEW_IDS.length)
    for (const id of VIEW_IDS) {
      const { path, name, about, under, reads } = viewOf(id)
      expect([name, about].every((text) => inEnglish(text).length > 2)).toBe(true)
      expect(under === undefined || under in views).toBe(true)
      if (reads.some((read) => READS_OF_ONE.some((each) => each === read)))
        expect(path).toMatch(/:(child|group|session)/)
    }
    expect(pathOfView('plan', { session: '7' })).toBe('/plan/7')
    expect(viewPaths({ child: 'c', group: 'g', session: 's' }).filter((path) => path.includes(':'))).toEqual([])
  })

  it('reads the same for the first paint and for a view that asks again', async () => {
    const ids = await few('Waders', 'Avocet')
    for (const id of VIEW_IDS) {
      const of = /:(child|group|session)/.exec(views[id].path)?.[1] as keyof typeof ids | undefined
      const entries = unpackState(await viewState(id, of && ids[of]))
      expect(entries.map(({ key }) => key[0]).slice(0, viewOf(id).reads.length)).toEqual(viewOf(id).reads)
      for (const { key, data } of entries) {
        const again = await readFor(await appDb(), NOW, key.join('/'))
        expect(Object.keys(JSON.parse(JSON.stringify(again)) as object)).toEqual(Object.keys(data as object))
      }
    }
    expect(keyOfRead('child', ids.child)).toEqual(['child', ids.child])
  })

  it.each(['cellar', 'child', 'overview/7', 'session/nobody', ''])('has no read “%s”', async (path) => {
    await expect(readFor(await appDb(), NOW, path)).rejects.toThrow(Problem)
  })
})

describe('the search', () => {
  const find = async (words: string) =>
    (await call<SearchResult>(search.GET, 'GET', { query: `for=${encodeURIComponent(words)}` })).body

  it('finds each kind of thing by its name, where it is opened', async () => {
    const { group, child, session } = await few('Godwits', 'Ruff')
    const id = uuid()
    await addKept(await appDb(), 'recipes', { id, name: 'The red clock', body: usualRecipe('card') }, NOW)
    const hrefs = async (words: string) => (await find(words)).things.map(({ href }) => href)
    expect((await hrefs('ruff'))[0]).toBe(`/children/${child}`)
    expect(await hrefs('godwits')).toEqual(
      expect.arrayContaining([`/groups/${group}`, `/term/${group}`, `/plan/${session}`, `/children/${child}`]),
    )
    expect((await hrefs('red clock'))[0]).toBe(`/make?saved=${id}`)
    expect(await hrefs('bingo boards')).toContain('/print?printable=bingo')
    expect(await hrefs('passcode')).toContain('/settings?part=network')
    expect((await find('')).things.some(({ name }) => name === 'Print room')).toBe(true)
    expect(await find('nobody is called that')).toEqual({ things: [], total: 0 })
    expect((await find('x'.repeat(5000))).total).toBe(0)
  })
})

describe('an address', () => {
  const at = (path: string, query: Record<string, string>) =>
    new URL(`http://127.0.0.1${path}?${new URLSearchParams(query).toString()}`)
  const readable = (clock: string) => readableAddress(at('/make', { clock, part: 'out' }), 'clock', recipe)

  it('stays where all of its JSON can be read', () => {
    expect(readable('{"kind":"plate","children":4}')).toBeUndefined()
    expect(readableAddress(at('/make', { part: 'out' }), 'clock', recipe)).toBeUndefined()
  })

  it.each([
    ['{"kind":"plate","children":-3,"wheels":4}', '{"kind":"plate"}', 'children, wheels'],
    ['{"kind":"sundial"}', null, 'kind'],
    ['{"__proto__":{"kind":"plate"},"toString":1}', null, '__proto__, toString'],
    ['{broken', null, 'clock'],
    ['[]', null, 'clock'],
    ['null', null, 'clock'],
    ['7', null, 'clock'],
  ])('leaves out what it cannot read of %s, and names it', (clock, left, unread) => {
    const query = new URLSearchParams(readable(clock)?.split('?')[1])
    expect([query.get('clock'), query.get('unread'), query.get('part')]).toEqual([left, unread, 'out'])
    // What is left can be read.
    expect(left === null ? undefined : readable(left)).toBeUndefined()
  })

  it('looks at the options of a print by their own table', () => {
    expect(readableAddress(at('/print', { with: '{"helps":2}' }), 'with', printChoices)).toBeUndefined()
    expect(readableAddress(at('/print', { with: '{"helps":"many"}' }), 'with', printChoices)).toContain('unread=helps')
  })

  it('of something that is saved has all of it; one that is gone is said', async () => {
    const id = uuid()
    await addKept(await appDb(), 'recipes', { id, name: 'Plates', body: usualRecipe('plate') }, NOW)
    const to = (await savedInAddress(at('/make', { saved: id }), 'recipes')) ?? ''
    const query = new URLSearchParams(to.split('?')[1])
    expect(JSON.parse(query.get('clock') ?? '')).toEqual(usualRecipe('plate'))
    expect(query.get('part')).toBe('out')
    expect(await savedInAddress(at('/make', { saved: uuid() }), 'recipes')).toBe('/make?unread=saved')
    expect(await savedInAddress(at('/make', {}), 'recipes')).toBeUndefined()
  })
})

it('the courses of a group name each child, with nothing where nothing was answered', async () => {
  const { group, child } = await few('Snipes', 'Jack')
  const { body } = await call<ChildCourse[]>(courses.GET, 'GET', { id: group })
  expect(body).toEqual([{ childId: child, name: 'Jack', weeks: [] }])
  expect((await call(courses.GET, 'GET', { id: uuid() })).status).toBe(404)
})
