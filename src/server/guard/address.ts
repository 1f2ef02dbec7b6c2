import type { IncomingMessage } from 'node:http'
import { hostname, networkInterfaces } from 'node:os'

/* Where the server listens, and by which names it may be called. */

export const LOCAL = '127.0.0.1'
export const SHORTEST_PASSCODE = 6

export interface Address {
  readonly host: string
  readonly port: number
  /** More names that it answers to, such as one that a school's network gives it. */
  readonly names: readonly string[]
  readonly isSecure: boolean
}

export function isLocal({ host }: Pick<Address, 'host'>): boolean {
  return host === LOCAL || host === 'localhost' || host === '::1'
}

/** The addresses of this machine on its networks. */
export function networkAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address)
}

/** All names that are ours. A page elsewhere that points its own name at this machine must not get in. */
export function ownNames({ host, names }: Address): Set<string> {
  const own = ['localhost', LOCAL, '[::1]', host, ...names]
  const onNetwork = isLocal({ host }) ? [] : [...networkAddresses(), hostname(), `${hostname()}.local`]
  return new Set([...own, ...onNetwork].map((name) => name.toLowerCase()))
}

export const nameIn = (request: IncomingMessage) => (request.headers.host ?? '').replace(/:\d+$/, '').toLowerCase()
