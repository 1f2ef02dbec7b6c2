import { told } from '../../core/wording'
import { said } from '../../words/i18n'
import { answering } from '../language'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { Db } from '../connection'
import { DEVICE_HEADER } from '../device'
import { type Address, LOCAL, nameIn, ownNames } from './address'
import { comeIn } from './door'
import { setHeaders } from './headers'
import { plainAddress } from './plainAddress'

/* Who may come in: what stands before every file and every endpoint. */

export type Handler = (request: IncomingMessage, response: ServerResponse, next?: () => void) => void

export interface Guard {
  readonly address: Address
  readonly db: Db
  /** As it is kept, read at each request so that a change holds at once. Undefined where no passcode is asked for. */
  readonly passcode: () => Promise<string | undefined>
  readonly policy: string
  /** Paths of what the build made to be fetched. It holds no records, and a page without a connection needs it. */
  readonly files: ReadonlySet<string>
}

const METHODS: readonly string[] = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE']

/** A page from elsewhere must not send anything here. Browsers say in `Origin` where a request comes from. */
function isFromUs({ headers }: IncomingMessage): boolean {
  if (headers.origin === undefined) return true
  return URL.canParse(headers.origin) && new URL(headers.origin).host === headers.host
}

/** A page from elsewhere may lead here by a link, and by nothing else: no image, no frame, no fetch. */
function isAskedByUs({ headers, method }: IncomingMessage): boolean {
  const site = headers['sec-fetch-site']
  if (site === undefined || site === 'same-origin' || site === 'none') return true
  return method === 'GET' && headers['sec-fetch-mode'] === 'navigate' && headers['sec-fetch-dest'] === 'document'
}

/** Why a request is turned away before anything is done with it. */
function turnedAway(
  request: IncomingMessage,
  { port, isSecure }: Address,
  isOurs: (name: string) => boolean,
): [number, string] | undefined {
  if (!METHODS.includes(request.method ?? '')) return [405, said('The method must be one of {0}.', METHODS.join(', '))]
  if (!isOurs(nameIn(request)))
    return [
      421,
      said(
        'Ripe Acorn answers at {0}, and at the names that it was given.',
        `${isSecure ? 'https' : 'http'}://${LOCAL}:${port}`,
      ),
    ]
  if (!isFromUs(request) || !isAskedByUs(request)) return [403, said('Only pages of Ripe Acorn itself may send to it.')]
  return undefined
}

const NOT_PLAIN = told(
  'The address must be in its plain form: no dots as parts, no double slash, nothing encoded without need.',
)

function say(response: ServerResponse, status: number, text: string): void {
  response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8' }).end(text)
}

/** In which language is answered, also before anything of the app is reached. */
const askedBy = ({ headers }: IncomingMessage) => ({ get: (name: string) => [headers[name]].flat()[0] ?? null })

/** Runs the handlers one after the other, but only for requests that may come in. */
export function guarded(guard: Guard, handlers: readonly Handler[]): Handler {
  const { address, policy, db, files } = guard
  let names = ownNames(address)
  /** A network may give this machine another address while it runs, so an unknown name is looked up once more. */
  const isOurs = (name: string) => names.has(name) || (names = ownNames(address)).has(name)
  const answer = async (request: IncomingMessage, response: ServerResponse) => {
    setHeaders(response, policy, address.isSecure)
    Reflect.deleteProperty(request.headers, DEVICE_HEADER)
    const away = turnedAway(request, address, isOurs)
    if (away) return say(response, ...away)
    const asked = plainAddress(request.url ?? '')
    if (!asked) return say(response, 400, said(NOT_PLAIN))
    const isFile = files.has(asked.path)
    // What the framework answers besides our own views and files, such as images made anew at whatever size.
    if (asked.path.startsWith('/_') && !isFile) return say(response, 404, said('There is no such page.'))
    const passcode = isFile ? undefined : await guard.passcode()
    if (passcode) {
      const door = { db, address: asked, passcode, isSecure: address.isSecure }
      if (!(await comeIn(request, response, door))) return
    }
    // The last handler gets no `next`, so Astro serves its own 404.
    const run = (i: number): void =>
      handlers[i]?.(request, response, i + 1 < handlers.length ? () => run(i + 1) : undefined)
    run(0)
  }
  return (request, response) =>
    void answering(askedBy(request), () => answer(request, response)).catch(() => {
      if (!response.headersSent) response.writeHead(503, { 'content-type': 'text/plain' })
      response.end('Ripe Acorn cannot answer now. Try again.')
    })
}
