import { beforeAll, describe, expect, it } from 'vitest'
import { ANIMALS } from '../../src/core/days'
import { picturesIn } from '../../src/core/drawing'
import { type Child, type GroupRules, type Session, sessionPaper } from '../../src/core/records'
import { appDb } from '../../src/server/db'
import { sessionContext } from '../../src/server/planning'
import { listChildren } from '../../src/server/stores/people'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const child = await import('../../src/pages/api/children/[id]')
const sessions = await import('../../src/pages/api/sessions/index')

const AGES = [5, 6, 9, null]
const groupId = uuid()
let children: Child[] = []

const pictureOf = async (name: string) =>
  (await listChildren(await appDb())).find((each) => each.name === name)?.picture ?? null

beforeAll(async () => {
  const newChildren = AGES.map((age, i) => ({ id: uuid(), name: `Child ${i}`, age }))
  const rules: GroupRules = { look: 'workshop', grey: true }
  await call(groups.POST, 'POST', { json: { id: groupId, name: 'Herons', childIds: [], newChildren, rules } })
  const known = new Set(newChildren.map(({ id }) => id))
  children = (await listChildren(await appDb())).filter(({ id }) => known.has(id))
})

describe('a child’s picture', () => {
  it('is an animal of its own from the beginning, unless the child reads its name', () => {
    const own = children.map(({ picture }) => picture)
    expect(own[2]).toBeNull()
    const given = own.filter((picture) => picture !== null)
    expect(given.length).toBe(3)
    expect(new Set(given).size).toBe(3)
    expect(given.every((picture) => ANIMALS.includes(picture))).toBe(true)
  })

  it('is changed, kept where it is not named, and taken away', async () => {
    const [first] = children
    const edit = (version: number, rest: object) =>
      call<Child>(child.PUT, 'PUT', { id: first?.id, json: { version, name: 'Child 0', age: 5, ...rest } })
    expect((await edit(1, { picture: 'boat' })).body.picture).toBe('boat')
    expect((await edit(2, {})).body.picture).toBe('boat')
    expect((await edit(3, { picture: null })).body.picture).toBeNull()
    const refused = await call(child.PUT, 'PUT', {
      id: first?.id,
      json: { version: 4, name: 'Child 0', age: 5, picture: 'no such' },
    })
    expect([refused.status, refused.body.field]).toEqual([400, 'picture'])
    expect((await edit(4, { picture: 'u1f98a' })).body.picture).toBe('u1f98a')
  })

  it('stands on the child’s pages of a session, in the look and the greys of the group', async () => {
    const wish = { id: uuid(), groupId, date: '2026-12-05', start: 570, minutes: 45, place: 'table' }
    const materials = ['paper', 'card', 'scissors', 'crayons']
    const { body } = await call<Session>(sessions.POST, 'POST', { json: { ...wish, materials } })
    const { pages } = sessionPaper(await sessionContext(await appDb(), body.id, Date.now()))
    const withName = (name: string) => pages.filter((page) => JSON.stringify(page.shapes).includes(`"${name}"`))
    const named = children.map(({ name }) => withName(name))
    const isDressed = named.flat().filter((page) => JSON.stringify(page.shapes).includes('"workshop"'))
    expect(isDressed.length).toBeGreaterThan(0)
    for (const { name } of children) {
      const own = await pictureOf(name)
      const shown = isDressed.filter((page) => withName(name).includes(page)).map((page) => picturesIn([page]))
      if (own !== null) expect(shown.every((pictures) => pictures.includes(own))).toBe(true)
    }
    expect(pages.every((page) => !/#(?!(..)\1\1)[0-9A-F]{6}/.test(JSON.stringify(page.shapes)))).toBe(true)
  })
})
