import { readFileSync, readdirSync } from 'node:fs'
import { request as httpRequest } from 'node:http'
import { relative } from 'node:path'
import { type Random, drawInt, randomFrom } from '../src/core/random'
import { type Served, withServer } from '../tests/servers'
import { everyRoute, spellingsOf } from '../tests/spellings'

/*
 * Sends what nobody should to every endpoint, in every spelling of its address, and then mixed requests for long:
 * npm run check:fuzz [-- SEED [COUNT]]. No answer may be a fault of ours (500 and above), show how the code looks
 * inside, or hold the others up: somebody else asks for a small file all the while, and waits no longer than a quarter
 * of a second. A minute later the memory is what it was, to 50 MB.
 */

const SEED = Number(process.argv[2] ?? 1)
const COUNT = Number(process.argv[3] ?? 20_000)
const SOAK = 5000
/** The most that a request that waits for no other may take. */
const SLOW_MS = 2000
const MOST_MORE_MB = 50
const MOST_STALL_MS = 250
const CALM_MS = 60_000
/** How many send at once: a busy home. */
const SIDES = 4

interface Request {
  readonly method: string
  readonly path: string
  readonly headers?: Readonly<Record<string, string>>
  readonly body?: string
}

interface Reply {
  readonly status: number
  readonly body: string
  readonly ms: number
}

function send(port: number, { method, path, headers = {}, body = '' }: Request): Promise<Reply> {
  const began = Date.now()
  // What Node itself would not put on the wire: it is written as bytes of one letter each.
  const wire = path.replace(/[^\x21-\xff]/g, (letter) =>
    encodeURIComponent(/[\ud800-\udfff]/.test(letter) ? '' : letter),
  )
  return new Promise((resolve) => {
    const done = (status: number, text: string) => resolve({ status, body: text, ms: Date.now() - began })
    const sending = httpRequest(
      { host: '127.0.0.1', port, method, path: wire, headers, timeout: 30_000, agent: false },
      (response) => {
        let text = ''
        response.on('data', (data: Buffer) => (text.length < 100_000 ? (text += data.toString('latin1')) : undefined))
        response.on('end', () => done(response.statusCode ?? 0, text))
        response.on('error', () => done(0, ''))
      },
    )
    sending.on('error', () => done(0, ''))
    sending.on('timeout', () => sending.destroy())
    sending.end(body)
  })
}

/** Every endpoint, by its file. */
const routes = (readdirSync('src/pages/api', { recursive: true }) as string[])
  .filter((file) => file.endsWith('.ts') && !file.includes('[...'))
  .map((file) => `/api/${relative('.', file).replace(/(?:\/index)?\.ts$/, '')}`)

const pages = ['/', '/children', '/log', '/settings', '/print', '/days', '/stories', '/play', '/enter']

interface Known {
  readonly groups: readonly {
    readonly group: { readonly id: string }
    readonly children: readonly { readonly id: string }[]
    readonly next: { readonly id: string } | null
  }[]
}

const ODD: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1.5,
  1e308,
  '',
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  '=cmd()',
  '<script>alert(1)</script>',
  '../../etc/passwd',
  "'; drop table answers; --",
  [],
  {},
  { __proto__: { admin: true } },
  Array.from({ length: 300 }, () => 1),
  '2026-02-31',
]

const pick = <T>(rng: Random, list: readonly T[]): T => list[drawInt(rng, 0, list.length - 1)] as T

/** A body that was right once, with something odd in it. */
const goodBodies = (ids: readonly string[]): Record<string, unknown>[] => [
  { id: '3b0f5a9e-4c7b-4c8e-9c8f-1f1a5b1f0a01', name: 'Moss', age: 6 },
  { id: '3b0f5a9e-4c7b-4c8e-9c8f-1f1a5b1f0a02', name: 'A group', childIds: [ids[1]], newChildren: [] },
  {
    answers: [{ id: '3b0f5a9e-4c7b-4c8e-9c8f-1f1a5b1f0a03', childId: ids[1], at: 1, item: {}, given: {}, choices: 0 }],
    sentAt: 5,
  },
  {
    version: 1,
    date: '2026-11-28',
    start: 570,
    minutes: 25,
    place: 'table',
    materials: [],
    note: '',
    rung: 'oclock',
    steps: [],
  },
  {
    printable: 'read-dials',
    options: { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'oclock', count: 6 },
    seed: 1,
  },
  {
    recipe: {},
    yard: {},
    name: 'x',
    body: { rows: [], on: { kind: 'weekdays', days: [1] }, whose: { kind: 'everybody' }, starts: [] },
  },
  { folder: '', keep: 14, before: '2026-01-01', passcode: 'short', text: 'a note', reason: 'why' },
]

function spoil(rng: Random, value: unknown): unknown {
  if (drawInt(rng, 0, 5) === 0) return pick(rng, ODD)
  if (Array.isArray(value)) return value.map((each) => spoil(rng, each))
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, spoil(rng, each)]))
}

function bodyFrom(rng: Random, ids: readonly string[]): string {
  const kind = drawInt(rng, 0, 9)
  if (kind === 0) return '{"a":'
  if (kind === 1) return ''
  if (kind === 2) return '['.repeat(5000)
  if (kind === 3) return String.fromCharCode(...Array.from({ length: 200 }, () => drawInt(rng, 1, 255)))
  return JSON.stringify(spoil(rng, pick(rng, goodBodies(ids))))
}

/** Every spelling of every address. */
const spelt = everyRoute().flatMap((route) => spellingsOf(route))

