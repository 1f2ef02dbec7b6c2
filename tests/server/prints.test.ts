import { describe, expect, it, vi } from 'vitest'
import { activityOf } from '../../src/core/activities'
import { packNote } from '../../src/core/planning'
import { PRINTS_MADE, type SavedPrint, printableOf } from '../../src/core/printables'
import { type Kept, type PackJob, type Session, type SessionContext, editOf } from '../../src/core/records'
import { type PdfPage, readPdf } from '../readback/pdf'
import { call, uuid } from './calls'

const prints = await import('../../src/pages/api/prints/index')
const print = await import('../../src/pages/api/prints/[id]/index')
const intoSession = await import('../../src/pages/api/prints/[id]/session')
const packs = await import('../../src/pages/api/packs/index')
const pack = await import('../../src/pages/api/packs/[id]/index')
const packPdf = await import('../../src/pages/api/packs/[id]/pdf')
const groups = await import('../../src/pages/api/groups/index')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const sessionPdf = await import('../../src/pages/api/sessions/[id]/print.pdf')

const saved: SavedPrint = {
  printable: 'bingo',
  seed: 12,
  made: PRINTS_MADE,
  options: { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'quarters', count: 14, boards: 3 },
}
const texts = (pages: readonly PdfPage[]) => pages.map(({ text }) => text)

async function newGroup(name: string, names: readonly string[]): Promise<string> {
  const id = uuid()
  const made = await call(groups.POST, 'POST', {
    json: { id, name, childIds: [], newChildren: names.map((each) => ({ id: uuid(), name: each, age: 6 })) },
  })
  expect(made.status).toBe(200)
  return id
}

async function newSession(groupId: string): Promise<string> {
  const id = uuid()
  const made = await call<Session>(sessions.POST, 'POST', {
    json: {
      id,
      groupId,
      date: '2026-11-28',
      start: 600,
      minutes: 30,
      place: 'table',
      materials: ['paper', 'scissors', 'card'],
    },
  })
  expect(made.status).toBe(200)
  return id
}

