import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs'
import { type Server, createServer } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { join, sep } from 'node:path'
import { pathToFileURL } from 'node:url'
import compression from 'compression'
import sirv from 'sirv'
import type { Db } from './connection'
import { appDb, closeAppDb, dataFolder, makeFolder } from './db'
import { type Address, LOCAL, SHORTEST_PASSCODE, isLocal, ownNames } from './guard/address'
import { type Guard, type Handler, guarded } from './guard/guard'
import { contentPolicy, setBuiltHeaders, setFileHeaders } from './guard/headers'
import { tellNetwork } from './guard/network'
import { hashPasscode } from './guard/passcode'
import { certificate } from './guard/tls'
import { holdFolder } from './keeping/folderLock'
import { getKeeping } from './keeping/keeping'
import { troubleOf } from './keeping/storageTrouble'
import { log } from './log'
import { keepHouse } from './keeping/housekeeping'
import { sentAtOnce } from './sentAtOnce'
import { Traffic, warmUp } from './warmUp'

/* The production server. `npm run build` bundles it to dist/serve.mjs, beside what it serves. */

const env = process.env
const host = env.RIPE_ACORN_HOST ?? LOCAL
const port = Number(env.RIPE_ACORN_PORT ?? 4321)
const passcode = env.RIPE_ACORN_PASSCODE ?? ''
const isClosed = isLocal({ host })

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
  refuse(`RIPE_ACORN_PORT must be a whole number from 1 to 65535, not ${process.env.RIPE_ACORN_PORT}.`)
if (passcode.length > 0 && passcode.length < SHORTEST_PASSCODE)
  refuse(`RIPE_ACORN_PASSCODE must have at least ${SHORTEST_PASSCODE} characters, not ${passcode.length}.`)

const dist = import.meta.dirname
if (!existsSync(join(dist, 'server/entry.mjs'))) refuse('it has not been built. Run npm run build.')

process.env.RIPE_ACORN_WORKERS ??= dist

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

// The server of the made-up children has the passcode of the one that started it, which may only know it hashed.
const given = passcode === '' ? env.RIPE_ACORN_HASHED_PASSCODE : await hashPasscode(passcode)
if (!isClosed && !given && !(await getKeeping(db)).passcode)
  refuse(
    `RIPE_ACORN_HOST is ${host}, which others can reach. Set RIPE_ACORN_PASSCODE to at least ${SHORTEST_PASSCODE} characters.`,
  )
const names = (env.RIPE_ACORN_NAMES ?? '').split(',').flatMap((name) => name.trim() || [])
const https = (() => {
  try {
    return certificate(env, dataFolder(), [...ownNames({ host, port, names, isSecure: true })])
  } catch (error) {
    return refuse(error instanceof Error ? error.message : String(error))
  }
})()
const address: Address = { host, port, names, isSecure: https !== undefined }
tellNetwork({ address, isFixed: given !== undefined })

// React reads it once, as it is loaded: left unset, a page takes up to three times as long to be made.
process.env.NODE_ENV ??= 'production'
const { handler } = (await import(pathToFileURL(join(dist, 'server/entry.mjs')).href)) as { handler: Handler }
const files = sirv(join(dist, 'client'), {
  etag: true,
  // What the build has compressed goes out as it is, to whoever takes it.
  brotli: true,
  setHeaders: (response, path) => (path.startsWith('/_astro/') ? setBuiltHeaders : setFileHeaders)(response),
})

/** The address of every file of a folder, and of the page that stands in a folder of its own. */
function filesIn(folder: string): Set<string> {
  const names = (readdirSync(folder, { recursive: true }) as string[])
    .filter((name) => statSync(join(folder, name)).isFile())
    .map((name) => `/${name.split(sep).join('/')}`)
  const pages = names.flatMap((name) => (name.endsWith('/index.html') ? name.replace('/index.html', '') : []))
  return new Set([...names, ...pages, ...pages.map((page) => `${page}/`)])
}

const { scripts } = JSON.parse(readFileSync(join(dist, 'csp.json'), 'utf8')) as { scripts: string[] }
const guard: Guard = {
  address,
  db,
  // A machine that only its own user can reach asks for none but one that was given at the start.
  passcode: async () => given ?? (isClosed ? undefined : ((await getKeeping(db)).passcode ?? undefined)),
  policy: contentPolicy(scripts),
  files: filesIn(join(dist, 'client')),
}
const traffic = new Traffic()
const answer = traffic.watched(guarded(guard, [compression() as unknown as Handler, files, sentAtOnce, handler]))
const server = https ? createSecureServer(https, answer) : createServer(answer)
// Longer than a client keeps a connection, since one that closes just as it is used again would be an error at the
// table.
server.keepAliveTimeout = 75_000
// Every request ends: its head within ten seconds, all of it within a minute, and no more are open than one machine
// can serve.
server.headersTimeout = 10_000
server.requestTimeout = 60_000
server.maxConnections = 256
try {
  await listen(server)
} catch (error) {
  const code = (error as NodeJS.ErrnoException).code
  if (code === 'EADDRINUSE') refuse(`port ${port} is in use. Close what uses it, or set RIPE_ACORN_PORT.`)
  if (code === 'EADDRNOTAVAIL') refuse(`this machine has no address ${host}. Set RIPE_ACORN_HOST to one it has.`)
  refuse(error instanceof Error ? error.message : String(error))
}
const scheme = https ? 'https' : 'http'
const warning =
  isClosed || https
    ? ''
    : 'Others on this network could read what is sent: it is plain http. Set RIPE_ACORN_HTTPS=on, or give a certificate.\n'
process.stdout.write(`${warning}Ripe Acorn is at ${scheme}://${isClosed ? LOCAL : host}:${port}\n`)
process.send?.('it listens')
const stopHousekeeping = keepHouse(db)
let isStopping = false
const warming = { db, handler, host: `${LOCAL}:${port}`, traffic, isOver: () => isStopping }
void warmUp(warming).catch((error: unknown) => log.warn({ err: error }, 'the views were not warmed up'))

/** How long requests that are under way may take to end. One that is half-sent would never end by itself. */
const GRACE_MS = 500

/** All of it may take so long. A process that does not end is killed by whoever started it, without a word. */
const STOP_MS = 4500

/** Ends what is under way, puts all that was kept into the one file, and lets the folder go. */
async function stop(): Promise<void> {
  isStopping = true
  setTimeout(() => end(2, 'it could not put everything into the one file in time'), STOP_MS)
  stopHousekeeping()
  const isOver = new Promise<void>((done) => server.close(() => done()))
  server.closeIdleConnections()
  const timer = setTimeout(() => server.closeAllConnections(), GRACE_MS)
  await isOver
  clearTimeout(timer)
  await closeAppDb()
  letGo()
}

/** What was acknowledged is on the disk, in the log beside the file, and is read from there at the next start. */
function end(code: number, why: string): never {
  process.stderr.write(`Ripe Acorn stopped, but ${why}. Nothing is lost: the next start does it.\n`)
  process.exit(code)
}

function stopFor(error: unknown): never {
  const told = troubleOf(error, dataFolder())?.message ?? (error instanceof Error ? error.message : String(error))
  return end(2, `its files could not be closed: ${told.replace(/\.$/, '')}`)
}

const stopAndEnd = () => void stop().then(() => process.exit(0), stopFor)
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, stopAndEnd)
// The made-up children go with the server that started them, however it ended.
process.once('disconnect', stopAndEnd)
