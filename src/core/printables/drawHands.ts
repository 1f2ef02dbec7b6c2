import { type Drawing, INK, type Shape, fitSize } from '../drawing'
import { dialExtent, dialShapes } from '../faces'
import { randomFrom } from '../random'
import { type Item, hasDialTimes, makeItems, minuteOf, sayAnswer } from '../teaching'
import { languages } from '../wording'
import { type Cell, numberIn, printFooter, questionSheet } from './frame'
import type { PrintOptions, Printable } from './types'

const WORDS_ROOM_MM = 14

/** Empty dials with a time under each: the hands are drawn in, the hour hand between the numerals where it belongs. */
export const drawHands: Printable = {
  id: 'draw-hands',
  name: 'Draw the hands',
  purpose: 'Empty dials with a time under each, to draw the hands in',
  stage: 'pictorial',
  counts: 'dials',
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: (rung) => hasDialTimes(rung) && rung !== 'fives' && rung !== 'hour-hand',
  needs: ['two colours of pencil'],
  cautions: [],
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'set', count: options.count })
    const footer = printFooter('Draw the hands', options, seed)
    return { items, pages: [sheet(items, options, footer, false)], key: [sheet(items, options, `${footer} · key`, true)] }
  },
} // prettier-ignore

function sheet(items: readonly Item[], options: PrintOptions, footer: string, isKey: boolean): Drawing {
  return questionSheet(items, options, {
    title: isKey ? 'Key: draw the hands' : languages[options.wording.language].phrases.drawHands,
    footer,
    columns: items.length <= 6 ? 2 : 3,
    question: (item, place, cell) => question(item, place, cell, options, isKey),
  })
}

function question(item: Item, place: number, cell: Cell, options: PrintOptions, isKey: boolean): Shape[] {
  const room = Math.min(cell.width, cell.height - WORDS_ROOM_MM) / 2 - 3
  const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
  const middle = cell.x + cell.width / 2
  const words = sayAnswer(item, item.answer, options.wording)
  const dial = dialShapes(minuteOf(item), { radius, hands: isKey ? 'both' : 'none', ringOfFives: options.ringOfFives, lowInk: options.lowInk }) // prettier-ignore
  return [
    numberIn(cell, place),
    { type: 'group', part: 'dial', x: middle, y: cell.y + room + 3, shapes: dial },
    { type: 'text', layer: 'ink', x: middle, y: cell.y + cell.height - 4, text: words, size: fitSize(words, 6.5, cell.width - 4), anchor: 'middle', fill: INK },
  ]
} // prettier-ignore
