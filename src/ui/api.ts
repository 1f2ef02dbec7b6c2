import { t } from '@lingui/core/macro'
import { v4 } from 'uuid'

/** A refusal from the server: what was wrong, in which field, and what would be right. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly field: string | undefined,
    detail: string,
  ) {
    super(detail)
    this.name = 'Refusal'
  }
}

/** The server could not be reached: the connection is gone, or the app was closed. */
export class Unreached extends Error {
  constructor(cause: unknown) {
    super(t`Ripe Acorn cannot be reached. Is it still running? Nothing is lost: try again when it is.`, { cause })
    this.name = 'Unreached'
  }
}

interface ProblemBody {
  readonly title?: string
  readonly field?: string
  readonly detail?: string
}

/** A request as JSON, given up after `ms` where that is said. */
const asJson = (method: string, body?: unknown, ms?: number): RequestInit => ({
  method,
  signal: ms === undefined ? undefined : AbortSignal.timeout(ms),
  headers: body === undefined ? {} : { 'content-type': 'application/json' },
  body: body === undefined ? undefined : JSON.stringify(body),
})

async function call<T>(path: string, sent: RequestInit): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, sent)
  } catch (cause) {
    throw new Unreached(cause)
  }
  if (response.ok) return (await response.json()) as T
  const problem = (await response.json().catch(() => ({}))) as ProblemBody
  const title = problem.title ?? t`The server answered ${response.status}`
  throw new Refusal(response.status, title, problem.field, problem.detail ?? title)
}

export const api = {
  get: <T>(path: string) => call<T>(path, asJson('GET')),
  post: <T>(path: string, body: unknown, ms?: number) => call<T>(path, asJson('POST', body, ms)),
  put: <T>(path: string, body: unknown, ms?: number) => call<T>(path, asJson('PUT', body, ms)),
  remove: <T = unknown>(path: string, ms?: number) => call<T>(path, asJson('DELETE', undefined, ms)),
  /** A file, as it is. */
  send: <T>(path: string, file: Blob) =>
    call<T>(path, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file }),
}

/** An id that nobody else makes. The browser's own way of making one is missing over plain http on a network. */
export const newId = (): string => v4()