describe('a kept print', () => {
  it('comes back as it was, with the same pages for its seed, and is gone once removed', async () => {
    const id = uuid()
    const made = await call<Kept<SavedPrint>>(prints.POST, 'POST', {
      json: { id, name: 'Bingo for Saturday', body: saved },
    })
    expect(made.body).toEqual({ id, name: 'Bingo for Saturday', body: saved, version: 1 })
    const { body } = await call<Kept<SavedPrint>>(print.GET, 'GET', { id })
    const make = ({ printable, options, seed }: SavedPrint) => printableOf(printable).make(options, seed)
    expect(make(body.body)).toEqual(make(saved))
    const renamed = await call<Kept<SavedPrint>>(print.PUT, 'PUT', {
      id,
      json: { version: 1, name: 'Bingo', body: { ...saved, seed: 13 } },
    })
    expect(renamed.body).toMatchObject({ name: 'Bingo', version: 2, body: { seed: 13 } })
    // Two tabs: the second write is refused and nothing of it is there.
    const stale = await call(print.PUT, 'PUT', { id, json: { version: 1, name: 'Stale', body: saved } })
    expect([stale.status, stale.body.current]).toMatchObject([409, { name: 'Bingo' }])
    expect((await call(print.DELETE, 'DELETE', { id })).status).toBe(200)
    expect((await call(print.GET, 'GET', { id })).body).toMatchObject({
      status: 404,
      detail: expect.stringContaining('print'),
    })
  })

  it.each<[string, object, RegExp]>([
    ['an unknown printable', { ...saved, printable: 'snap' }, /Printable must be one of/],
    ['a seed in words', { ...saved, seed: 'seven' }, /Seed must be a number, not seven/],
    [
      'what no mat has',
      { ...saved, options: { ...saved.options, covers: 'pictures' } },
      /body\.options\.covers must be one of/,
    ],
    ['no rung', { ...saved, options: { ...saved.options, rung: undefined } }, /body\.options\.rung is required/],
  ])('is refused by name: %s', async (_, body, message) => {
    const before = (await call<unknown[]>(prints.GET, 'GET')).body.length
    const refused = await call(prints.POST, 'POST', { json: { id: uuid(), name: 'Print', body } })
    expect([refused.status, refused.body.detail]).toEqual([400, expect.stringMatching(message)])
    expect((await call<unknown[]>(prints.GET, 'GET')).body).toHaveLength(before)
  })

  it('is printed with the session it is put into, until it is taken out', async () => {
    const sessionId = await newSession(await newGroup('Coots', ['Nell', 'Abe']))
    const id = uuid()
    await call(prints.POST, 'POST', { json: { id, name: 'Bingo for the Coots', body: saved } })
    const pagesOf = async () =>
      texts(await readPdf((await call<Buffer>(sessionPdf.GET, 'GET', { id: sessionId })).body))
    const contextOf = async () => (await call<SessionContext>(session.GET, 'GET', { id: sessionId })).body.session
    const planOf = async () => (await contextOf()).plan
    // Where the planner chose bingo by itself, it is taken out first.
    const planned = await contextOf()
    const steps = planned.plan.steps.filter((step) => activityOf(step).prints !== 'bingo')
    await call(session.PUT, 'PUT', { id: sessionId, json: { ...editOf(planned), steps } })
    const without = await pagesOf()
    const before = await planOf()
    expect((await call(intoSession.PUT, 'PUT', { id, json: { sessionId } })).status).toBe(200)
    expect(
      (await call<SessionContext>(session.GET, 'GET', { id: sessionId })).body.prints.map(({ name }) => name),
    ).toEqual(['Bingo for the Coots'])
    // It is a step with its minutes, before the closing check.
    const after = await planOf()
    const brought = after.steps.find((step) => step.id === `p-${id}`)
    expect(after.steps.length).toBe(before.steps.length + 1)
    expect(brought && activityOf(brought).prints).toBe('bingo')
    expect(brought?.minutes).toBeGreaterThan(3)
    expect(after.steps[after.steps.length - 2]?.id).toBe(brought?.id)
    const within = await pagesOf()
    // Its own four pages; the run sheet may have one more.
    expect([4, 5]).toContain(within.length - without.length)
    expect(within[0]).toContain('Bingo for the Coots')
    expect(within.filter((text) => text.includes('Bingo boards: cut along the lines'))).toHaveLength(2)
    await call(intoSession.PUT, 'PUT', { id, json: { sessionId: null } })
    expect(await pagesOf()).toHaveLength(without.length)
    expect(await planOf()).toEqual(before)
    expect((await call(intoSession.PUT, 'PUT', { id, json: { sessionId: uuid() } })).body).toMatchObject({
      status: 404,
      detail: expect.stringContaining('session'),
    })
    expect((await call(intoSession.PUT, 'PUT', { id: uuid(), json: { sessionId } })).status).toBe(404)
  })
})

