import { existsSync } from 'node:fs'
import { type Server, createServer } from 'node:http'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import compression from 'compression'
import sirv from 'sirv'
import type { Db } from './connection'
import { appDb, closeAppDb, dataFolder, makeFolder } from './db'
import { type Handler, LOCAL, SHORTEST_PASSCODE, guarded, isLocal } from './guard'
import { holdFolder } from './keeping/folderLock'
import { keepHouse } from './keeping/housekeeping'

/* The production server. `npm run build` bundles it to dist/serve.mjs, beside what it serves. */

const address = {
  host: process.env.RIPE_ACORN_HOST ?? LOCAL,
  port: Number(process.env.RIPE_ACORN_PORT ?? 4321),
  passcode: process.env.RIPE_ACORN_PASSCODE ?? '',
}
const { host, port, passcode } = address

/** Ends with one line that says why it does not start. A cause that has a name needs no stack. */
function refuse(reason: string): never {
  process.stderr.write(`Ripe Acorn did not start: ${reason}\n`)
  process.exit(1)
}

function listen(server: Server): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, host, resolve)
  })
}

if (!Number.isInteger(port) || port < 1 || port > 65_535)
  refuse(`RIPE_ACORN_PORT must be a whole number from 1 to 65535, got ${process.env.RIPE_ACORN_PORT}.`)
if (!isLocal(address) && passcode === '')
  refuse(
    `RIPE_ACORN_HOST is ${host}, which others can reach. Set RIPE_ACORN_PASSCODE to at least ${SHORTEST_PASSCODE} characters.`,
  )
if (passcode.length > 0 && passcode.length < SHORTEST_PASSCODE)
  refuse(`RIPE_ACORN_PASSCODE must have at least ${SHORTEST_PASSCODE} characters, got ${passcode.length}.`)

const dist = import.meta.dirname
if (!existsSync(join(dist, 'server/entry.mjs'))) refuse('it has not been built. Run npm run build.')

// Nobody else who uses this machine may read what is written here.
process.umask(0o077)

/** Opens the data before anything is served, so that what is wrong with it is told at once. */
async function openData(): Promise<{ db: Db; letGo: () => void }> {
  const folder = dataFolder()
  makeFolder(folder)
  const letGo = holdFolder(folder, `process ${process.pid}, at ${host}:${port}`)
  return { db: await appDb(), letGo }
}

const { db, letGo } = await openData().catch((error: unknown) =>
  refuse(error instanceof Error ? error.message : String(error)),
)

// React reads it once, as it is loaded: left unset, a page takes up to three times as long to be made.
process.env.NODE_ENV ??= 'production'
const { handler } = (await import(pathToFileURL(join(dist, 'server/entry.mjs')).href)) as { handler: Handler }
const files = sirv(join(dist, 'client'), {
  etag: true,
  // What the build has compressed goes out as it is, to whoever takes it.
  brotli: true,
  // Only what is named by its contents stays the same for good.
  setHeaders: (response, path) =>
    response.setHeader(
      'cache-control',
      path.startsWith('/_astro/') ? 'public, max-age=31536000, immutable' : 'no-cache',
    ),
})
const server = createServer(guarded(address, [compression() as unknown as Handler, files, handler]))
// Longer than a client keeps a connection, since one that closes just as it is used again would be an error at the
// table.
server.keepAliveTimeout = 75_000
try {
  await listen(server)
} catch (error) {
  const code = (error as NodeJS.ErrnoException).code
  if (code === 'EADDRINUSE') refuse(`port ${port} is in use. Close what uses it, or set RIPE_ACORN_PORT.`)
  if (code === 'EADDRNOTAVAIL') refuse(`this machine has no address ${host}. Set RIPE_ACORN_HOST to one it has.`)
  refuse(error instanceof Error ? error.message : String(error))
}
process.stdout.write(`Ripe Acorn is at http://${isLocal(address) ? LOCAL : host}:${port}\n`)
const stopHousekeeping = keepHouse(db)

/** How long requests that are under way may take to end. One that is half-sent would never end by itself. */
const GRACE_MS = 1000

/** Ends what is under way, puts all that was kept into the one file, and lets the folder go. */
async function stop(): Promise<void> {
  stopHousekeeping()
  const isClosed = new Promise<void>((done) => server.close(() => done()))
  server.closeIdleConnections()
  const timer = setTimeout(() => server.closeAllConnections(), GRACE_MS)
  await isClosed
  clearTimeout(timer)
  await closeAppDb()
  letGo()
  process.exit(0)
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void stop())
