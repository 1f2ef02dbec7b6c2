import { FAINT, type Shape } from '../../drawing'
import { type Random, randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { languages, told } from '../../wording'
import { type CardFace, cardPages } from '../kit/cards'
import { callList } from '../kit/numberedList'
import { textFrom } from '../kit/wordLists'
import { cutTitle, printFooter } from '../kit/footers'
import { part, rule } from '../kit/frame'
import { itemDial } from '../kit/dialPlace'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** A clock for each child to wear; the times are called, and whose it is steps on to the floor clock. */
export const badges = definePrintable({
  id: 'badges',
  kind: 'cards',
  name: told('Find your time'),
  purpose: told('A clock for each child to wear, and the list that is called from'),
  stage: 'concrete',
  counts: told('How many badges'),
  leastItems: 2,
  mostItems: 30,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'guillotine'],
  needs: ['scissors', 'tape'],
  cautions: ['scissors', 'movement'],
  play: (_, { count }) => count,
  notes: () => [told('Call in the order of the list; nobody is out. Swap badges for a second round.')],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Find your time'), options, seed)
    const calls = items.map((item) => sayAnswer(item, item.answer, options.wording))
    // Called in another order than they are dealt, or the row of children would know it.
    const order = anotherOrder(random, calls.length)
    return {
      items,
      pages: cardPages(
        {
          fronts: items.map((item) => badge(item, options)),
          columns: 2,
          rows: 3,
          title: cutTitle(told('Find your time'), options),
          footer,
        },
        options,
      ),
      key: [
        callList(
          order.map((i) => calls[i] as string),
          footer,
          options,
        ),
      ],
    }
  },
})

/** The places in a drawn order that is not the one they are in. */
function anotherOrder(random: Random, count: number): number[] {
  const order = shuffled(random, [...Array(count).keys()])
  return order.every((place, i) => place === i) ? [...order.slice(1), 0] : order
}

function badge(item: Item, options: PrintOptions): CardFace {
  const label = languages[options.wording.language].phrases.name
  return (cell) => {
    const room = Math.min(cell.width, cell.height - 18) / 2 - 4
    const x = cell.x + cell.width / 2
    const line = cell.y + cell.height - 6
    const name: Shape[] = [
      textFrom(label, { x: cell.x + 8, y: line - 1 }, { width: 24, most: 4.5, fill: FAINT }),
      rule(cell.x + 28, cell.x + cell.width - 8, line),
    ]
    return [itemDial(item, { x, y: cell.y + room + 5, room }, options), part('name', name)]
  }
}
