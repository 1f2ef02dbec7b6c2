import { inEnglish } from '../../src/core/wording'
import { beforeAll, describe, expect, it } from 'vitest'
import { activityOf } from '../../src/core/activities'
import { simulateSitting } from '../../src/core/knowing'
import { randomFrom } from '../../src/core/random'
import { itemAt } from '../../src/core/teaching'
import type { Child, Group, GroupCount, Overview, Session, SessionContext, ChildReport } from '../../src/core/records'
import { readPdf } from '../readback/pdf'
import { type ProblemReply, call, uuid } from './calls'

const groups = await import('../../src/pages/api/groups/index')
const children = await import('../../src/pages/api/children/index')
const child = await import('../../src/pages/api/children/[id]')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const print = await import('../../src/pages/api/sessions/[id]/print.pdf')
const done = await import('../../src/pages/api/sessions/[id]/done')
const answers = await import('../../src/pages/api/answers/index')
const count = await import('../../src/pages/api/counts/[id]')
const counts = await import('../../src/pages/api/sessions/[id]/counts')
const overview = await import('../../src/pages/api/overview')

const DAY = 86_400_000
const NAMES = ['Tavi', 'Odalys', 'Zoë Łuk']
const ids = NAMES.map(() => uuid())
const groupId = uuid()
const materials = ['paper', 'card', 'scissors', 'fasteners', 'crayons', 'slates', 'circles']

const plan = async (date: string, change: object = {}) =>
  (
    await call<Session>(sessions.POST, 'POST', {
      json: { id: uuid(), groupId, date, start: 570, minutes: 40, place: 'table', materials, ...change },
    })
  ).body

/** A child who is sure on a rung, on two days. */
async function learn(childId: string, rung: 'hour-hand' | 'oclock') {
  const sure = { misreadings: [], strength: 0, slip: 0, knows: () => 1 }
  for (const days of [9, 2]) {
    const given = simulateSitting(randomFrom(days), sure, {
      childId,
      rung,
      count: 9,
      at: Date.now() - days * DAY,
      newId: uuid,
    })
    await call(answers.POST, 'POST', {
      json: { answers: given.map((answer) => ({ ...answer, right: undefined, day: undefined })) },
    })
  }
}

beforeAll(async () => {
  const newChildren = NAMES.map((name, i) => ({ id: ids[i], name, age: 6 }))
  const made = await call(groups.POST, 'POST', { json: { id: groupId, name: 'Ducklings', childIds: [], newChildren } })
  expect(made.status).toBe(200)
})

