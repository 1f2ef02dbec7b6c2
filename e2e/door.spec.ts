import { readFileSync, readdirSync, rmSync } from 'node:fs'
import { type IncomingHttpHeaders, request as httpRequest } from 'node:http'
import { connect } from 'node:net'
import { join } from 'node:path'
import { expect, test } from './fixtures'
import { everyRoute, spellingsOf } from '../tests/spellings'
import { type Served, newFolder, runToEnd, startServer } from '../tests/servers'

/* A server that others can reach: who comes in, and who does not. On loopback all the same. */

const PASSCODE = 'nine ferries'
let folder: string
let server: Served

/** Starts it anew on the same folder; by its own word others can reach it. */
async function open(env: Record<string, string> = {}): Promise<void> {
  server = await startServer({ folder, env: { RIPE_ACORN_HOST: '0.0.0.0', RIPE_ACORN_PASSCODE: PASSCODE, ...env } })
}

interface Reply {
  readonly status: number
  readonly headers: IncomingHttpHeaders
  readonly body: string
}

function send(method: string, path: string, headers: Record<string, string> = {}, body = ''): Promise<Reply> {
  return new Promise((resolve, reject) => {
    const sending = httpRequest({ host: '127.0.0.1', port: server.port, method, path, headers }, (response) => {
      let text = ''
      response.on('data', (data: Buffer) => (text += data.toString()))
      response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, body: text }))
    })
    sending.on('error', reject)
    sending.end(body)
  })
}

const enter = (passcode: string) =>
  send(
    'POST',
    '/enter',
    { 'content-type': 'application/x-www-form-urlencoded' },
    new URLSearchParams({ passcode }).toString(),
  )

test.describe.configure({ mode: 'serial' })

test.beforeAll(() => {
  folder = newFolder('door')
})

test.afterAll(async () => {
  await server.stop('SIGKILL')
  rmSync(folder, { recursive: true, force: true })
})

test('a device gives the passcode on a page of ours, is listed, and can be shut out', async ({ page, quiet }) => {
  quiet.allow(/401|403/)
  await open()
  expect(server.said()).toContain('plain http')
  await page.goto(`${server.url}/settings?part=network`)
  await expect(page.getByRole('heading', { name: 'Ripe Acorn' })).toBeVisible()
  await page.getByLabel('Passcode').fill('eight ferries')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByRole('alert')).toContainText('That is not the passcode.')
  await page.getByLabel('Passcode').fill(PASSCODE)
  await page.getByLabel('What this device is called').fill('Tablet by the window')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByText('Tablet by the window, since')).toBeVisible()
  await expect(page.getByRole('img', { name: /A code that opens http/ })).toBeVisible()
  const [cookie] = await page.context().cookies()
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Strict' })
  for (const end of ['', '-wal'])
    for (const secret of [PASSCODE, cookie?.value ?? ''])
      expect(readFileSync(join(folder, `ripe-acorn.sqlite${end}`), 'latin1')).not.toContain(secret)
  // Going on at once would take the request back.
  const shut = page.waitForResponse((response) => response.request().method() === 'DELETE')
  await page.getByRole('button', { name: 'Shut it out' }).click()
  expect((await shut).ok()).toBe(true)
  await page.goto(`${server.url}/`)
  await expect(page.getByLabel('Passcode')).toBeVisible()
  expect((await send('GET', '/api/children')).status).toBe(401)
})

test('wrong tries become slower, and the right word still opens', async () => {
  const took: number[] = []
  for (let i = 0; i < 3; i++) {
    const began = Date.now()
    expect((await enter('wrong')).status).toBe(403)
    took.push(Date.now() - began)
  }
  // A busy machine only makes it longer.
  for (const [i, ms] of took.entries()) expect(ms).toBeGreaterThanOrEqual(250 * 2 ** i - 10)
  const right = await enter(PASSCODE)
  expect([right.status, right.headers.location]).toEqual([303, '/'])
})

/** The answer to a request that is sent letter by letter as it is. */
function sendRaw(method: string, target: string, body = ''): Promise<string> {
  return new Promise((resolve, reject) => {
    const socket = connect(server.port, '127.0.0.1')
    let text = ''
    socket.on('data', (data: Buffer) => (text += data.toString('latin1')))
    socket.on('error', reject)
    socket.on('close', () => resolve(text))
    const head = `${method} ${target} HTTP/1.1\r\nhost: 127.0.0.1\r\nconnection: close\r\n`
    socket.write(`${head}content-type: application/json\r\ncontent-length: ${body.length}\r\n\r\n${body}`, 'latin1')
  })
}

