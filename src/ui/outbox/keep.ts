import { t } from '@lingui/core/macro'
import { PLACES } from './places'
import { SAFETY, type Safety, type Waiting, type WaitingPlace } from './waiting'

/* What waits, wherever the browser lets it: the first place that takes a thing has it. */

export interface KeptWaiting {
  readonly list: readonly Waiting[]
  /** The least safe place that something waits in. */
  readonly safety: Safety
}

let last = 0

/** Later than all before, also where the clock was set back. */
const nextOrder = () => (last = Math.max(last + 1, Date.now()))

/** Keeps a thing in the first place that takes it. The page itself always does. */
export async function keep(waiting: Omit<Waiting, 'order'>, places: readonly WaitingPlace[] = PLACES): Promise<Safety> {
  const ordered = { ...waiting, order: nextOrder() }
  for (const place of places) {
    try {
      await place.add(ordered)
      return place.safety
    } catch {
      // The next place is tried. That it is less safe is told as long as it is so.
    }
  }
  throw new Error(t`Nothing can be kept in this browser.`)
}

/** All that waits, in the order in which it happened. */
export async function allKept(places: readonly WaitingPlace[] = PLACES): Promise<KeptWaiting> {
  const lists = await Promise.all(places.map((place) => place.all().catch((): readonly Waiting[] => [])))
  const list = lists.flat().sort((a, b) => a.order - b.order)
  last = Math.max(last, list.at(-1)?.order ?? 0)
  const used = places.filter((_, i) => (lists[i]?.length ?? 0) > 0).map(({ safety }) => SAFETY.indexOf(safety))
  return { list, safety: SAFETY[Math.max(0, ...used)] ?? 'page' }
}

/** Takes things out of wherever they wait. */
export async function letGo(done: readonly Waiting[], places: readonly WaitingPlace[] = PLACES): Promise<void> {
  const orders = done.map(({ order }) => order)
  if (orders.length > 0) await Promise.all(places.map((place) => place.remove(orders).catch(() => undefined)))
}
