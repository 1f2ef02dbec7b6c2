import { told } from '../../wording'
import { randomFrom, shuffled } from '../../random'
import { hasDialTimes, type Item, makeItems } from '../../teaching'
import { cardPages, deckAt } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { figures, wordsFor } from '../kit/frame'
import { definePrintable } from '../kit/definePrintable'
import { facesOf, numberedBack } from './matchFaces'

const DECK = { columns: 3, rows: 4 } as const

/** Sets of cards that say the same: a dial and its words, or a dial, its figures and its words. */
export const matchCards = definePrintable({
  id: 'match-cards',
  kind: 'cards',
  name: told('Match cards'),
  stage: 'pictorial',
  purpose: told('Dials, words and figures to cut out and put together, with a control card or a mark on the back'),
  counts: told('How many sets'),
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'forms', 'size', 'backs', 'letter', 'guillotine', 'box'],
  deck: (options) => deckAt(DECK, options),
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: ({ backs }) => [
    backs
      ? told('The same number on the back of all cards of a set: turn them over to check.')
      : told('Check by the control card. With backs, each set has a number behind it.'),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const cards = shuffled(
      random,
      items.flatMap((item, i) => facesOf(item, options).map((front) => ({ front, back: numberedBack(i + 1) }))),
    )
    const footer = printFooter(told('Match cards'), options, seed)
    const pages = cardPages(
      {
        fronts: cards.map(({ front }) => front),
        backs: cards.map(({ back }) => back),
        ...deckAt(DECK, options),
        title: cutTitle(told('Match cards'), options),
        footer,
      },
      options,
    )
    const [beside, figuresOf] =
      options.forms === 3
        ? [(item: Item) => wordsFor(item, options), (item: Item) => figures(item.shown.minute, options)]
        : []
    return {
      items,
      pages,
      key: controlCards(
        { what: told('Match cards'), items, footer: keyFooter(footer, options), beside, figuresOf },
        options,
      ),
    }
  },
})
