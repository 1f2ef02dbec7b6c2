import { type Drawing, FAINT, type Shape, bodyArea, makePage } from '../../drawing'
import { type Item, sayAnswer } from '../../teaching'
import { itemDial, part, wordsIn } from './frame'
import type { PrintOptions } from './options'

/** More pairs than these go on another page, since their clocks could not be read. */
const PAIRS_ON_PAGE = 16

/** Every pair side by side, for the child to check by. `beside`: what stands by the dial, where it is not the answer alone; `figuresOf`: what stands over that. */
export function controlCards(
  what: string,
  items: readonly Item[],
  options: PrintOptions,
  footer: string,
  beside = (item: Item) => sayAnswer(item, item.answer, options.wording),
  figuresOf?: (item: Item) => string,
): Drawing[] {
  const area = bodyArea(options.paper)
  const rowHeight = Math.min(34, area.height / Math.ceil(Math.min(items.length, PAIRS_ON_PAGE) / 2))
  const pair = (item: Item, i: number): Shape => {
    const place = i % PAIRS_ON_PAGE
    const x = area.x + (place % 2) * (area.width / 2)
    const y = area.y + (Math.floor(place / 2) + 0.5) * rowHeight
    // Short of the next number.
    const width = area.width / 2 - rowHeight - 12
    const middle = x + rowHeight + 8 + width / 2
    return part(`pair-${i}`, [
      { type: 'text', layer: 'ink', x, y: y + 1.5, text: String(i + 1), size: 4, fill: FAINT },
      itemDial(item, x + 6 + rowHeight / 2, y, rowHeight / 2 - 2, options),
      ...(figuresOf ? [part('figures', wordsIn(figuresOf(item), middle, y - rowHeight * 0.27, width))] : []),
      part(
        'words',
        wordsIn(
          beside(item),
          middle,
          y + (figuresOf ? rowHeight * 0.17 : 0),
          width,
          6,
          rowHeight * (figuresOf ? 0.55 : 0.85),
        ),
      ),
    ])
  }
  const pairs = items.map(pair)
  return Array.from({ length: Math.ceil(pairs.length / PAIRS_ON_PAGE) }, (_, page) =>
    makePage({
      paper: options.paper,
      title: `Control card: ${what}`,
      footer,
      body: pairs.slice(page * PAIRS_ON_PAGE, (page + 1) * PAIRS_ON_PAGE),
    }),
  )
}
