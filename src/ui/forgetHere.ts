import { api } from './api'
import { OWN_CACHES } from './offline/names'
import { allKept, letGo } from './outbox/keep'
import { SMALL_KEY } from './outbox/places'

/* What this browser has of a child goes with the child. */

const KEY = 'forgotten-children'
/** Answers of other children wait there as well. Those of the child that were refused are taken out one by one. */
const STAYS: readonly string[] = [KEY, SMALL_KEY]

/**
 * Forgets what this browser keeps of children that were removed, on this device or another one. Says whether the server
 * was reached: without a connection it is not known who is gone.
 */
export async function forgetGoneHere(): Promise<boolean> {
  const gone = await api.get<string[]>('/api/gone').catch(() => undefined)
  if (!gone) return false
  const before = read()
  const fresh = gone.filter((id) => !before.includes(id))
  try {
    for (const key of Object.keys(localStorage))
      if (!STAYS.includes(key) && fresh.some((id) => localStorage.getItem(key)?.includes(id)))
        localStorage.removeItem(key)
    localStorage.setItem(KEY, JSON.stringify(gone))
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
  await forgetRefused(gone)
  if (fresh.length > 0 && 'caches' in window) for (const name of OWN_CACHES) await caches.delete(name)
  return true
}

/** Answers of a child that is gone, which the server did not take, go as well. */
async function forgetRefused(gone: readonly string[]): Promise<void> {
  const { list } = await allKept()
  await letGo(list.filter(({ answer, refused }) => refused !== undefined && answer && gone.includes(answer.childId)))
}

function read(): string[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[]
  } catch {
    return []
  }
}
