import { FAINT, INK, type Drawing, type Shape, bodyArea, fitSize, makePage, wrapText } from '../drawing'
import { centredText, dialExtent } from '../faces'
import { randomFrom, shuffled } from '../random'
import { type Item, makeItems, sayAnswer } from '../teaching'
import { type Cell, cutGrid, gridCells, itemDial, printFooter } from './frame'
import type { PrintOptions, Printable } from './types'

const COLUMNS = 3
const ROWS = 4

type Card = { readonly face: 'dial' | 'words'; readonly item: Item }

/** Pairs of cards, a dial and its words, shuffled over the pages; the key is the control card. */
export const matchCards: Printable = {
  id: 'match-cards',
  name: 'Match cards',
  stage: 'pictorial',
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
    return { items, pages, key: [controlCard(items, options, `${footer} · key`)] }
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

function wordsIn(text: string, x: number, y: number, width: number): Shape[] {
  // No word is broken: German counts are long.
  const size = Math.min(...text.split(' ').map((word) => fitSize(word, 8, width - 0.01)))
  const lines = wrapText(text, size, width)
  return lines.map((line, i) => centredText(line, x, y + (i - (lines.length - 1) / 2) * size * 1.35, size, INK))
}

/** Every pair side by side, for the child to check by. */
function controlCard(items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const rowHeight = Math.min(34, area.height / Math.ceil(items.length / 2))
  const body = items.flatMap((item, i): Shape[] => {
    const x = area.x + (i % 2) * (area.width / 2)
    const y = area.y + (Math.floor(i / 2) + 0.5) * rowHeight
    const radius = (rowHeight / 2 - 2) / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
    const text = sayAnswer(item, item.answer, options.wording)
    const textX = x + rowHeight + 6
    const width = area.width / 2 - rowHeight - 8
    return [
      { type: 'text', layer: 'ink', x, y: y + 1.5, text: String(i + 1), size: 4, fill: FAINT },
      itemDial(item, x + 6 + rowHeight / 2, y, radius, options),
      { type: 'text', layer: 'ink', x: textX + 2, y: y + 2, text, size: fitSize(text, 6, width), fill: INK },
    ]
  })
  return makePage({ paper: options.paper, title: 'Control card: match cards', footer, body })
}
