import { type ComponentType, Suspense, lazy, useEffect } from 'react'

const FETCH_AFTER_MS = 1500

/** A part that is not on the screen at first: its code comes when it is shown, or before (`useFetchLater`). */
export interface Later<P> {
  readonly Part: ComponentType<P>
  readonly load: () => Promise<unknown>
}

export function later<P extends object>(load: () => Promise<ComponentType<P>>, waiting: React.ReactNode = null): Later<P> {
  const Loaded = lazy(async () => ({ default: await load() })) as unknown as ComponentType<P>
  const Part = (props: P) => (
    <Suspense fallback={waiting}>
      <Loaded {...props} />
    </Suspense>
  )
  return { Part, load }
} // prettier-ignore

/** Fetches what is shown later once the view stands, so that it is there at once, and without a connection too. */
export function useFetchLater(parts: readonly Pick<Later<never>, 'load'>[]): void {
  useEffect(() => {
    // Where the server cannot be reached just now, it is tried again when the part is shown.
    const timer = setTimeout(() => void Promise.allSettled(parts.map(({ load }) => load())), FETCH_AFTER_MS)
    return () => clearTimeout(timer)
  }, [parts])
}
