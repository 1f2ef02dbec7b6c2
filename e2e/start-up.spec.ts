import { type SpawnOptions, spawn } from 'node:child_process'
import { request as httpRequest } from 'node:http'
import { expect, test } from './fixtures'
import { DEMO_PORT } from './servers'

/** Starts the server in an environment of its own and gives what it said before it ended. */
function start(env: Record<string, string>): Promise<{ code: number | null; said: string }> {
  const options: SpawnOptions = { env: { ...process.env, RIPE_ACORN_PORT: '4339', ...env } }
  const server = spawn('node', ['dist/serve.mjs'], options)
  let said = ''
  server.stdout?.on('data', (data: Buffer) => (said += data.toString()))
  server.stderr?.on('data', (data: Buffer) => (said += data.toString()))
  return new Promise((resolve) => server.on('exit', (code) => resolve({ code, said: said.trim() })))
}

/** A request as it is on the wire: any header, the host's too. */
function send(method: string, path: string, headers: Record<string, string>, body = ''): Promise<number> {
  return new Promise((resolve, reject) => {
    const sending = httpRequest({ host: '127.0.0.1', port: DEMO_PORT, method, path, headers }, (response) => {
      response.resume()
      resolve(response.statusCode ?? 0)
    })
    sending.on('error', reject)
    sending.end(body)
  })
}

/** A body that never says how long it is, sent in pieces until the server answers. */
function sendPieces(path: string, pieces: number): Promise<number> {
  return new Promise((resolve, reject) => {
    const headers = { 'content-type': 'application/json', 'transfer-encoding': 'chunked' }
    const options = { host: '127.0.0.1', port: DEMO_PORT, method: 'POST', path, headers }
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
  [
    'a port in use',
    { RIPE_ACORN_DATA: 'test-results/data-start', RIPE_ACORN_PORT: String(DEMO_PORT) },
    /port 4331 is in use/,
  ],
  ['a port that is none', { RIPE_ACORN_PORT: 'abc' }, /RIPE_ACORN_PORT must be a whole number/],
  ['an open address without a passcode', { RIPE_ACORN_HOST: '0.0.0.0' }, /Set RIPE_ACORN_PASSCODE/],
]

for (const [name, env, words] of refusals)
  test(`${name} is told in one line`, async () => {
    const { code, said } = await start(env)
    expect(code).toBe(1)
    expect(said.split('\n').filter((line) => !line.startsWith('npm'))).toHaveLength(1)
    expect(said).toMatch(words)
  })

test('what is not from here is turned away', async () => {
  const json = { 'content-type': 'application/json' }
  const name = JSON.stringify({ id: crypto.randomUUID(), name: 'Nobody' })
  expect(await send('GET', '/', { host: 'elsewhere.example' })).toBe(421)
  expect(await send('POST', '/api/children', { ...json, origin: 'http://elsewhere.example' }, name)).toBe(403)
  expect(await send('POST', '/api/children', json, JSON.stringify({ name: 'x'.repeat(10_000_000) }))).toBe(413)
  expect(await sendPieces('/api/children', 40)).toBe(413)
  expect(await send('POST', '/api/children', json, name)).toBe(200)
})
