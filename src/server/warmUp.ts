import { IncomingMessage, ServerResponse } from 'node:http'
import { Socket } from 'node:net'
import { Duplex } from 'node:stream'
import { setTimeout as pause } from 'node:timers/promises'
import type { Db } from './connection'
import type { Handler } from './guard/guard'
import { log } from './log'
import { listChildren, listGroups } from './stores/people'
import { listSessions } from './stores/sessions'
import { viewPaths } from '../core/views'

/* A view that is opened for the first time loads its code, which takes some seconds on a small machine. */

/** So long nobody may have asked for anything before the next view is made: who asks is answered first. */
const QUIET_MS = 300
const LOOK_MS = 50

/** Who is answered now, and when somebody asked last. */
export class Traffic {
  private underWay = 0
  private lastAt = performance.now()

  /** The same handler, watched. */
  watched(handler: Handler): Handler {
    return (request, response, next) => {
      this.underWay++
      response.once('close', () => {
        this.underWay--
        this.lastAt = performance.now()
      })
      handler(request, response, next)
    }
  }

  isQuiet(): boolean {
    return this.underWay === 0 && performance.now() - this.lastAt >= QUIET_MS
  }
}

/** Takes all that is written to it, and keeps none of it. */
const nowhere = () =>
  new Duplex({ read: () => undefined, write: (_chunk, _encoding, done) => done() }) as unknown as Socket

/** Lets a handler answer a request for a page that nobody has sent. Resolves once the answer is whole. */
function answered(handler: Handler, path: string, host: string): Promise<void> {
  const request = new IncomingMessage(new Socket())
  Object.assign(request, { method: 'GET', url: path, headers: { host } })
  request.push(null)
  const response = new ServerResponse(request)
  response.assignSocket(nowhere())
  return new Promise((done, failed) => {
    response.once('finish', done)
    handler(request, response, () => failed(new Error(`nothing answers ${path}`)))
  })
}

async function shownFirst(db: Db): Promise<readonly string[]> {
  const [[group], [child], [session]] = [await listGroups(db), await listChildren(db), await listSessions(db)]
  return viewPaths({ group: group?.id ?? 'none', child: child?.id ?? 'none', session: session?.id ?? 'none' })
}

interface WarmUp {
  readonly db: Db
  readonly handler: Handler
  /** The name that pages are asked for with. */
  readonly host: string
  readonly traffic: Pick<Traffic, 'isQuiet'>
  readonly isOver: () => boolean
}

/**
 * Makes every view once and throws the pages away, one after the other while nobody asks for anything, so that each is
 * quick when it is asked for the first time. Nothing is changed by it, and a view that fails is left to whoever opens
 * it. Stops before the next view once `isOver` says so.
 */
export async function warmUp({ db, handler, host, traffic, isOver }: WarmUp): Promise<void> {
  for (const path of await shownFirst(db)) {
    do await pause(LOOK_MS)
    while (!isOver() && !traffic.isQuiet())
    if (isOver()) return
    await answered(handler, path, host).catch((error: unknown) => log.warn({ err: error }, `${path} was not warmed up`))
  }
}