describe('a session', () => {
  it('is planned from the records: who is firm moves the group on', async () => {
    const first = await plan('2026-11-07')
    expect(first.plan.rung).toBe('hour-hand')
    for (const id of ids) await learn(id, 'hour-hand')
    const second = await plan('2026-11-14')
    expect(second.plan.rung).toBe('oclock')
    const { groups: shown } = (await call<Overview>(overview.GET, 'GET')).body
    expect(shown[0]?.children.map(({ movesOn, readiness }) => [movesOn, inEnglish(readiness)])).toEqual(
      NAMES.map(() => [true, 'Ready for O’clock: Hour hand alone is known.']),
    )
  })

  it('knows what was done last time, and would rather not repeat it', async () => {
    const second = (await call<Session[]>(sessions.GET, 'GET', { query: `groupId=${groupId}` })).body.find(
      ({ date }) => date === '2026-11-14',
    )
    const third = await plan('2026-11-21')
    const context = (await call<SessionContext>(session.GET, 'GET', { id: third.id })).body
    expect(context.lastTime).toEqual(second?.plan.steps.map((step) => step.activityId))
    const taught = (steps: Session['plan']['steps']) =>
      steps.map((step) => step.activityId).filter((id) => activityOf(id).role === 'teach')
    const again = taught(third.plan.steps).filter((id) => context.lastTime.includes(id))
    expect(again.length).toBeLessThan(taught(third.plan.steps).length)
  })

  it('prints the run sheet first, a page for each child by name, keys last', async () => {
    const made = await plan('2026-11-28')
    const steps = ['paper-clock', 'read-dials-sheet', 'quick-check'].map((activityId, i) => ({
      id: `s${i}`,
      activityId,
      rung: 'oclock',
      minutes: 10,
      why: 'Chosen.',
    }))
    const edit = {
      version: made.version,
      date: made.date,
      start: 570,
      minutes: 30,
      place: 'table',
      materials,
      note: '',
      rung: 'oclock',
      steps,
    }
    expect((await call(session.PUT, 'PUT', { id: made.id, json: edit })).status).toBe(200)
    const read = async (query = '') => readPdf((await call<Buffer>(print.GET, 'GET', { id: made.id, query })).body)
    const pages = await read('answers=whole')
    // A name in two fonts comes in pieces: read without its spaces.
    const tight = (text: string) => text.replace(/\s+/g, '')
    const texts = pages.map(({ text }) => tight(text))
    for (const due of ['Ducklings, Sat 28 November', 'paper fasteners: 3 fasteners', 'Make a paper clock'])
      expect(texts[0]).toContain(tight(due))
    for (const name of NAMES)
      expect(texts.filter((text) => text.includes('Myclock') && text.includes(tight(name)))).toHaveLength(1)
    const keys = texts.map((text, i) => (text.includes('Answers:Readthedials') ? i : -1)).filter((i) => i >= 0)
    expect(keys).toEqual([texts.length - 3, texts.length - 2, texts.length - 1])
    // As usual, those three are on one page; without any, and in parts, there are as many as were asked for.
    expect((await read()).length).toBe(pages.length - 2)
    expect((await read('answers=none')).length).toBe(pages.length - 3)
    expect(await read('answers=whole&from=3&to=4')).toEqual(pages.slice(2, 4))
    const forOne = await read(`for=${ids[1]}`)
    expect(forOne.map(({ text }) => text.includes('Odalys'))).toEqual([true, true, true])
    for (const [query, field, detail] of [
      ['answers=some', 'answers', 'Answers must be one of [short, whole, none], not some.'],
      ['from=99', 'from', `From must be a page from 1 to ${pages.length - 2}, not 99.`],
      ['from=3&to=2', 'to', 'To must be 3 or more, since the pages begin there, not 2.'],
      [`for=${uuid()}`, 'for', 'For must be at least one child of Ducklings, not none of them.'],
    ])
      expect((await call(print.GET, 'GET', { id: made.id, query })).body).toMatchObject({ status: 400, field, detail })
  })

  it('that is held twice keeps the first time and the newer note', async () => {
    const made = await plan('2026-12-05')
    const first = (await call<Session>(done.POST, 'POST', { id: made.id, json: { note: 'One.' } })).body
    const second = (await call<Session>(done.POST, 'POST', { id: made.id, json: { note: 'Two.' } })).body
    expect(second).toMatchObject({ doneAt: first.doneAt, note: 'Two.' })
    expect((await call(done.POST, 'POST', { id: made.id, json: { note: 'x'.repeat(2001) } })).body).toMatchObject({
      status: 400,
      field: 'note',
    })
  })
})

describe('groups and their sessions', () => {
  it('are listed by group where one is asked for, the latest first', async () => {
    const made = await plan('2026-12-06')
    const other = uuid()
    const newChildren = [{ id: uuid(), name: 'Fern' }]
    const json = { id: other, name: 'Others', childIds: [], newChildren }
    // Sent twice, as after a lost connection: one group, its children once.
    for (let i = 0; i < 2; i++) await call(groups.POST, 'POST', { json })
    const named = (await call<Group[]>(groups.GET, 'GET')).body.filter(({ id }) => id === other)
    expect(named.map(({ childIds }) => childIds)).toEqual([newChildren.map(({ id }) => id)])
    const listed = async (query: string) => (await call<Session[]>(sessions.GET, 'GET', { query })).body
    expect(await listed(`groupId=${other}`)).toEqual([])
    const own = await listed(`groupId=${made.groupId}`)
    expect(own.map(({ id }) => id)).toContain(made.id)
    expect(own.every(({ groupId }) => groupId === made.groupId)).toBe(true)
    const dates = (await listed('')).map(({ date }) => date)
    expect(dates).toEqual([...dates].sort().reverse())
  })
})

