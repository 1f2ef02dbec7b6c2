import { join } from 'node:path'
import { type Served, freePort, newFolder, startServer } from '../../tests/servers'

/* The server that check:faults breaks: the built one, on loopback, on a folder of its own. */

const port = await freePort()
export const BASE = `http://127.0.0.1:${port}`
export const folder = newFolder('faults')
export const databaseFile = join(folder, 'ripe-acorn.sqlite')

let server: Served | undefined

export async function start(env: Record<string, string> = {}): Promise<void> {
  server = await startServer({ folder, port, env: { RIPE_ACORN_LOG: 'silent', ...env } })
}

/** Gives how long it took, in ms. */
export const end = (signal: 'SIGKILL' | 'SIGTERM'): Promise<number> => server?.stop(signal) ?? Promise.resolve(0)

export async function send<T>(method: string, path: string, body?: unknown): Promise<{ status: number; body: T }> {
  const response = await fetch(BASE + path, {
    method,
    headers: body === undefined ? {} : { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
    signal: AbortSignal.timeout(10_000),
  })
  return { status: response.status, body: (await response.json()) as T }
}
