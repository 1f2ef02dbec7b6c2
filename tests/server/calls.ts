import type { APIContext, APIRoute } from 'astro'
import { idFrom } from '../idFrom'

export interface Reply<T> {
  readonly status: number
  readonly type: string
  readonly body: T
}

export interface ProblemReply {
  readonly title: string
  readonly status: number
  readonly field?: string
  readonly detail: string
  readonly current?: Record<string, unknown>
}

interface Sent {
  readonly id?: string
  readonly query?: string
  readonly json?: unknown
  /** Sent as it is, for what is no JSON. */
  readonly raw?: string
  readonly contentType?: string
}

/** Calls an endpoint as Astro does. */
export async function call<T = ProblemReply>(
  route: APIRoute | undefined,
  method: string,
  sent: Sent = {},
): Promise<Reply<T>> {
  if (!route) throw new Error('no such endpoint')
  const url = new URL(`http://127.0.0.1/api?${sent.query ?? ''}`)
  const text = sent.raw ?? (sent.json === undefined ? undefined : JSON.stringify(sent.json))
  const request = new Request(url, {
    method,
    ...(text === undefined ? {} : { body: text, headers: { 'content-type': sent.contentType ?? 'application/json' } }),
  })
  const response = await route({ request, url, params: { id: sent.id } } as unknown as APIContext)
  const type = response.headers.get('content-type') ?? ''
  const body = type.includes('json') ? await response.json() : Buffer.from(await response.arrayBuffer())
  return { status: response.status, type, body: body as T }
}

let ids = 0

/** Counts ids from the beginning: what is drawn by them must not hang on which file of tests came before. */
export function startIds(): void {
  ids = 0
}

/** A new id, the same in every run. */
export function uuid(): string {
  ids += 1
  return idFrom(`id ${ids}`)
}
