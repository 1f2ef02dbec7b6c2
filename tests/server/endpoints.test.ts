import { inEnglish } from '../../src/core/wording'
import { beforeEach, describe, expect, it } from 'vitest'
import { type ProblemReply, call, uuid } from './calls'
import type { Answer } from '../../src/core/knowing'
import type {
  Child,
  ChildReport,
  Group,
  Overview,
  RecordedAnswers,
  Session,
  SessionContext,
  Settings,
} from '../../src/core/records'

const children = await import('../../src/pages/api/children/index')
const child = await import('../../src/pages/api/children/[id]')
const groups = await import('../../src/pages/api/groups/index')
const group = await import('../../src/pages/api/groups/[id]')
const sessions = await import('../../src/pages/api/sessions/index')
const session = await import('../../src/pages/api/sessions/[id]/index')
const done = await import('../../src/pages/api/sessions/[id]/done')
const print = await import('../../src/pages/api/sessions/[id]/print.pdf')
const marked = await import('../../src/pages/api/sessions/[id]/printed')
const answers = await import('../../src/pages/api/answers/index')
const answer = await import('../../src/pages/api/answers/[id]')
const settings = await import('../../src/pages/api/settings')
const overview = await import('../../src/pages/api/overview')
const rest = await import('../../src/pages/api/[...rest]')

const UNKNOWN = '8d0bd44c-52c1-4f6e-9d5e-0c8ce4a6f2ab'
let childId = ''
let groupId = ''

const wish = (change = {}) => ({
  id: uuid(),
  groupId,
  date: '2026-11-28',
  start: 570,
  minutes: 25,
  place: 'table',
  materials: ['card', 'crayons', 'scissors', 'fasteners', 'paper'],
  ...change,
})

const sent = (change = {}) => ({
  id: uuid(),
  childId,
  at: Date.now() - 1000,
  item: {
    rung: 'half',
    ask: 'read',
    shown: { as: 'dial', minute: 510, hands: 'both' },
    answer: { kind: 'time', minute: 510 },
    lures: [],
  },
  choices: 4,
  given: { kind: 'time', minute: 510 },
  stage: 'pictorial',
  helped: false,
  ...change,
})

beforeEach(async () => {
  childId = uuid()
  groupId = uuid()
  const made = await call(groups.POST, 'POST', {
    json: { id: groupId, name: 'Ducklings', childIds: [], newChildren: [{ id: childId, name: 'Tavi', age: 6 }] },
  })
  expect(made.status).toBe(200)
})

function expectProblem(
  { status, type, body }: { status: number; type: string; body: ProblemReply },
  due: number,
  field: string | undefined,
  detail: RegExp,
) {
  expect(type).toBe('application/problem+json')
  expect({ status, field: body.field }).toEqual({ status: due, field })
  expect(body.detail).toMatch(detail)
}

describe('names', () => {
  it.each([
    ['', /Name must be 1 to 60 characters, not none/],
    ['   ', /Name must be 1 to 60 characters, not none/],
    ['x'.repeat(300), /Name must have at most 60 characters, not 300/],
    ['two\nlines', /one line of text that can be seen, without control or invisible characters/],
    [7, /Name must be a text/],
    [null, /Name must be a text/],
  ])('are refused: %j', async (name, words) => {
    const before = (await call<ChildReport[]>(children.GET, 'GET')).body.length
    expectProblem(await call(children.POST, 'POST', { json: { id: uuid(), name } }), 400, 'name', words)
    expectProblem(
      await call(group.PUT, 'PUT', { id: groupId, json: { version: 1, name, childIds: [] } }),
      400,
      'name',
      words,
    )
    expect((await call<ChildReport[]>(children.GET, 'GET')).body.length).toBe(before)
    expect((await call<Group>(group.GET, 'GET', { id: groupId })).body).toMatchObject({ name: 'Ducklings', version: 1 })
  })

  it.each(['<script>alert(1)</script>', '🦦 Rill', 'Zoë O’Łukasz', "Robert'); DROP TABLE children;--", 'مرحبا'])(
    'are kept as they are: %s',
    async (name) => {
      const id = uuid()
      expect((await call<Child>(children.POST, 'POST', { json: { id, name } })).body.name).toBe(name)
      expect((await call<ChildReport>(child.GET, 'GET', { id })).body.child.name).toBe(name)
    },
  )
})

