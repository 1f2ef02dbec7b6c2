import { said } from '../words/i18n'
import { told, type Told, inEnglish, asPart } from '../core/wording'
import { escaped, plainPage } from './plainPage'

/** An error that the client is told about, as application/problem+json. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: Told,
    readonly extra: { readonly field?: string; readonly detail?: Told; readonly current?: unknown } = {},
  ) {
    super(inEnglish(extra.detail ?? title))
    this.name = 'Problem'
  }

  /** For a script, or as a page for whoever opened the address in a tab of its own: a print. */
  toResponse(isForPage = false): Response {
    return isForPage ? this.asPage() : this.asJson()
  }

  private asPage(): Response {
    const { status, title, extra } = this
    const back = escaped(said('Close this page to go back to where you were, or go to {0}.', '\u0000')).replace(
      '\u0000',
      `<a href="/">${escaped(said('Today'))}</a>`,
    )
    const detail = extra.detail === undefined ? '' : said(extra.detail)
    const main = `<h1>${escaped(said(title))}</h1><p>${escaped(detail)}</p><p>${back}</p>`
    return new Response(plainPage(said(title), main), {
      status,
      headers: { 'content-type': 'text/html; charset=utf-8' },
    })
  }

  private asJson(): Response {
    const { status, title, extra } = this
    return new Response(
      JSON.stringify({
        type: 'about:blank',
        title: said(title),
        status,
        ...extra,
        ...(extra.detail !== undefined && { detail: said(extra.detail) }),
      }),
      {
        status,
        headers: {
          'content-type': 'application/problem+json',
          // What is too large is not read to its end, so that nothing more can come over this connection.
          ...(this.status === 413 ? { connection: 'close' } : {}),
        },
      },
    )
  }
}

export function notFound(what: Told): Problem {
  return new Problem(404, told('Not here'), {
    field: 'id',
    detail: told('There is no such {0}: it may have been removed, or the link may have a slip in it.', asPart(what)),
  })
}

/** The answer to a write that was based on an older version. It carries the current row. */
export function staleVersion(what: Told, current: unknown): Problem {
  return new Problem(409, told('This {0} was changed elsewhere', asPart(what)), {
    field: 'version',
    detail: told(
      'Someone saved this {0} after you opened it. Nothing of yours was written; look at the newer one and try again.',
      asPart(what),
    ),
    current,
  })
}
