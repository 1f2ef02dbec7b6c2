import { useState, useSyncExternalStore } from 'react'

const never = () => () => undefined

/**
 * What only this browser knows: its address, its storage. It is looked up once, as soon as the page can be used. Until
 * then, and on the server, it is what the page came with, so that both render the same.
 */
export function useHere<T>(look: () => T, before: T): T {
  const [lookOnce] = useState(() => once(look))
  return useSyncExternalStore(never, lookOnce, () => before)
}

function once<T>(look: () => T): () => T {
  let seen: { readonly value: T } | undefined
  return () => (seen ??= { value: look() }).value
}
