import { told } from '../../wording'
import { FAINT, type Shape, line } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { type CardFace, cardPages } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { part } from '../kit/frame'
import { itemDial } from '../kit/dialPlace'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** How many tiles a full set over so many times has: each time meets each, itself included. */
function tilesOf(times: number): number {
  return (times * (times + 1)) / 2
}

/** A full set: every two of the times meet on one tile, a dial on its left half and words on its right. */
export const dominoes = definePrintable({
  id: 'dominoes',
  kind: 'game',
  name: told('Dominoes'),
  purpose: told('A full set of tiles, a dial on one half and a time on the other; like is laid to like'),
  stage: 'pictorial',
  counts: told('How many times in the set'),
  leastItems: 3,
  mostItems: 7,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  play: (_, { count }) => tilesOf(count),
  notes: ({ count }) => [
    told(
      '{0} tiles: a turn each lays them all, if nobody is stuck. A dial may be laid to a dial or to words of the same time.',
      tilesOf(count),
    ),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const tiles = items.flatMap((one, i) => items.slice(i).map((other) => shuffled(random, [one, other])))
    const fronts = shuffled(random, tiles).map(([left, right]) => tile(left as Item, right as Item, options))
    const footer = printFooter(told('Dominoes'), options, seed)
    return {
      items,
      pages: cardPages(
        {
          fronts,
          columns: 2,
          rows: rowsOf(options),
          title: cutTitle(told('Dominoes'), options),
          footer,
          named: 'tile',
        },
        options,
      ),
      key: controlCards({ what: told('Dominoes'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

/** The ring of fives round a clock needs a higher tile. */
const rowsOf = ({ helps = 0 }: PrintOptions) => (helps > 0 ? 6 : 7)

function tile(left: Item, right: Item, options: PrintOptions): CardFace {
  return (cell) => {
    const y = cell.y + cell.height / 2
    const middle = cell.x + cell.width / 2
    const room = Math.min(cell.width / 2, cell.height) / 2 - 1.5
    const split: Shape = line(
      { x: middle, y: cell.y + 4 },
      { x: middle, y: cell.y + cell.height - 4 },
      { stroke: FAINT, strokeMm: 0.5 },
    )
    return [
      itemDial(left, { x: cell.x + cell.width / 4, y, room }, options),
      split,
      part(
        'words',
        wordsIn(
          sayAnswer(right, right.answer, options.wording),
          { x: cell.x + cell.width * 0.75, y },
          { width: cell.width / 2 - 6, most: 6 },
        ),
      ),
    ]
  }
}
