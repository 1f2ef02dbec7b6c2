import { told } from '../core/wording'
import { type ChildProcess, fork } from 'node:child_process'
import { once } from 'node:events'
import { type AddressInfo, createServer } from 'node:net'
import { join } from 'node:path'
import type { Db } from './connection'
import { dataFolder } from './db'
import { type Address, isLocal } from './guard/address'
import { serverAddress } from './guard/network'
import { getKeeping } from './keeping/keeping'
import { log } from './log'
import { Problem } from './problem'

/*
 * Made-up children to try everything with: a second server on data of its own, under another port. A browser keeps
 * what waits to be sent by the address, port included, so that nothing of theirs can meet the adult's own children.
 */

/** The folder within the data, made anew each time. */
const FOLDER = 'made-up'
/** The ports above our own that are looked at first, so that a firewall can be told of them. */
const NEAR_PORTS = 10

interface Running {
  readonly server: ChildProcess
  readonly port: number
}

let running: Promise<Running> | undefined

/** Starts the made-up children where they do not run yet, and says under which port they are. */
export async function madeUpPort(db: Db): Promise<number> {
  if (process.env.RIPE_ACORN_HOME_PORT)
    throw new Problem(409, told('These are the made-up children'), {
      detail: told('You are with the made-up children already.'),
    })
  running ??= start(db)
  try {
    return (await running).port
  } catch (error) {
    running = undefined
    log.error({ err: error }, 'the made-up children could not be started')
    throw new Problem(503, told('The made-up children could not be started'), {
      detail: told('Your own data were not touched. Try again; if it stays, restart Ripe Acorn.'),
    })
  }
}

async function start(db: Db): Promise<Running> {
  const address = serverAddress()
  const { host, port: home } = address
  const folder = join(dataFolder(), FOLDER)
  const env = { ...process.env, RIPE_ACORN_DATA: folder }
  const seeding = fork(bundle('seed-demo'), ['--reset'], { env })
  const [code] = (await once(seeding, 'exit')) as [number | null]
  if (code !== 0) throw new Error(`the demo ended with ${code}`)
  const port = await freePort(home, host)
  const own = { RIPE_ACORN_PORT: String(port), RIPE_ACORN_HOME_PORT: String(home) }
  const server = fork(bundle('serve'), [], { env: { ...env, ...own, ...(await sameDoor(db, address)) } })
  server.once('exit', () => {
    running = undefined
  })
  await isUp(server)
  return { server, port }
}

/** What lets the same people in by the same passcode and certificate. */
async function sameDoor(db: Db, address: Address): Promise<Record<string, string>> {
  // A machine that only its own user can reach asks for none that was set for later.
  const passcode = isLocal(address) ? null : (await getKeeping(db)).passcode
  const pem = (name: string) => join(dataFolder(), name)
  return {
    ...(passcode && { RIPE_ACORN_HASHED_PASSCODE: passcode }),
    ...(process.env.RIPE_ACORN_HTTPS === 'on' &&
      !process.env.RIPE_ACORN_CERT && {
        RIPE_ACORN_CERT: pem('certificate.pem'),
        RIPE_ACORN_KEY: pem('certificate-key.pem'),
      }),
  }
}

const bundle = (name: string) => join(process.env.RIPE_ACORN_WORKERS ?? join(process.cwd(), 'dist'), `${name}.mjs`)

/** The server says so by a message once it listens. */
async function isUp(server: ChildProcess): Promise<void> {
  const ended = once(server, 'exit').then(([code]) => {
    throw new Error(`it ended with ${String(code)}`)
  })
  await Promise.race([once(server, 'message'), ended])
}

async function freePort(home: number, host: string): Promise<number> {
  const near = Array.from({ length: NEAR_PORTS }, (_, i) => home + 1 + i).filter((port) => port < 65_536)
  for (const port of near) if ((await listensAt(port, host)) !== undefined) return port
  const any = await listensAt(0, host)
  if (any === undefined) throw new Error('no port is free')
  return any
}

/** The port that could be listened at; undefined where it is in use. */
function listensAt(port: number, host: string): Promise<number | undefined> {
  return new Promise((resolve) => {
    const asking = createServer()
    asking.once('error', () => resolve(undefined))
    asking.listen(port, host, () => {
      const { port: got } = asking.address() as AddressInfo
      asking.close(() => resolve(got))
    })
  })
}
