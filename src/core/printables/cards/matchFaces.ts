import { centredText, INK, type Shape } from '../../drawing'
import { type Item, sayAnswer } from '../../teaching'
import { type CardFace, lettersAt } from '../kit/cards'
import type { Cell } from '../kit/grid'
import { figures, part, wordsFor } from '../kit/frame'
import { itemDial } from '../kit/dialPlace'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'

/** The cards that belong together: a clock, its words, and its figures where three forms are wanted. */
export function facesOf(item: Item, options: PrintOptions): CardFace[] {
  const words = options.forms === 3 ? wordsFor(item, options) : sayAnswer(item, item.answer, options.wording)
  const figureCards =
    options.forms === 3 ? [wordCard('figures', figures(item.shown.minute, options), lettersAt(12, options))] : []
  return [dialCard(item, options), ...figureCards, wordCard('words', words, lettersAt(WORDS_MM, options))]
}

/** A card with the dial of an item. */
export function dialCard(item: Item, options: PrintOptions): CardFace {
  return (cell: Cell): Shape[] => [
    itemDial(
      item,
      { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2, room: Math.min(cell.width, cell.height) / 2 - 4 },
      options,
    ),
  ]
}

/** The largest words on a card of the usual size, em in mm. */
export const WORDS_MM = 8

/** A card with words or figures. */
export function wordCard(named: string, text: string, most = WORDS_MM): CardFace {
  return (cell) => [
    part(
      named,
      wordsIn(text, { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 }, { width: cell.width - 10, most }),
    ),
  ]
}

/** A back with the number of its set at the middle. */
export function numberedBack(number: number): CardFace {
  return (cell) => [
    part('mark', [
      centredText(String(number), { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2 }, { size: 9, fill: INK }),
    ]),
  ]
}