function pathFrom(rng: Random, ids: readonly string[]): string {
  if (drawInt(rng, 0, 3) === 0) return pick(rng, spelt)
  const id =
    drawInt(rng, 0, 2) === 0
      ? encodeURIComponent(String(pick(rng, ['none', '../x', '%00', 'a'.repeat(3000)])))
      : pick(rng, ids)
  const path = pick(rng, [...routes, ...pages]).replace('[id]', id)
  return drawInt(rng, 0, 2) === 0
    ? `${path}?${pick(rng, ['as=x', 'childId=%', 'id[]=1', 'before=zz', 'do=look', 'groupId=1', 'x'.repeat(4000)])}`
    : path
}

const METHODS = ['GET', 'POST', 'PUT', 'DELETE', 'HEAD', 'PATCH', 'OPTIONS', 'TRACE']
const counts = new Map<number, number>()
const wrong: string[] = []
/** The requests that took longest, ms. */
const slowest: [number, string][] = []

async function fuzzOnce(port: number, ids: readonly string[], rng: Random): Promise<void> {
  const [method, path, body] = [pick(rng, METHODS), pathFrom(rng, ids), bodyFrom(rng, ids)]
  // What removes or restores for good is left out: the rest would find nothing.
  if (method === 'DELETE' && ids.some((id) => path.includes(id))) return
  const types = ['application/json', 'application/json', 'text/plain', 'application/octet-stream']
  const headers = { 'content-type': pick(rng, types) }
  const sent = ['GET', 'HEAD', 'TRACE'].includes(method) ? '' : body
  const { status, body: said, ms } = await send(port, { method, path, headers, body: sent })
  counts.set(status, (counts.get(status) ?? 0) + 1)
  slowest.push([ms, `${method} ${path.slice(0, 80)}`])
  slowest.sort(([one], [other]) => other - one).splice(8)
  if (status >= 500 || status === 0 || /\n\s+at .*:\d+:\d+/.test(said) || ms > SLOW_MS)
    wrong.push(`${status} in ${ms} ms: ${method} ${path.slice(0, 100)} ${body.slice(0, 200)} → ${said.slice(0, 200)}`)
}

async function run(total: number, work: (rng: Random) => Promise<void>, seed: number): Promise<void> {
  const side = async (k: number) => {
    const rng = randomFrom(seed * 1000 + k)
    for (let i = 0; i < total / SIDES; i++) await work(rng)
  }
  await Promise.all(Array.from({ length: SIDES }, (_, k) => side(k)))
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

/** Asks for a small file twenty times a second until it is stopped; gives the waits over the limit, and the longest. */
function probe(port: number): () => Promise<{ stalls: number; longest: number; asked: number }> {
  const waits: number[] = []
  let isOn = true
  const asking = (async () => {
    while (isOn) {
      const { ms } = await send(port, { method: 'GET', path: '/icon.svg' })
      waits.push(ms)
      await pause(50)
    }
  })()
  return async () => {
    isOn = false
    await asking
    return {
      stalls: waits.filter((ms) => ms > MOST_STALL_MS).length,
      longest: Math.max(0, ...waits),
      asked: waits.length,
    }
  }
}

const memoryOf = ({ pid }: Served) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024

const mb = (value: number) => `${Math.round(value)} MB`

async function checkFuzz(served: Served): Promise<boolean> {
  const { port } = served
  const known = JSON.parse((await send(port, { method: 'GET', path: '/api/overview' })).body) as Known
  const ids = known.groups.flatMap(({ group, children, next }) => [
    group.id,
    ...children.map(({ id }) => id),
    next?.id ?? 'none',
  ])
  // The first visit to each page compiles its code, once a start; and the server makes every view once by itself.
  for (const page of pages) await send(port, { method: 'GET', path: page })
  const reads = [
    '/',
    '/children',
    '/log',
    '/api/overview',
    '/api/children',
    `/api/sessions/${known.groups[0]?.next?.id}`,
  ]
  const soak = async (rng: Random) => void (await send(port, { method: 'GET', path: pick(rng, reads) }))
  await run(SOAK / 2, soak, SEED + 1)
  await pause(5000)
  const before = memoryOf(served)
  const stop = probe(port)
  await run(COUNT, (rng) => fuzzOnce(port, ids, rng), SEED)
  const { stalls, longest, asked } = await stop()
  const told = [...counts].sort(([a], [b]) => a - b).map(([status, n]) => `${n} × ${status}`)
  console.log(`${COUNT} fuzzed requests, ${spelt.length} spellings to draw from: ${told.join(', ')}`)
  console.log(`${asked} small requests beside them: ${stalls} took over ${MOST_STALL_MS} ms, the longest ${longest} ms`)
  await run(SOAK, soak, SEED + 2)
  await pause(CALM_MS)
  const more = memoryOf(served) - before
  console.log(
    `memory ${mb(before)} before, ${more < 0 ? '' : '+'}${mb(more)} a minute after ${SOAK} mixed requests more`,
  )
  if (stalls > 0) for (const [ms, request] of slowest) console.log(`slow   ${ms} ms ${request}`)
  for (const line of wrong.slice(0, 20)) console.log(`WRONG  ${line}`)
  return wrong.length === 0 && more < MOST_MORE_MB && stalls === 0
}

let isRight = false
await withServer(true, async (served) => {
  isRight = await checkFuzz(served)
})
console.log(isRight ? 'All of it was answered as it should be.' : `${wrong.length} wrong answers.`)
process.exit(isRight ? 0 : 1)
