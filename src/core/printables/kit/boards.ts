import { RefusedValue } from '../../errors'
import { type Random, randomFrom, shuffled } from '../../random'
import { languages, printedAs, type Told, told } from '../../wording'
import { type Drawing, INK, type Shape, line } from '../../drawing'
import { type CardFace, cardPages } from './cards'
import { type Cell, gridCells } from './grid'
import { callList, listPage } from './numberedList'
import { textFrom } from './wordLists'
import { cutTitle, keyFooter } from './footers'
import { part } from './frame'
import { PRINT_OPTIONS } from './options'
import type { PrintOptions } from './choices'

/* Bingo: boards that are filled from a list of calls. */

export interface BoardsWish {
  /** How many things are called. */
  readonly times: number
  readonly wanted: number
  /** Cells of a board: 9 or 4. */
  readonly cells: number
}

export function upTo(count: number): number[] {
  return Array.from({ length: count }, (_, i) => i)
}

/**
 * Boards as sets of places in the order of calling. A board is full at its latest place, so boards with different
 * latest places never win together: there are `times − cells + 1` of them, and only further boards have to share one.
 */
export function boardsOf(random: Random, { times, wanted, cells }: BoardsWish): number[][] {
  const boards: number[][] = []
  for (let lasts: number[] = [], tries = 0; boards.length < wanted; tries++) {
    if (tries > 5000)
      throw new RefusedValue(
        told('boards'),
        told('at most {0} different ones with {1} times', boards.length, times),
        wanted,
      )
    if (lasts.length === 0) lasts = shuffled(random, upTo(times).slice(cells - 1))
    const last = lasts.pop() as number
    const board = [...shuffled(random, upTo(last)).slice(0, cells - 1), last]
    if (boards.some((other) => isSame(other, board))) continue
    boards.push(shuffled(random, board))
  }
  return boards
}

function isSame(a: readonly number[], b: readonly number[]): boolean {
  return a.every((at) => b.includes(at))
}

/** The place in the order of calling at which a board is full. */
export function lastCall(board: readonly number[]): number {
  return Math.max(...board)
}

/** How many boards are full at the same call as one before them. */
export function tiesOf(boards: readonly (readonly number[])[]): number {
  return boards.length - new Set(boards.map((board) => lastCall(board))).size
}

/** The first call at which a board is full, and how many are full then. */
export function callsToWin(
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
export function sharedWin(boards: readonly (readonly number[])[], seed: number): { share: number; error: number } {
  const random = randomFrom(seed)
  const order = upTo(1 + Math.max(...boards.flat()))
  const shared = Array.from(
    { length: TRIED_GAMES },
    () => callsToWin(boards, shuffled(random, order)).winners > 1,
  ).filter(Boolean).length
  const share = shared / TRIED_GAMES
  return { share, error: Math.sqrt((share * (1 - share)) / TRIED_GAMES) }
}

/** With fewer calls than this, boards of nine would hold nearly all of them, and fill nearly together. */
const LEAST_CALLS_OF_NINE = 14

/** What is wished of boards with so many calls: three by three, or two by two where there are few. */
export function boardsWish(times: number, { boards = PRINT_OPTIONS.boards.usual }: PrintOptions): BoardsWish {
  return { times, wanted: boards, cells: times >= LEAST_CALLS_OF_NINE ? 9 : 4 }
}

/** What the adult should know about boards that are called in the order of their list, and in any other. */
export function boardNotes(wish: BoardsWish, seed: number): Told[] {
  const boards = boardsOf(randomFrom(seed), wish)
  const shared = sharedWin(boards, seed)
  const tied = tiesOf(boards)
  const listed =
    tied === 0
      ? told('Called in the order of the list, no two boards are full at the same call.')
      : told(
          'Called in the order of the list, {0} boards have to share a call: fewer boards, or more times, would part them.',
          tied + 1,
        )
  return [
    listed,
    told(
      'Called in any other order, two share the win in about {0} of 100 games (give or take {1}).',
      Math.round(100 * shared.share),
      Math.max(1, Math.round(200 * shared.error)),
    ),
  ]
}

interface BoardsPrint {
  readonly name: Told
  readonly footer: string
  readonly boards: readonly (readonly number[])[]
  /** What stands in a cell about its middle, by its place in the order of calling. */
  readonly cell: (call: number, at: Cell) => Shape
  readonly calls: readonly string[]
}

/** Pages of boards to cut out; the list that is called from, and when each board is full. */
export function boardsPrint({ name, footer, boards, cell, calls }: BoardsPrint, options: PrintOptions) {
  const bingo = languages[options.wording.language].phrases.bingo
  const fronts = boards.map((board, i) => boardFace(`${bingo} ${i + 1}`, board, cell))
  const full = boards.map((board, i) =>
    printedAs('board {0} is full at call {1}', options.wording, i + 1, lastCall(board) + 1),
  )
  const title = printedAs('Answers: when each board is full', options.wording)
  const key: Drawing[] = [
    callList(calls, footer, options),
    listPage({ title, lines: full, footer: keyFooter(footer, options) }, options),
  ]
  const pages = cardPages(
    { fronts, columns: 1, rows: rowsOf(options), title: cutTitle(name, options), footer, named: 'board' },
    options,
  )
  return { pages, key }
}

/** Clocks with the ring of fives need a board that takes its page alone. */
const rowsOf = ({ helps = 0, wholePage }: PrintOptions) => (helps > 0 || wholePage ? 1 : 2)

function boardFace(name: string, board: readonly number[], cell: BoardsPrint['cell']): CardFace {
  const perSide = Math.round(Math.sqrt(board.length))
  return (card: Cell): Shape[] => {
    const area = { x: card.x + 6, y: card.y + 10, width: card.width - 12, height: card.height - 14 }
    const cells = gridCells(area, perSide, perSide)
    const [right, foot] = [area.x + area.width, area.y + area.height]
    const lines = upTo(perSide + 1).flatMap((i): Shape[] => {
      const [x, y] = [area.x + (i * area.width) / perSide, area.y + (i * area.height) / perSide]
      return [
        line({ x, y: area.y }, { x, y: foot }, { stroke: INK, strokeMm: 0.4 }),
        line({ x: area.x, y }, { x: right, y }, { stroke: INK, strokeMm: 0.4 }),
      ]
    })
    return [
      part('name', [textFrom(name, { x: area.x, y: card.y + 7 }, { width: area.width, most: 5.5 })]),
      ...lines,
      ...board.map((call, i) => cell(call, cells[i] as Cell)),
    ]
  }
}
