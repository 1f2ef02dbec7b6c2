import { useEffect } from 'react'

/** After the view stands and has what it needs. */
const AFTER_MS = 3000

/** Pages that are wanted without a connection though nobody has opened them yet. */
function wanted(): string[] {
  const tables = [...document.querySelectorAll<HTMLAnchorElement>('a[href^="/table/"]')].map(({ pathname }) => pathname)
  return ['/play', ...new Set(tables)]
}

/**
 * Lets the app open without a connection: the worker (`scripts/offline.ts`) holds its code, and the tables that a view
 * leads to. Browsers allow it on this machine and over https only.
 */
export function useOffline(): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      void (async () => {
        // First what must go, since forgetting empties what the worker holds.
        const { forgetGoneHere } = await import('../forgetHere')
        await forgetGoneHere()
        if (import.meta.env.PROD && 'serviceWorker' in navigator) await hold()
      })().catch(() => undefined)
    }, AFTER_MS)
    return () => clearTimeout(timer)
  }, [])
}

async function hold(): Promise<void> {
  try {
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
    if (!navigator.serviceWorker.controller) return
    for (const path of wanted()) await fetch(path, { headers: { accept: 'text/html' } })
  } catch {
    // Without the worker everything works but opening without a connection.
  }
}
