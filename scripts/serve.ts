import { type IncomingMessage, type Server, type ServerResponse, createServer } from 'node:http'
import { existsSync } from 'node:fs'
import { timingSafeEqual } from 'node:crypto'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import compression from 'compression'
import sirv from 'sirv'
import { dataFolder, openDb } from '../src/server/db'

type Handler = (request: IncomingMessage, response: ServerResponse, next?: () => void) => void

const LOCAL = '127.0.0.1'
const host = process.env.RIPE_ACORN_HOST ?? LOCAL
const port = Number(process.env.RIPE_ACORN_PORT ?? 4321)
const passcode = process.env.RIPE_ACORN_PASSCODE ?? ''
const isLocal = host === LOCAL || host === 'localhost' || host === '::1'

/** One line on why it does not start, and nothing else: no stack for a cause that has a name. */
function refuse(reason: string): never {
  console.error(`Ripe Acorn did not start: ${reason}`)
  process.exit(1)
}

/** A page elsewhere that points its own name at this machine must not get in: only names we know are served. */
function isKnownHost(request: IncomingMessage): boolean {
  if (!isLocal) return true
  const name = (request.headers.host ?? '').replace(/:\d+$/, '')
  return name === LOCAL || name === 'localhost' || name === '[::1]'
}

/** A page from elsewhere must not send anything here: what a browser says about where it comes from must be us. */
function isFromUs({ headers }: IncomingMessage): boolean {
  if (headers.origin === undefined) return true
  return URL.canParse(headers.origin) && new URL(headers.origin).host === headers.host
}

function hasPasscode(request: IncomingMessage): boolean {
  if (!passcode) return true
  const given = /^Basic (.+)$/.exec(request.headers.authorization ?? '')?.[1] ?? ''
  const [, word = ''] = /^[^:]*:(.*)$/s.exec(Buffer.from(given, 'base64').toString('utf8')) ?? []
  const [a, b] = [Buffer.from(word), Buffer.from(passcode)]
  return a.length === b.length && timingSafeEqual(a, b)
}

function guarded(handlers: readonly Handler[]): Handler {
  return (request, response) => {
    if (!isKnownHost(request)) {
      response.writeHead(421, { 'content-type': 'text/plain' }).end(`Ripe Acorn answers at http://${LOCAL}:${port}.`)
      return
    }
    if (!isFromUs(request)) {
      response.writeHead(403, { 'content-type': 'text/plain' }).end('Only pages of Ripe Acorn itself may send to it.')
      return
    }
    if (!hasPasscode(request)) {
      response
        .writeHead(401, { 'www-authenticate': 'Basic realm="Ripe Acorn", charset="UTF-8"' })
        .end('A passcode is needed.')
      return
    }
    response.setHeader('x-content-type-options', 'nosniff')
    response.setHeader('referrer-policy', 'same-origin')
    // The last one is given no way on, so that it answers what nobody knows with its own page.
    const run = (i: number): void =>
      handlers[i]?.(request, response, i + 1 < handlers.length ? () => run(i + 1) : undefined)
    run(0)
  }
}

function listen(server: Server): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, host, resolve)
  })
}

if (!Number.isInteger(port) || port < 1 || port > 65_535)
  refuse(`RIPE_ACORN_PORT must be a whole number from 1 to 65535, got ${process.env.RIPE_ACORN_PORT}.`)
if (!isLocal && passcode.length < 6)
  refuse(`RIPE_ACORN_HOST is ${host}, which others can reach. Set RIPE_ACORN_PASSCODE to at least 6 characters.`)

const dist = join(import.meta.dirname, '../dist')
if (!existsSync(join(dist, 'server/entry.mjs'))) refuse('it has not been built. Run npm run build.')

// Opened once before anything is served, so that a folder that cannot be written is told at once.
try {
  await (await openDb(dataFolder())).destroy()
} catch (error) {
  refuse(error instanceof Error ? error.message : String(error))
}

const { handler } = (await import(pathToFileURL(join(dist, 'server/entry.mjs')).href)) as { handler: Handler }
const files = sirv(join(dist, 'client'), {
  etag: true,
  // Only what is named by its contents stays the same for good.
  setHeaders: (response, path) =>
    response.setHeader(
      'cache-control',
      path.startsWith('/_astro/') ? 'public, max-age=31536000, immutable' : 'no-cache',
    ),
})
const server = createServer(guarded([compression() as unknown as Handler, files, handler]))
// Longer than a client keeps its connection: one that is closed just as it is used again would be an error at the table.
server.keepAliveTimeout = 75_000
try {
  await listen(server)
} catch (error) {
  const code = (error as NodeJS.ErrnoException).code
  if (code === 'EADDRINUSE') refuse(`port ${port} is in use. Close what uses it, or set RIPE_ACORN_PORT.`)
  if (code === 'EADDRNOTAVAIL') refuse(`this machine has no address ${host}. Set RIPE_ACORN_HOST to one it has.`)
  refuse(error instanceof Error ? error.message : String(error))
}
console.log(`Ripe Acorn is at http://${isLocal ? LOCAL : host}:${port}`)

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => server.close(() => process.exit(0)))
