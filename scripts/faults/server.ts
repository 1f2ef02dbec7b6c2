import { type ChildProcess, spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/* The server that check:faults breaks: the built one, on loopback, on a folder of its own. */

const PORT = 4341
export const BASE = `http://127.0.0.1:${PORT}`
export const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-faults-'))
export const databaseFile = join(folder, 'ripe-acorn.sqlite')

let server: ChildProcess | undefined

export async function start(env: Record<string, string> = {}): Promise<void> {
  const started = spawn('node', ['dist/serve.mjs'], {
    env: { ...process.env, RIPE_ACORN_DATA: folder, RIPE_ACORN_PORT: String(PORT), RIPE_ACORN_LOG: 'silent', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  server = started
  await new Promise<void>((resolve, reject) => {
    let said = ''
    const hear = (data: Buffer) => {
      said += data.toString()
      if (said.includes('Ripe Acorn is at')) resolve()
    }
    started.stdout.on('data', hear)
    started.stderr.on('data', hear)
    started.once('exit', () => reject(new Error(`it did not start: ${said}`)))
  })
}

export function end(signal: 'SIGKILL' | 'SIGTERM'): Promise<number> {
  const began = Date.now()
  return new Promise((resolve) => {
    const running = server
    if (!running || running.exitCode !== null) return resolve(0)
    running.once('exit', () => resolve(Date.now() - began))
    running.kill(signal)
  })
}

export async function send<T>(method: string, path: string, body?: unknown): Promise<{ status: number; body: T }> {
  const response = await fetch(BASE + path, {
    method,
    headers: body === undefined ? {} : { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
    signal: AbortSignal.timeout(10_000),
  })
  return { status: response.status, body: (await response.json()) as T }
}
