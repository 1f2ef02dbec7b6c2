import { escaped, plainPage } from './plainPage'

/** An error that the client is told about, as application/problem+json. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly extra: { readonly field?: string; readonly detail?: string; readonly current?: unknown } = {},
  ) {
    super(extra.detail ?? title)
    this.name = 'Problem'
  }

  /** For a script, or as a page for whoever opened the address in a tab of its own: a print. */
  toResponse(isForPage = false): Response {
    return isForPage ? this.asPage() : this.asJson()
  }

  private asPage(): Response {
    const { status, title, extra } = this
    const main = `<h1>${escaped(title)}</h1><p>${escaped(extra.detail ?? '')}</p><p>Close this page to go back to where you were, or go to <a href="/">Today</a>.</p>`
    return new Response(plainPage(title, main), { status, headers: { 'content-type': 'text/html; charset=utf-8' } })
  }

  private asJson(): Response {
    const { status, title, extra } = this
    return new Response(JSON.stringify({ type: 'about:blank', title, status, ...extra }), {
      status,
      headers: {
        'content-type': 'application/problem+json',
        // What is too large is not read to its end, so that nothing more can come over this connection.
        ...(this.status === 413 ? { connection: 'close' } : {}),
      },
    })
  }
}

export function notFound(what: string): Problem {
  return new Problem(404, 'Not here', {
    field: 'id',
    detail: `There is no such ${what}: it may have been removed, or the link may have a slip in it.`,
  })
}

/** The answer to a write that was based on an older version. It carries the current row. */
export function staleVersion(what: string, current: unknown): Problem {
  return new Problem(409, `This ${what} was changed elsewhere`, {
    field: 'version',
    detail: `Someone saved this ${what} after you opened it. Nothing of yours was written; look at the newer one and try again.`,
    current,
  })
}
