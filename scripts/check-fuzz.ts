import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs'
import { request as httpRequest } from 'node:http'
import { tmpdir } from 'node:os'
import { join, relative } from 'node:path'
import { type Random, drawInt, randomFrom } from '../src/core/random'

/*
 * Sends what nobody should to every endpoint, and then mixed requests for long: npm run check:fuzz [-- SEED [COUNT]].
 * No answer may be a fault of ours (500 and above), show how the code looks inside, or take two seconds.
 */

const SEED = Number(process.argv[2] ?? 1)
const COUNT = Number(process.argv[3] ?? 20_000)
const SOAK = 5000
const PORT = 4342
const SLOW_MS = 2000
const MOST_MORE_MB = 50
/** How many send at once: a busy home. */
const SIDES = 4
const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-fuzz-'))
process.env.RIPE_ACORN_DATA = folder

const server = spawn('bash', ['-c', 'node dist/seed-demo.mjs && exec node dist/serve.mjs'], {
  env: { ...process.env, RIPE_ACORN_PORT: String(PORT), RIPE_ACORN_LOG: 'silent' },
})
await new Promise<void>((resolve) =>
  server.stdout.on('data', (data: Buffer) => data.toString().includes('Ripe Acorn is at') && resolve()),
)

let ended = ''
server.stderr.on('data', (data: Buffer) => (ended += data.toString()))
server.on('exit', (code) => console.log(`The server ended (${code}): ${ended.slice(-2000)}`))

interface Reply {
  readonly status: number
  readonly body: string
  readonly ms: number
}

function send(method: string, path: string, headers: Record<string, string>, body: string): Promise<Reply> {
  const began = Date.now()
  return new Promise((resolve) => {
    const done = (status: number, text: string) => resolve({ status, body: text, ms: Date.now() - began })
    const sending = httpRequest(
      { host: '127.0.0.1', port: PORT, method, path, headers, timeout: 10_000, agent: false },
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

const known = JSON.parse((await send('GET', '/api/overview', {}, '')).body) as {
  groups: { group: { id: string }; children: { id: string }[]; next: { id: string } | null }[]
}
const ids = known.groups.flatMap(({ group, children, next }) => [
  group.id,
  ...children.map(({ id }) => id),
  next?.id ?? 'none',
])

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
const good: Record<string, unknown>[] = [
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

function bodyFrom(rng: Random): string {
  const kind = drawInt(rng, 0, 9)
  if (kind === 0) return '{"a":'
  if (kind === 1) return ''
  if (kind === 2) return '['.repeat(5000)
  if (kind === 3) return String.fromCharCode(...Array.from({ length: 200 }, () => drawInt(rng, 1, 255)))
  return JSON.stringify(spoil(rng, pick(rng, good)))
}

function pathFrom(rng: Random): string {
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

async function fuzzOnce(rng: Random): Promise<void> {
  const [method, path, body] = [pick(rng, METHODS), pathFrom(rng), bodyFrom(rng)]
  // What removes or restores for good is left out: the rest would find nothing.
  if (method === 'DELETE' && ids.some((id) => path.includes(id))) return
  const headers = {
    'content-type': pick(rng, ['application/json', 'application/json', 'text/plain', 'application/octet-stream']),
  }
  const {
    status,
    body: said,
    ms,
  } = await send(method, path, headers, ['GET', 'HEAD', 'TRACE'].includes(method) ? '' : body)
  counts.set(status, (counts.get(status) ?? 0) + 1)
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

const memory = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1]) / 1024

// The first visit to each page compiles its code, once a start.
for (const page of pages) await send('GET', page, {}, '')
await run(COUNT, fuzzOnce, SEED)
console.log(
  `${COUNT} fuzzed requests: ${[...counts]
    .sort(([a], [b]) => a - b)
    .map(([status, n]) => `${n} × ${status}`)
    .join(', ')}`,
)
for (const line of wrong.slice(0, 20)) console.log(`WRONG  ${line}`)

const READS = [
  '/',
  '/children',
  '/log',
  '/api/overview',
  '/api/children',
  `/api/sessions/${known.groups[0]?.next?.id}`,
  '/api/data/workspace.zip',
]
const soak = async (rng: Random) => void (await send('GET', pick(rng, READS), {}, ''))
const rest = () => new Promise((resolve) => setTimeout(resolve, 5000))
// The first round fills what is kept for good, such as compiled code.
await run(SOAK / 2, soak, SEED + 1)
await rest()
const before = memory()
await run(SOAK, soak, SEED + 2)
await rest()
const more = memory() - before
console.log(
  `${SOAK} mixed requests: memory ${Math.round(before)} MB before, ${more < 0 ? '' : '+'}${Math.round(more)} MB after`,
)
server.kill('SIGTERM')
await new Promise((resolve) => server.on('exit', resolve))
rmSync(folder, { recursive: true, force: true })
const isRight = wrong.length === 0 && more < MOST_MORE_MB
console.log(isRight ? 'All of it was answered as it should be.' : `${wrong.length} wrong answers.`)
process.exit(isRight ? 0 : 1)
