import { useEffect } from 'react'

/** After the view stands and has what it needs. */
const AFTER_MS = 3000

/**
 * Lets the app open without a connection: the worker (`scripts/offline.ts`) holds its code, and the tables that a view
 * leads to. Browsers allow it on this machine and over https only.
 */
export function useOffline(): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      // Without a connection there is nothing to hold, and nobody to ask who is gone.
      void import('./hold').then(({ holdWanted }) => holdWanted()).catch(() => undefined)
    }, AFTER_MS)
    return () => clearTimeout(timer)
  }, [])
}
