import { barText, printedAs, nameIn, type Told } from '../../wording'
import { type Drawing, FAINT, type Shape, bodyArea, makePage, textAt } from '../../drawing'
import { type Item, sayAnswer } from '../../teaching'
import { itemDial } from './dialPlace'
import { leastRoom, onPages } from './grid'
import { part } from './frame'
import { wordsIn } from './wordLists'
import type { PrintOptions } from './choices'

const COLUMNS = 2
/** Higher than this, mm, a row would leave its words far from its clock. */
const MOST_ROW_MM = 34
/** Between a clock and the edge of its row, mm. */
const GAP_MM = 2

interface ControlCards {
  readonly what: Told
  readonly items: readonly Item[]
  readonly footer: string
  /** What stands by the dial, where it is not the answer alone. */
  readonly beside?: (item: Item) => string
  /** What stands over that. */
  readonly figuresOf?: (item: Item) => string
}

/** Every pair side by side, for the child to check by, on as many pages as let each clock be read. */
export function controlCards(
  { what, items, footer, beside, figuresOf }: ControlCards,
  options: PrintOptions,
): Drawing[] {
  const wordsOf = beside ?? ((item: Item) => sayAnswer(item, item.answer, options.wording))
  const area = bodyArea(options.paper)
  const mostRow = Math.max(MOST_ROW_MM, 2 * (leastRoom(options) + GAP_MM))
  const rowFor = (onOne: number) => Math.min(mostRow, area.height / Math.ceil(onOne / COLUMNS))
  const numbered = items.map((item, i) => ({ item, i }))
  const pages = onPages(numbered, options, (onOne) => rowFor(onOne) / 2 - GAP_MM)
  const rowHeight = rowFor(pages[0]?.length ?? 1)
  const pair = ({ item, i }: (typeof numbered)[number], place: number): Shape => {
    const x = area.x + (place % COLUMNS) * (area.width / COLUMNS)
    const y = area.y + (Math.floor(place / COLUMNS) + 0.5) * rowHeight
    // Short of the next number.
    const width = area.width / COLUMNS - rowHeight - 12
    const middle = x + rowHeight + 8 + width / 2
    return part(`pair-${i}`, [
      textAt(String(i + 1), { x, y: y + 1.5 }, { size: 4, fill: FAINT }),
      itemDial(item, { x: x + 6 + rowHeight / 2, y, room: rowHeight / 2 - GAP_MM }, options),
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
  return pages.map((onOne) =>
    makePage({
      paper: options.paper,
      bar: barText(options.wording),
      title: printedAs('Control card: {0}', options.wording, nameIn(options.wording, what)),
      footer,
      body: onOne.map(pair),
    }),
  )
}
