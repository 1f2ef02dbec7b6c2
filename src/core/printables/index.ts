import { drawHands } from './drawHands'
import { howLong } from './howLong'
import { loopCards } from './loopCards'
import { matchCards } from './matchCards'
import { readDials } from './readDials'
import { spotSame } from './spotSame'
import { tossAndFill } from './tossAndFill'
import { twirlAndFill } from './twirlAndFill'
import { hasDialTimes, itemPool, asksOf, type RungId, rungTimes } from '../teaching'
import { randomFrom } from '../random'
import { RefusedValue } from '../errors'
import { PRINTABLE_IDS, type Printable, type PrintableId } from './types'

export * from './play'
export * from './rows'
export * from './types'

/** Everything that can be printed for a rung: adding one means one file and one line. */
export const printables: Record<PrintableId, Printable> = {
  'read-dials': readDials,
  'draw-hands': drawHands,
  'spot-same': spotSame,
  'how-long': howLong,
  'match-cards': matchCards,
  'loop-cards': loopCards,
  'toss-and-fill': tossAndFill,
  'twirl-and-fill': twirlAndFill,
}

/** Throws RefusedValue for an id that is none of theirs. */
export function printableOf(id: string): Printable {
  if (!(PRINTABLE_IDS as readonly string[]).includes(id))
    throw new RefusedValue('printable', `one of ${PRINTABLE_IDS.join(', ')}`, id)
  return printables[id as PrintableId]
}

/** The least and the most that can be asked of a printable on a rung, and what is usual: never more than the rung has. */
export function countsOn(printable: Printable, rung: RungId): { least: number; usual: number; most: number } {
  const has = hasDialTimes(rung) ? rungTimes(rung, {}).length : itemPool(randomFrom(1), { rung, ask: asksOf(rung)[0] ?? 'read' }).length
  const most = Math.min(printable.mostItems, has)
  return { least: Math.min(printable.leastItems, most), usual: Math.min(printable.usualItems, most), most }
} // prettier-ignore
