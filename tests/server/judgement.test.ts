import { beforeAll, describe, expect, it } from 'vitest'
import type { Answer } from '../../src/core/knowing'
import type { AnswerChange, Child, ChildReport, Note, RecordedAnswers } from '../../src/core/records'
import { call, uuid } from './calls'

const children = await import('../../src/pages/api/children/index')
const child = await import('../../src/pages/api/children/[id]')
const overrule = await import('../../src/pages/api/children/[id]/overrule')
const notes = await import('../../src/pages/api/children/[id]/notes')
const changes = await import('../../src/pages/api/children/[id]/changes')
const note = await import('../../src/pages/api/notes/[id]')
const change = await import('../../src/pages/api/changes/[id]')
const answers = await import('../../src/pages/api/answers/index')
const answer = await import('../../src/pages/api/answers/[id]')
const remove = await import('../../src/pages/api/answers/[id]/remove')

const childId = uuid()

const time = (minute: number) => ({ kind: 'time', minute })
const shown = { as: 'dial', minute: 510, hands: 'both' }
const item = {
  rung: 'half',
  ask: 'read',
  shown,
  answer: time(510),
  lures: [{ value: time(480), misreading: 'hour-only' }],
}
const sent = (change: object = {}) => ({
  id: uuid(),
  childId,
  at: 1_790_000_000_000,
  item,
  choices: 2,
  given: time(480),
  stage: 'pictorial',
  helped: false,
  ...change,
})
const send = <T = RecordedAnswers>(...list: object[]) => call<T>(answers.POST, 'POST', { json: { answers: list } })
const kept = async () => (await call<Answer[]>(answers.GET, 'GET', { query: `childId=${childId}` })).body

beforeAll(async () => {
  await call<Child>(children.POST, 'POST', { json: { id: childId, name: 'Juniper' } })
})

