import { told, type Told } from '../../wording'
import { onDial } from '../../clock'
import { FAINT, textAt } from '../../drawing'
import type { Item } from '../../teaching'
import { type CardFace, cardPages } from '../kit/cards'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { figuresOfDay, nameOfRow, namedRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { cutTitle, keyFooter, keyTitle, printFooter } from '../kit/footers'
import { inWords, part } from '../kit/frame'
import { dialAt } from '../kit/dialPlace'
import { listPage } from '../kit/numberedList'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'

/** A clock for each thing of a day, with its name, its picture and its time in words: a strip for the wall. */
export const wallStrip = definePrintable({
  id: 'wall-strip',
  kind: 'cards',
  name: told('Strip of clocks for the wall'),
  purpose: told('A clock for each thing of the day, with its name and its time, to hang up side by side'),
  stage: 'pictorial',
  counts: told('How many rows'),
  leastItems: 3,
  mostItems: MOST_DOINGS,
  usualItems: 6,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'timetable',
  takes: ['helps', 'rows', 'guillotine'],
  needs: ['scissors', 'tape'],
  cautions: ['scissors'],
  notes: (options) => [
    told('Hang it in the order of the numbers at the children’s height, with a real clock beside it.'),
    ...noteHidden(options),
  ],
  make(options, seed) {
    const rows = dayRowsOf(options, seed)
    const footer = printFooter(told('Strip of clocks for the wall'), options, seed)
    return {
      items: rows.map((row) => rowItem(row, rows, options)),
      pages: cardPages(
        {
          fronts: rows.map((row, i) => stripCard(row, i, options)),
          columns: 2,
          rows: 3,
          title: cutTitle(told('Strip of clocks for the wall'), options),
          footer,
        },
        options,
      ),
      key: [orderKey(told('Strip of clocks for the wall'), rows, keyFooter(footer, options), options)],
    }
  },
})

/** The question about one row of a day: when is it? */
export function rowItem(row: PrintRow, rows: readonly PrintRow[], { rung }: PrintOptions): Item {
  return {
    rung,
    ask: 'look-up',
    shown: { as: 'rows', minute: row.minute, rows },
    answer: { kind: 'time', minute: onDial(row.minute) },
    lures: [],
  }
}

/** The rows of a day in their order, in figures of 24 hours, for the adult. */
export function orderKey(name: Told, rows: readonly PrintRow[], footer: string, options: PrintOptions) {
  const lines = rows.map((row) => `${figuresOfDay(row.minute, options)} ${nameOfRow(row, options)}`)
  return listPage({ title: keyTitle(name, options), lines, footer }, options)
}

function stripCard(row: PrintRow, place: number, options: PrintOptions): CardFace {
  const said = inWords(row.minute, options)
  return (cell) => {
    const middle = cell.x + cell.width / 2
    const below = 34
    const room = Math.min(cell.width / 2 - 4, (cell.height - below) / 2 - 2)
    const y = cell.y + room + 4
    const bottom = cell.y + cell.height
    return [
      textAt(String(place + 1), { x: cell.x + 3, y: cell.y + 7 }, { size: 5, fill: FAINT }),
      dialAt(row.minute, { x: middle, y, room }, options),
      part('words', wordsIn(said, { x: middle, y: bottom - below + 8 }, { width: cell.width - 8, most: 6, height: 9 })),
      ...namedRow(row, { x: middle, y: bottom - 11, width: cell.width - 8, height: 19, most: 6.5 }, options),
    ]
  }
}
