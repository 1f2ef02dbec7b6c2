import { timingSafeEqual } from 'node:crypto'
import type { IncomingMessage, ServerResponse } from 'node:http'

/* Who may come in: what stands before every file and every endpoint. */

export type Handler = (request: IncomingMessage, response: ServerResponse, next?: () => void) => void

export const LOCAL = '127.0.0.1'
export const SHORTEST_PASSCODE = 6

export interface Address {
  readonly host: string
  readonly port: number
  /** Asked for by the browser; empty where nobody else can reach the address. */
  readonly passcode: string
}

export function isLocal({ host }: Pick<Address, 'host'>): boolean {
  return host === LOCAL || host === 'localhost' || host === '::1'
}

/** A page elsewhere that points its own name at this machine must not get in, so only names that we know are served. */
function isKnownHost(request: IncomingMessage, address: Address): boolean {
  if (!isLocal(address)) return true
  const name = (request.headers.host ?? '').replace(/:\d+$/, '')
  return name === LOCAL || name === 'localhost' || name === '[::1]'
}

/** A page from elsewhere must not send anything here. Browsers say in `Origin` where a request comes from. */
function isFromUs({ headers }: IncomingMessage): boolean {
  if (headers.origin === undefined) return true
  return URL.canParse(headers.origin) && new URL(headers.origin).host === headers.host
}

function hasPasscode(request: IncomingMessage, { passcode }: Address): boolean {
  if (!passcode) return true
  const given = /^Basic (.+)$/.exec(request.headers.authorization ?? '')?.[1] ?? ''
  const [, word = ''] = /^[^:]*:(.*)$/s.exec(Buffer.from(given, 'base64').toString('utf8')) ?? []
  const [a, b] = [Buffer.from(word), Buffer.from(passcode)]
  return a.length === b.length && timingSafeEqual(a, b)
}

/** Runs the handlers one after the other, but only for requests that may come in. */
export function guarded(address: Address, handlers: readonly Handler[]): Handler {
  return (request, response) => {
    if (!isKnownHost(request, address)) {
      response
        .writeHead(421, { 'content-type': 'text/plain' })
        .end(`Ripe Acorn answers at http://${LOCAL}:${address.port}.`)
      return
    }
    if (!isFromUs(request)) {
      response.writeHead(403, { 'content-type': 'text/plain' }).end('Only pages of Ripe Acorn itself may send to it.')
      return
    }
    if (!hasPasscode(request, address)) {
      response
        .writeHead(401, { 'www-authenticate': 'Basic realm="Ripe Acorn", charset="UTF-8"' })
        .end('A passcode is needed.')
      return
    }
    response.setHeader('x-content-type-options', 'nosniff')
    response.setHeader('referrer-policy', 'same-origin')
    // The last handler gets no `next`, so Astro serves its own 404.
    const run = (i: number): void =>
      handlers[i]?.(request, response, i + 1 < handlers.length ? () => run(i + 1) : undefined)
    run(0)
  }
}
