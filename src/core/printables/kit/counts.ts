import { randomFrom } from '../../random'
import { type RungId, asksOf, hasDialTimes, itemPool, rungTimes } from '../../teaching'
import type { PrintableFacts } from './types'

/** The least, the usual and the largest count of a printable on a rung. None is more than the rung has. */
export function countsOn(facts: PrintableFacts, rung: RungId): { least: number; usual: number; most: number } {
  const most = Math.min(facts.mostItems, (facts.timesOn ?? timesOf)(rung))
  return { least: Math.min(facts.leastItems, most), usual: Math.min(facts.usualItems, most), most }
}

/** How many different questions a rung has. */
function timesOf(rung: RungId): number {
  return hasDialTimes(rung)
    ? rungTimes(rung, {}).length
    : itemPool(randomFrom(1), { rung, ask: asksOf(rung)[0] ?? 'read' }).length
}
