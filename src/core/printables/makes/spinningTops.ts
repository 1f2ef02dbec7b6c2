import { bodyArea, group, type Drawing, type Shape } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { hasDialTimes, type Item, makeItems, sayAnswer } from '../../teaching'
import { printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter } from '../kit/footers'
import { cutPage, part } from '../kit/frame'
import { pictureSteps, stepsOf } from '../kit/pictureSteps'
import { wordsIn } from '../kit/wordLists'
import type { PrintOptions } from '../kit/choices'
import { circleOver, TOP_MM, topOutline, topPictures, turnOfSide, wordsOver } from './topParts'

const STEP_HALF_MM = 16
/** Between a clock and the lines beside it. */
const GAP_MM = 1.2

/** Two tops with the same times: one with clocks, one with words. */
export const spinningTops = definePrintable({
  id: 'spinning-tops',
  kind: 'make',
  name: told('Spinning tops'),
  purpose: told('Two tops to spin, one with clocks and one with words: do they come to rest on the same time?'),
  stage: 'pictorial',
  counts: told('How many times on each top'),
  leastItems: 4,
  mostItems: 8,
  usualItems: 6,
  suits: hasDialTimes,
  takes: [],
  needs: ['card', 'scissors', 'pencils', 'counters'],
  cautions: ['scissors', 'holes', 'small-parts'],
  notes: ({ count }) => [
    told('The sides are equal and the hole is in their middle, so each time is as likely as the others.'),
    told('The two tops show the same time once in {0} spins.', count),
  ],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter(told('Spinning tops'), options, seed)
    return {
      items,
      pages: [
        topPage(
          items.map((item) => clockOver(item, options)),
          under(options),
          { options, footer },
        ),
        topPage(
          shuffled(random, items).map((item) => timeOver(item, options)),
          (top) => rules(top, options),
          { options, footer },
        ),
      ],
      key: controlCards({ what: told('Spinning tops'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

function clockOver(item: Item, options: PrintOptions): Shape[] {
  const { down, radius } = circleOver(options.count)
  return [itemDial(item, { x: 0, y: down, room: radius - GAP_MM }, options)]
}

function timeOver(item: Item, options: PrintOptions): Shape[] {
  const { down, width, height } = wordsOver(options.count)
  return wordsIn(sayAnswer(item, item.answer, options.wording), { x: 0, y: down }, { width, height, most: 6.5 })
}

/** What is drawn under a top, from so far down the page. */
type Under = (top: number) => Shape[]

function topPage(
  over: readonly Shape[][],
  below: Under,
  { options, footer }: { options: PrintOptions; footer: string },
): Drawing {
  const area = bodyArea(options.paper)
  const sides = over.map((shapes, side) => group(shapes, { part: `side-${side}`, turn: turnOfSide(side, over.length) }))
  return cutPage(options, told('Spinning tops'), {
    footer,
    body: [
      part('top', [...topOutline(over.length, options), ...sides], area.x + area.width / 2, area.y + TOP_MM + 2),
      ...below(area.y + 2 * TOP_MM + 12),
    ],
  })
}

const under =
  (options: PrintOptions): Under =>
  (top) => {
    const { wording, paper, count } = options
    const area = bodyArea(paper)
    const doing = [
      printedAs('Cut out both tops. An adult makes the hole.', wording),
      printedAs('Push a short pencil through, its point a finger’s width below.', wording),
      printedAs('Spin it on its point.', wording),
      printedAs('Read the time over the side that it lies on.', wording),
    ]
    const steps = stepsOf(topPictures(count, STEP_HALF_MM), doing)
    return [pictureSteps(steps, { x: area.x, y: top, width: area.width, half: STEP_HALF_MM })]
  }

function rules(top: number, { wording, paper }: PrintOptions): Shape[] {
  const area = bodyArea(paper)
  const lines = [
    printedAs('Spin both tops. Say both times.', wording),
    printedAs('The same time? Take a counter.', wording),
    printedAs('Who has three first?', wording),
  ]
  return lines.flatMap((text, i) =>
    wordsIn(
      `${i + 1}. ${text}`,
      { x: area.x + area.width / 2, y: top + 8 + i * 16 },
      { width: area.width - 20, most: 6.5 },
    ),
  )
}
