import { printedAs, told } from '../../wording'
import { randomFrom, shuffled } from '../../random'
import { type Item, itemAt } from '../../teaching'
import { cardPages, deckAt, lettersAt } from '../kit/cards'
import { callList } from '../kit/numberedList'
import { cutTitle, keyFooter, printFooter, titleOr } from '../kit/footers'
import { definePrintable } from '../kit/definePrintable'
import { wordCard } from './matchFaces'
import { bodyArea, circle, type Shape, SLATE } from '../../drawing'
import { dialShapes, faceWithin } from '../../faces'
import { framedPage, part } from '../kit/frame'
import { dialAt } from '../kit/dialPlace'
import type { PrintOptions } from '../kit/choices'

/**
 * 5 to 60 on cards, to lay round a dial: in order first, then as they come. The seed draws the order in which they are
 * called.
 */
export const fivesCards = definePrintable({
  id: 'fives-cards',
  kind: 'cards',
  name: told('Cards of five'),
  purpose: told('Counts 5 to 60 to lay round a dial, in order, then at random; and a list to call from'),
  stage: 'concrete',
  counts: told('How many cards'),
  leastItems: 12,
  mostItems: 12,
  usualItems: 12,
  timesOn: () => FIVES.length,
  suits: (rung) => rung === 'fives',
  takes: ['size', 'backs', 'letter', 'guillotine', 'box'],
  deck: (options) => deckAt(DECK, options),
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: () => [
    told(
      'First round the dial in order, counting aloud; then shuffled; then call from the list and point before the card is turned.',
    ),
  ],
  make(options, seed) {
    const order = shuffled(randomFrom(seed), FIVES)
    const items = order.map((minutes): Item => ({
      ...itemAt('fives', 'read', minutes % 60),
      answer: { kind: 'minutes', minutes },
    }))
    const footer = printFooter(told('Cards of five'), options, seed)
    const cards = cardPages(
      {
        fronts: FIVES.map((minutes) => wordCard('count', String(minutes), lettersAt(18, options))),
        ...deckAt(DECK, options),
        title: cutTitle(told('Cards of five'), options),
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

const FIVES = Array.from({ length: 12 }, (_, i) => (i + 1) * 5)

const DECK = { columns: 4, rows: 4 } as const

/** A dial as large as the page allows with room round it for the cards to lie. */
function dialPage(options: PrintOptions, footer: string) {
  const area = bodyArea(options.paper)
  const shapes: Shape[] = dialShapes(0, {
    radius: faceWithin(area.width / 2 - 38),
    hands: 'none',
    lowInk: options.lowInk,
  })
  const dial = part('face', shapes, area.x + area.width / 2, area.y + area.height / 2)
  return framedPage(options, {
    title: titleOr(options, printedAs('Lay the cards of five round the dial', options.wording)),
    footer,
    body: [dial],
  })
}

/** The page with the answers, one for each numeral. */
function answerPage(options: PrintOptions, footer: string) {
  const area = bodyArea(options.paper)
  const dial = dialAt(
    0,
    { x: area.x + area.width / 2, y: area.y + area.height / 2, room: area.width / 2 - 10 },
    { ...options, helps: 1 },
    { hands: 'none' },
  )
  const title = printedAs('Answers: where each card of five lies', options.wording)
  return framedPage(options, {
    title,
    footer,
    body: [dial, circle({ x: area.x + area.width / 2, y: area.y + area.height / 2 }, 1, { fill: SLATE })],
  })
}