describe('answers that come out of the ordinary', () => {
  it('are kept where they can be: out of order, with a misreading of an older version, of every kind of question', async () => {
    const lures = [{ value: time(480), misreading: 'looked-away' }]
    const later = sent({ at: 1_790_000_900_000 })
    const earlier = sent({ at: 1_790_000_100_000, item: { ...item, lures }, scaffolds: ['zones', 'an-older-help'] })
    const others = [
      {
        rung: 'elapsed',
        ask: 'how-long',
        shown: { as: 'span', minute: 515, to: 790 },
        answer: { kind: 'duration', hours: 4, minutes: 35 },
      },
      { rung: 'later', ask: 'later', shown: { as: 'shift', minute: 470, by: -20 }, answer: time(450) },
      { rung: 'work-back', ask: 'work-back', shown: { as: 'steps', minute: 560, steps: [10, 20] }, answer: time(530) },
      {
        rung: 'day-halves',
        ask: 'half-of-day',
        shown: { as: 'doing', minute: 720, doing: 'lunch' },
        answer: { kind: 'day', minute: 720 },
      },
      {
        rung: 'parts',
        ask: 'name',
        shown: { as: 'part', minute: 610, part: 'centre' },
        answer: { kind: 'part', part: 'centre' },
      },
      {
        rung: 'timetable',
        ask: 'look-up',
        shown: { as: 'rows', minute: 540, rows: [{ doing: 'school', minute: 540 }] },
        answer: time(540),
      },
    ].map((each) => sent({ item: { ...each, lures: [] }, choices: 0, given: each.answer }))
    const reply = await send(later, earlier, ...others)
    expect(reply.status).toBe(200)
    expect(reply.body.refused).toEqual([])
    const list = await kept()
    expect(list.map(({ at }) => at)).toEqual([...list.map(({ at }) => at)].sort((a, b) => a - b))
    expect(list.filter(({ right }) => right)).toHaveLength(others.length)
    const report = await call<ChildReport>(child.GET, 'GET', { id: childId })
    expect(report.status).toBe(200)
    expect(report.body.standing.beside.find(({ rung }) => rung === 'elapsed')).toMatchObject({ answers: 1 })
  })

  it.each<[string, object, RegExp]>([
    ['an angle over 360', { given: { kind: 'hands', hour: 361, minute: 0 } }, /given\.hour must be below 360, not 361/],
    ['a negative angle', { given: { kind: 'hands', hour: 0, minute: -1 } }, /given\.minute must be at least 0, not -1/],
    ['an angle that is none', { given: { kind: 'hands', hour: null, minute: 0 } }, /given\.hour must be a number/],
    ['a time that a dial has not', { given: time(720) }, /given\.minute must be at most 719, not 720/],
    ['a kind of answer there is not', { given: { kind: 'smell' } }, /given\.kind must be one of \[time, about/],
    ['a part there is not', { given: { kind: 'part', part: 'cuckoo' } }, /given\.part must be one of/],
    ['a way of asking there is not', { item: { ...item, ask: 'sing' } }, /item\.ask must be one of/],
    [
      'no time at all to move on by',
      { item: { ...item, shown: { as: 'shift', minute: 5, by: 0 } } },
      /item\.shown\.by/,
    ],
    ['text without end', { given: { kind: 'written', text: 'x'.repeat(10_000) } }, /given\.text must have at most 200/],
  ])('are refused by name: %s', async (_, spoilt, message) => {
    const before = (await kept()).length
    const { status, body } = await send<{ detail: string }>(sent(spoilt))
    expect(status).toBe(400)
    expect(body.detail).toMatch(message)
    expect((await kept()).length).toBe(before)
  })

  it('are told apart: one of a removed child is refused, the rest is kept, a time to come as of now', async () => {
    const [gone, future, good] = [sent({ childId: uuid() }), sent({ at: Date.now() + 3_600_000 }), sent()]
    const { body } = await send(gone, future, good)
    expect(body.kept).toEqual([future.id, good.id])
    expect(body.refused.map(({ field }) => field)).toEqual(['childId'])
    expect((await kept()).find(({ id }) => id === future.id)?.at).toBeLessThanOrEqual(Date.now())
  })
})

describe('corrections', () => {
  const trace = async () => (await call<AnswerChange[]>(changes.GET, 'GET', { id: childId })).body

  it('replace an answer, work out anew whether it is right, and are taken back whole', async () => {
    const wrong = sent()
    await send(wrong)
    const corrected = await call<Answer>(answer.PUT, 'PUT', {
      id: wrong.id,
      json: { given: time(510), helped: true, reason: 'Misheard' },
    })
    expect(corrected.body).toMatchObject({ right: true, helped: true, item })
    const [entry] = await trace()
    expect(entry).toMatchObject({
      what: 'corrected',
      reason: 'Misheard',
      before: { given: time(480), right: false },
      after: { right: true },
    })
    await call(change.DELETE, 'DELETE', { id: entry?.id })
    expect((await kept()).find(({ id }) => id === wrong.id)).toMatchObject({
      given: time(480),
      right: false,
      helped: false,
    })
    expect(await trace()).toEqual([])
  })

  it('take an answer out with a reason, and only with one', async () => {
    const wrong = sent()
    await send(wrong)
    const without = await call(remove.POST, 'POST', { id: wrong.id, json: { reason: ' ' } })
    expect(without.status).toBe(400)
    expect(without.body.detail).toContain('Reason must say why')
    expect((await kept()).some(({ id }) => id === wrong.id)).toBe(true)
    await call(remove.POST, 'POST', { id: wrong.id, json: { reason: 'Two children spoke' } })
    expect((await kept()).some(({ id }) => id === wrong.id)).toBe(false)
    expect((await call(remove.POST, 'POST', { id: wrong.id, json: { reason: 'Again' } })).status).toBe(404)
    const [entry] = await trace()
    await call(change.DELETE, 'DELETE', { id: entry?.id })
    expect((await kept()).some(({ id }) => id === wrong.id)).toBe(true)
    expect((await call(change.DELETE, 'DELETE', { id: entry?.id })).status).toBe(404)
  })

  it('take out the one answer that was meant, and leave all others', async () => {
    const [first, second] = [sent(), sent()]
    await send(first, second)
    const others = (await kept()).map(({ id }) => id).filter((id) => id !== first.id)
    await call(remove.POST, 'POST', { id: first.id, json: { reason: 'Tapped twice.' } })
    expect((await kept()).map(({ id }) => id).sort()).toEqual([...others].sort())
    await call(answer.DELETE, 'DELETE', { id: second.id })
    expect((await kept()).map(({ id }) => id).sort()).toEqual(others.filter((id) => id !== second.id).sort())
  })

  it('leave no trace when an answer is undone at the table', async () => {
    const tapped = sent()
    await send(tapped)
    const before = (await trace()).length
    expect((await call(answer.DELETE, 'DELETE', { id: tapped.id })).status).toBe(200)
    expect((await trace()).length).toBe(before)
  })
})

describe('the adult’s word', () => {
  const standing = async () => (await call<ChildReport>(child.GET, 'GET', { id: childId })).body.standing
  const say = (json: object, id = childId) => call(overrule.PUT, 'PUT', { id, json })

  it('makes a rung firm, or not, with its date, until it is taken back', async () => {
    expect((await say({ rung: 'oclock', verdict: 'firm', note: 'Knows the kitchen clock' })).status).toBe(200)
    const said = (await standing()).estimates.find(({ rung }) => rung === 'oclock')
    expect(said).toMatchObject({ firm: true, overrule: { verdict: 'firm', note: 'Knows the kitchen clock' } })
    expect(said?.overrule?.at).toBeGreaterThan(Date.now() - 60_000)
    expect((await standing()).working).not.toBe('oclock')
    await say({ rung: 'oclock', verdict: 'not-firm', note: '' })
    expect((await standing()).firm).not.toContain('oclock')
    await say({ rung: 'oclock', verdict: null, note: '' })
    expect((await standing()).estimates.find(({ rung }) => rung === 'oclock')?.overrule).toBeUndefined()
  })

  it('is refused for a rung or a child there is not', async () => {
    expect((await say({ rung: 'dusk', verdict: 'firm', note: '' })).body).toMatchObject({ status: 400, field: 'rung' })
    expect((await say({ rung: 'half', verdict: 'firm', note: '' }, uuid())).status).toBe(404)
  })

  it('is kept in notes, each once, and goes with the child', async () => {
    const add = { id: uuid(), text: 'Turns the hands gladly.' }
    for (let i = 0; i < 2; i++) await call(notes.POST, 'POST', { id: childId, json: add })
    const list = async () => (await call<Note[]>(notes.GET, 'GET', { id: childId })).body
    expect((await list()).map(({ text }) => text)).toEqual([add.text])
    expect((await call(notes.POST, 'POST', { id: childId, json: { id: uuid(), text: '' } })).body).toMatchObject({
      status: 400,
      field: 'text',
    })
    expect((await call(note.DELETE, 'DELETE', { id: add.id })).status).toBe(200)
    expect(await list()).toEqual([])
    await call(child.DELETE, 'DELETE', { id: childId })
    expect((await call(changes.GET, 'GET', { id: childId })).body).toEqual([])
    expect((await call(notes.GET, 'GET', { id: childId })).status).toBe(404)
  })
})
