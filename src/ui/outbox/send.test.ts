import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { itemAt } from '../../core/teaching'
import type { SentAnswer, SessionEdit } from '../../core/records'
import { keepAnswer, takeBack } from './answers'
import { allKept, letGo } from './keep'
import { forgetPlan, keepDone, keepPlan, waitingPlan } from './plans'
import { sendAgain } from './again'
import { sendWaiting } from './send'

/* What waits goes to a server that keeps a list of what it was told, or that cannot be reached. */

interface Told {
  readonly method: string
  readonly path: string
  readonly body: unknown
}

let told: Told[] = []
/** The status of an answer to a request; undefined where the server cannot be reached. */
let replies: (told: Told) => number | 'never' | undefined
let refusedByName: { id: string; reason: string }[]

const reachable = () => 200
const unreachable = () => undefined

beforeEach(() => {
  told = []
  replies = reachable
  refusedByName = []
  vi.stubGlobal('navigator', {})
  vi.stubGlobal('fetch', (path: string, { method = 'GET', body, signal }: RequestInit) => {
    // The page's own code is there: only what goes to the server's records is told.
    if (!path.startsWith('/api/')) return Promise.resolve(new Response())
    const request = { method, path, body: typeof body === 'string' ? (JSON.parse(body) as unknown) : undefined }
    const status = replies(request)
    if (status === 'never')
      return new Promise((_, reject) => (signal?.aborted ? reject(new Error('given up')) : undefined))
    if (status === undefined) return Promise.reject(new TypeError('fetch failed'))
    told.push(request)
    const reply = status === 200 ? { refused: refusedByName } : { title: 'Refused', detail: 'It was refused.' }
    return Promise.resolve(Response.json(reply, { status }))
  })
})

afterEach(async () => {
  await letGo((await allKept()).list)
  vi.unstubAllGlobals()
})

const answer = (id: string): SentAnswer => ({
  id,
  childId: 'c',
  at: 1,
  item: itemAt('oclock', 'read', 180),
  choices: 4,
  given: { kind: 'time', minute: 180 },
  stage: 'pictorial',
  helped: false,
})

const plan = (note: string): SessionEdit => ({
  version: 1,
  date: '2026-12-05',
  start: 570,
  minutes: 25,
  place: 'table',
  materials: [],
  note,
  rung: 'oclock',
  steps: [],
})

const waiting = async () => (await allKept()).list.map(({ answerId }) => answerId)
const setAside = async () =>
  (await allKept()).list.flatMap(({ answerId, refused }) => (refused === undefined ? [] : [[answerId, refused]]))
const answersIn = ({ body }: Told) => (body as { answers: SentAnswer[] }).answers.map(({ id }) => id)

describe('an answer', () => {
  it('is sent at once, and waits no longer', async () => {
    await keepAnswer(answer('a'))
    expect(told).toMatchObject([{ method: 'POST', path: '/api/answers' }])
    expect(told.map(answersIn)).toEqual([['a']])
    expect(await waiting()).toEqual([])
  })

  it('waits while the server cannot be reached, and goes with others in their order', async () => {
    replies = unreachable
    for (const id of ['a', 'b', 'c']) await keepAnswer(answer(id))
    expect(await waiting()).toEqual(['a', 'b', 'c'])
    replies = reachable
    await sendWaiting()
    expect(told.map(answersIn)).toEqual([['a', 'b', 'c']])
    expect(await waiting()).toEqual([])
  })

  it('waits while the server is busy or wants a passcode', async () => {
    for (const status of [401, 429, 503]) {
      replies = () => status
      await keepAnswer(answer(`a ${status}`))
    }
    expect(await waiting()).toEqual(['a 401', 'a 429', 'a 503'])
  })

  it('that is refused does not hold up the others, and is kept with the reason', async () => {
    replies = unreachable
    for (const id of ['a', 'bad', 'c']) await keepAnswer(answer(id))
    replies = (request) => (answersIn(request).includes('bad') ? 400 : 200)
    await sendWaiting()
    expect(told.map(answersIn)).toEqual([['a', 'bad', 'c'], ['a'], ['bad'], ['c']])
    expect(await setAside()).toEqual([['bad', 'It was refused.']])
    // It is not tried again by itself, but where somebody says so.
    await sendWaiting()
    expect(told).toHaveLength(4)
    replies = reachable
    await sendAgain((await allKept()).list)
    expect(told.map(answersIn).at(-1)).toEqual(['bad'])
    expect(await waiting()).toEqual([])
  })

  it('that the server names as refused is kept with its reason, and no other one', async () => {
    replies = unreachable
    for (const id of ['a', 'b']) await keepAnswer(answer(id))
    replies = reachable
    refusedByName = [{ id: 'a', reason: 'This child is no longer here.' }]
    await sendWaiting()
    expect(await setAside()).toEqual([['a', 'This child is no longer here.']])
  })

  it('waits when the server does not answer, and is given up in time', async () => {
    vi.spyOn(AbortSignal, 'timeout').mockImplementation((ms) => {
      expect(ms).toBe(20_000)
      return AbortSignal.abort()
    })
    replies = () => 'never'
    await keepAnswer(answer('a'))
    expect(await waiting()).toEqual(['a'])
    expect(await setAside()).toEqual([])
    vi.restoreAllMocks()
  })

  it('that is taken back after it was sent is taken from the server', async () => {
    await keepAnswer(answer('a'))
    await takeBack('a')
    expect(told.at(-1)).toEqual({ method: 'DELETE', path: '/api/answers/a', body: undefined })
    expect(await waiting()).toEqual([])
  })

  it('that is taken back while both wait is sent and then taken back, in this order', async () => {
    replies = unreachable
    await keepAnswer(answer('a'))
    await keepAnswer(answer('b'))
    await takeBack('a')
    await keepAnswer(answer('c'))
    expect(await waiting()).toEqual(['a', 'b', 'a', 'c'])
    replies = reachable
    await sendWaiting()
    expect(told.map(({ method, path }) => `${method} ${path}`)).toEqual([
      'POST /api/answers',
      'DELETE /api/answers/a',
      'POST /api/answers',
    ])
    expect(answersIn(told[0] as Told)).toEqual(['a', 'b'])
    expect(answersIn(told[2] as Told)).toEqual(['c'])
    expect(await waiting()).toEqual([])
  })
})