test('no spelling of an address leads past the door', async () => {
  const routes = ['/api/children', '/api/data/workspace.zip', '/api/data/backups', '/children', '/_image']
  for (const route of routes)
    for (const [i, spelling] of spellingsOf(route).entries()) {
      const [method, body] = i % 3 === 2 ? ['POST', '{"version":1}'] : ['GET', '']
      const answer = await sendRaw(method, spelling, body)
      // Refused as it is written, unknown, or led to the door: nothing of ours is in it.
      expect(`${spelling}: ${answer.slice(0, 20)}`).toMatch(/: HTTP\/1.1 (?:400|401|404) /)
    }
  for (const route of everyRoute().filter((each) => each !== '/offline')) {
    expect(`${route}: ${(await sendRaw('GET', `/_astro/..${route}`)).slice(0, 12)}`).toBe(`${route}: HTTP/1.1 400`)
    expect(`${route}: ${(await sendRaw('GET', route)).slice(0, 12)}`).toBe(`${route}: HTTP/1.1 401`)
  }
})

test('the door leads to pages of ours alone', async () => {
  for (const to of ['/\t/evil', '//evil', '/x\r\nset-cookie: a=b']) {
    const form = new URLSearchParams({ passcode: PASSCODE, to }).toString()
    const { status, headers } = await send(
      'POST',
      '/enter',
      { 'content-type': 'application/x-www-form-urlencoded' },
      form,
    )
    expect([status, headers.location]).toEqual([303, '/'])
  }
})

test('pages tell the browser what they may do, and only our own may ask', async () => {
  const { headers } = await send('GET', '/enter')
  expect(headers['content-security-policy']).toMatch(/script-src 'self' 'sha256-/)
  expect(headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/)
  expect(headers['content-security-policy']).toContain("frame-ancestors 'none'")
  expect(headers).toMatchObject({
    'cache-control': 'no-store',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy': expect.stringContaining('camera=()') as unknown,
  })
  // Scripts and styles say nothing about pages, but a worker keeps to the policy of its own script.
  const script = readdirSync('dist/client/_astro').find((name) => name.endsWith('.js'))
  const built = (await send('GET', `/_astro/${script}`)).headers
  expect(built).toMatchObject({
    'cache-control': 'public, max-age=31536000, immutable',
    'content-security-policy': "default-src 'self'",
    'cross-origin-resource-policy': 'same-origin',
    'x-content-type-options': 'nosniff',
  })
  expect(built['permissions-policy']).toBeUndefined()
  const from = (site: string, mode: string, dest: string) => ({
    'sec-fetch-site': site,
    'sec-fetch-mode': mode,
    'sec-fetch-dest': dest,
  })
  expect((await send('GET', '/api/overview', from('cross-site', 'no-cors', 'image'))).status).toBe(403)
  expect((await send('GET', '/enter', from('cross-site', 'navigate', 'document'))).status).toBe(200)
  expect((await send('GET', '/enter', from('cross-site', 'navigate', 'iframe'))).status).toBe(403)
  expect((await send('POST', '/enter', from('cross-site', 'navigate', 'document'))).status).toBe(403)
  expect((await send('TRACE', '/')).status).toBe(405)
  expect((await send('GET', '/_image?href=/icon.svg&w=9000')).status).toBe(404)
  expect((await send('GET', '/enter', { host: 'elsewhere.example' })).status).toBe(421)
})

test('it stops long before a half-sent request would end, and has everything in the one file', async () => {
  const half = connect(server.port, '127.0.0.1')
  half.on('error', () => undefined)
  half.write('POST /enter HTTP/1.1\r\nhost: 127.0.0.1\r\ncontent-length: 900\r\n\r\npasscode=')
  await new Promise((resolve) => setTimeout(resolve, 200))
  // A request may take a minute; a busy machine some seconds.
  expect(await server.stop()).toBeLessThan(20_000)
  expect(() => readFileSync(join(folder, 'ripe-acorn.sqlite-wal'))).toThrow()
})

test('with HTTPS on, a certificate is made at the first start and used', async ({ browser }) => {
  await open({ RIPE_ACORN_HTTPS: 'on' })
  expect(server.said()).not.toContain('plain http')
  const context = await browser.newContext({ ignoreHTTPSErrors: true })
  const page = await context.newPage()
  await page.goto(`${server.url}/`)
  await page.getByLabel('Passcode').fill(PASSCODE)
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByRole('link', { name: 'Today' })).toBeVisible()
  expect((await context.cookies())[0]).toMatchObject({ secure: true })
  await context.close()
  await server.stop()
})

test('a second server on the same folder is refused by name', async () => {
  server = await startServer({ folder })
  const { said } = await runToEnd({ RIPE_ACORN_PORT: '4321', RIPE_ACORN_DATA: folder })
  expect(said).toMatch(
    new RegExp(`in use by another Ripe Acorn.*process ${server.pid}, at 127\\.0\\.0\\.1:${server.port}`),
  )
  await server.stop()
})
