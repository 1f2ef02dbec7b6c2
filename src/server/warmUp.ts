import { IncomingMessage, ServerResponse } from 'node:http'
import { Socket } from 'node:net'
import { Duplex } from 'node:stream'
import { setTimeout as pause } from 'node:timers/promises'
import type { Db } from './connection'
import type { Handler } from './guard/guard'
import { log } from './log'
import { listChildren, listGroups } from './stores/people'
import { listSessions } from './stores/sessions'
import { viewPaths } from './views'

/* A view that is opened for the first time loads its code, which takes some seconds on a small machine. */

/** Between two views, so that whoever asks meanwhile is answered first. */
const PAUSE_MS = 50

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

/**
 * Makes every view once and throws the pages away, one after the other, so that each is quick when it is asked for the
 * first time. `host` is the name that pages are asked for with. Nothing is changed by it, and a view that fails is left
 * to whoever opens it. Stops before the next view once `isOver` says so.
 */
export async function warmUp(db: Db, handler: Handler, host: string, isOver: () => boolean): Promise<void> {
  for (const path of await shownFirst(db)) {
    await pause(PAUSE_MS)
    if (isOver()) return
    await answered(handler, path, host).catch((error: unknown) => log.warn({ err: error }, `${path} was not warmed up`))
  }
}
