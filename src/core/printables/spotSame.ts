import { type Drawing, GOLD, type Shape, makePage } from '../drawing'
import { dialExtent } from '../faces'
import { drawInt, randomFrom, shuffled } from '../random'
import { type Item, hasDialTimes, luresFor, makeItems, sayAnswer } from '../teaching'
import { languages } from '../wording'
import { gridCells, itemDial, printFooter, rule, wordsIn } from './frame'
import type { PrintOptions, Printable } from './types'

const DIALS = 4

/** One row: the item, and the times of its dials in their order, the true one once or twice among wrong ones. */
interface Row {
  readonly item: Item
  readonly times: readonly number[]
}

/** A target and a row of clocks, some right, the wrong ones from misreadings: the right ones are ringed. */
export const spotSame: Printable = {
  id: 'spot-same',
  name: 'Spot the same',
  purpose: 'A time and a row of clocks; the wrong ones are what children misread',
  stage: 'pictorial',
  counts: 'rows',
  leastItems: 1,
  mostItems: 6,
  usualItems: 5,
  suits: (rung) => hasDialTimes(rung) && rung !== 'fives' && rung !== 'hour-hand',
  needs: ['pencils'],
  cautions: [],
  make(options, seed) {
    const random = randomFrom(seed)
    const bare = makeItems(random, { rung: options.rung, ask: 'read', count: options.count })
    const rows = bare.map((item): Row => {
      const right = drawInt(random, 1, 2)
      const lures = luresFor(item, { count: DIALS - right, seed: drawInt(random, 0, 1e9), weights: options.weights })
      const wrong = lures.flatMap(({ value }) => (value.kind === 'time' ? [value.minute] : []))
      const times = shuffled(random, [...Array.from({ length: right }, () => item.shown.minute), ...wrong])
      return { item: { ...item, lures }, times }
    })
    const footer = printFooter('Spot the same', options, seed)
    return { items: rows.map(({ item }) => item), pages: [sheet(rows, options, footer, false)], key: [sheet(rows, options, `${footer} · key`, true)] } // prettier-ignore
  },
}

function sheet(rows: readonly Row[], options: PrintOptions, footer: string, isKey: boolean): Drawing {
  const { phrases } = languages[options.wording.language]
  const body = gridCells(options.paper, 1, rows.length).flatMap((cell, i): Shape[] => {
    const row = rows[i]
    if (!row) return []
    const wordsWidth = cell.width * 0.22
    const width = (cell.width - wordsWidth) / DIALS
    const room = Math.min(width, cell.height) / 2 - 3
    const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
    const y = cell.y + cell.height / 2
    const dials = row.times.flatMap((minute, at): Shape[] => {
      const x = cell.x + wordsWidth + (at + 0.5) * width
      const shown: Item = { ...row.item, shown: { as: 'dial', minute, hands: 'both' } }
      const isRight = isKey && minute === row.item.shown.minute
      const ring: Shape = { type: 'group', part: 'ring', x, y, shapes: [{ type: 'circle', layer: 'ink', cx: 0, cy: 0, r: room + 1.5, fill: 'none', stroke: GOLD, strokeMm: 1.6 }] } // prettier-ignore
      return [itemDial(shown, x, y, radius, options), ...(isRight ? [ring] : [])]
    })
    const words = sayAnswer(row.item, row.item.answer, options.wording)
    return [
      ...wordsIn(words, cell.x + wordsWidth / 2, y, wordsWidth - 3, 6.5),
      ...dials,
      rule(cell.x, cell.x + cell.width, cell.y + cell.height),
    ]
  })
  return makePage({ paper: options.paper, title: isKey ? 'Key: spot the same' : phrases.spotSame, footer, name: { line: true, text: options.owner, label: phrases.name }, body }) // prettier-ignore
}
