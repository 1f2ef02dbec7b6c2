import { useEffect } from 'react'

/** After the view stands and has what it needs. */
const AFTER_MS = 3000

/**
 * Lets the app open without a connection: the worker (`scripts/offline.ts`) holds its code, and the tables that a view
 * leads to. Browsers allow it on this machine and over https only.
 */
export function useOffline(): void {
  useEffect(() => {
    const timer = setTimeout(
      () => {
        void import('./hold').then(({ holdWanted }) => holdWanted()).catch(() => undefined)
      },
      navigator.onLine ? AFTER_MS : 0,
    )
    return () => clearTimeout(timer)
  }, [])
}
