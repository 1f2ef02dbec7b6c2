import { forgetGoneHere } from '../forgetHere'

/** Pages that are wanted without a connection though nobody has opened them yet. */
function wanted(): string[] {
  const tables = [...document.querySelectorAll<HTMLAnchorElement>('a[href^="/table/"]')].map(({ pathname }) => pathname)
  return ['/play', ...new Set(tables)]
}

/** Lets the worker hold what is wanted. First goes what must, since forgetting empties what the worker holds. */
export async function holdWanted(): Promise<void> {
  await forgetGoneHere()
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  try {
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
    if (!navigator.serviceWorker.controller) return
    for (const path of wanted()) await fetch(path, { headers: { accept: 'text/html' } })
  } catch {
    // Without the worker everything works but opening without a connection.
  }
}
