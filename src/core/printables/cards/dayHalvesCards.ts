import { dialHour, minutesPast } from '../../clock'
import { type DayRow, inOrder } from '../../days'
import { INK, MOSS, type Shape, circle, path } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { type Item, makeItems, rowName } from '../../teaching'
import { type LanguageId, languages, saidOf, say, told } from '../../wording'
import { type CardFace, cardPages } from '../kit/cards'
import { cutTitle, keyFooter, keyTitle, printFooter } from '../kit/footers'
import { part } from '../kit/frame'
import { dialAt } from '../kit/dialPlace'
import { listPage } from '../kit/numberedList'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'
import { wordCard } from './matchFaces'

const IN_ENGLISH_HALVES = ['before noon (0 to 12)', 'after noon (12 to 24)'] as const
const IN_GERMAN_HALVES = ['vor dem Mittag (0 bis 12 Uhr)', 'nach dem Mittag (12 bis 24 Uhr)'] as const

/** The halves of a day by their own names: those of its parts, such as the evening, would be wrong for others in them. */
const HALVES: Readonly<Record<LanguageId, readonly [before: string, after: string]>> = {
  'en-GB': IN_ENGLISH_HALVES,
  'en-US': IN_ENGLISH_HALVES,
  de: IN_GERMAN_HALVES,
  'de-quarters': IN_GERMAN_HALVES,
  fr: ['avant midi (de 0 à 12 h)', 'après midi (de 12 à 24 h)'],
  es: ['antes del mediodía (de 0 a 12)', 'después del mediodía (de 12 a 24)'],
}

/**
 * Doings with a clock, to be laid under the half of the day in which they are done; those that can be argued are
 * marked.
 */
export const dayHalvesCards = definePrintable({
  id: 'day-halves-cards',
  kind: 'cards',
  name: told('Two halves of a day'),
  purpose: told(
    'Things we do and their clocks to sort into before and after noon; cards with two right answers have a mark',
  ),
  stage: 'pictorial',
  counts: told('How many cards'),
  leastItems: 4,
  mostItems: 16,
  usualItems: 10,
  suits: (rung) => rung === 'day-halves',
  takes: ['helps', 'rows', 'backs', 'letter', 'guillotine', 'box'],
  deck: deckOf,
  needs: ['scissors', 'card'],
  cautions: ['scissors'],
  notes: () => [
    told('A card with a half-filled ring has two right answers: let the children say why before any answer.'),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = options.rows
      ? inOrder(options.rows).map((row) => ownItem(row, options))
      : makeItems(random, { rung: options.rung, ask: 'half-of-day', count: options.count })
    const { phrases } = languages[options.wording.language]
    const halves = HALVES[options.wording.language]
    const heads = halves.map((half) => wordCard('head', half, 7))
    const footer = printFooter(told('Two halves of a day'), options, seed)
    const key = items.map((item) => {
      const { minute } = item.shown
      const half = halves[minute < 720 ? 0 : 1]
      const doing = item.shown.as === 'doing' ? rowName(item.shown, phrases) : ''
      const thing = `${doing}, ${say(minute, { ...options.wording, form: 'day-24' })}`
      return saidOf(thing, isArguable(item) ? `${half}, ${phrases.noonOrNight}` : half, options.wording)
    })
    return {
      items,
      pages: cardPages(
        {
          fronts: [
            ...heads,
            ...shuffled(
              random,
              items.map((item) => doingCard(item, options)),
            ),
          ],
          ...deckOf(options),
          title: cutTitle(told('Two halves of a day'), options),
          footer,
        },
        options,
      ),
      key: [
        listPage(
          { title: keyTitle(told('Two halves of a day'), options), lines: key, footer: keyFooter(footer, options) },
          options,
        ),
      ],
    }
  },
})

function ownItem({ minute, what }: DayRow, { rung }: PrintOptions): Item {
  return {
    rung,
    ask: 'half-of-day',
    shown: { as: 'doing', minute, what },
    answer: { kind: 'day', minute },
    lures: [],
  }
}

/** Noon and midnight belong to neither half of the day, and someone who is asleep at two may be having a nap. */
function isArguable({ shown }: Item): boolean {
  const isTwelve = dialHour(shown.minute) === 12 && minutesPast(shown.minute) === 0
  return isTwelve || (shown.as === 'doing' && 'doing' in shown && shown.doing === 'asleep' && shown.minute < 300)
}

/** The ring of fives round a clock needs a higher card. */
function deckOf({ helps = 0 }: PrintOptions) {
  return { columns: 3, rows: helps > 0 ? 3 : 4 }
}

function doingCard(item: Item, options: PrintOptions): CardFace {
  const { phrases } = languages[options.wording.language]
  const text = item.shown.as === 'doing' ? rowName(item.shown, phrases) : ''
  return (cell) => {
    const x = cell.x + cell.width / 2
    const room = Math.min(cell.width, cell.height * 0.7) / 2 - 4
    const at = { x: cell.x + cell.width - 6, y: cell.y + 6 }
    const argued: Shape[] = isArguable(item)
      ? [
          part('arguable', [
            circle(at, 2.2, { fill: 'none', stroke: INK, strokeMm: 0.4 }),
            path(
              [
                { op: 'M', x: at.x, y: at.y - 2.2 },
                { op: 'A', r: 2.2, large: false, sweep: true, x: at.x, y: at.y + 2.2 },
                { op: 'Z' },
              ],
              { fill: options.lowInk ? INK : MOSS },
            ),
          ]),
        ]
      : []
    return [
      dialAt(item.shown.minute, { x, y: cell.y + room + 5, room }, options),
      part(
        'words',
        wordsIn(
          text,
          { x, y: cell.y + cell.height * 0.86 },
          { width: cell.width - 8, most: 6, height: cell.height * 0.22 },
        ),
      ),
      ...argued,
    ]
  }
}
