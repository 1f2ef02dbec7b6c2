import { printedAs } from '../../wording'
import { randomFrom, shuffled } from '../../random'
import { type Item, itemAt } from '../../teaching'
import { cardPages } from '../kit/cards'
import { callList } from '../kit/numberedList'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { definePrintable } from '../kit/definePrintable'
import { wordCard } from './matchFaces'
import { answerPage, dialPage, FIVES } from './fivesPages'

/**
 * 5 to 60 on cards, to lay round a dial: in order first, then as they come. The seed draws the order in which they are
 * called.
 */
export const fivesCards = definePrintable({
  id: 'fives-cards',
  kind: 'cards',
  name: 'Cards of five',
  purpose: 'Counts 5 to 60 to lay round a dial, in order, then at random; and a list to call from',
  stage: 'concrete',
  counts: 'cards',
  leastItems: 12,
  mostItems: 12,
  usualItems: 12,
  timesOn: () => FIVES.length,
  suits: (rung) => rung === 'fives',
  takes: ['guillotine'],
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: () => [
    'First round the dial in order, counting aloud; then shuffled; then call from the list and point before the card is turned.',
  ],
  make(options, seed) {
    const order = shuffled(randomFrom(seed), FIVES)
    const items = order.map((minutes): Item => ({
      ...itemAt('fives', 'read', minutes % 60),
      answer: { kind: 'minutes', minutes },
    }))
    const footer = printFooter('Cards of five', options, seed)
    const cards = cardPages(
      {
        fronts: FIVES.map((minutes) => wordCard('count', String(minutes), 18)),
        columns: 4,
        rows: 4,
        title: cutTitle('Cards of five', options),
        footer,
      },
      options,
    )
    const calls = order.map((minutes) => printedAs('{0}: at the {1}', options.wording, minutes, minutes / 5))
    return {
      items,
      pages: [...cards, dialPage(options, footer)],
      key: [answerPage(options, keyFooter(footer, options)), callList(calls, footer, options)],
    }
  },
})
