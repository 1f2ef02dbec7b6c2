import { told } from '../../wording'
import { dialHour, minutesPast } from '../../clock'
import { randomFrom, shuffled } from '../../random'
import { type Item, makeItems, minuteOf, rungOf, isTwoHanded } from '../../teaching'
import { cardPages, deckAt, lettersAt } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter } from '../kit/footers'
import { figures } from '../kit/frame'
import { definePrintable } from '../kit/definePrintable'
import { dialCard, wordCard } from './matchFaces'

const DECK = { columns: 4, rows: 5 } as const

/** Hour cards, minute cards, and clocks to make with the two: figures, since in words the order differs by language. */
export const composeCards = definePrintable({
  id: 'compose-cards',
  kind: 'cards',
  name: told('Compose a time'),
  purpose: told('Hour cards and minute cards, laid together to make the time of a clock'),
  stage: 'abstract',
  counts: told('How many clocks'),
  leastItems: 2,
  mostItems: 12,
  usualItems: 8,
  suits: isTwoHanded,
  takes: ['helps', 'size', 'backs', 'letter', 'guillotine', 'box'],
  // Smaller clocks could not be read.
  sizes: ['usual', 'large'],
  deck: (options) => deckAt(DECK, options),
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: () => [
    told(
      'A clock is turned up; the hour card and the minute card that make it are laid side by side. Name the hour first.',
    ),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const hours = [...new Set(items.map((item) => dialHour(minuteOf(item))))]
    // If the rung has few different minutes, all of them are printed, so that children have to choose. Otherwise those
    // of the clocks and their neighbours.
    const all = rungOf(options.rung).dial?.minutes ?? []
    const needed = new Set(items.flatMap((item) => neighboursOf(minutesPast(minuteOf(item)))))
    const minutes = all.length <= 12 ? all : all.filter((minute) => needed.has(minute))
    const spareHours = shuffled(
      random,
      Array.from({ length: 12 }, (_, i) => i + 1),
    )
      .filter((hour) => !hours.includes(hour))
      .slice(0, 3)
    const most = lettersAt(18, options)
    const fronts = [
      ...items.map((item) => dialCard(item, options)),
      ...[...hours, ...spareHours].sort((a, b) => a - b).map((hour) => wordCard('hour', String(hour), most)),
      ...minutes.map((minute) => wordCard('minutes', `:${String(minute).padStart(2, '0')}`, most)),
    ]
    const footer = printFooter(told('Compose a time'), options, seed)
    const beside = (item: Item) =>
      `${dialHour(minuteOf(item))}  +  ${figures(minuteOf(item), options).replace(/^\d+/, '')}`
    return {
      items,
      pages: cardPages(
        { fronts, ...deckAt(DECK, options), title: cutTitle(told('Compose a time'), options), footer },
        options,
      ),
      key: controlCards({ what: told('Compose a time'), items, footer: keyFooter(footer, options), beside }, options),
    }
  },
})

function neighboursOf(minute: number): number[] {
  return [minute, (minute + 59) % 60, (minute + 1) % 60]
}
