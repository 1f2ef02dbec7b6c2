import { hasDialTimes, itemPool, asksOf, type RungId, rungTimes } from '../teaching'
import { randomFrom } from '../random'
import { RefusedValue } from '../errors'
import { badges } from './cards/badges'
import { bingo } from './games/bingo'
import { colourZone } from './sheets/colourZone'
import { composeCards } from './cards/composeCards'
import { dayHalvesCards } from './cards/dayHalvesCards'
import { dominoes } from './games/dominoes'
import { drawClock } from './sheets/drawClock'
import { drawHands } from './sheets/drawHands'
import { fivesCards } from './cards/fivesCards'
import { howLong } from './sheets/howLong'
import { jigsawHalves } from './cards/jigsawHalves'
import { laterSooner } from './sheets/laterSooner'
import { loopCards } from './games/loopCards'
import { matchCards } from './cards/matchCards'
import { matchSheet } from './sheets/matchSheet'
import { memoryPairs } from './games/memoryPairs'
import { minutesLater } from './games/minutesLater'
import { numberLineSheet } from './sheets/numberLineSheet'
import { oneHandDials } from './sheets/oneHandDials'
import { orderTimes } from './sheets/orderTimes'
import { readDials } from './sheets/readDials'
import { roundFives } from './sheets/roundFives'
import { rungCheck } from './sheets/rungCheck'
import { showMeCards } from './cards/showMeCards'
import { spotSame } from './sheets/spotSame'
import { timetable } from './sheets/timetable'
import { tossAndFill } from './games/tossAndFill'
import { trail } from './games/trail'
import { trueFalse } from './sheets/trueFalse'
import { twirlAndFill } from './games/twirlAndFill'
import { workBackSheet } from './sheets/workBackSheet'
import { PRINTABLE_IDS, type Printable, type PrintableId } from './kit/types'

export { figures, isTwoHanded } from './kit/frame'
export * from './kit/needs'
export { ownPlan } from './kit/ownPlan'
export * from './kit/play'
export * from './kit/rows'
export * from './kit/types'

/** Everything that can be printed for a rung: adding one means one file and one line. */
export const printables: Record<PrintableId, Printable> = {
  'toss-and-fill': tossAndFill,
  'twirl-and-fill': twirlAndFill,
  trail,
  'loop-cards': loopCards,
  'minutes-later': minutesLater,
  'memory-pairs': memoryPairs,
  dominoes,
  bingo,
  'match-cards': matchCards,
  'jigsaw-halves': jigsawHalves,
  'compose-cards': composeCards,
  'fives-cards': fivesCards,
  'show-me-cards': showMeCards,
  badges,
  'day-halves-cards': dayHalvesCards,
  'read-dials': readDials,
  'draw-hands': drawHands,
  'spot-same': spotSame,
  'one-hand-dials': oneHandDials,
  'match-sheet': matchSheet,
  'order-times': orderTimes,
  'true-false': trueFalse,
  'colour-zone': colourZone,
  'draw-clock': drawClock,
  'number-line': numberLineSheet,
  'round-fives': roundFives,
  'later-sooner': laterSooner,
  'how-long': howLong,
  'work-back-sheet': workBackSheet,
  timetable,
  'rung-check': rungCheck,
}

/** Throws RefusedValue for an id that is none of theirs. */
export function printableOf(id: string): Printable {
  if (!(PRINTABLE_IDS as readonly string[]).includes(id))
    throw new RefusedValue('printable', `one of ${PRINTABLE_IDS.join(', ')}`, id)
  return printables[id as PrintableId]
}

/** The least and the most that can be asked of a printable on a rung, and what is usual: never more than the rung has. */
export function countsOn(printable: Printable, rung: RungId): { least: number; usual: number; most: number } {
  const most = Math.min(printable.mostItems, timesOn(printable, rung))
  return { least: Math.min(printable.leastItems, most), usual: Math.min(printable.usualItems, most), most }
}

function timesOn({ id }: Printable, rung: RungId): number {
  // The clocks of one morning leave out what is between 12 and 1; a plan of the day and a trail have their own.
  if (id === 'order-times') return rungTimes(rung, {}).filter((minute) => minute >= 60).length
  if (id === 'fives-cards' || id === 'timetable' || id === 'trail' || id === 'minutes-later') return Infinity
  return hasDialTimes(rung)
    ? rungTimes(rung, {}).length
    : itemPool(randomFrom(1), { rung, ask: asksOf(rung)[0] ?? 'read' }).length
}
