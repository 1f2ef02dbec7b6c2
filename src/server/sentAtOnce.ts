import type { ServerResponse } from 'node:http'
import type { Handler } from './guard/guard'

/** What `compression` adds: it sends what it has taken so far. */
type Flushed = ServerResponse & { flush?: () => void }

/**
 * Sends the first part of an answer as soon as it is made, where `compression` would wait for more. A page's first part
 * is its head, so its styles and letters are fetched while its data are read and its view is made.
 */
export const sentAtOnce: Handler = (_request, response: Flushed, next) => {
  const { write } = response
  // Only the first part: what follows it ends at once.
  response.write = ((...given: Parameters<typeof write>) => {
    response.write = write
    setImmediate(() => response.flush?.())
    return response.write(...given)
  }) as typeof write
  next?.()
}
