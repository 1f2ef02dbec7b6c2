import { INK, type Shape, centredText } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { type CardFace, cardPages } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { type Cell, cutTitle, figures, itemDial, keyFooter, part, printFooter, wordsFor, wordsIn } from '../kit/frame'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/options'

/** Sets of cards that say the same: a dial and its words, or a dial, its figures and its words. */
export const matchCards = definePrintable({
  id: 'match-cards',
  kind: 'cards',
  name: 'Match cards',
  stage: 'pictorial',
  purpose: 'Dials, words and figures to cut out and put together, with a control card or a mark on the back',
  counts: 'sets',
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'forms', 'backs', 'guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: ({ backs }) => [
    backs
      ? 'The same number on the back of all cards of a set: turn them over to check.'
      : 'Check by the control card. With backs, each set has a number behind it.',
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const cards = shuffled(
      random,
      items.flatMap((item, i) => facesOf(item, options).map((front) => ({ front, back: numberedBack(i + 1) }))),
    )
    const footer = printFooter('Match cards', options, seed)
    const pages = cardPages(
      {
        fronts: cards.map(({ front }) => front),
        backs: cards.map(({ back }) => back),
        columns: 3,
        rows: 4,
        title: cutTitle('Match cards', options),
        footer,
      },
      options,
    )
    const [beside, figuresOf] =
      options.forms === 3
        ? [(item: Item) => wordsFor(item, options), (item: Item) => figures(item.shown.minute, options)]
        : []
    return {
      items,
      pages,
      key: controlCards({ what: 'Match cards', items, footer: keyFooter(footer, options), beside, figuresOf }, options),
    }
  },
})

function facesOf(item: Item, options: PrintOptions): CardFace[] {
  const words = options.forms === 3 ? wordsFor(item, options) : sayAnswer(item, item.answer, options.wording)
  const figureCards = options.forms === 3 ? [wordCard('figures', figures(item.shown.minute, options), 12)] : []
  return [dialCard(item, options), ...figureCards, wordCard('words', words)]
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

/** A card with words or figures. */
export function wordCard(named: string, text: string, most = 8): CardFace {
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
