import { bodyArea, type Shape } from '../../drawing'
import { randomFrom } from '../../random'
import { hasDialTimes, type Item, makeItems, rungOf } from '../../teaching'
import { nameIn, printedAs, told } from '../../wording'
import { controlCards } from '../kit/controlCard'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'
import { itemDial } from '../kit/dialPlace'
import { keyFooter, printFooter, titleOr } from '../kit/footers'
import { childPage, part, rule } from '../kit/frame'
import { type Cell, gridCells } from '../kit/grid'
import { textFrom, wordsIn } from '../kit/wordLists'
import { LARGE_BEAD_MM, minuteBeads } from './minuteBeads'

/** From the beads to what they go round, and for the heading and the two lines to write on, mm. */
const [INSIDE_MM, HEAD_MM, FOOT_MM] = [8, 34, 34] as const
/** Clocks no larger than this leave the page some air, mm each way. */
const MOST_ROOM_MM = 36

/** What a child can read now: a few clocks to read to somebody once more, and an hour of minutes to colour in. */
export const certificate = definePrintable({
  id: 'certificate',
  kind: 'make',
  name: told('Certificate to colour in'),
  purpose: told(
    'The step that a child has got to: clocks to read to somebody, and the 60 minutes round them to colour',
  ),
  stage: 'pictorial',
  counts: told('How many clocks to read'),
  leastItems: 1,
  mostItems: 6,
  usualItems: 4,
  suits: hasDialTimes,
  takes: [],
  forEachChild: true,
  needs: ['colours'],
  cautions: [],
  notes: () => [
    told('The words stand on the control card only. So the child reads these clocks once more, to somebody new.'),
    told('Give it once the step is secure. Where a clock is not read yet, play on and keep the page for then.'),
  ],
  make(options, seed) {
    const { rung, count, wording } = options
    const items = makeItems(randomFrom(seed), { rung, ask: 'read', count })
    const footer = printFooter(told('Certificate to colour in'), options, seed)
    const page = childPage(
      options,
      titleOr(options, printedAs('I can read the clock', wording)),
      footer,
      certified(items, options),
    )
    return {
      items,
      pages: [page],
      key: controlCards({ what: told('Certificate to colour in'), items, footer: keyFooter(footer, options) }, options),
    }
  },
})

/** The beads, and inside them the step, its clocks, and lines for who heard them read and when. */
function certified(items: readonly Item[], options: PrintOptions): Shape[] {
  const { paper, rung, wording } = options
  const area = bodyArea(paper)
  const edge = INSIDE_MM + 2 * LARGE_BEAD_MM
  const inner: Cell = {
    x: area.x + edge,
    y: area.y + edge,
    width: area.width - 2 * edge,
    height: area.height - 2 * edge,
  }
  const foot = inner.y + inner.height
  const between = { ...inner, y: inner.y + HEAD_MM, height: inner.height - HEAD_MM - FOOT_MM }
  return [
    ...minuteBeads(area),
    part(
      'step',
      wordsIn(
        nameIn(wording, rungOf(rung).name),
        { x: inner.x + inner.width / 2, y: inner.y + HEAD_MM * 0.45 },
        { width: inner.width, most: 13, height: HEAD_MM * 0.7 },
      ),
    ),
    ...clocksIn(items, between, options),
    ...lineFor(printedAs('I read these clocks to', wording), inner, foot - FOOT_MM / 2),
    ...lineFor(printedAs('Date', wording), inner, foot - 1),
  ]
}

function clocksIn(items: readonly Item[], area: Cell, options: PrintOptions): Shape[] {
  const columns = items.length <= 2 ? 1 : 2
  const cells = gridCells(area, columns, Math.ceil(items.length / columns), items.length)
  return cells.map((cell, i) => {
    const room = Math.min(MOST_ROOM_MM, cell.width / 2 - 3, cell.height / 2 - 3)
    const at = { x: cell.x + cell.width / 2, y: cell.y + cell.height / 2, room }
    return part(`clock-${i}`, [itemDial(items[i] as Item, at, options)])
  })
}

function lineFor(words: string, { x, width }: Cell, y: number): Shape[] {
  return [textFrom(words, { x, y: y - 1 }, { width: width * 0.42, most: 5 }), rule(x + width * 0.44, x + width, y)]
}
