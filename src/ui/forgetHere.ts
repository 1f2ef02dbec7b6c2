import { api } from './api'
import { RECORDS_CACHE } from './offline/names'

/* What this browser has of a child goes with the child. */

const KEY = 'forgotten-children'

/** Forgets what this browser keeps of children that were removed, on this device or another one. */
export async function forgetGoneHere(): Promise<void> {
  const gone = await api.get<string[]>('/api/gone').catch((): string[] => [])
  const before = read()
  const fresh = gone.filter((id) => !before.includes(id))
  if (fresh.length === 0) return
  try {
    for (const key of Object.keys(localStorage))
      if (key !== KEY && fresh.some((id) => localStorage.getItem(key)?.includes(id))) localStorage.removeItem(key)
    localStorage.setItem(KEY, JSON.stringify(gone))
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
  if ('caches' in window) await caches.delete(RECORDS_CACHE)
}

function read(): string[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[]
  } catch {
    return []
  }
}
