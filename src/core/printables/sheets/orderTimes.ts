import { INK, MOSS, type Shape, path, centredText } from '../../drawing'
import { randomFrom } from '../../random'
import { type Item, makeItems, minuteOf, rungTimes, isTwoHanded } from '../../teaching'
import { languages, told } from '../../wording'
import { type Cell, clockCells } from '../kit/grid'
import { childPage, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

const BOX_MM = 12
/** Clocks of one morning leave out what is between 12 and 1, in minutes of a dial. */
const NOON_HOUR_ENDS = 60

/**
 * Clocks of one morning to be numbered, the earliest first. Nothing between 12 and 1: a dial of one morning could mean
 * either end.
 */
export const orderTimes = definePrintable({
  id: 'order-times',
  kind: 'sheet',
  name: told('Put in order'),
  purpose: told('Clocks of one morning, to be numbered from the earliest to the latest'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 3,
  mostItems: 9,
  usualItems: 6,
  timesOn: (rung) => rungTimes(rung, {}).filter((minute) => minute >= NOON_HOUR_ENDS).length,
  suits: isTwoHanded,
  takes: ['helps'],
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const items = morningItems(options, seed)
    const footer = printFooter(told('Put in order'), options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items,
      pages: [childPage(options, titleOr(options, phrases.orderMorning), footer, clocks(items, options, false))],
      key: [
        childPage(
          options,
          keyTitle(told('Put in order'), options),
          keyFooter(footer, options),
          clocks(items, options, true),
        ),
      ],
    }
  },
})

/** As many times as are asked for, none of them between 12 and 1. Spares are drawn for those that fall there. */
function morningItems({ rung, count }: PrintOptions, seed: number): Item[] {
  for (let spare = 0; ; spare++) {
    const drawn = makeItems(randomFrom(seed), { rung, ask: 'read', count: count + spare }).filter(
      (item) => minuteOf(item) >= NOON_HOUR_ENDS,
    )
    if (drawn.length >= count) return drawn.slice(0, count)
  }
}

function clocks(items: readonly Item[], options: PrintOptions, isKey: boolean): Shape[] {
  const columns = items.length <= 6 ? 2 : 3
  const cells = clockCells(options.paper, columns, items.length)
  const places = [...items].sort((a, b) => minuteOf(a) - minuteOf(b))
  return items.map((item, i) => {
    const cell = cells[i] as Cell
    const room = Math.min(cell.width, cell.height - BOX_MM - 6) / 2 - 3
    const x = cell.x + cell.width / 2
    const y = cell.y + room + 3
    const top = y + room + 3
    const box: Shape = path(
      [
        { op: 'M', x: x - BOX_MM / 2, y: top },
        { op: 'L', x: x + BOX_MM / 2, y: top },
        { op: 'L', x: x + BOX_MM / 2, y: top + BOX_MM },
        { op: 'L', x: x - BOX_MM / 2, y: top + BOX_MM },
        { op: 'Z' },
      ],
      { stroke: INK, strokeMm: 0.4, fill: 'none' },
    )
    const answer = isKey
      ? [
          part('answer', [
            centredText(
              String(places.indexOf(item) + 1),
              { x, y: top + BOX_MM / 2 },
              { size: 8, fill: options.lowInk ? INK : MOSS },
            ),
          ]),
        ]
      : []
    return part(`question-${i}`, [dialAt(minuteOf(item), { x, y, room }, options), box, ...answer])
  })
}
