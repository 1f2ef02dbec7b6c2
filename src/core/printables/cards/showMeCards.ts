import { type Shape, INK, bodyArea, rectanglePath, path, centredText } from '../../drawing'
import { dialShapes, handMeasures } from '../../faces'
import { randomFrom } from '../../random'
import { type Item, makeItems, sayAnswer, isTwoHanded } from '../../teaching'
import { languages, printedAs, told } from '../../wording'
import { cardPages, deckAt, lettersAt } from '../kit/cards'
import { controlCards } from '../kit/controlCard'
import { cutTitle, keyFooter, printFooter, titleOr } from '../kit/footers'
import { framedPage, part } from '../kit/frame'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'
import { wordCard } from './matchFaces'

const DECK = { columns: 3, rows: 4 } as const

/** Of the dough dial, mm: it leaves room for both hands under it on a Letter page. */
const RADIUS_MM = 85

/** Times to be shown with two pieces on a dial of dough or paper, and the two hand lengths to cut. */
export const showMeCards = definePrintable({
  id: 'show-me-cards',
  kind: 'cards',
  name: told('Show me'),
  purpose: told('Times to build on a dough dial, with the dial’s outline and its two hands to cut to length'),
  stage: 'concrete',
  counts: told('How many cards'),
  leastItems: 1,
  mostItems: 24,
  usualItems: 12,
  suits: isTwoHanded,
  takes: ['size', 'backs', 'letter', 'guillotine', 'box'],
  deck: (options) => deckAt(DECK, options),
  needs: ['dough', 'scissors'],
  cautions: ['scissors', 'dough'],
  notes: () => [
    told('Roll the minute hand {0} mm and the hour hand {1} mm long.', lengthOf('minute'), lengthOf('hour')),
  ],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'set', count: options.count })
    const { phrases } = languages[options.wording.language]
    const fronts = items.map((item) =>
      wordCard('words', phrases.showMe(sayAnswer(item, item.answer, options.wording)), lettersAt(7, options)),
    )
    const footer = printFooter(told('Show me'), options, seed)
    const shown = items.map((item): Item => ({
      ...item,
      shown: { as: 'dial', minute: item.shown.minute, hands: 'both' },
    }))
    return {
      items,
      pages: [
        ...cardPages({ fronts, ...deckAt(DECK, options), title: cutTitle(told('Show me'), options), footer }, options),
        doughDial(options, footer),
      ],
      key: controlCards({ what: told('Show me'), items: shown, footer: keyFooter(footer, options) }, options),
    }
  },
})

function lengthOf(hand: 'hour' | 'minute'): number {
  return Math.round(handMeasures(hand, RADIUS_MM).length)
}

function doughDial(options: PrintOptions, footer: string) {
  const area = bodyArea(options.paper)
  const x = area.x + area.width / 2
  const face: Shape[] = dialShapes(0, { radius: RADIUS_MM, hands: 'none', lowInk: options.lowInk })
  const top = area.y + 2 * RADIUS_MM + 10
  const strip = (hand: 'hour' | 'minute', y: number, width: number): Shape => {
    const length = lengthOf(hand)
    return part(`${hand}-strip`, [
      path(rectanglePath(x - length / 2, y, length, width), { layer: 'cut', stroke: INK, strokeMm: 0.3, fill: 'none' }),
      centredText(
        `${languages[options.wording.language].phrases.onDial[hand]} · ${length} mm`,
        { x, y: y + width / 2 },
        { size: 5, fill: INK },
      ),
    ])
  }
  const title = titleOr(options, printedAs('Lay the dough on this dial; cut the hands to length', options.wording))
  return framedPage(options, {
    title,
    footer,
    body: [
      part('face', face, x, area.y + RADIUS_MM + 3),
      strip('minute', top, 12),
      strip('hour', top + 18, lettersAt(18, options)),
    ],
  })
}
