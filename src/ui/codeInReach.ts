/*
 * Code that comes later. A module whose fetching failed stays failed for as long as the page is open (in Chromium since
 * version 150): it would not come when there is a connection again. So none is asked for before it is known that it
 * can be had.
 */

/** What is slower than this counts as out of reach: an answer must not wait for it. */
const WAIT_MS = 4000

let asking: Promise<void> | undefined

async function ask(): Promise<void> {
  const answer = await fetch(import.meta.url, { cache: 'no-cache', signal: AbortSignal.timeout(WAIT_MS) })
  if (!answer.ok) throw new Error(`code cannot be fetched: ${answer.status}`)
}

/** Parts that are wanted together ask once. */
const whetherInReach = (): Promise<void> => (asking ??= ask().finally(() => (asking = undefined)))

/** Gives the code of an import; fails where it cannot be fetched now, and can then be called again. */
export function inReach<T>(fetchCode: () => Promise<T>): () => Promise<T> {
  let code: { readonly value: T } | undefined
  return async () => {
    if (!code) {
      await whetherInReach()
      code = { value: await fetchCode() }
    }
    return code.value
  }
}
