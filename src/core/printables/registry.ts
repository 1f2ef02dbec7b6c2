import { told } from '../wording'
import { RefusedValue } from '../errors'
import { badges } from './cards/badges'
import { bingo } from './games/bingo'
import { certificate } from './keepsakes/certificate'
import { clockBook } from './keepsakes/clockBook'
import { clockStrip } from './keepsakes/clockStrip'
import { clockInPieces } from './makes/clockInPieces'
import { colourZone } from './sheets/colourZone'
import { composeCards } from './cards/composeCards'
import { day24Cards } from './day/day24Cards'
import { dayBingo } from './day/dayBingo'
import { dayTrail } from './day/dayTrail'
import { orderCards } from './day/orderCards'
import { wallStrip } from './day/wallStrip'
import { whichFirst } from './day/whichFirst'
import { dayHalvesCards } from './cards/dayHalvesCards'
import { dominoes } from './games/dominoes'
import { drawClock } from './sheets/drawClock'
import { drawHands } from './sheets/drawHands'
import { fivesCards } from './cards/fivesCards'
import { fivesRing } from './makes/fivesRing'
import { foldAndChoose } from './games/foldAndChoose'
import { howLong } from './sheets/howLong'
import { jigsawHalves } from './cards/jigsawHalves'
import { laterSooner } from './sheets/laterSooner'
import { loopCards } from './games/loopCards'
import { matchCards } from './cards/matchCards'
import { matchSheet } from './sheets/matchSheet'
import { memoryPairs } from './games/memoryPairs'
import { minuteSleeve } from './makes/minuteSleeve'
import { minutesLater } from './games/minutesLater'
import { numberLineSheet } from './sheets/numberLineSheet'
import { oneHandDials } from './sheets/oneHandDials'
import { orderTimes } from './sheets/orderTimes'
import { readDials } from './sheets/readDials'
import { roundFives } from './sheets/roundFives'
import { rungCheck } from './sheets/rungCheck'
import { showMeCards } from './cards/showMeCards'
import { spinningTops } from './makes/spinningTops'
import { standingClock } from './makes/standingClock'
import { spotSame } from './sheets/spotSame'
import { timetable } from './sheets/timetable'
import { tossAndFill } from './games/tossAndFill'
import { trail } from './games/trail'
import { trueFalse } from './sheets/trueFalse'
import { twirlAndFill } from './games/twirlAndFill'
import { twoRings } from './makes/twoRings'
import { windowWheel } from './makes/windowWheel'
import { wristClock } from './makes/wristClock'
import { workBackSheet } from './sheets/workBackSheet'
import type { PrintableOf } from './kit/types'

/**
 * Everything that can be printed, in the order in which it is offered: adding a printable means one file and its line
 * here.
 */
const all = [
  tossAndFill,
  twirlAndFill,
  trail,
  loopCards,
  minutesLater,
  memoryPairs,
  dominoes,
  bingo,
  wristClock,
  standingClock,
  fivesRing,
  minuteSleeve,
  foldAndChoose,
  windowWheel,
  spinningTops,
  twoRings,
  clockInPieces,
  clockBook,
  clockStrip,
  certificate,
  matchCards,
  jigsawHalves,
  composeCards,
  fivesCards,
  showMeCards,
  badges,
  dayHalvesCards,
  readDials,
  drawHands,
  spotSame,
  oneHandDials,
  matchSheet,
  orderTimes,
  trueFalse,
  colourZone,
  drawClock,
  numberLineSheet,
  roundFives,
  laterSooner,
  howLong,
  workBackSheet,
  timetable,
  whichFirst,
  wallStrip,
  orderCards,
  day24Cards,
  dayTrail,
  dayBingo,
  rungCheck,
] as const satisfies readonly PrintableOf[]

export type PrintableId = (typeof all)[number]['id']
export type Printable = PrintableOf<PrintableId>
export const PRINTABLE_IDS: readonly PrintableId[] = all.map(({ id }) => id)
export const printables = Object.fromEntries(all.map((each) => [each.id, each])) as Record<PrintableId, Printable>

export function isPrintableId(id: string): id is PrintableId {
  return Object.hasOwn(printables, id)
}

/** Throws RefusedValue for an id that is none of theirs. */
export function printableOf(id: string): Printable {
  if (!isPrintableId(id)) throw new RefusedValue(told('printable'), told('one of {0}', PRINTABLE_IDS.join(', ')), id)
  return printables[id]
}
