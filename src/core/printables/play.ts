import { type GameSize, type TimeWish, type TurnDistribution, fillTurns, playersTurns, sizesFor } from '../chance'
import { RefusedValue } from '../errors'
import type { PrintOptions, Printable } from './types'

/** How the mats are shared out: one for all, or one each, until the first is full or until all are. */
export const MATS = { shared: 'one mat for all', 'first-full': 'a mat each, to the first that is full', 'all-full': 'a mat each, until all are full' } as const // prettier-ignore
export type Mats = keyof typeof MATS

/** Turns of all players together, exact. Throws RefusedValue for a printable that is no game on a mat. */
export function gameTurns(printable: Printable, options: PrintOptions, players: number, mats: Mats): TurnDistribution {
  if (!printable.fill) throw new RefusedValue('printable', 'a game on a mat', printable.id)
  const one = fillTurns(printable.fill(options))
  return mats === 'shared' ? one : playersTurns(one, players, mats)
}

/** The numbers of times and cells with which a game ends in the time there is, the best first. */
export function sizesOf(printable: Printable, options: PrintOptions, wish: TimeWish, mats: Mats): GameSize[] {
  const { leastItems, mostItems } = printable
  const kinds = Array.from({ length: mostItems - leastItems + 1 }, (_, i) => leastItems + i)
  const sizes = kinds.flatMap((count) => [1, 2, 3, 4].map((cells) => ({ kinds: count, cells })))
  return sizesFor(wish, sizes, (size, players) => gameTurns(printable, { ...options, count: size.kinds, cells: size.cells }, players, mats)) // prettier-ignore
}
