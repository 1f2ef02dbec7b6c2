import { RefusedValue, requireInteger } from '../errors'
import { ownPlan, type PrintableId, printableOf } from '../printables'
import { type RungId, rungOf } from '../teaching'
import { IN_ENGLISH, nameWithin, printedAs, type Wording } from '../wording'
import { rungFor } from './need'
import type { PackWish } from './packWish'

/** One child's version of one thing. */
export interface PackLine {
  readonly child: string
  readonly printable: PrintableId
  readonly rung: RungId
  readonly seed: number
  /** The child's own rung, where the print does not suit it. */
  readonly instead?: RungId
}

export const MOST_PACK_THINGS = 5

/**
 * What each child gets. Throws RefusedValue for nobody, nothing to print, or a day of one's own that cannot be read.
 */
export function packLines({ children, things, order, seed, wording }: PackWish): PackLine[] {
  if (children.length === 0) throw new RefusedValue('children', 'at least one child to print for', 'none')
  requireInteger('things in a pack', things.length, 1, MOST_PACK_THINGS)
  for (const { rows } of things) if (rows) ownPlan(rows, wording.language)
  return children.flatMap((child, i) =>
    things.map(({ printable }, at): PackLine => {
      const rung = rungFor(printableOf(printable), child.rung, { order })
      const instead = rung === child.rung ? undefined : child.rung
      return { child: child.name, printable, rung, seed: seed + i * MOST_PACK_THINGS + at, instead }
    }),
  )
}

/** Why a child's print is not at the child's own rung, where it is not. */
export function packNote({ child, instead }: PackLine, wording: Wording = IN_ENGLISH): string | undefined {
  if (!instead) return undefined
  const own = nameWithin(wording, rungOf(instead).name)
  return printedAs('{0} works on {1}, for which there is no such sheet', wording, child, own)
}
