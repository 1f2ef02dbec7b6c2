import { beforeAll, describe, expect, it } from 'vitest'
import { type Session, type SessionContext, type Settings, sessionPaper } from '../../src/core/records'
import { usualRecipe } from '../../src/core/make'
import { appDb } from '../../src/server/db'
import { sessionContext } from '../../src/server/planning'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const rest = await import('../../src/pages/api/[...rest]')

let context: SessionContext

beforeAll(async () => {
  const groupId = uuid()
  const newChildren = [{ id: uuid(), name: 'Tavi', age: 6 }]
  await call(groups.POST, 'POST', { json: { id: groupId, name: 'Ducks', childIds: [], newChildren } })
  const wish = {
    id: uuid(),
    groupId,
    date: '2026-12-05',
    start: 570,
    minutes: 30,
    place: 'table',
    materials: ['paper'],
  }
  const { body } = await call<Session>(sessions.POST, 'POST', { json: wish })
  context = await sessionContext(await appDb(), body.id, Date.now())
})

const markOf = (change: Partial<SessionContext>) => sessionPaper({ ...context, ...change }).mark

describe('the mark that parts of one printed session share', () => {
  it('is the same for the same session, and another for another paper', () => {
    const settings: Settings = { ...context.settings, paper: context.settings.paper === 'a4' ? 'letter' : 'a4' }
    expect(markOf({})).toBe(markOf({}))
    expect(markOf({ settings })).not.toBe(markOf({}))
  })

  it('is another where the clock in it was changed in between', () => {
    const recipe = { id: uuid(), name: 'Big clock', body: usualRecipe('card') }
    const kept = (version: number) => ({ recipe: { ...recipe, version } })
    expect(markOf(kept(1))).toBe(markOf(kept(1)))
    expect(markOf(kept(2))).not.toBe(markOf(kept(1)))
  })
})

describe('an address below /api that there is not', () => {
  const answer = (accept: string) =>
    rest.ALL({ request: new Request('http://127.0.0.1/api/nothing', { headers: { accept } }) } as never) as Response

  it('is a page where it was opened in the browser, and JSON where a script asks', () => {
    expect(answer('text/html').headers.get('content-type')).toContain('text/html')
    expect(answer('*/*').headers.get('content-type')).toBe('application/problem+json')
    expect(answer('text/html').status).toBe(404)
  })
})