describe('a pack for a group', () => {
  const things = [{ printable: 'read-dials' }, { printable: 'true-false' }, { printable: 'how-long' }] as const
  const order = (groupId: string, more: object = {}) => ({ id: uuid(), groupId, things, seed: 40, ...more })
  const job = async (id: string) => (await call<PackJob>(pack.GET, 'GET', { id })).body
  const done = (id: string) =>
    vi.waitFor(async () => expect((await job(id)).state).toBe('done'), { timeout: 25_000, interval: 100 })

  it('has a cover page, a version for each child at the child’s rung, and the keys together at the end', async () => {
    const groupId = await newGroup('Grebes', ['Ida', 'Otto', 'Pia'])
    const wish = order(groupId, { answersOnPaper: 'whole' })
    const begun = await call<PackJob>(packs.POST, 'POST', { json: wish })
    expect(begun.body).toMatchObject({ id: wish.id, state: 'making', total: 18 })
    // Nobody of them works on how long yet: it is named, and why.
    expect(
      begun.body.lines
        .filter(({ printable }) => printable === 'how-long')
        .every((line) => line.rung === 'elapsed' && packNote(line)?.includes('works on')),
    ).toBe(true)
    expect(new Set(begun.body.lines.map(({ seed }) => seed)).size).toBe(9)
    await done(wish.id)
    const { body } = await call<Buffer>(packPdf.GET, 'GET', { id: wish.id })
    const pages = texts(await readPdf(body))
    expect(pages).toHaveLength((await job(wish.id)).pages ?? 0)
    expect(pages).toHaveLength(1 + 9 + 9)
    const [cover = ''] = pages
    for (const [i, name] of ['Ida', 'Otto', 'Pia'].entries()) {
      expect(cover).toContain(`page ${2 + i * 3}, no. ${40 + i * 5}`)
      expect(pages.slice(1 + i * 3, 4 + i * 3).every((page) => page.includes(name))).toBe(true)
    }
    expect(cover).toContain('Answers, in the same order: from page 11')
    expect(pages.slice(10).every((page) => page.includes('Answers: '))).toBe(true)
    expect(pages.slice(1, 10).some((page) => page.includes('Answers: '))).toBe(false)
    // As is usual, four pages of answers stand on one.
    const usual = order(groupId)
    await call(packs.POST, 'POST', { json: usual })
    await done(usual.id)
    expect((await job(usual.id)).pages).toBe(1 + 9 + 3)
    // A repeated send is the same pack.
    expect((await call<PackJob>(packs.POST, 'POST', { json: wish })).body.state).toBe('done')
  })

  it('is cancelled half-way and leaves nothing; others that wait go on', async () => {
    const names = Array.from({ length: 30 }, (_, i) => `Child ${i + 1}`)
    const groupId = await newGroup('All', names)
    const [first, second, third] = [
      order(groupId),
      order(groupId, { things: [things[1]] }),
      order(groupId, { things: [things[0]] }),
    ]
    for (const wish of [first, second, third]) await call(packs.POST, 'POST', { json: wish })
    expect((await job(third.id)).state).toBe('waiting')
    await vi.waitFor(async () => expect((await job(first.id)).done).toBeGreaterThan(3), {
      timeout: 25_000,
      interval: 20,
    })
    expect((await call(packPdf.GET, 'GET', { id: first.id })).body).toMatchObject({
      status: 409,
      detail: expect.stringContaining('making'),
    })
    expect((await call<PackJob>(pack.DELETE, 'DELETE', { id: first.id })).body.state).toBe('cancelled')
    await Promise.all([done(second.id), done(third.id)])
    expect((await job(first.id)).state).toBe('cancelled')
    expect((await call(packPdf.GET, 'GET', { id: first.id })).status).toBe(409)
    const [a, b] = await Promise.all(
      [second, third].map(async ({ id }) => readPdf((await call<Buffer>(packPdf.GET, 'GET', { id })).body)),
    )
    expect(texts(a ?? []).some((page) => page.includes('Right or wrong?'))).toBe(true)
    expect(texts(b ?? []).some((page) => page.includes('Right or wrong?'))).toBe(false)
  }, 60_000)

  it('is refused by name where it cannot be', async () => {
    const empty = await newGroup('Nobody', [])
    const some = await newGroup('Some', ['Uli'])
    const refused = async (wish: object) => (await call(packs.POST, 'POST', { json: wish })).body
    expect(await refused(order(empty))).toMatchObject({
      status: 400,
      field: 'groupId',
      detail: 'Nobody has no children yet: add one first.',
    })
    expect(await refused(order(uuid()))).toMatchObject({ status: 404, detail: expect.stringContaining('group') })
    expect(await refused(order(some, { things: [] }))).toMatchObject({ status: 400, field: 'things' })
    const bell = { minute: 450, what: 'bell' }
    const unread = await refused(order(some, { things: [{ printable: 'timetable', rows: [bell, bell] }] }))
    expect(unread).toMatchObject({ status: 400, field: 'row 2 of your day' })
    expect(await refused(order(some, { things: [{ printable: 'timetable', rows: [730] }] }))).toMatchObject({
      status: 400,
      field: 'things[0].rows[0]',
    })
    expect(await refused(order(some, { things: [{ printable: 'snap' }] }))).toMatchObject({
      status: 400,
      field: 'things[0].printable',
    })
    expect(await refused(order(some, { seed: 'x' }))).toMatchObject({ status: 400, field: 'seed' })
    for (const endpoint of [pack.GET, packPdf.GET])
      expect((await call(endpoint, 'GET', { id: uuid() })).status).toBe(404)
  })
})
