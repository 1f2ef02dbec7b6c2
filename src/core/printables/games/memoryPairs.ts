import { told } from '../../wording'
import { drawInt, drawUnit, randomFrom, shuffled, type Random } from '../../random'
import { hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { cardPages, deckAt, lettersAt } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { dialCard, wordCard, WORDS_MM } from '../cards/matchFaces'
import { definePrintable } from '../kit/definePrintable'

/**
 * How likely a child still knows where a card lay when its partner turns up: our estimate, for the length of the game
 * only.
 */
const REMEMBERED = 0.6

const DECK = { columns: 3, rows: 4 } as const

/** Dials and words, face down: two are turned up in a turn, and kept where they are the same time. */
export const memoryPairs = definePrintable({
  id: 'memory-pairs',
  kind: 'game',
  name: told('Turn up pairs'),
  purpose: told('Cards face down, two turned up in a turn; a dial and its words are kept'),
  stage: 'pictorial',
  counts: told('How many pairs'),
  leastItems: 3,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'size', 'backs', 'letter', 'guillotine', 'box'],
  deck: (options) => deckAt(DECK, options),
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  play: (random, { count }) => turnsOfMemory(random, count),
  notes: () => [told('Turns are simulated for children who still know a place {0} times in 10.', REMEMBERED * 10)],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const fronts = shuffled(
      random,
      items.flatMap((item) => [
        dialCard(item, options),
        wordCard('words', sayAnswer(item, item.answer, options.wording), lettersAt(WORDS_MM, options)),
      ]),
    )
    const footer = printFooter(told('Turn up pairs'), options, seed)
    const pages = cardPages(
      { fronts, ...deckAt(DECK, options), title: cutTitle(told('Turn up pairs'), options), footer },
      options,
    )
    return {
      items,
      pages,
      key: controlCards({ what: told('Turn up pairs'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

/**
 * Turns until all pairs are found: a card is turned up; its partner is turned where that very card was seen before and
 * is remembered, else any other card.
 */
function turnsOfMemory(random: Random, pairs: number): number {
  const left = shuffled(
    random,
    Array.from({ length: pairs * 2 }, (_, card) => card),
  )
  const isPair = (a: number, b: number) => a >> 1 === b >> 1
  const seen = new Set<number>()
  for (let turns = 1; ; turns++) {
    const first = drawInt(random, 0, left.length - 1)
    const card = left[first] as number
    const partner = left.findIndex((each, i) => i !== first && isPair(each, card))
    const knows = seen.has(left[partner] as number) && drawUnit(random) < REMEMBERED
    const others = left.map((_, i) => i).filter((i) => i !== first)
    const second = knows ? partner : (others[drawInt(random, 0, others.length - 1)] as number)
    seen.add(card).add(left[second] as number)
    if (isPair(left[second] as number, card)) for (const at of [first, second].sort((a, b) => b - a)) left.splice(at, 1)
    if (left.length === 0) return turns
  }
}
