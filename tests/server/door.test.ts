import { type Server, createServer, request } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { appDb } from '../../src/server/db'
import { type Guard, guarded } from '../../src/server/guard/guard'
import { hashPasscode } from '../../src/server/guard/passcode'
import './ownData'

/* The door as a device elsewhere finds it: its requests come from an address that is not this machine's. */

const PASSCODE = 'nine ferries'
let server: Server

beforeAll(async () => {
  const kept = await hashPasscode(PASSCODE)
  const guard: Guard = {
    address: { host: '0.0.0.0', port: 4321, names: [], isSecure: false },
    db: await appDb(),
    passcode: () => Promise.resolve(kept),
    policy: '',
    files: new Set(['/icon.svg']),
  }
  const answer = guarded(guard, [(asked, response) => response.end(`inside ${asked.url}`)])
  server = createServer((asked, response) => {
    Object.defineProperty(asked.socket, 'remoteAddress', { value: asked.headers['x-from'], configurable: true })
    answer(asked, response)
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
})

afterAll(() => {
  server.closeAllConnections()
  server.close()
})

interface Asking {
  readonly from?: string
  readonly passcode?: string
  readonly cookie?: string
}

function ask(path: string, { from = '192.0.2.7', passcode, cookie }: Asking = {}) {
  const headers = {
    host: '127.0.0.1',
    'x-from': from,
    ...(cookie && { cookie }),
    ...(passcode && { 'content-type': 'application/x-www-form-urlencoded' }),
  }
  return new Promise<{ status: number; text: string; cookie: string }>((resolve, reject) => {
    const { port } = server.address() as AddressInfo
    const asking = request({ port, host: '127.0.0.1', path, headers, method: passcode ? 'POST' : 'GET' }, (answer) => {
      let text = ''
      answer.on('data', (part: Buffer) => (text += part.toString()))
      const given = answer.headers['set-cookie']?.[0]?.split(';')[0] ?? ''
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, text, cookie: given }))
    })
    asking.on('error', reject)
    asking.end(passcode && new URLSearchParams({ passcode }).toString())
  })
}

test('a file of the build is open, all else is not', async () => {
  expect((await ask('/icon.svg')).text).toBe('inside /icon.svg')
  for (const path of ['/api/children', '/icon.svgx', '/icon.svg/', '/ICON.svg', '/'])
    expect([path, (await ask(path)).status]).toEqual([path, 401])
  expect((await ask('/_image?href=x')).status).toBe(404)
  expect((await ask('/_server-islands/x')).status).toBe(404)
})

test('wrong tries shut their own place out, and neither another one nor who came in', async () => {
  const { status, cookie } = await ask('/enter', { passcode: PASSCODE })
  expect(status).toBe(303)
  expect((await ask('/enter', { passcode: 'wrong' })).text).toContain('9 more tries are left')
  // Nine more at once; each of these waits for long, so nobody waits for them.
  for (let i = 0; i < 9; i++) ask('/enter', { passcode: 'wrong' }).catch(() => undefined)
  await new Promise((resolve) => setTimeout(resolve, 300))
  expect((await ask('/enter', { passcode: PASSCODE })).text).toContain('shut for a quarter of an hour')
  expect((await ask('/api/children', { cookie })).text).toBe('inside /api/children')
  expect((await ask('/enter', { passcode: PASSCODE, from: '192.0.2.8' })).status).toBe(303)
  expect((await ask('/enter', { passcode: PASSCODE, from: '127.0.0.1' })).status).toBe(303)
})
