import { hasDialTimes, itemPool, asksOf, type RungId, rungTimes } from '../teaching'
import { randomFrom } from '../random'
import { RefusedValue } from '../errors'
import { badges } from './badges'
import { bingo } from './bingo'
import { colourZone } from './colourZone'
import { composeCards } from './composeCards'
import { dayHalvesCards } from './dayHalvesCards'
import { dominoes } from './dominoes'
import { drawClock } from './drawClock'
import { drawHands } from './drawHands'
import { fivesCards } from './fivesCards'
import { howLong } from './howLong'
import { jigsawHalves } from './jigsawHalves'
import { laterSooner } from './laterSooner'
import { loopCards } from './loopCards'
import { matchCards } from './matchCards'
import { matchSheet } from './matchSheet'
import { memoryPairs } from './memoryPairs'
import { minutesLater } from './minutesLater'
import { numberLineSheet } from './numberLineSheet'
import { oneHandDials } from './oneHandDials'
import { orderTimes } from './orderTimes'
import { readDials } from './readDials'
import { roundFives } from './roundFives'
import { rungCheck } from './rungCheck'
import { showMeCards } from './showMeCards'
import { spotSame } from './spotSame'
import { timetable } from './timetable'
import { tossAndFill } from './tossAndFill'
import { trail } from './trail'
import { trueFalse } from './trueFalse'
import { twirlAndFill } from './twirlAndFill'
import { workBackSheet } from './workBackSheet'
import { PRINTABLE_IDS, type Printable, type PrintableId } from './types'

export { figures, isTwoHanded } from './frame'
export * from './needs'
export { ownPlan } from './ownPlan'
export * from './play'
export * from './rows'
export * from './types'

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
