import { handsHidden, onDial } from '../../clock'
import { randomFrom, shuffled } from '../../random'
import type { Item } from '../../teaching'
import { languages, saidOf, told } from '../../wording'
import { numberedBack, wordCard } from '../cards/matchFaces'
import { type CardFace, cardPages } from '../kit/cards'
import { MOST_DOINGS, type PrintRow, dayRowsOf, noteHidden } from '../kit/dayRows'
import { figuresOfDay, nameOfRow, namedRow } from '../kit/rowNames'
import { definePrintable } from '../kit/definePrintable'
import { cutTitle, keyFooter, keyTitle, printFooter } from '../kit/footers'
import { part } from '../kit/frame'
import { dialAt } from '../kit/dialPlace'
import { listPage } from '../kit/numberedList'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'

/** A thing of the day with its clock and its part of the day, and the same time in 24 hours, to be put together. */
export const day24Cards = definePrintable({
  id: 'day-24-cards',
  kind: 'cards',
  name: told('A day in 24 hours'),
  purpose: told('Cards with what happens, its clock and its part of the day, to match with the time in 24 hours'),
  stage: 'abstract',
  counts: told('How many pairs'),
  leastItems: 3,
  mostItems: MOST_DOINGS,
  usualItems: 6,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'day-24',
  takes: ['helps', 'rows', 'backs', 'guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: (options) => [
    options.backs
      ? told('The same number on the back of both cards of a pair: turn them over to check.')
      : told('Check by the answers. With backs, each pair has a number behind it.'),
    ...noteHidden(options),
  ],
  make(options, seed) {
    const rows = dayRowsOf(options, seed)
    const { dayPart } = languages[options.wording.language]
    const cards = shuffled(
      randomFrom(seed),
      rows.flatMap((row, i) => [
        { front: partCard(row, options), back: numberedBack(i + 1) },
        { front: wordCard('figures', figuresOfDay(row.minute, options), 14), back: numberedBack(i + 1) },
      ]),
    )
    const footer = printFooter(told('A day in 24 hours'), options, seed)
    const lines = rows.map((row) =>
      saidOf(`${nameOfRow(row, options)}, ${dayPart(row.minute)}`, figuresOfDay(row.minute, options), options.wording),
    )
    return {
      items: rows.map((row) => in24(row, options)),
      pages: cardPages(
        {
          fronts: cards.map(({ front }) => front),
          backs: cards.map(({ back }) => back),
          columns: 3,
          rows: 3,
          title: cutTitle(told('A day in 24 hours'), options),
          footer,
        },
        options,
      ),
      key: [
        listPage(
          { title: keyTitle(told('A day in 24 hours'), options), lines, footer: keyFooter(footer, options) },
          options,
        ),
      ],
    }
  },
})

function in24({ minute }: PrintRow, { rung }: PrintOptions): Item {
  return { rung, ask: 'write-24', shown: { as: 'day', minute }, answer: { kind: 'day', minute }, lures: [] }
}

const WORDS_MM = 30

function partCard(row: PrintRow, options: PrintOptions): CardFace {
  const { dayPart, noon, midnight } = languages[options.wording.language]
  const isTwelve = handsHidden(onDial(row.minute)) && onDial(row.minute) === 0
  const said = isTwelve ? (row.minute === 0 ? midnight : noon) : dayPart(row.minute)
  return (cell) => {
    const middle = cell.x + cell.width / 2
    const room = Math.min(cell.width / 2 - 4, (cell.height - WORDS_MM) / 2 - 2)
    const bottom = cell.y + cell.height
    return [
      dialAt(row.minute, { x: middle, y: cell.y + room + 3, room }, options),
      part(
        'part',
        wordsIn(said, { x: middle, y: bottom - WORDS_MM + 5 }, { width: cell.width - 8, most: 5, height: 7 }),
      ),
      ...namedRow(row, { x: middle, y: bottom - 11, width: cell.width - 8, height: 19, most: 5.5 }, options),
    ]
  }
}
