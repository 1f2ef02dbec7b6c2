import { GOLD, INK, type Shape, bodyArea, circle, line } from '../../drawing'
import { randomFrom, shuffled } from '../../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../../teaching'
import { languages, told } from '../../wording'
import { childPage, part } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { itemDial } from '../kit/dialPlace'
import { leastRoom } from '../kit/grid'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

/** Clocks on the left, times on the right, to be joined by lines; the key has the lines. */
export const matchSheet = definePrintable({
  id: 'match-sheet',
  kind: 'sheet',
  name: told('Join the pairs'),
  purpose: told('Clocks on one side, times on the other, to join by lines'),
  stage: 'pictorial',
  counts: told('How many pairs'),
  leastItems: 3,
  mostItems: 7,
  usualItems: 5,
  suits: hasDialTimes,
  takes: ['helps'],
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const random = randomFrom(seed)
    const items = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const order = unlikeItself(
      shuffled(
        random,
        items.map((_, i) => i),
      ),
    )
    const footer = printFooter(told('Join the pairs'), options, seed)
    const { phrases } = languages[options.wording.language]
    return {
      items,
      pages: [childPage(options, titleOr(options, phrases.joinPairs), footer, rows(items, order, options, false))],
      key: [
        childPage(
          options,
          keyTitle(told('Join the pairs'), options),
          keyFooter(footer, options),
          rows(items, order, options, true),
        ),
      ],
    }
  },
})

/** The order turned by one where it has come out as it was: straight lines across would be no question. */
function unlikeItself(order: readonly number[]): number[] {
  const isSame = order.every((at, i) => at === i)
  return isSame ? [...order.slice(1), order[0] as number] : [...order]
}

function rows(items: readonly Item[], order: readonly number[], options: PrintOptions, isKey: boolean): Shape[] {
  const area = bodyArea(options.paper)
  const height = area.height / items.length
  const room = Math.min(Math.max(height / 2 - 2, leastRoom(options)), 30)
  const y = (row: number) => area.y + (row + 0.5) * height
  const [left, right] = [area.x + 2 * room + 12, area.x + area.width * 0.62]
  const dot = (x: number, row: number): Shape => circle({ x, y: y(row) }, 1.3, { fill: INK })
  const width = area.x + area.width - right - 6
  return [
    ...items.map((item, row) =>
      part(`clock-${row}`, [itemDial(item, { x: area.x + room + 4, y: y(row), room }, options), dot(left, row)]),
    ),
    ...order.map((at, row) => {
      const item = items[at] as Item
      const words = wordsIn(
        sayAnswer(item, item.answer, options.wording),
        { x: right + 6 + width / 2, y: y(row) },
        { width, most: 7 },
      )
      return part(`words-${row}`, [dot(right, row), ...words])
    }),
    ...(isKey
      ? order.map((at, row): Shape =>
          part('join', [line({ x: left, y: y(at) }, { x: right, y: y(row) }, { stroke: GOLD, strokeMm: 1 })]),
        )
      : []),
  ]
}
