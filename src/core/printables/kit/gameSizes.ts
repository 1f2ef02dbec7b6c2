import { leastTurns, type PlayTime, sizesFor, type TimeWish } from '../../chance'
import { countsOn } from './counts'
import { PRINT_OPTIONS } from './options'
import type { PrintOptions } from './choices'
import type { PrintableOf } from './types'
import { gameTurns, type Mats } from './play'

/** How many times a game on a mat has, and how many cells each of them. */
interface GameSize {
  readonly kinds: number
  readonly cells: number
}

/** The numbers of times and cells, and the refills, with which a game ends in the time there is, the best first. */
export function sizesOf(
  printable: PrintableOf,
  options: PrintOptions,
  wish: TimeWish,
  mats: Mats,
): (GameSize & { readonly time: PlayTime; readonly refills: number })[] {
  const { least, most } = countsOn(printable, options.rung)
  const kinds = Array.from({ length: most - least + 1 }, (_, i) => least + i)
  const sizes: GameSize[] = kinds.flatMap((count) =>
    PRINT_OPTIONS.cells.values.map((cells) => ({ kinds: count, cells })),
  )
  const at = (size: GameSize) => ({ ...options, count: size.kinds, cells: size.cells })
  const withRefills = [0, 1].flatMap((refills) =>
    sizesFor(
      wish,
      sizes,
      (size, players) => gameTurns(printable, at(size), players, { mats, squash: false, refills }),
      (size) => (printable.fill ? leastTurns(printable.fill(at(size))) * (refills + 1) : 0),
    ).map((size) => ({ ...size, refills })),
  )
  // Of two that fit alike, the one without clearing the mat.
  const off = ({ time }: { readonly time: PlayTime }) => Math.abs(time.median - 0.8 * wish.minutes)
  return withRefills.sort((a, b) => off(a) - off(b) || a.refills - b.refills)
}
