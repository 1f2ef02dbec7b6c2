import { writeFileSync } from 'node:fs'
import { request as httpRequest } from 'node:http'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { expect, test } from './fixtures'
import { type Served, newFolder, runToEnd, startServer } from '../tests/servers'

interface Sent {
  readonly method: string
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
  readonly body?: string
}

/** A request as it is on the wire: any header, the host's too. */
function send({ port }: Served, { body = '', ...sent }: Sent): Promise<number> {
  return new Promise((resolve, reject) => {
    const sending = httpRequest({ host: '127.0.0.1', port, ...sent }, (response) => {
      response.resume()
      resolve(response.statusCode ?? 0)
    })
    sending.on('error', reject)
    sending.end(body)
  })
}

/** A body that never says how long it is, sent in pieces until the server answers. */
function sendPieces({ port }: Served, path: string, pieces: number): Promise<number> {
  return new Promise((resolve, reject) => {
    const headers = { 'content-type': 'application/json', 'transfer-encoding': 'chunked' }
    const options = { host: '127.0.0.1', port, method: 'POST', path, headers }
    let isAnswered = false
    const sending = httpRequest(options, (response) => {
      isAnswered = true
      response.resume()
      resolve(response.statusCode ?? 0)
    })
    // Once it has answered, the server may close while we still send.
    sending.on('error', (error) => !isAnswered && reject(error))
    for (let i = 0; i < pieces; i++) sending.write('x'.repeat(64 * 1024))
    sending.end()
  })
}

const refusals: [string, Record<string, string>, RegExp][] = [
  [
    'a data folder that cannot be written',
    { RIPE_ACORN_DATA: 'package.json/data' },
    /data folder .* cannot be written/,
  ],
  ['a port that is none', { RIPE_ACORN_PORT: 'abc' }, /RIPE_ACORN_PORT must be a whole number/],
  [
    'a certificate that is not there',
    { RIPE_ACORN_CERT: 'no-such.pem', RIPE_ACORN_KEY: 'no-such.pem' },
    /RIPE_ACORN_CERT must name a file that can be read, not no-such\.pem/,
  ],
  [
    'a certificate that is none',
    { RIPE_ACORN_CERT: 'package.json', RIPE_ACORN_KEY: 'package.json' },
    /RIPE_ACORN_CERT must be a certificate in PEM/,
  ],
  ['an open address without a passcode', { RIPE_ACORN_HOST: '0.0.0.0' }, /Set RIPE_ACORN_PASSCODE/],
]

/** Ends with a code and one line that says why. */
async function isRefused(env: Record<string, string>, words: RegExp) {
  const { code, said } = await runToEnd({ RIPE_ACORN_DATA: test.info().outputPath('data'), ...env })
  expect(code).toBe(1)
  expect(said.split('\n').filter((line) => !line.startsWith('npm'))).toHaveLength(1)
  expect(said).toMatch(words)
}

for (const [name, env, words] of refusals) test(`${name} is told in one line`, () => isRefused(env, words))

test('a port in use is told in one line', ({ demo: { port } }) =>
  isRefused({ RIPE_ACORN_PORT: String(port) }, new RegExp(`port ${port} is in use`)))

test('it plans wherever it was started from', async () => {
  const folder = newFolder('elsewhere')
  const served = await startServer({ folder, dist: resolve('dist'), cwd: tmpdir() })
  try {
    expect(await planned(served)).toBe(200)
  } finally {
    await served.stop()
  }
})

test('a thread that dies fails its own request, and nobody else', async () => {
  const [folder, workers] = [newFolder('dying'), newFolder('workers')]
  writeFileSync(join(workers, 'plan-worker.mjs'), 'export default () => process.exit(3)')
  const served = await startServer({ folder, env: { RIPE_ACORN_WORKERS: workers, RIPE_ACORN_LOG: 'silent' } })
  try {
    expect([await planned(served), await planned(served)]).toEqual([503, 503])
    expect((await fetch(`${served.url}/api/overview`)).status).toBe(200)
    // There is no such worker at all.
    const print = `${served.url}/api/print.pdf?print=${encodeURIComponent(JSON.stringify(PRINT))}`
    expect((await fetch(print)).status).toBe(503)
    expect((await fetch(`${served.url}/api/overview`)).status).toBe(200)
  } finally {
    await served.stop()
  }
})

const PRINT = {
  printable: 'read-dials',
  options: { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'oclock', count: 6 },
  seed: 1,
}

/** How a server answers who makes a child and a group, and plans a session for them. */
async function planned({ url }: Served): Promise<number> {
  const post = (path: string, body: object) =>
    fetch(url + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  const [childId, groupId] = [crypto.randomUUID(), crypto.randomUUID()]
  expect((await post('/api/children', { id: childId, name: 'Elka', age: 6 })).status).toBe(200)
  expect((await post('/api/groups', { id: groupId, name: 'Otters', childIds: [childId] })).status).toBe(200)
  const wish = { id: crypto.randomUUID(), groupId, date: '2026-11-30', start: 600, minutes: 20, place: 'table' }
  const answer = await post('/api/sessions', { ...wish, materials: [] })
  if (answer.status === 400) throw new Error(await answer.text())
  return answer.status
}

test('what is not from here is turned away', async ({ demo }) => {
  const json = { 'content-type': 'application/json' }
  const name = JSON.stringify({ id: crypto.randomUUID(), name: 'Nobody' })
  const post = (headers: Record<string, string>, body: string) =>
    send(demo, { method: 'POST', path: '/api/children', headers, body })
  expect(await send(demo, { method: 'GET', path: '/', headers: { host: 'elsewhere.example' } })).toBe(421)
  expect(await post({ ...json, origin: 'http://elsewhere.example' }, name)).toBe(403)
  expect(await post(json, JSON.stringify({ name: 'x'.repeat(10_000_000) }))).toBe(413)
  expect(await sendPieces(demo, '/api/children', 40)).toBe(413)
  expect(await post(json, name)).toBe(200)
})
