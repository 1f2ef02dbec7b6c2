import { said } from '#words'
import { told } from '../core/wording'
import type { APIContext, APIRoute } from 'astro'
import { RefusedValue } from '../core/errors'
import type { Db } from './connection'
import { appDb, dataFolder } from './db'
import { type Doing } from './keeping/deeds'
import { deviceOf } from './device'
import { troubleOf } from './keeping/storageTrouble'
import { asSentence } from './fieldNames'
import { log } from './log'
import { isForPage } from './plainPage'
import { Problem } from './problem'
import { DamagedRow } from './stores/readable'

/** No form of ours sends as much. A larger body is refused before it is read to its end. */
export const LARGEST_BODY_BYTES = 512 * 1024
/** A body that is longer than it may be is read up to this: cut off before, whoever sends it would not hear why. */
const LARGEST_DROPPED_BYTES = 32 * 1024 * 1024
/** A file of the whole workspace, packed. */
const LARGEST_FILE_BYTES = 64 * 1024 * 1024

export interface ApiCall {
  readonly db: Db
  readonly now: number
  /** The `[id]` of the path. */
  readonly id: string
  /** The `[...path]` of the path. */
  readonly path: string
  readonly query: URLSearchParams
  /** Says that whoever asked has gone. */
  readonly left: AbortSignal
  /** Who asks, and when: for what is written down of who did what. */
  readonly doing: Doing
  /** What was sent, as it is: a file. */
  readonly bytes: () => Promise<Uint8Array>
  readonly body: () => Promise<unknown>
}

/**
 * An endpoint sends what `work` returns as JSON, and what it throws as problem+json; as a page where its address was
 * opened in the browser.
 */
export function endpoint(work: (call: ApiCall) => Promise<unknown>): APIRoute {
  return async (context) => {
    try {
      const now = Date.now()
      const result = await work({
        db: await appDb(),
        now,
        doing: { now, by: deviceOf(context.request.headers) },
        id: context.params.id ?? '',
        path: context.params.path ?? '',
        query: context.url.searchParams,
        left: context.request.signal,
        body: () => readJson(context),
        bytes: () => readLimited(context.request, LARGEST_FILE_BYTES),
      })
      if (result instanceof Response) return result
      return new Response(JSON.stringify(result ?? {}), { headers: { 'content-type': 'application/json' } })
    } catch (error) {
      return refusal(toProblem(error), context.request)
    }
  }
}

/** What is refused, in the form that whoever asked can read. */
export const refusal = (problem: Problem, { method, headers }: Request): Response =>
  problem.toResponse(isForPage(method, headers.get('accept')))

function toProblem(error: unknown): Problem {
  if (error instanceof Problem) return error
  if (error instanceof RefusedValue)
    return new Problem(400, told('This cannot be taken'), {
      field: error.field,
      detail: told('{0}.', asSentence(said(error.says))),
    })
  if (error instanceof DamagedRow)
    return new Problem(409, told('This cannot be read'), {
      field: 'id',
      detail: told('This is damaged and cannot be read. House rules, Your data, shows it and puts it aside.'),
    })
  const trouble = troubleOf(error, dataFolder())
  log.error({ err: trouble ?? error, trouble: trouble?.kind }, 'an endpoint failed')
  if (trouble) return new Problem(503, told('The data cannot be reached'), { field: 'data', detail: trouble.says })
  return new Problem(500, told('Something went wrong on our side'), {
    detail: told('Nothing was changed. Try again; if it stays, restart Ripe Acorn.'),
  })
}

async function readJson({ request }: APIContext): Promise<unknown> {
  if (!/^application\/json\b/.test(request.headers.get('content-type') ?? ''))
    throw new Problem(415, told('Not JSON'), {
      field: 'body',
      detail: told('The body must be sent as application/json.'),
    })
  const text = Buffer.from(await readLimited(request, LARGEST_BODY_BYTES)).toString('utf8')
  try {
    return JSON.parse(text) as unknown
  } catch {
    throw new Problem(400, told('Not JSON'), { field: 'body', detail: told('The body must be JSON.') })
  }
}

async function readLimited(request: Request, most: number): Promise<Uint8Array> {
  const tooLarge = () =>
    new Problem(413, told('Too large'), {
      field: 'body',
      detail: told('The body must be at most {0} kB.', most / 1024),
    })
  // What is far too long is not read at all. What is a little too long is read to its end and dropped: an answer given
  // before would be lost to whoever still sends, since the connection is cut under them.
  const mostRead = Math.max(most, LARGEST_DROPPED_BYTES)
  if (Number(request.headers.get('content-length') ?? 0) > mostRead) throw tooLarge()
  if (!request.body) return new Uint8Array()
  const chunks: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    size += value.byteLength
    if (size > mostRead) throw tooLarge()
    if (size <= most) chunks.push(value)
  }
  if (size > most) throw tooLarge()
  return Buffer.concat(chunks)
}

/** A text to be kept as a file. */
export function textFile(text: string, name: string, type: string): Response {
  return new Response(text, {
    headers: { 'content-type': `${type}; charset=utf-8`, 'content-disposition': `attachment; filename="${name}"` },
  })
}

/** A file to be kept, not shown. */
export function fileResponse(bytes: Uint8Array, name: string, type: string): Response {
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  })
}

export function pdfResponse(pdf: Buffer, name: string): Response {
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}.pdf"` },
  })
}
