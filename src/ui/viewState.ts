import type { QueryKey } from '@tanstack/react-query'

/** What a view shows at first, read by the server: a query's key, its data and when they were read. */
interface ViewEntry {
  readonly key: QueryKey
  readonly data: unknown
  readonly at: number
}

/**
 * The entries come as one text: Astro would write each value of a property into the page as a pair of its type and
 * itself, which makes the page several times as long.
 */
export function unpackState(state: string | undefined): ViewEntry[] {
  return state === undefined ? [] : (JSON.parse(state) as ViewEntry[])
}
