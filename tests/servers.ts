import { type ChildProcess, spawn, spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { type AddressInfo, createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/* The built server, on a port that nobody uses and on a folder that nobody else has. */

export interface Served {
  readonly port: number
  readonly url: string
  readonly pid: number
  /** All that it has said so far. */
  readonly said: () => string
  /** Gives how long it took to end, in ms. */
  readonly stop: (signal?: 'SIGTERM' | 'SIGKILL') => Promise<number>
  /** Starts it anew on the same data and at the same address, once it was stopped. */
  readonly again: () => Promise<Served>
}

export interface ServerWish {
  readonly folder: string
  /** One that it had before, so that a browser finds it again. */
  readonly port?: number
  readonly dist?: string
  /** The folder that it is started from. */
  readonly cwd?: string
  readonly env?: Readonly<Record<string, string>>
}

const WAIT_MS = 60_000
/** Between looking for a free port and taking it, somebody else may have taken it. */
const TRIES = 5

export const newFolder = (name: string): string => mkdtempSync(join(tmpdir(), `ripe-acorn-${name}-`))

/** A port that the system says nobody uses. */
export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const asking = createServer()
    asking.once('error', reject)
    asking.listen(0, '127.0.0.1', () => {
      const { port } = asking.address() as AddressInfo
      asking.close(() => resolve(port))
    })
  })
}

export interface Ended {
  readonly code: number | null
  readonly said: string
}

/** Starts the server and gives what it said before it ended by itself, which it must. */
export function runToEnd(env: Readonly<Record<string, string>>): Promise<Ended> {
  const { server, said } = spawned(env, {})
  return new Promise((resolve) => server.once('close', (code) => resolve({ code, said: said().trim() })))
}

function spawned(
  env: Readonly<Record<string, string>>,
  { dist = 'dist', cwd }: Pick<ServerWish, 'dist' | 'cwd'>,
): { server: ChildProcess; said: () => string } {
  let text = ''
  const server = spawn('node', [join(dist, 'serve.mjs')], { env: { ...process.env, ...env }, cwd })
  for (const stream of [server.stdout, server.stderr])
    stream.on('data', (data: Buffer) => {
      text += data.toString()
    })
  return { server, said: () => text }
}

/** Starts the server and waits until it says where it is. Throws with what it said where it does not come. */
export async function startServer(wish: ServerWish): Promise<Served> {
  for (let tries = 1; ; tries++) {
    const port = wish.port ?? (await freePort())
    const env = { RIPE_ACORN_DATA: wish.folder, RIPE_ACORN_PORT: String(port), ...wish.env }
    const { server, said } = spawned(env, wish)
    if (await comesUp(server, said))
      return {
        port,
        url: urlOf(port, said()),
        pid: server.pid ?? 0,
        said,
        stop: stopping(server),
        again: () => startServer({ ...wish, port }),
      }
    server.kill('SIGKILL')
    const isTaken = wish.port === undefined && said().includes(`port ${port} is in use`)
    if (!isTaken || tries === TRIES) throw new Error(`the server did not start: ${said()}`)
  }
}

/** Whether it says where it is, in time and before it ends. */
function comesUp(server: ChildProcess, said: () => string): Promise<boolean> {
  return new Promise((resolve) => {
    const end = (isThere: boolean) => {
      clearTimeout(timer)
      resolve(isThere)
    }
    const timer = setTimeout(() => end(false), WAIT_MS)
    for (const stream of [server.stdout, server.stderr])
      stream?.on('data', () => said().includes('Ripe Acorn is at') && end(true))
    server.once('close', () => end(false))
  })
}

const urlOf = (port: number, said: string) => `${said.includes('at https:') ? 'https' : 'http'}://127.0.0.1:${port}`

const stopping =
  (server: ChildProcess): Served['stop'] =>
  (signal = 'SIGTERM') => {
    const began = Date.now()
    if (server.exitCode !== null || server.signalCode !== null) return Promise.resolve(0)
    return new Promise((resolve) => {
      server.once('exit', () => resolve(Date.now() - began))
      server.kill(signal)
    })
  }

/** A server on data of its own for as long as it is used; `isDemo` has the children of the demo in it. */
export async function withServer(
  isDemo: boolean,
  give: (served: Served) => Promise<void>,
  wanted: Readonly<Record<string, string>> = {},
): Promise<void> {
  const folder = newFolder(isDemo ? 'demo' : 'empty')
  const env = { ...process.env, RIPE_ACORN_DATA: folder }
  if (isDemo && spawnSync('node', ['dist/seed-demo.mjs'], { env, stdio: ['ignore', 'ignore', 'inherit'] }).status !== 0)
    throw new Error('the demo could not be made')
  const served = await startServer({ folder, env: wanted })
  try {
    await give(served)
  } finally {
    await served.stop('SIGKILL')
    rmSync(folder, { recursive: true, force: true })
  }
}
