import { beforeAll, describe, expect, it } from 'vitest'
import { dateOf, daysOf, weekdayOf } from '../../src/core/clock'
import { forecastOf, playTerms, startTerm } from '../../src/core/planning'
import type { KeptTerm, Overview, Session, TermData } from '../../src/core/records'
import { A_TERM } from './aTerm'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const copy = await import('../../src/pages/api/sessions/[id]/copy')
const done = await import('../../src/pages/api/sessions/[id]/done')
const term = await import('../../src/pages/api/groups/[id]/term')
const calendar = await import('../../src/pages/api/groups/[id]/calendar.ics')
const overview = await import('../../src/pages/api/overview')

const groupId = uuid()
/** Far enough from midnight wherever the tests run: the days before and after are clear. */
const inDays = (days: number) => dateOf(daysOf(new Date().toISOString().slice(0, 10)) + days)
const known = async () => {
  const found = (await call<Overview>(overview.GET, 'GET')).body.groups.find(({ group }) => group.id === groupId)
  if (!found) throw new Error('The group is not shown.')
  return found
}
const plan = async (date: string) => {
  const wish = { id: uuid(), groupId, date, start: 570, minutes: 25, place: 'table', materials: ['paper', 'card'] }
  return (await call<Session>(sessions.POST, 'POST', { json: wish })).body
}

beforeAll(async () => {
  const newChildren = [{ id: uuid(), name: 'Moss', age: 7 }]
  await call(groups.POST, 'POST', { json: { id: groupId, name: 'Waders', childIds: [], newChildren } })
})

describe('the sessions of a group, by their days', () => {
  it('are next, planned, or over without a word whether they were held', async () => {
    const [gone, later, soon] = [await plan(inDays(-4)), await plan(inDays(9)), await plan(inDays(2))]
    const before = await known()
    expect(before.next?.id).toBe(soon.id)
    expect(before.planned.map(({ id }) => id)).toEqual([later.id])
    expect(before.unsaid.map(({ id }) => id)).toEqual([gone.id])
    expect(before.nextDay).toBe(inDays(16))
    await call(done.POST, 'POST', { id: gone.id, json: {} })
    expect(await known()).toMatchObject({ unsaid: [], last: { id: gone.id } })
    // Cancelled: the later one is next.
    expect((await call(session.DELETE, 'DELETE', { id: soon.id })).status).toBe(200)
    expect(await known()).toMatchObject({ next: { id: later.id }, planned: [] })
  })

  it('are copied to another day with their plan, without what came of them; a repeated send makes one', async () => {
    const one = await plan(inDays(20))
    await call(done.POST, 'POST', { id: one.id, json: { note: 'Held.' } })
    const wish = { id: uuid(), date: inDays(27) }
    for (let i = 0; i < 2; i++) {
      const made = (await call<Session>(copy.POST, 'POST', { id: one.id, json: wish })).body
      expect(made).toMatchObject({
        ...wish,
        groupId,
        doneAt: null,
        printedAt: null,
        note: '',
        plan: { rung: one.plan.rung },
      })
      const steps = (of: Session) => of.plan.steps.map(({ activityId, minutes }) => [activityId, minutes])
      expect(steps(made)).toEqual(steps(one))
    }
    const all = (await call<Session[]>(sessions.GET, 'GET', { query: `groupId=${groupId}` })).body
    expect(all.filter(({ date }) => date === wish.date)).toHaveLength(1)
    const wrong = await call(copy.POST, 'POST', { id: one.id, json: { id: uuid(), date: '2026-02-30' } })
    expect(wrong.body).toMatchObject({ status: 400, field: 'date' })
    expect((await call(copy.POST, 'POST', { id: uuid(), json: wish })).status).toBe(404)
  })

  it('follow the term, whose days without a plan are in the calendar too', async () => {
    // Once a week, from before today on.
    const weekday = weekdayOf(daysOf(inDays(3)))
    const wish = { ...A_TERM, from: inDays(-14), until: inDays(30), weekdays: [weekday] }
    const { children } = (await call<TermData>(term.GET, 'GET', { id: groupId })).body
    const counts = startTerm(wish, children)
    playTerms(counts, wish, { runs: 3, seed: 1 })
    const forecast = forecastOf(counts)
    const kept = await call<KeptTerm>(term.PUT, 'PUT', { id: groupId, json: { wish, forecast, version: 0 } })
    expect(kept.status).toBe(200)
    expect((await known()).nextDay).toBe(inDays(3))
    const text = (await call<Buffer>(calendar.GET, 'GET', { id: groupId })).body.toString()
    for (const days of [3, 10, 17, 24]) expect(text).toContain(`DTSTART:${inDays(days).replace(/-/g, '')}T093000`)
    expect(text).not.toContain(`DTSTART:${inDays(-4).replace(/-/g, '')}`)
  })
})
