import { told } from '../../wording'
import { type Random, randomFrom, shuffled } from '../../random'
import { type CardFace, cardPages } from '../kit/cards'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { namedRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import type { PrintOptions } from '../kit/choices'
import { numberedBack } from '../cards/matchFaces'
import { orderKey, rowItem } from './wallStrip'

/** The things of a day on cards with their clocks, to be laid in the order of the day. */
export const orderCards = definePrintable({
  id: 'order-cards',
  kind: 'cards',
  name: told('A day to lay in order'),
  purpose: told('Cards with what happens and its clock, to lay from morning to evening; the backs have the order'),
  stage: 'pictorial',
  counts: told('How many rows'),
  leastItems: 3,
  mostItems: MOST_DOINGS,
  usualItems: 6,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'rows', 'backs', 'guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: (options) => [
    options.backs
      ? told('Turn the row over at the end: the backs count up from 1.')
      : told('Check by the answers, or print the backs: they count up from 1 in the order of the day.'),
    ...noteHidden(options),
  ],
  make(options, seed) {
    const rows = dayRowsOf(options, seed)
    const dealt = mixed(
      randomFrom(seed),
      rows.map((row, i) => ({ row, i })),
    )
    const footer = printFooter(told('A day to lay in order'), options, seed)
    return {
      items: rows.map((row) => rowItem(row, rows, options)),
      pages: cardPages(
        {
          fronts: dealt.map(({ row }) => dayCard(row, options)),
          backs: dealt.map(({ i }) => numberedBack(i + 1)),
          columns: 2,
          rows: 3,
          title: cutTitle(told('A day to lay in order'), options),
          footer,
        },
        options,
      ),
      key: [orderKey(told('A day to lay in order'), rows, keyFooter(footer, options), options)],
    }
  },
})

/** Cards in an order that is not the one they are to be laid in. */
function mixed<T extends { readonly i: number }>(random: Random, cards: readonly T[]): T[] {
  const dealt = shuffled(random, cards)
  return cards.length > 1 && dealt.every(({ i }, at) => i === at) ? mixed(random, cards) : dealt
}

/** Room for what happens beside or under the clock of a card, mm. */
const NAME_ROOM_MM = 24

function dayCard(row: PrintRow, options: PrintOptions): CardFace {
  return (cell) => {
    const middle = cell.x + cell.width / 2
    const room = Math.min(cell.width / 2 - 4, (cell.height - NAME_ROOM_MM) / 2 - 2)
    return [
      dialAt(row.minute, { x: middle, y: cell.y + room + 4, room }, options),
      ...namedRow(
        row,
        { x: middle, y: cell.y + cell.height - NAME_ROOM_MM / 2, width: cell.width - 8, height: NAME_ROOM_MM - 4 },
        options,
      ),
    ]
  }
}
