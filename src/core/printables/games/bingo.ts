import { RefusedValue } from '../../errors'
import { type Shape, INK, line } from '../../drawing'
import { type Random, randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { languages, printedAs } from '../../wording'
import { type CardFace, cardPages } from '../kit/cards'
import {
  callList,
  type Cell,
  cutTitle,
  gridCells,
  itemDial,
  keyFooter,
  listPage,
  part,
  printFooter,
  textFrom,
} from '../kit/frame'
import { definePrintable } from '../kit/definePrintable'
import { PRINT_OPTIONS, type PrintOptions } from '../kit/options'

const SIDE = 3
const CELLS = SIDE * SIDE

/** Boards of nine clocks, all different, and a list to call from: the first full board wins. */
export const bingo = definePrintable({
  id: 'bingo',
  kind: 'game',
  name: 'Bingo boards',
  purpose: 'Boards of nine clocks and a list to call from; no two are full at the same call where it can be helped',
  stage: 'pictorial',
  counts: 'times that are called',
  leastItems: CELLS + 1,
  mostItems: 24,
  usualItems: 16,
  suits: (rung) => hasDialTimes(rung) && rung !== 'hour-hand',
  takes: ['helps', 'boards', 'guillotine'],
  needs: ['scissors', 'counters'],
  cautions: ['scissors', 'small-parts'],
  play: (random, options) => callsToWin(boardsOf(random, options), shuffled(random, upTo(options.count))).call,
  notes(options, seed) {
    const shared = sharedWin(boardsOf(randomFrom(seed), options), seed)
    const tied = tiesOf(boardsOf(randomFrom(seed), options))
    const listed =
      tied === 0
        ? 'Called in the order of the list, no two boards are full at the same call.'
        : `Called in the order of the list, ${tied + 1} boards have to share a call: fewer boards, or more times, would part them.`
    return [
      listed,
      `Called in any other order, two share the win in about ${Math.round(100 * shared.share)} of 100 games (give or take ${Math.max(1, Math.round(200 * shared.error))}).`,
    ]
  },
  make(options, seed) {
    const random = randomFrom(seed)
    const boards = boardsOf(random, options)
    // The times are drawn in the order in which they are called.
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter('Bingo boards', options, seed)
    const name = languages[options.wording.language].phrases.bingo
    const fronts = boards.map((board, i) =>
      boardFace(
        `${name} ${i + 1}`,
        board.map((at) => items[at] as Item),
        options,
      ),
    )
    const calls = items.map((item) => sayAnswer(item, item.answer, options.wording))
    const full = boards.map((board, i) =>
      printedAs('board {0} is full at call {1}', options.wording, i + 1, lastCall(board) + 1),
    )
    return {
      items,
      pages: cardPages(
        { fronts, columns: 1, rows: rowsOf(options), title: cutTitle('Bingo boards', options), footer, named: 'board' },
        options,
      ),
      key: [
        callList(calls, footer, options),
        listPage(
          {
            title: printedAs('Key: when each board is full', options.wording),
            lines: full,
            footer: keyFooter(footer, options),
          },
          options,
        ),
      ],
    }
  },
})

function upTo(count: number): number[] {
  return Array.from({ length: count }, (_, i) => i)
}

/**
 * Boards as sets of places in the order of calling. A board is full at its latest place, so boards with different latest
 * places never win together: there are `times − 8` of them, and only further boards have to share one.
 */
function boardsOf(random: Random, { count, boards: wanted = PRINT_OPTIONS.boards.usual }: PrintOptions): number[][] {
  const boards: number[][] = []
  for (let lasts: number[] = [], tries = 0; boards.length < wanted; tries++) {
    if (tries > 5000)
      throw new RefusedValue('boards', `at most ${boards.length} different ones with ${count} times`, wanted)
    if (lasts.length === 0) lasts = shuffled(random, upTo(count).slice(CELLS - 1))
    const last = lasts.pop() as number
    const board = [...shuffled(random, upTo(last)).slice(0, CELLS - 1), last]
    if (boards.some((other) => isSame(other, board))) continue
    boards.push(shuffled(random, board))
  }
  return boards
}

function isSame(a: readonly number[], b: readonly number[]): boolean {
  return a.every((at) => b.includes(at))
}

/** The place in the order of calling at which a board is full. */
function lastCall(board: readonly number[]): number {
  return Math.max(...board)
}

/** How many boards are full at the same call as one before them. */
function tiesOf(boards: readonly (readonly number[])[]): number {
  return boards.length - new Set(boards.map((board) => lastCall(board))).size
}

/** The first call at which a board is full, and how many are full then. */
function callsToWin(
  boards: readonly (readonly number[])[],
  order: readonly number[],
): { call: number; winners: number } {
  const at = new Map(order.map((place, call) => [place, call]))
  const calls = boards.map((board) => 1 + Math.max(...board.map((place) => at.get(place) ?? 0)))
  const call = Math.min(...calls)
  return { call, winners: calls.filter((each) => each === call).length }
}

const TRIED_GAMES = 2000

/** How often two boards win together when the calls are shuffled anew, with one standard error. */
function sharedWin(boards: readonly (readonly number[])[], seed: number): { share: number; error: number } {
  const random = randomFrom(seed)
  const order = upTo(1 + Math.max(...boards.flat()))
  const shared = Array.from(
    { length: TRIED_GAMES },
    () => callsToWin(boards, shuffled(random, order)).winners > 1,
  ).filter(Boolean).length
  const share = shared / TRIED_GAMES
  return { share, error: Math.sqrt((share * (1 - share)) / TRIED_GAMES) }
}

/** Clocks with the ring of fives need a board that takes its page alone. */
const rowsOf = ({ helps = 0 }: PrintOptions) => (helps > 0 ? 1 : 2)

function boardFace(name: string, items: readonly Item[], options: PrintOptions): CardFace {
  return (cell: Cell): Shape[] => {
    const side = Math.min(cell.width - 12, cell.height - 14)
    const area = { x: cell.x + (cell.width - side) / 2, y: cell.y + 10, width: side, height: side }
    const cells = gridCells(area, SIDE, SIDE)
    const lines = upTo(SIDE + 1).flatMap((i): Shape[] => {
      const at = (i * side) / SIDE
      return [
        line({ x: area.x + at, y: area.y }, { x: area.x + at, y: area.y + side }, { stroke: INK, strokeMm: 0.4 }),
        line({ x: area.x, y: area.y + at }, { x: area.x + side, y: area.y + at }, { stroke: INK, strokeMm: 0.4 }),
      ]
    })
    return [
      part('name', [textFrom(name, { x: area.x, y: cell.y + 7 }, { width: side, most: 5.5 })]),
      ...lines,
      ...items.map((item, i) => {
        const each = cells[i] as Cell
        return itemDial(
          item,
          { x: each.x + each.width / 2, y: each.y + each.height / 2, room: each.width / 2 - 2 },
          options,
        )
      }),
    ]
  }
}
