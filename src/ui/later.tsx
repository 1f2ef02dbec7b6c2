import { type ComponentType, type ReactNode, Suspense, lazy, useEffect } from 'react'

const FETCH_AFTER_MS = 1500
const TRY_AGAIN_MS = 2000

/** A part that is not on the screen at first: its code comes when it is shown, or before (`useFetchLater`). */
export interface Later<P> {
  readonly Part: ComponentType<P>
  readonly load: () => Promise<unknown>
}

export function later<P extends object>(
  fetchPart: () => Promise<ComponentType<P>>,
  waiting: ReactNode = null,
): Later<P> {
  const load = () => untilReached(fetchPart)
  const Loaded = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>
  const Part = (props: P) => (
    <Suspense fallback={waiting}>
      <Loaded {...props} />
    </Suspense>
  )
  return { Part, load }
}

/** Without a connection it is tried again until there is one: what was shown stays, nothing fails for good. */
async function untilReached<T>(fetchPart: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await fetchPart()
    } catch {
      await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS))
    }
  }
}

/** Fetches what is shown later once the view stands, so that it is there at once, and without a connection too. */
export function useFetchLater(parts: readonly Pick<Later<never>, 'load'>[]): void {
  useEffect(() => {
    const timer = setTimeout(() => void Promise.all(parts.map(({ load }) => load())), FETCH_AFTER_MS)
    return () => clearTimeout(timer)
  }, [parts])
}
