import { centredText, type Drawing, INK } from '../drawing'
import { itemAt } from '../teaching'
import { cardPages } from '../printables/kit/cards'
import type { Cell } from '../printables/kit/grid'
import { wordsIn } from '../printables/kit/wordLists'
import { dialCard } from '../printables/cards/matchFaces'
import { playedOn } from './games/kit'
import type { TimeCard } from './calls'
import { wordsOf } from './words'
import { type Printing, titleOf } from './cardPage'

/** A card in words and a clock for each child, with the same number. */
export function timeCardPages(printing: Printing, cards: readonly TimeCard[]): Drawing[] {
  if (cards.length === 0) return []
  const { timeline, options, paper } = printing
  const { card } = wordsOf(options.wording).cards
  const rung = playedOn(options.rung)
  const inNumber = [...cards].sort((a, b) => a.number - b.number)
  const numbered = (cell: Cell, number: number) =>
    centredText(card(number), { x: cell.x + cell.width / 2, y: cell.y + cell.height - 4 }, { size: 3.4, fill: INK })
  const printed = { paper, wording: options.wording, rung, count: cards.length }
  const within = (cell: Cell): Cell => ({ ...cell, height: cell.height - 6 })
  const words = inNumber.map(({ number, says }) => (cell: Cell) => [
    ...wordsIn(says, { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 }, { width: cell.width - 10, most: 10 }),
    numbered(cell, number),
  ])
  const clocks = inNumber.map(({ number, minute }) => (cell: Cell) => [
    ...dialCard(itemAt(rung, 'read', minute), printed)(within(cell)),
    numbered(cell, number),
  ])
  const set = {
    columns: 2,
    rows: 3,
    title: titleOf(printing),
    footer: `Ripe Acorn · ${titleOf(printing)} · ${timeline.seed}`,
  }
  return [...cardPages({ ...set, fronts: words }, printed), ...cardPages({ ...set, fronts: clocks }, printed)]
}
