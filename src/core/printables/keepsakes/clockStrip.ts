import { bodyArea, group, line, path, rectanglePath, type Shape } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, type Item, makeItems } from '../../teaching'
import { nameIn, printedAs, told } from '../../wording'
import type { PrintOptions } from '../kit/choices'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter, titleOr } from '../kit/footers'
import { answerOf } from '../kit/answerPlace'
import { childPage, part } from '../kit/frame'
import { CUT, FOLD, THIN } from '../kit/looks'
import { pictureSteps, stepsHeight, stepsOf } from '../kit/pictureSteps'
import { smallClock } from '../kit/smallClock'
import { wordsIn } from '../kit/wordLists'

const CLOCKS_IN_A_ROW = 4
/** At the left of each row, to glue under the row before it, mm. */
const TAB_MM = 12
/** Under each clock, to fold behind, mm. */
const WORDS_MM = 15
/** Between two rows, mm. */
const BETWEEN_MM = 4
const STEP_HALF_MM = 12

/** A strip that grows: the clocks that a child can read, their words folded behind. */
export const clockStrip = definePrintable({
  id: 'clock-strip',
  kind: 'make',
  name: told('Strip of clocks'),
  purpose: told('The clocks that a child can read, on a strip that grows with every step, their words folded behind'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 3,
  mostItems: 12,
  usualItems: 8,
  suits: hasDialTimes,
  takes: [],
  forEachChild: true,
  needs: ['scissors', 'glue'],
  cautions: ['scissors', 'glue'],
  notes: ({ count }) => [
    told('Rows to glue end to end: {0}. Every row begins with a tab, the first one too.', rowsFor(count)),
    told('Print the next step when the child gets to it, and glue it on: the strip grows along the wall.'),
  ],
  make(options, seed) {
    const { rung, count, wording, paper } = options
    const items = makeItems(randomFrom(seed), { rung, ask: 'read', count })
    const footer = printFooter(told('Strip of clocks'), options, seed)
    const area = bodyArea(paper)
    const doing = [
      printedAs('Cut out the rows. Glue each on the tab of the next.', wording),
      printedAs('Fold the words behind, along the dashed line.', wording),
      printedAs('Read a clock. Then tip the strip up and look.', wording),
    ]
    const steps = stepsOf(pictures(), doing)
    const top = area.y + area.height - stepsHeight(STEP_HALF_MM)
    const title = titleOr(options, nameIn(wording, told('Strip of clocks')))
    const page = childPage(options, title, footer, [
      ...rowsOf(items, top - area.y, options),
      pictureSteps(steps, { x: area.x, y: top, width: area.width, half: STEP_HALF_MM }),
    ])
    return {
      items,
      pages: [page],
      key: controlCards({ what: told('Strip of clocks'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

const rowsFor = (count: number) => Math.ceil(count / CLOCKS_IN_A_ROW)

/** The rows of the strip at the top of the page, in so much height. */
function rowsOf(items: readonly Item[], height: number, options: PrintOptions): Shape[] {
  const area = bodyArea(options.paper)
  const cell = (area.width - TAB_MM) / CLOCKS_IN_A_ROW
  // As high as three rows leave room for, however many there are: strips of different steps go on each other.
  const high = Math.min(cell + WORDS_MM, height / rowsFor(clockStrip.mostItems) - BETWEEN_MM)
  return Array.from({ length: rowsFor(items.length) }, (_, row) => {
    const from = row * CLOCKS_IN_A_ROW
    const own = items.slice(from, from + CLOCKS_IN_A_ROW)
    return part(`row-${row}`, rowOf(own, from, { cell, high }, options), area.x, area.y + row * (high + BETWEEN_MM))
  })
}

interface RowSize {
  readonly cell: number
  readonly high: number
}

function rowOf(items: readonly Item[], from: number, { cell, high }: RowSize, options: PrintOptions): Shape[] {
  const width = TAB_MM + items.length * cell
  const fold = high - WORDS_MM
  const room = Math.min(cell, fold) / 2 - 2
  return [
    path(rectanglePath(0, 0, width, high), CUT),
    group([line({ x: TAB_MM, y: 0 }, { x: TAB_MM, y: high }, THIN)], { part: 'tab' }),
    group([line({ x: 0, y: fold }, { x: width, y: fold }, FOLD)], { part: 'fold' }),
    ...items.map((item, i) => {
      const x = TAB_MM + (i + 0.5) * cell
      const words = answerOf(item, options.wording)
      return part(`clock-${from + i}`, [
        itemDial(item, { x, y: fold / 2, room }, options),
        part(
          'words',
          wordsIn(words, { x, y: fold + WORDS_MM / 2 }, { width: cell - 4, most: 5, height: WORDS_MM - 4 }),
        ),
      ])
    }),
  ]
}

/** How it is made, in small: two rows that meet, the words folded, the strip tipped up. */
function pictures(): readonly (readonly Shape[])[] {
  const [wide, high, words] = [20, 13, 4]
  const row = (x: number, y: number) => [
    path(rectanglePath(x, y, wide, high), THIN),
    line({ x, y: y + high - words }, { x: x + wide, y: y + high - words }, FOLD),
  ]
  const clock = (x: number, y: number) => smallClock({ x, y }, 3.6)
  return [
    [...row(-wide - 1, -8), ...row(0, -5), ...clock(-wide / 2 - 1, -3.5), ...clock(wide / 2 + 1, -0.5)],
    [
      path(rectanglePath(-wide / 2, -7, wide, high - words), THIN),
      path(rectanglePath(-wide / 2 + 1.5, -7 + high - words, wide - 3, 2), THIN),
      ...clock(0, -2.5),
    ],
    [
      path(rectanglePath(-wide / 2, -6, wide, words), { ...THIN, fill: '#F7E6C9' }),
      line({ x: -6, y: -4 }, { x: 6, y: -4 }, THIN),
      path(rectanglePath(-wide / 2, -6 + words, wide, high - words), { ...THIN, fill: 'none' }),
    ],
  ]
}
