import { printedAs, nameIn } from '../../wording'
import { type Drawing, FAINT, type Shape, bodyArea, makePage, textAt } from '../../drawing'
import { type Item, sayAnswer } from '../../teaching'
import { barText, itemDial, part, wordsIn } from './frame'
import type { PrintOptions } from './options'

/** More pairs than these go on another page, since their clocks could not be read. */
const PAIRS_ON_PAGE = 16

interface ControlCards {
  readonly what: string
  readonly items: readonly Item[]
  readonly footer: string
  /** What stands by the dial, where it is not the answer alone. */
  readonly beside?: (item: Item) => string
  /** What stands over that. */
  readonly figuresOf?: (item: Item) => string
}

/** Every pair side by side, for the child to check by. */
export function controlCards(
  { what, items, footer, beside, figuresOf }: ControlCards,
  options: PrintOptions,
): Drawing[] {
  const wordsOf = beside ?? ((item: Item) => sayAnswer(item, item.answer, options.wording))
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
      textAt(String(i + 1), { x, y: y + 1.5 }, { size: 4, fill: FAINT }),
      itemDial(item, { x: x + 6 + rowHeight / 2, y, room: rowHeight / 2 - 2 }, options),
      ...(figuresOf
        ? [part('figures', wordsIn(figuresOf(item), { x: middle, y: y - rowHeight * 0.27 }, { width }))]
        : []),
      part(
        'words',
        wordsIn(
          wordsOf(item),
          { x: middle, y: y + (figuresOf ? rowHeight * 0.17 : 0) },
          { width, most: 6, height: rowHeight * (figuresOf ? 0.55 : 0.85) },
        ),
      ),
    ])
  }
  const pairs = items.map(pair)
  return Array.from({ length: Math.ceil(pairs.length / PAIRS_ON_PAGE) }, (_, page) =>
    makePage({
      paper: options.paper,
      bar: barText(options),
      title: printedAs('Control card: {0}', options.wording, nameIn(options.wording, what)),
      footer,
      body: pairs.slice(page * PAIRS_ON_PAGE, (page + 1) * PAIRS_ON_PAGE),
    }),
  )
}
