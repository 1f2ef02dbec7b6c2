import { type ComponentType, type ReactNode, Suspense, lazy, useEffect, useState, useSyncExternalStore } from 'react'
import { OutOfReach } from './OutOfReach'
import { inReach } from './codeInReach'

const FETCH_AFTER_MS = 4000
const TRY_AGAIN_MS = 2000

/** A part that is not on the screen at first. Its code comes when it is shown, or earlier by `useFetchLater`. */
export interface Later<P> {
  readonly Part: ComponentType<P>
  readonly load: () => Promise<unknown>
}

/** `waiting` is what is shown until it has come. Where it cannot be fetched, that is said in its place. */
export function later<P extends object>(
  fetchPart: () => Promise<ComponentType<P>>,
  waiting: ReactNode | ((props: P) => ReactNode) = null,
): Later<P> {
  const fetching = fetchedAtLast(fetchPart)
  const Loaded = lazy(async () => ({ default: await fetching.load() })) as unknown as ComponentType<P>
  const Part = (props: P) => {
    const until = typeof waiting === 'function' ? waiting(props) : waiting
    if (!useIsAlive()) return until
    return (
      <Suspense fallback={<Coming fetching={fetching}>{until}</Coming>}>
        <Loaded {...props} />
      </Suspense>
    )
  }
  return { Part, load: fetching.load }
}

const neverTells = () => () => undefined

/** False on the server and while its page comes to life: the server waits for no part, and both must show the same. */
function useIsAlive(): boolean {
  return useSyncExternalStore(
    neverTells,
    () => true,
    () => false,
  )
}

/** Tries again until there is a connection. What was shown stays, and nothing fails for good. */
export function untilReached<T>(fetchPart: () => Promise<T>): Promise<T> {
  return fetchedAtLast(fetchPart).load()
}

/** Something that is fetched once, and again until there is a connection. */
export interface Fetching<T> {
  readonly load: () => Promise<T>
  /** That it failed, and is tried again. */
  readonly fails: () => boolean
  readonly watch: (told: () => void) => () => void
  readonly tryNow: () => void
}

export function fetchedAtLast<T>(fetchPart: () => Promise<T>): Fetching<T> {
  const told = new Set<() => void>()
  let fails = false
  let tryNow: () => void = () => undefined
  const load = inReach(fetchPart)
  const loadAtLast = async () => {
    for (;;) {
      try {
        return await load()
      } catch {
        fails = true
        for (const tell of told) tell()
        await new Promise<void>((resolve) => {
          tryNow = resolve
          setTimeout(resolve, TRY_AGAIN_MS)
        })
      }
    }
  }
  const watch = (tell: () => void) => {
    told.add(tell)
    return () => told.delete(tell)
  }
  return { load: loadAtLast, fails: () => fails, watch, tryNow: () => tryNow() }
}

/** What stands there until a part has come; whether it can come is said. */
function Coming<T>({ fetching, children }: { fetching: Fetching<T>; children: ReactNode }) {
  const fails = useSyncExternalStore(fetching.watch, fetching.fails, () => false)
  return fails ? <OutOfReach onTry={fetching.tryNow} /> : children
}

const SIGNS_OF_LIFE = ['pointermove', 'pointerdown', 'wheel', 'scroll', 'keydown', 'touchstart'] as const
let isSettled = false

/** Tells once whoever looks at the view has moved something, or it has stood for a while. */
function watchSettling(told: () => void): () => void {
  if (isSettled) return () => undefined
  const settle = () => {
    isSettled = true
    stop()
    told()
  }
  // Counted from when the page was asked for, however late what waits has come.
  const timer = setTimeout(settle, Math.max(0, FETCH_AFTER_MS - performance.now()))
  for (const sign of SIGNS_OF_LIFE) addEventListener(sign, settle, { passive: true, capture: true })
  const stop = () => {
    clearTimeout(timer)
    for (const sign of SIGNS_OF_LIFE) removeEventListener(sign, settle, { capture: true })
  }
  return stop
}

/**
 * Whether the view stands: it was touched, or it has been there for a while. What takes the device half a second to draw
 * waits for that, so that the view itself answers first.
 */
export function useSettled(): boolean {
  return useSyncExternalStore(
    watchSettling,
    () => isSettled,
    () => false,
  )
}

/**
 * Whether a part in place of a plainer one is wanted yet: as soon as that one is touched, or after a while, so that the
 * view stands first.
 */
export function useWanted(): readonly [isWanted: boolean, want: () => void, isTouched: boolean] {
  const [isWanted, setWanted] = useState(false)
  const [isTouched, setTouched] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setWanted(true), FETCH_AFTER_MS)
    return () => clearTimeout(timer)
  }, [])
  const want = () => {
    if (!isWanted) setTouched(true)
    setWanted(true)
  }
  return [isWanted, want, isTouched]
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
