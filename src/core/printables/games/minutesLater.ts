import { onDial, shiftTime, handsHidden } from '../../clock'
import { RefusedValue } from '../../errors'
import { type Random, draw, drawInt, randomFrom, shuffled } from '../../random'
import { type Item, itemPool, likeness, sayAnswer } from '../../teaching'
import { languages, saidOf, sayDuration, told } from '../../wording'
import { type CardFace, cardPages } from '../kit/cards'
import { cutTitle, keyFooter, keyTitle, printFooter } from '../kit/footers'
import { figures, part } from '../kit/frame'
import { dialAt } from '../kit/dialPlace'
import { listPage } from '../kit/numberedList'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/**
 * Question cards, a clock and some minutes later; answer cards, the clock that is then: no two questions have the same
 * answer.
 */
export const minutesLater = definePrintable({
  id: 'minutes-later',
  kind: 'game',
  name: told('Minute hops'),
  purpose: told('A clock is turned up with “so many minutes later”; whoever holds that clock lays it'),
  stage: 'pictorial',
  counts: told('How many questions'),
  leastItems: 4,
  mostItems: 24,
  usualItems: 12,
  timesOn: () => Infinity,
  suits: (rung) => rung === 'later',
  takes: ['helps', 'by', 'guillotine'],
  needs: ['scissors', 'card', 'clock'],
  cautions: ['scissors'],
  play: (_, { count }) => count,
  notes: () => [
    told(
      'Deal the answer clocks out, pile the questions. Lay a right answer; when a question goes unanswered, all turn the geared clock together.',
    ),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = questions(random, options)
    const fronts = [
      ...items.map((item) => questionCard(item, options)),
      ...shuffled(
        random,
        items.map((item) => answerCard(item, options)),
      ),
    ]
    const footer = printFooter(told('Minute hops'), options, seed)
    const key = items.map((item) =>
      saidOf(
        `${figures(item.shown.minute, options)}, ${way(item, options)}`,
        sayAnswer(item, item.answer, options.wording),
        options.wording,
      ),
    )
    return {
      items,
      pages: cardPages({ fronts, columns: 3, rows: 4, title: cutTitle(told('Minute hops'), options), footer }, options),
      key: [
        listPage(
          { title: keyTitle(told('Minute hops'), options), lines: key, footer: keyFooter(footer, options) },
          options,
        ),
      ],
    }
  },
})

function way({ shown }: Item, { wording }: PrintOptions): string {
  const { phrases } = languages[wording.language]
  if (shown.as !== 'shift') return ''
  return shown.by > 0 ? phrases.laterBy(sayDuration(shown.by)) : phrases.soonerBy(sayDuration(-shown.by))
}

/** Different clocks with different answers, spread over the dial. */
function questions(random: Random, { by, count }: PrintOptions): Item[] {
  const items: Item[] = []
  const answers = new Set<number>()
  const pool = by === undefined ? itemPool(random, { rung: 'later', ask: 'later' }) : []
  for (let tries = 0; items.length < count && tries < 5000; tries++) {
    const item = by === undefined && tries < pool.length ? (pool[tries] as Item) : laterItem(random, by)
    if (!item || item.answer.kind !== 'time') continue
    const clashes =
      answers.has(item.answer.minute) || items.some((other) => onDial(other.shown.minute) === onDial(item.shown.minute))
    // At first only clocks that are unlike those before are taken; later any that are left.
    const isLike =
      tries < 2000 &&
      likeness(
        item.shown.minute,
        items.map(({ shown }) => shown.minute),
      ) > items.length
    if (clashes || isLike || handsHidden(item.answer.minute)) continue
    items.push(item)
    answers.add(item.answer.minute)
  }
  if (items.length < count)
    throw new RefusedValue(told('count of questions'), told('at most {0} here', items.length), count)
  return items
}

function laterItem(
  random: Random,
  by = draw(random, [5, 10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 75, 90]),
): Item | undefined {
  const minute = drawInt(random, 0, 143) * 5
  if (handsHidden(minute)) return undefined
  return {
    rung: 'later',
    ask: 'later',
    shown: { as: 'shift', minute, by },
    answer: { kind: 'time', minute: onDial(shiftTime(minute, by).minute) },
    lures: [],
  }
}

function questionCard(item: Item, options: PrintOptions): CardFace {
  return (cell) => {
    const x = cell.x + cell.width / 2
    const room = Math.min(cell.width, cell.height * 0.7) / 2 - 3
    return [
      part('question', [dialAt(item.shown.minute, { x, y: cell.y + room + 3, room }, options)]),
      part(
        'way',
        wordsIn(way(item, options), { x, y: cell.y + cell.height * 0.85 }, { width: cell.width - 6, most: 6 }),
      ),
    ]
  }
}

function answerCard(item: Item, options: PrintOptions): CardFace {
  const minute = item.answer.kind === 'time' ? item.answer.minute : item.shown.minute
  return (cell) => [
    part('answer', [
      dialAt(
        minute,
        { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2, room: Math.min(cell.width, cell.height) / 2 - 8 },
        options,
      ),
    ]),
  ]
}
