import { type ComponentType, type ReactNode, Suspense, lazy, useEffect } from 'react'

const FETCH_AFTER_MS = 4000
const TRY_AGAIN_MS = 2000

/** A part that is not on the screen at first. Its code comes when it is shown, or earlier by `useFetchLater`. */
export interface Later<P> {
  readonly Part: ComponentType<P>
  readonly load: () => Promise<unknown>
}

/** `waiting` is what is shown until it has come. */
export function later<P extends object>(
  fetchPart: () => Promise<ComponentType<P>>,
  waiting: ReactNode | ((props: P) => ReactNode) = null,
): Later<P> {
  const load = () => untilReached(fetchPart)
  const Loaded = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>
  const Part = (props: P) => (
    <Suspense fallback={typeof waiting === 'function' ? waiting(props) : waiting}>
      <Loaded {...props} />
    </Suspense>
  )
  return { Part, load }
}

/** Tries again until there is a connection. What was shown stays, and nothing fails for good. */
export async function untilReached<T>(fetchPart: () => Promise<T>): Promise<T> {
  for (;;) {
    try {
      return await fetchPart()
    } catch {
      await new Promise((resolve) => setTimeout(resolve, TRY_AGAIN_MS))
    }
  }
}

/**
 * Fetches parts that are shown later as soon as the view stands, so that they open at once, even without a connection.
 */
export function useFetchLater(parts: readonly Pick<Later<never>, 'load'>[]): void {
  useEffect(() => {
    const timer = setTimeout(() => void Promise.all(parts.map(({ load }) => load())), FETCH_AFTER_MS)
    return () => clearTimeout(timer)
  }, [parts])
}
