import { FAINT, type Shape, textAt } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { languages, printedAs, told } from '../../wording'
import { type CardFace, cardPages, deckAt, lettersAt } from '../kit/cards'
import type { Cell } from '../kit/grid'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { part } from '../kit/frame'
import { itemDial } from '../kit/dialPlace'
import { listPage } from '../kit/numberedList'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** Each card asks for the clock of the next; all cards make one closed loop, so that play ends where it began. */
export const loopCards = definePrintable({
  id: 'loop-cards',
  kind: 'game',
  name: told('Loop cards'),
  purpose: told('Each answer names the next card; the last one names the first'),
  stage: 'pictorial',
  counts: told('How many cards'),
  leastItems: 6,
  mostItems: 36,
  usualItems: 12,
  suits: hasDialTimes,
  takes: ['helps', 'size', 'backs', 'letter', 'guillotine', 'box'],
  // Smaller clocks could not be read.
  sizes: ['usual', 'large'],
  deck: deckOf,
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  play: (_, { count }) => count,
  notes: () => [
    told(
      'Deal all cards out. Anyone begins by reading their question; whoever has that clock reads theirs. It ends with the first card.',
    ),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const fronts = shuffled(
      random,
      items.map((has, i) => cardFace(has, items[(i + 1) % items.length] as Item, options)),
    )
    const footer = printFooter(told('Loop cards'), options, seed)
    const pages = cardPages(
      { fronts, ...deckOf(options), title: cutTitle(told('Loop cards'), options), footer },
      options,
    )
    const loop = items.map((item) => sayAnswer(item, item.answer, options.wording))
    return {
      items,
      pages,
      key: [
        listPage(
          {
            title: printedAs('Answers: the loop, from any card on', options.wording),
            lines: loop,
            footer: keyFooter(footer, options),
          },
          options,
        ),
      ],
    }
  },
})

/** The ring of fives round a clock needs a higher card. */
function deckOf(options: PrintOptions) {
  return deckAt({ columns: 3, rows: (options.helps ?? 0) > 0 ? 3 : 4 }, options)
}

function cardFace(has: Item, asks: Item, options: PrintOptions): CardFace {
  const { iHave, whoHas } = languages[options.wording.language].phrases
  const question = whoHas(sayAnswer(asks, asks.answer, options.wording))
  return (cell: Cell): Shape[] => {
    const x = cell.x + cell.width / 2
    const room = Math.min(cell.width, cell.height * 0.62) / 2 - 3
    return [
      textAt(iHave, { x: cell.x + 3, y: cell.y + 6 }, { size: lettersAt(4, options), fill: FAINT }),
      itemDial(has, { x, y: cell.y + room + 4, room }, options),
      part(
        'words',
        wordsIn(
          question,
          { x, y: cell.y + cell.height * 0.83 },
          { width: cell.width - 6, most: lettersAt(5, options), height: cell.height * 0.34 - 1 },
        ),
      ),
    ]
  }
}
