import { readLocalStorageValue } from '@mantine/hooks'
import { useEffect, useMemo, useRef, useState } from 'react'
import { putInAddress, useInAddress } from './address'

/** Browsers take few changes of an address in a short time: what is dragged or typed goes there once it rests. */
const REST_MS = 400

interface AddressWish<T> {
  /** Its name in the address, and where this browser keeps what was left here. */
  readonly name: string
  readonly storageKey: string
  readonly usual: T
}

/**
 * Something with many fields that stands in the address as JSON, as far as it is not as usual. Where the address has
 * none, it is as it was left in this browser, and stands there from then on. The server has checked what stands in the
 * address of a page.
 */
export function useJsonInAddress<T extends object>({
  name,
  storageKey,
  usual,
}: AddressWish<T>): [T, (next: T) => void] {
  const [asked, put] = useInAddress(name)
  const [draft, setDraft] = useState<{ readonly asked: string | undefined; readonly value: T }>()
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  // The page comes from the server with the usual one; the one that was left in this browser follows, unless the
  // address has another.
  useEffect(() => {
    const left = readLocalStorageValue<T | undefined>({ key: storageKey })
    if (left && !new URLSearchParams(location.search).has(name))
      putInAddress({ [name]: JSON.stringify(unusual({ ...usual, ...left }, usual)) }, 'replace')
  }, [name, storageKey, usual])
  // Back has opened another one: what was about to go into the address is no longer wanted.
  useEffect(() => () => clearTimeout(timer.current), [asked])
  // One that an older version left or wrote may lack a field.
  const read = useMemo(
    () => (asked === undefined ? usual : { ...usual, ...(JSON.parse(asked) as Partial<T>) }),
    [asked, usual],
  )
  const set = (next: T) => {
    setDraft({ asked, value: next })
    keepHere(storageKey, next)
    clearTimeout(timer.current)
    // Back goes to what it was before the first change, not over each of them.
    const step = asked === undefined ? 'push' : 'replace'
    timer.current = setTimeout(() => put(JSON.stringify(unusual(next, usual)), step), REST_MS)
  }
  return [draft && draft.asked === asked ? draft.value : read, set]
}

/** A browser may refuse to keep anything: then it stands in the address alone. */
function keepHere(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value))
  } catch {
    // As said above.
  }
}

/** The fields that are not as usual. */
function unusual<T extends object>(value: T, usual: T): Partial<T> {
  const fields = Object.keys({ ...usual, ...value }) as (keyof T)[]
  return Object.fromEntries(
    fields
      .filter((field) => JSON.stringify(value[field]) !== JSON.stringify(usual[field]))
      .map((field) => [field, value[field]]),
  ) as Partial<T>
}