describe('a plan', () => {
  it('that waits is found again, the latest of a session alone', async () => {
    replies = unreachable
    expect(await waitingPlan('s')).toBeUndefined()
    await keepPlan('s', plan('first'))
    await keepPlan('other', plan('of another session'))
    await keepPlan('s', plan('second'))
    await keepDone('s', 'It rained.')
    expect(await waiting()).toEqual(['other', 's', 's'])
    expect((await waitingPlan('s'))?.plan?.note).toBe('second')
    expect((await waitingPlan('other'))?.plan?.note).toBe('of another session')
    await forgetPlan('s')
    expect(await waitingPlan('s')).toBeUndefined()
    // The end of the session stays, and so does the other plan.
    expect((await allKept()).list.map(({ answerId, done }) => [answerId, done?.note])).toEqual([
      ['other', undefined],
      ['s', 'It rained.'],
    ])
  })

  it('is sent with the end of its session behind it', async () => {
    replies = unreachable
    await keepPlan('s', plan('a note'))
    await keepDone('s', 'It rained.')
    replies = reachable
    await sendWaiting()
    expect(told).toEqual([
      { method: 'PUT', path: '/api/sessions/s', body: plan('a note') },
      { method: 'POST', path: '/api/sessions/s/done', body: { note: 'It rained.' } },
    ])
    expect(await waiting()).toEqual([])
  })

  it('that was changed elsewhere too waits to be looked at, and holds up nothing', async () => {
    replies = ({ method }) => (method === 'PUT' ? 409 : 200)
    await keepPlan('s', plan('mine'))
    await sendWaiting()
    await keepAnswer(answer('a'))
    expect(await waitingPlan('s')).toMatchObject({ clash: true, plan: { note: 'mine' } })
    expect(told.map(({ method }) => method)).toEqual(['PUT', 'POST'])
    expect(await waiting()).toEqual(['s'])
  })

  it('whose session is gone is set aside, and what waits behind it goes on', async () => {
    replies = unreachable
    await keepDone('gone', 'It rained.')
    await keepPlan('gone', plan('mine'))
    for (const id of ['a', 'b', 'c']) await keepAnswer(answer(id))
    replies = ({ path }) => (path.endsWith('/done') ? 409 : path.includes('gone') ? 404 : 200)
    await sendWaiting()
    expect(told.map(({ path }) => path)).toEqual(['/api/sessions/gone/done', '/api/sessions/gone', '/api/answers'])
    expect(await setAside()).toEqual([
      ['gone', 'It was refused.'],
      ['gone', 'It was refused.'],
    ])
    expect(await waiting()).toEqual(['gone', 'gone'])
  })
})

describe('what is taken back', () => {
  it('though the server does not have it is done with', async () => {
    replies = () => 404
    await takeBack('a')
    expect(await waiting()).toEqual([])
  })
})
