import { inEnglish } from '../../src/core/wording'
import ICAL from 'ical.js'
import { beforeAll, describe, expect, it } from 'vitest'
import { activityOf } from '../../src/core/activities'
import type { Session, Settings } from '../../src/core/records'
import { call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const done = await import('../../src/pages/api/sessions/[id]/done')
const settings = await import('../../src/pages/api/settings')
const calendar = await import('../../src/pages/api/sessions/[id]/calendar.ics')
const feed = await import('../../src/pages/api/groups/[id]/calendar.ics')
const text = await import('../../src/pages/api/sessions/[id]/run-sheet.md')

const groupId = uuid()
const materials = ['paper', 'card', 'scissors', 'crayons']
let planned: Session[] = []

beforeAll(async () => {
  const newChildren = ['Tavi', 'Odalys *first*'].map((name) => ({ id: uuid(), name, age: 6 }))
  await call(groups.POST, 'POST', { json: { id: groupId, name: 'Ducks, geese; all', childIds: [], newChildren } })
  const wish = (date: string) => ({ id: uuid(), groupId, date, start: 570, minutes: 40, place: 'hall', materials })
  planned = []
  for (const date of ['2026-11-28', '2026-12-05', '2026-12-12'])
    planned.push((await call<Session>(sessions.POST, 'POST', { json: wish(date) })).body)
  await call(done.POST, 'POST', { id: planned[0]?.id, json: {} })
})

/** The events of a calendar, read by a library that did not write it. */
async function eventsOf(route: typeof calendar.GET, id: string) {
  const { type, body } = await call<Buffer>(route, 'GET', { id })
  expect(type).toBe('text/calendar; charset=utf-8')
  const component = new ICAL.Component(ICAL.parse(body.toString('utf8')) as unknown[])
  return component.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
}

describe('a session in a calendar', () => {
  it('has its date, its clock time in any time zone, its place and its steps', async () => {
    const [event] = await eventsOf(calendar.GET, planned[1]?.id ?? '')
    expect(event?.startDate.toString()).toBe('2026-12-05T09:30:00')
    expect(event?.endDate.toString()).toBe('2026-12-05T10:10:00')
    expect(event?.startDate.zone.tzid).toBe('floating')
    expect(event?.summary).toBe('Ducks, geese; all: Hour hand alone')
    expect(event?.location).toBe('in a hall')
    const lines = event?.description.split('\n') ?? []
    const steps = planned[1]?.plan.steps ?? []
    expect(lines).toHaveLength(steps.length)
    expect(lines[0]).toBe(`9:30 ${inEnglish(activityOf(steps[0]?.activityId ?? '').name)}`)
  })

  it('comes with all that are still to be held in one file for the group', async () => {
    const events = await eventsOf(feed.GET, groupId)
    expect(events.map(({ startDate }) => startDate.toString().slice(0, 10))).toEqual(['2026-12-05', '2026-12-12'])
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(2)
  })

  it('is not found where there is none', async () => {
    expect((await call(calendar.GET, 'GET', { id: uuid() })).status).toBe(404)
    expect((await call(feed.GET, 'GET', { id: uuid() })).status).toBe(404)
  })
})

describe('a run sheet as text', () => {
  const sheet = async (id: string) => (await call<Buffer>(text.GET, 'GET', { id })).body.toString('utf8')

  it('has every step with its clock time, and names as they are written', async () => {
    const session = planned[1]
    const markdown = await sheet(session?.id ?? '')
    expect(markdown.split('\n')[0]).toBe('# Ducks, geese; all, Sat 5 December')
    let at = session?.start ?? 0
    for (const { activityId, minutes } of session?.plan.steps ?? []) {
      const clock = (minute: number) => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`
      const heading = `## ${clock(at)}–${clock(at + minutes)} ${inEnglish(activityOf(activityId).name)} (${minutes} min)`
      expect(markdown).toContain(heading)
      at += minutes
    }
    expect(markdown).toContain('## What you need, and what to print')
    expect(markdown).not.toContain('*first*')
  })

  it('is in the group’s language', async () => {
    const before = (await call<Settings>(settings.GET, 'GET')).body
    await call(settings.PUT, 'PUT', { json: { ...before, language: 'de' } })
    const markdown = await sheet(planned[1]?.id ?? '')
    expect(markdown).toContain('## Holen und drucken')
    const english = markdown.split('\n').filter((line) => /\b(the|and|with|children)\b/.test(line))
    expect(english).toEqual([])
    const now = (await call<Settings>(settings.GET, 'GET')).body
    await call(settings.PUT, 'PUT', { json: { ...now, language: before.language } })
  })
})
