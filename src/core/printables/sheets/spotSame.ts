import { handsHidden } from '../../clock'
import { GOLD, type Shape, bodyArea, circle } from '../../drawing'
import { drawInt, randomFrom, shuffled } from '../../random'
import { type Item, luresFor, makeItems, sayAnswer, isTwoHanded } from '../../teaching'
import { languages, told } from '../../wording'
import { type Cell, gridCells, leastRoom } from '../kit/grid'
import { childPage, part, rule } from '../kit/frame'
import { keyFooter, keyTitle, printFooter, titleOr } from '../kit/footers'
import { dialAt } from '../kit/dialPlace'
import { wordsIn } from '../kit/wordLists'
import { definePrintable } from '../kit/definePrintable'
import type { PrintOptions } from '../kit/choices'

const DIALS = 4

/** One row: the item, and the times of its dials in their order, the true one once or twice among wrong ones. */
interface SpotRow {
  readonly item: Item
  readonly times: readonly number[]
}

/** A target and a row of clocks, some right, the wrong ones from misreadings: the right ones are ringed. */
export const spotSame = definePrintable({
  id: 'spot-same',
  kind: 'sheet',
  name: told('Spot the same'),
  purpose: told('A time and a row of clocks; the wrong ones are what children misread'),
  stage: 'pictorial',
  counts: told('How many rows'),
  leastItems: 1,
  mostItems: 6,
  usualItems: 5,
  suits: isTwoHanded,
  takes: ['helps', 'weights'],
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const random = randomFrom(seed)
    const bare = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const rows = bare.map((item): SpotRow => {
      const right = drawInt(random, 1, 2)
      const lures = luresFor(item, { count: 10, seed: drawInt(random, 0, 1e9), weights: options.weights })
        .filter(({ value }) => value.kind === 'time' && !handsHidden(value.minute))
        .slice(0, DIALS - right)
      const wrong = lures.flatMap(({ value }) => (value.kind === 'time' ? [value.minute] : []))
      const times = shuffled(random, [...Array.from({ length: right }, () => item.shown.minute), ...wrong])
      return { item: { ...item, lures }, times }
    })
    const footer = printFooter(told('Spot the same'), options, seed)
    const { phrases } = languages[options.wording.language]
    const cells = gridCells(bodyArea(options.paper), 1, rows.length)
    const body = (isKey: boolean) =>
      rows.map((row, i) => part(`question-${i}`, strip(row, cells[i] as Cell, options, isKey)))
    return {
      items: rows.map(({ item }) => item),
      pages: [childPage(options, titleOr(options, phrases.spotSame), footer, body(false))],
      key: [childPage(options, keyTitle(told('Spot the same'), options), keyFooter(footer, options), body(true))],
    }
  },
})

function strip({ item, times }: SpotRow, cell: Cell, options: PrintOptions, isKey: boolean): Shape[] {
  const wordsWidth = cell.width * 0.22
  const width = (cell.width - wordsWidth) / DIALS
  const room = Math.max(Math.min(width, cell.height) / 2 - 3, leastRoom(options))
  const y = cell.y + cell.height / 2
  const dials = times.flatMap((minute, at): Shape[] => {
    const x = cell.x + wordsWidth + (at + 0.5) * width
    const ring = part('ring', [circle({ x: 0, y: 0 }, room + 1.5, { fill: 'none', stroke: GOLD, strokeMm: 1.6 })], x, y)
    return [dialAt(minute, { x, y, room }, options), ...(isKey && minute === item.shown.minute ? [ring] : [])]
  })
  const words = sayAnswer(item, item.answer, options.wording)
  return [
    part('words', wordsIn(words, { x: cell.x + wordsWidth / 2, y }, { width: wordsWidth - 3, most: 6.5 })),
    ...dials,
    rule(cell.x, cell.x + cell.width, cell.y + cell.height),
  ]
}
