import { saidOf, told } from '../../wording'
import { onDial } from '../../clock'
import { RefusedValue } from '../../errors'
import { randomFrom, shuffled } from '../../random'
import { boardNotes, boardsOf, boardsPrint, boardsWish, callsToWin, upTo } from '../kit/boards'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { nameOfRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import type { Cell } from '../kit/grid'
import { dialAt } from '../kit/dialPlace'
import { inWords } from '../kit/frame'
import { printFooter } from '../kit/footers'
import type { PrintOptions } from '../kit/choices'
import { rowItem } from './wallStrip'

/** A board needs more calls than it has cells. */
const LEAST_CALLS = 5
/** More would not be called in one game. */
const MOST_CALLS = 24

/** Bingo with the times of a day: the caller says what happens, and the children cover its clock. */
export const dayBingo = definePrintable({
  id: 'day-bingo',
  kind: 'game',
  name: told('Bingo of a day'),
  purpose: told('Boards of the day’s clocks; what happens is called with its time, and its clock is covered'),
  stage: 'pictorial',
  counts: told('How many times that are called'),
  leastItems: LEAST_CALLS,
  mostItems: MOST_DOINGS,
  usualItems: MOST_DOINGS,
  leastRows: LEAST_CALLS,
  timesOn: () => MOST_DOINGS,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'rows', 'boards', 'wholePage', 'guillotine'],
  needs: ['scissors', 'counters'],
  cautions: ['scissors', 'small-parts'],
  play: (random, options) => {
    const times = Math.min(MOST_CALLS, options.rows?.length ?? options.count)
    return callsToWin(boardsOf(random, boardsWish(times, options)), shuffled(random, upTo(times))).call
  },
  notes: (options, seed) => [
    ...boardNotes(boardsWish(calledRows(options, seed).length, options), seed),
    ...noteHidden(options),
  ],
  make(options, seed) {
    const called = calledRows(options, seed)
    const boards = boardsOf(randomFrom(seed), boardsWish(called.length, options))
    const footer = printFooter(told('Bingo of a day'), options, seed)
    const print = {
      name: told('Bingo of a day'),
      footer,
      boards,
      calls: called.map((row) => saidOf(nameOfRow(row, options), inWords(row.minute, options), options.wording)),
      cell: (call: number, { x, y, width, height }: Cell) =>
        dialAt(
          (called[call] as PrintRow).minute,
          { x: x + width / 2, y: y + height / 2, room: Math.min(Math.min(width, height) / 2 - 2, MOST_ROOM_MM) },
          options,
        ),
    }
    return { items: called.map((row) => rowItem(row, called, options)), ...boardsPrint(print, options) }
  },
})

/** Larger, and a counter would not cover the middle of a clock. */
const MOST_ROOM_MM = 26

/** The rows in the order in which they are called, none that looks like another on the dial. */
function calledRows(options: PrintOptions, seed: number): PrintRow[] {
  const rows = shuffled(randomFrom(seed), dayRowsOf(options, seed, LEAST_CALLS))
  const dials = rows.map(({ minute }) => onDial(minute))
  const apart = rows.filter((_, i) => dials.indexOf(dials[i] as number) === i).slice(0, MOST_CALLS)
  if (apart.length < LEAST_CALLS)
    throw new RefusedValue(
      told('your own day'),
      told('of {0} rows that differ on the dial', LEAST_CALLS),
      `${apart.length}`,
    )
  return apart
}
