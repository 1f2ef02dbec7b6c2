import { type Drawing, type Shape, makePage } from '../drawing'
import { dialExtent } from '../faces'
import { randomFrom, shuffled } from '../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../teaching'
import { controlCard } from './controlCard'
import { type Cell, cutGrid, gridCells, itemDial, printFooter, wordsIn } from './frame'
import type { PrintOptions, Printable } from './types'

const COLUMNS = 3
const ROWS = 4

type Card = { readonly face: 'dial' | 'words'; readonly item: Item }

/** Pairs of cards, a dial and its words, shuffled over the pages; the key is the control card. */
export const matchCards: Printable = {
  id: 'match-cards',
  name: 'Match cards',
  stage: 'pictorial',
  purpose: 'Dials and words to cut out and pair, with a control card',
  counts: 'pairs',
  leastItems: 1,
  suits: hasDialTimes,
  needs: ['scissors', 'card or stiff paper'],
  cautions: ['scissors'],
  mostItems: 12,
  usualItems: 6,
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const cards = shuffled(
      random,
      items.flatMap((item): Card[] => [
        { face: 'dial', item },
        { face: 'words', item },
      ]),
    )
    const footer = printFooter('Match cards', options, seed)
    const pages: Drawing[] = []
    for (let from = 0; from < cards.length; from += COLUMNS * ROWS)
      pages.push(cardPage(cards.slice(from, from + COLUMNS * ROWS), options, footer))
    return { items, pages, key: [controlCard('match cards', items, options, `${footer} · key`)] }
  },
}

function cardPage(cards: readonly Card[], options: PrintOptions, footer: string): Drawing {
  const cells = gridCells(options.paper, COLUMNS, ROWS, cards.length)
  return makePage({
    paper: options.paper,
    title: options.owner ? `Match cards for ${options.owner}` : 'Match cards: cut along the lines',
    footer,
    body: [...cutGrid(cells), ...cells.flatMap((cell, i) => cardFace(cards[i] as Card, cell, options))],
  })
}

function cardFace({ face, item }: Card, cell: Cell, options: PrintOptions): Shape[] {
  const x = cell.x + cell.width / 2
  const y = cell.y + cell.height / 2
  if (face === 'words') return wordsIn(sayAnswer(item, item.answer, options.wording), x, y, cell.width - 10)
  const room = Math.min(cell.width, cell.height) / 2 - 4
  return [itemDial(item, x, y, room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives }), options)]
}