describe('sessions', () => {
  it.each([0, -5, 1e9, 9, 121, 12.5, 'abc', null])(
    'are refused for minutes of %j, and none is made',
    async (minutes) => {
      expectProblem(await call(sessions.POST, 'POST', { json: wish({ minutes }) }), 400, 'minutes', /^Minutes must be/)
      expect((await call<Session[]>(sessions.GET, 'GET', { query: `groupId=${groupId}` })).body).toEqual([])
    },
  )

  it('are refused for an unknown or an empty group, with the reason', async () => {
    expectProblem(await call(sessions.POST, 'POST', { json: wish({ groupId: UNKNOWN }) }), 404, 'id', /no such group/)
    await call(group.PUT, 'PUT', { id: groupId, json: { version: 1, name: 'Ducklings', childIds: [] } })
    expectProblem(await call(sessions.POST, 'POST', { json: wish() }), 400, 'groupId', /Ducklings has no children yet/)
  })

  it('are planned once however often they are sent, printed in one PDF, edited, held', async () => {
    const asked = wish()
    const { body: made } = await call<Session>(sessions.POST, 'POST', { json: asked })
    expect((await call<Session>(sessions.POST, 'POST', { json: asked })).body).toEqual(made)
    expect(made.plan.steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(25)
    const pdf = await call<Buffer>(print.GET, 'GET', { id: made.id })
    expect(pdf.type).toBe('application/pdf')
    expect(pdf.body.subarray(0, 5).toString()).toBe('%PDF-')
    const { session: opened } = (await call<SessionContext>(session.GET, 'GET', { id: made.id })).body
    expect(opened).toEqual(made)
    const { body: printed } = await call<Session>(marked.POST, 'POST', { id: made.id, json: {} })
    expect(printed).toEqual({ ...made, printedAt: printed.printedAt })
    expect(printed.printedAt).toBeGreaterThan(0)
    expectProblem(await call(marked.POST, 'POST', { id: UNKNOWN, json: {} }), 404, 'id', /no such session/)

    const edit = {
      version: printed.version,
      date: made.date,
      start: 600,
      minutes: 25,
      place: 'table',
      materials: [],
      note: '',
      rung: made.plan.rung,
      steps: made.plan.steps,
    }
    expect((await call<Session>(session.PUT, 'PUT', { id: made.id, json: edit })).body).toMatchObject({
      start: 600,
      version: edit.version + 1,
    })
    const stale = await call(session.PUT, 'PUT', { id: made.id, json: { ...edit, start: 700 } })
    expectProblem(stale, 409, 'version', /Nothing of yours was written/)
    expect(stale.body.current).toMatchObject({ start: 600 })
    const held = await call<Session>(done.POST, 'POST', { id: made.id, json: { note: 'Rain.' } })
    expect(held.body).toMatchObject({ note: 'Rain.' })
    expect(held.body.doneAt).not.toBeNull()
  })

  it('refuse an edit with an unknown activity or two steps alike, and keep the plan they have', async () => {
    const { body: made } = await call<Session>(sessions.POST, 'POST', { json: wish() })
    const [step] = made.plan.steps
    const edit = (steps: unknown[]) => ({
      version: 1,
      date: made.date,
      start: 570,
      minutes: 25,
      place: 'table',
      materials: [],
      note: '',
      rung: made.plan.rung,
      steps,
    })
    expectProblem(
      await call(session.PUT, 'PUT', { id: made.id, json: edit([{ ...step, activityId: 'juggling' }]) }),
      400,
      'steps[0].activityId',
      /must be one of/,
    )
    expectProblem(
      await call(session.PUT, 'PUT', { id: made.id, json: edit([step, step]) }),
      400,
      'steps[1]',
      /stands in the list twice/,
    )
    expectProblem(
      await call(session.PUT, 'PUT', { id: made.id, json: edit([{ ...step, minutes: 'abc' }]) }),
      400,
      'steps[0].minutes',
      /must be a number, not abc/,
    )
    const kept = (await call<SessionContext>(session.GET, 'GET', { id: made.id })).body.session
    expect(kept.plan).toEqual(made.plan)
  })
})

describe('answers', () => {
  it('count once, however often they are sent', async () => {
    const one = sent()
    for (let i = 0; i < 3; i++)
      expect((await call<RecordedAnswers>(answers.POST, 'POST', { json: { answers: [one] } })).body.kept).toEqual([
        one.id,
      ])
    expect((await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body.length).toBe(1)
  })

  it('are marked here, whatever the sender thinks of them', async () => {
    await call(answers.POST, 'POST', { json: { answers: [sent(), sent({ given: { kind: 'time', minute: 540 } })] } })
    const kept = (await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body
    expect(kept.map(({ right }) => right)).toEqual([true, false])
    expectProblem(
      await call(answers.POST, 'POST', { json: { answers: [{ ...sent(), right: true }] } }),
      400,
      'answers[0].right',
      /not allowed/,
    )
  })

  it('are kept but for those that cannot be, which are named', async () => {
    const [good, lost, early] = [sent(), sent({ childId: UNKNOWN }), sent({ at: Date.now() + 3_600_000 })]
    const { body } = await call<RecordedAnswers>(answers.POST, 'POST', { json: { answers: [good, lost, early] } })
    // A time to come is a clock that is wrong, and no reason to lose an answer.
    expect(body.kept).toEqual([good.id, early.id])
    expect(body.refused).toEqual([{ id: lost.id, field: 'childId', reason: 'This child is no longer here.' }])
  })

  it('keep a child’s own figures as they were written', async () => {
    await call(answers.POST, 'POST', { json: { answers: [sent({ given: { kind: 'written', text: '9:5' } })] } })
    const [kept] = (await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body
    expect(kept).toMatchObject({ right: false, given: { kind: 'written', text: '9:5' } })
  })

  it('are taken out one by one', async () => {
    const one = sent()
    await call(answers.POST, 'POST', { json: { answers: [one] } })
    expect((await call(answer.DELETE, 'DELETE', { id: one.id })).status).toBe(200)
    // Taken back once more, or before it came: it stays away, also where a late send brings it.
    expect((await call(answer.DELETE, 'DELETE', { id: one.id })).status).toBe(200)
    await call(answers.POST, 'POST', { json: { answers: [one] } })
    expect((await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body).toEqual(
      expect.not.arrayContaining([expect.objectContaining({ id: one.id })]),
    )
    expectProblem(await call(answer.DELETE, 'DELETE', { id: 'no-id' }), 404, 'id', /no such answer/)
  })
})

describe('removing', () => {
  it('a child takes the answers along; a group takes its sessions and leaves the children', async () => {
    const { body: made } = await call<Session>(sessions.POST, 'POST', { json: wish() })
    await call(answers.POST, 'POST', { json: { answers: [sent({ sessionId: made.id })] } })
    await call(group.DELETE, 'DELETE', { id: groupId })
    expectProblem(await call(session.GET, 'GET', { id: made.id }), 404, 'id', /no such session/)
    expect((await call<ChildReport>(child.GET, 'GET', { id: childId })).body.answers).toBe(1)
    await call(child.DELETE, 'DELETE', { id: childId })
    expectProblem(await call(child.GET, 'GET', { id: childId }), 404, 'id', /no such child/)
    expect((await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body).toEqual([])
  })
})

describe('groups', () => {
  it('are written whole or not at all', async () => {
    const newChild = uuid()
    const bad = await call(groups.POST, 'POST', {
      json: { id: uuid(), name: 'Half', childIds: [UNKNOWN], newChildren: [{ id: newChild, name: 'Lost' }] },
    })
    expectProblem(bad, 400, 'childIds[0]', /must be the id of a child that exists/)
    expect((await call(child.GET, 'GET', { id: newChild })).status).toBe(404)
    expect((await call<Group[]>(groups.GET, 'GET')).body.some(({ name }) => name === 'Half')).toBe(false)
  })

  it('take new children when edited, and refuse a stale version', async () => {
    const edit = {
      version: 1,
      name: 'Ducks',
      childIds: [childId],
      newChildren: [{ id: uuid(), name: 'Odalys', age: null }],
    }
    expect((await call<Group>(group.PUT, 'PUT', { id: groupId, json: edit })).body.childIds.length).toBe(2)
    expectProblem(
      await call(group.PUT, 'PUT', { id: groupId, json: { ...edit, newChildren: [] } }),
      409,
      'version',
      /after you opened it/,
    )
    const today = (await call<Overview>(overview.GET, 'GET')).body.groups.find((each) => each.group.id === groupId)
    expect(today?.children.map(({ name }) => name)).toEqual(['Tavi', 'Odalys'])
  })
})

describe('house rules', () => {
  it('are kept with a version, and refuse what is no rule', async () => {
    const { body: rules } = await call<Settings>(settings.GET, 'GET')
    const saved = await call<Settings>(settings.PUT, 'PUT', { json: { ...rules, paper: 'letter' } })
    expect(saved.body).toMatchObject({ paper: 'letter', version: rules.version + 1 })
    expectProblem(await call(settings.PUT, 'PUT', { json: rules }), 409, 'version', /house rules/)
    expectProblem(
      await call(settings.PUT, 'PUT', { json: { ...saved.body, paper: 'a0' } }),
      400,
      'paper',
      /must be one of \[a4, letter, a3, legal, tabloid\], not a0/,
    )
    expect((await call<Settings>(settings.GET, 'GET')).body.paper).toBe('letter')
  })
})

describe('bodies', () => {
  it.each([
    ['not JSON at all', { raw: '{"name":' }, 400, /must be JSON/],
    ['a form', { raw: 'name=Tavi', contentType: 'application/x-www-form-urlencoded' }, 415, /application\/json/],
    ['10 MB', { raw: JSON.stringify({ id: uuid(), name: 'x'.repeat(10_000_000) }) }, 413, /at most 512 kB/],
    ['a list', { json: [] }, 400, /must hold fields/],
    ['an empty object', { json: {} }, 400, /is required/],
  ])('are refused: %s', async (_, body, status, words) => {
    const reply = await call(children.POST, 'POST', body)
    expectProblem(reply, status, status === 400 && words.source.includes('required') ? 'id' : 'body', words)
  })

  it('to an address that is none get a problem too', async () => {
    const all = Object.values(rest)[0] as typeof children.POST
    expect((await call(all, 'GET')).status).toBe(404)
  })
})

describe('what is refused by field', () => {
  it('the same child twice in a group, thirty and thirty, a day that no month has', async () => {
    const one = uuid()
    const group = (json: object) =>
      call(groups.POST, 'POST', { json: { id: uuid(), name: 'Twice', childIds: [], ...json } })
    expectProblem(
      await group({ newChildren: [one, one].map((id) => ({ id, name: 'Moss' })) }),
      400,
      'newChildren[1].id',
      /must not be the id of a child that is in the group already/,
    )
    const thirty = Array.from({ length: 30 }, (_, i) => ({ id: uuid(), name: `Child ${i}` }))
    const { body } = await call<{ id: string; childIds: string[] }>(groups.POST, 'POST', {
      json: { id: uuid(), name: 'Thirty', childIds: [], newChildren: thirty },
    })
    expect(body.childIds).toHaveLength(30)
    expectProblem(
      await group({ childIds: body.childIds, newChildren: thirty.map(({ name }) => ({ id: uuid(), name })) }),
      400,
      'newChildren',
      /at most 30 children, not 60/,
    )
    expectProblem(
      await call(sessions.POST, 'POST', { json: wish({ date: '2026-02-31' }) }),
      400,
      'date',
      /must be a date that is in the calendar/,
    )
    expectProblem(await group({ name: 'a\u202Eb' }), 400, 'name', /without control or invisible characters/)
    expectProblem(await group({ name: '\u200D' }), 400, 'name', /that can be seen/)
    const { body: composed } = await call<{ name: string }>(groups.POST, 'POST', {
      json: { id: uuid(), name: 'Zoe\u0308', childIds: [] },
    })
    expect(composed.name).toBe('Zo\u00EB')
  })
})

describe('where a child starts', () => {
  const standing = async (id: string) => (await call<ChildReport>(child.GET, 'GET', { id })).body.standing

  it('is a guess for all that comes before, never told as known, of a child of a new group and of one alone', async () => {
    const [inGroup, alone] = [uuid(), uuid()]
    const starts = { name: 'Ottilie', age: 6, startsAt: 'quarters' }
    const json = { id: uuid(), name: 'Otters', childIds: [], newChildren: [{ id: inGroup, ...starts }] }
    expect((await call(groups.POST, 'POST', { json })).status).toBe(200)
    expect((await call(children.POST, 'POST', { json: { id: alone, ...starts } })).status).toBe(200)
    for (const id of [inGroup, alone]) {
      const { firm, supposed, working, estimates } = await standing(id)
      expect(firm).toEqual([])
      expect(supposed).toEqual(['hour-hand', 'oclock', 'half'])
      expect(working).toBe('quarters')
      const said = estimates.filter(({ overrule }) => overrule).map(({ rung, overrule }) => [rung, overrule?.verdict])
      expect(said).toEqual([
        ['hour-hand', 'supposed'],
        ['oclock', 'supposed'],
        ['half', 'supposed'],
      ])
      const { readiness } = (await call<ChildReport>(child.GET, 'GET', { id })).body
      expect(inEnglish(readiness)).toBe('Starts at Quarter past and to (your guess).')
    }
  })

  it('is nothing where it was not said, and at the first step of all', async () => {
    const [plain, first] = [uuid(), uuid()]
    await call(children.POST, 'POST', { json: { id: plain, name: 'Tern', age: 6 } })
    await call(children.POST, 'POST', { json: { id: first, name: 'Teal', age: 6, startsAt: 'hour-hand' } })
    for (const id of [plain, first]) expect((await standing(id)).firm).toEqual([])
  })
})