describe('a child', () => {
  it('added twice is one child; edited, it keeps its answers', async () => {
    const id = uuid()
    for (let i = 0; i < 2; i++) await call(children.POST, 'POST', { json: { id, name: 'Bram', age: 7 } })
    const all = (await call<ChildReport[]>(children.GET, 'GET')).body
    expect(all.filter((report) => report.child.id === id)).toHaveLength(1)
    await learn(id, 'oclock')
    const edited = await call<Child>(child.PUT, 'PUT', { id, json: { version: 1, name: 'Bram B.', age: null } })
    expect(edited.body).toMatchObject({ name: 'Bram B.', age: null, version: 2 })
    const report = (await call<ChildReport>(child.GET, 'GET', { id })).body
    expect(report).toMatchObject({ answers: 18, groups: [] })
    // Firm on o’clock without ever having been asked about the hour hand: not sent back to it.
    expect(report.standing.working).toBe('half')
  })

  it('is removed once, and one who is not there is said to be missing', async () => {
    const [id, other] = [uuid(), uuid()]
    for (const each of [id, other]) await call(children.POST, 'POST', { json: { id: each, name: 'Bram', age: 7 } })
    const remove = () => call<ProblemReply>(child.DELETE, 'DELETE', { id })
    expect((await call(child.DELETE, 'DELETE', { id: uuid() })).body).toMatchObject({ status: 404 })
    expect((await remove()).status).toBeLessThan(300)
    expect((await remove()).body).toMatchObject({ status: 404 })
    expect((await call(child.GET, 'GET', { id: other })).status).toBe(200)
  })

  it.each([
    [1, /at least 2/],
    [150, /at most 99/],
    ['six', /must be a number/],
    [6.5, /must be a whole number/],
  ])('is refused an age of %j', async (age, words) => {
    const reply = await call(children.POST, 'POST', { json: { id: uuid(), name: 'Bram', age } })
    expect(reply.body).toMatchObject({ status: 400, field: 'age' })
    expect(reply.body.detail).toMatch(words)
  })
})

describe('a count of a group', () => {
  const item = itemAt('oclock', 'set', 180)
  const line = (minute: number, number: number) => ({ value: { kind: 'time', minute }, helped: false, count: number })

  it('is kept with its session, a later one in the place of the one before, and goes with the session', async () => {
    const { id: sessionId } = await plan('2026-12-19')
    const id = uuid()
    const sent = (lines: object[]) => ({ sessionId, at: 1_790_000_000_000, item, lines })
    const put = (lines: object[]) => call<GroupCount>(count.PUT, 'PUT', { id, json: sent(lines) })
    expect((await put([line(180, 18), line(900 % 720, 2)])).status).toBe(200)
    await put([line(180, 20), line(15, 3)])
    const kept = (await call<GroupCount[]>(counts.GET, 'GET', { id: sessionId })).body
    expect(kept).toHaveLength(1)
    expect(kept[0]).toMatchObject({ id, sessionId, lines: [line(180, 20), line(15, 3)] })
    await call(session.DELETE, 'DELETE', { id: sessionId })
    expect((await call(counts.GET, 'GET', { id: sessionId })).status).toBe(404)
    expect(await put([line(180, 1)])).toMatchObject({ status: 404 })
  })

  it('is refused by field where it says nothing, or too much', async () => {
    const { id: sessionId } = await plan('2026-12-20')
    const bad = async (change: object) =>
      (
        await call(count.PUT, 'PUT', {
          id: uuid(),
          json: { sessionId, at: 1, item, lines: [line(180, 1)], ...change },
        })
      ).body.field
    expect(await bad({ lines: [] })).toBe('lines')
    expect(await bad({ lines: [line(180, -1)] })).toMatch(/^lines.*count/)
    expect(await bad({ lines: [line(180, 61)] })).toMatch(/^lines.*count/)
    expect(await bad({ sessionId: 'x' })).toBe('sessionId')
    expect(await bad({ item: undefined })).toBe('item')
  })
})
