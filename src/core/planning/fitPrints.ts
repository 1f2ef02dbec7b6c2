import { type Activity, tablesFor } from '../activities'
import {
  PRINT_OPTIONS,
  type PrintOptions,
  type Printable,
  countsOn,
  gameTurns,
  isPrintableId,
  printables,
  sizesOf,
  takenChoices,
} from '../printables'

/* The options of a print that follow from who plays it and for how long. */

/** Who plays at one table, and for how many minutes of the session. */
export interface Played {
  readonly players: number
  readonly minutes: number
}

type Fitted = Pick<PrintOptions, 'count' | 'cells' | 'boards'>

const between = (value: number, least: number, most: number) => Math.max(least, Math.min(most, value))

/** The minutes of turns: without setting out and clearing away. */
function playedMinutes({ duration }: Activity, minutes: number): number {
  return Math.max(1, minutes - duration.setUpMinutes - duration.clearMinutes)
}

/**
 * How many times, cells and boards a print has, so that it lasts the minutes and nobody is left without: a mat whose
 * median is nearest to four fifths of the time, a board and a badge for each child. What does not depend on it is as
 * usual.
 */
export function fittedFor(
  printable: Printable,
  activity: Activity,
  options: PrintOptions,
  { players, minutes }: Played,
): Fitted {
  const { least, usual, most } = countsOn(printable, options.rung)
  if (printable.fill) {
    const wish = { minutes: playedMinutes(activity, minutes), players, secondsATurn: activity.duration.turnSeconds }
    const [best] = sizesOf(printable, options, wish, 'shared').filter(({ refills }) => refills === 0)
    return best ? { count: best.kinds, cells: best.cells } : { count: least, cells: PRINT_OPTIONS.cells.values[0] }
  }
  const takesBoards = (printable.takes as readonly string[]).includes('boards')
  const { least: fewest, most: manyBoards } = PRINT_OPTIONS.boards
  if (takesBoards) return { count: usual, boards: between(players, fewest, manyBoards) }
  return { count: printable.id === 'badges' ? between(players, least, most) : usual }
}

interface DoneWish extends Pick<PrintOptions, 'paper' | 'wording' | 'rung'> {
  readonly children: number
  readonly minutes: number
}

/**
 * Whole minutes within which nine in ten games on a mat are done, setting out and clearing away with it; undefined for
 * what is no game on a mat.
 */
export function doneWithin(activity: Activity, { children, minutes, ...wish }: DoneWish): number | undefined {
  const printable = isPrintableId(activity.prints) ? printables[activity.prints] : undefined
  if (!printable?.fill || !printable.suits(wish.rung)) return undefined
  const { players } = tablesFor(activity, children)
  const { usual: count } = countsOn(printable, wish.rung)
  const usual = { ...wish, count, ...takenChoices(printable, wish.rung, {}) }
  const options = { ...usual, ...fittedFor(printable, activity, usual, { players, minutes }) }
  const turns = gameTurns(printable, options, players)
  const { setUpMinutes, clearMinutes, turnSeconds } = activity.duration
  return Math.ceil(setUpMinutes + clearMinutes + (turns.quantile(0.9) * turnSeconds) / 60)
}
