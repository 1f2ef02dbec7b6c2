import { t } from '@lingui/core/macro'
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useSyncExternalStore } from 'react'
import { LONG_MS, tell } from './notices'

/* What is chosen in a view stands in its address: it is there again after a reload, behind a link, and after Back. */

/** The query of the address as the server was asked for it. */
const Asked = createContext('')

export function AddressAsked({ search, children }: { search: string; children: ReactNode }) {
  useTellUnread()
  return <Asked.Provider value={search}>{children}</Asked.Provider>
}

const listeners = new Set<() => void>()

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  window.addEventListener('popstate', listener)
  return () => {
    listeners.delete(listener)
    window.removeEventListener('popstate', listener)
  }
}

/** A choice that Back goes back over, or one that takes the place of the last: what is typed, or follows by itself. */
export type AddressStep = 'push' | 'replace'

/** Puts choices into the address; null takes one out. */
export function putInAddress(change: Readonly<Record<string, string | null>>, step: AddressStep = 'push'): void {
  const url = new URL(location.href)
  for (const [name, value] of Object.entries(change))
    if (value === null) url.searchParams.delete(name)
    else url.searchParams.set(name, value)
  if (url.href === location.href) return
  history[step === 'push' ? 'pushState' : 'replaceState'](null, '', url)
  for (const listener of listeners) listener()
}

/** All that stands in the address now. */
export function useAddress(): URLSearchParams {
  const asked = useContext(Asked)
  const search = useSyncExternalStore(
    subscribe,
    () => location.search,
    () => asked,
  )
  return useMemo(() => new URLSearchParams(search), [search])
}

/** One choice by its name; undefined where the address has none. */
export function useInAddress(name: string): [string | undefined, (value: string | null, step?: AddressStep) => void] {
  const value = useAddress().get(name) ?? undefined
  const put = useCallback((next: string | null, step?: AddressStep) => putInAddress({ [name]: next }, step), [name])
  return [value, put]
}

/** Says what of an address could not be read, as the server found (`server/askedJson.ts`). */
function useTellUnread(): void {
  const [unread, put] = useInAddress('unread')
  useEffect(() => {
    if (unread === undefined) return
    const message = t`Some of the address could not be read and is left as usual: ${unread.slice(0, 80)}.`
    void tell({ message, color: 'oak', autoClose: LONG_MS })
    put(null, 'replace')
  }, [unread, put])
}

/**
 * One of some choices by its name. The usual one need not stand in the address. What there is not, in an address that
 * was made by hand or by an older version, is told, and the usual one is shown.
 */
export function useChoiceInAddress<T extends string>(
  name: string,
  choices: readonly T[],
  usual: NoInfer<T>,
): [T, (value: T) => void] {
  const [asked, put] = useInAddress(name)
  const known = choices.find((each) => each === asked)
  const unknown = known === undefined ? asked : undefined
  useEffect(() => {
    if (unknown === undefined) return
    const message = t`The address asks for “${unknown.slice(0, 40)}”, which is not here. The usual is shown.`
    void tell({ message, color: 'oak', autoClose: LONG_MS })
  }, [unknown])
  return [known ?? usual, (value) => put(value === usual ? null : value)]
}
