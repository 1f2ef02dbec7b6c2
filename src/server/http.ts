import type { APIContext, APIRoute } from 'astro'
import { pino } from 'pino'
import { RefusedValue } from '../core/errors'
import { type Db, appDb } from './db'
import { Problem } from './problem'

export const log = pino({ name: 'ripe-acorn', level: process.env.RIPE_ACORN_LOG ?? 'warn' })

/** No form of ours sends as much. A larger body is refused before it is read to its end. */
export const LARGEST_BODY_BYTES = 512 * 1024

export interface Call {
  readonly db: Db
  readonly now: number
  /** The `[id]` of the path. */
  readonly id: string
  readonly query: URLSearchParams
  readonly body: () => Promise<unknown>
}

/** An endpoint sends what `work` returns as JSON, and what it throws as problem+json. */
export function endpoint(work: (call: Call) => Promise<unknown>): APIRoute {
  return async (context) => {
    try {
      const result = await work({
        db: await appDb(),
        now: Date.now(),
        id: context.params.id ?? '',
        query: context.url.searchParams,
        body: () => readJson(context),
      })
      if (result instanceof Response) return result
      return new Response(JSON.stringify(result ?? {}), { headers: { 'content-type': 'application/json' } })
    } catch (error) {
      return toProblem(error).toResponse()
    }
  }
}

function toProblem(error: unknown): Problem {
  if (error instanceof Problem) return error
  if (error instanceof RefusedValue)
    return new Problem(400, 'This cannot be taken', { field: error.field, detail: `${error.message}.` })
  log.error({ err: error }, 'an endpoint failed')
  return new Problem(500, 'Something went wrong on our side', {
    detail: 'Nothing was changed. Try again; if it stays, restart Ripe Acorn.',
  })
}

async function readJson({ request }: APIContext): Promise<unknown> {
  if (!/^application\/json\b/.test(request.headers.get('content-type') ?? ''))
    throw new Problem(415, 'Not JSON', { field: 'body', detail: 'The body must be sent as application/json.' })
  const text = await readLimited(request)
  try {
    return JSON.parse(text) as unknown
  } catch {
    throw new Problem(400, 'Not JSON', { field: 'body', detail: 'The body must be JSON.' })
  }
}

async function readLimited(request: Request): Promise<string> {
  const tooLarge = () =>
    new Problem(413, 'Too large', {
      field: 'body',
      detail: `The body must be at most ${LARGEST_BODY_BYTES / 1024} kB.`,
    })
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_BODY_BYTES) throw tooLarge()
  if (!request.body) return ''
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    size += value.byteLength
    if (size > LARGEST_BODY_BYTES) {
      await reader.cancel()
      throw tooLarge()
    }
    chunks.push(value)
  }
  return Buffer.concat(chunks).toString('utf8')
}

export function pdfResponse(pdf: Buffer, name: string): Response {
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"` },
  })
}
