import { type Drawing, FAINT, INK, type Shape, bodyArea, fitSize, makePage } from '../drawing'
import { dialExtent } from '../faces'
import { randomFrom, shuffled } from '../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../teaching'
import { languages } from '../wording'
import { type Cell, cutGrid, gridCells, itemDial, printFooter, wordsIn } from './frame'
import type { PrintOptions, Printable } from './types'

const COLUMNS = 3
const ROWS = 4

/** A card: the clock it has, and the one it asks for, which is on the next card of the loop. */
interface Card {
  readonly has: Item
  readonly asks: Item
}

/** Each card asks for the clock of the next; all cards make one closed loop, so that play ends where it began. */
export const loopCards: Printable = {
  id: 'loop-cards',
  name: 'Loop cards',
  purpose: 'Each answer names the next card; the last one names the first',
  stage: 'pictorial',
  counts: 'cards',
  leastItems: 6,
  mostItems: 36,
  usualItems: 12,
  suits: hasDialTimes,
  needs: ['scissors', 'card or stiff paper'],
  cautions: ['scissors'],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const loop = items.map((has, i): Card => ({ has, asks: items[(i + 1) % items.length] as Item }))
    const cards = shuffled(random, loop)
    const footer = printFooter('Loop cards', options, seed)
    const perPage = COLUMNS * ROWS
    const pages = Array.from({ length: Math.ceil(cards.length / perPage) }, (_, page) => cardPage(cards.slice(page * perPage, (page + 1) * perPage), options, footer)) // prettier-ignore
    return { items, pages, key: [loopPage(items, options, `${footer} · key`)] }
  },
}

function cardPage(cards: readonly Card[], options: PrintOptions, footer: string): Drawing {
  const cells = gridCells(options.paper, COLUMNS, ROWS, cards.length)
  const title = options.owner ? `Loop cards for ${options.owner}` : 'Loop cards: cut along the lines'
  return makePage({ paper: options.paper, title, footer, body: [...cutGrid(cells), ...cells.flatMap((cell, i) => cardFace(cards[i] as Card, cell, options))] }) // prettier-ignore
}

function cardFace({ has, asks }: Card, cell: Cell, options: PrintOptions): Shape[] {
  const { iHave, whoHas } = languages[options.wording.language].phrases
  const x = cell.x + cell.width / 2
  const room = Math.min(cell.width, cell.height * 0.62) / 2 - 3
  const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
  const question = whoHas(sayAnswer(asks, asks.answer, options.wording))
  return [
    { type: 'text', layer: 'ink', x: cell.x + 3, y: cell.y + 6, text: iHave, size: 4, fill: FAINT },
    itemDial(has, x, cell.y + room + 4, radius, options),
    ...wordsIn(question, x, cell.y + cell.height * 0.83, cell.width - 6, 5),
  ]
}

/** The loop as it is played, for the adult: each clock's time in order. */
function loopPage(items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const rows = Math.ceil(items.length / 2)
  const height = Math.min(14, area.height / rows)
  const body = items.map((item, i): Shape => {
    const text = `${i + 1}. ${sayAnswer(item, item.answer, options.wording)}`
    const x = area.x + (i < rows ? 0 : area.width / 2)
    return { type: 'text', layer: 'ink', x, y: area.y + ((i % rows) + 0.7) * height, text, size: fitSize(text, 5.5, area.width / 2 - 4), fill: INK } // prettier-ignore
  })
  return makePage({ paper: options.paper, title: 'Key: the loop, from any card on', footer, body })
}
