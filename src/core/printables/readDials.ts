import { INK, MOSS, type Drawing, type Shape, fitSize } from '../drawing'
import { dialExtent } from '../faces'
import { randomFrom } from '../random'
import { type Item, hasDialTimes, makeItems, sayAnswer } from '../teaching'
import { languages } from '../wording'
import { type Cell, itemDial, numberIn, printFooter, questionSheet, rule } from './frame'
import type { PrintOptions, Printable } from './types'

const ANSWER_ROOM_MM = 15

/** Dials to read, with a line under each to write on; the key has the same page with its answers. */
export const readDials: Printable = {
  id: 'read-dials',
  name: 'Read the dials',
  stage: 'pictorial',
  purpose: 'Dials with a line under each to write the time on',
  counts: 'dials',
  leastItems: 1,
  suits: hasDialTimes,
  needs: ['pencils'],
  cautions: [],
  mostItems: 12,
  usualItems: 6,
  make(options, seed) {
    const items = makeItems(randomFrom(seed), { rung: options.rung, ask: 'read', count: options.count })
    const footer = printFooter('Read the dials', options, seed)
    return {
      items,
      pages: [sheet(items, options, footer, false)],
      key: [sheet(items, options, `${footer} · key`, true)],
    }
  },
}

function sheet(items: readonly Item[], options: PrintOptions, footer: string, isKey: boolean): Drawing {
  return questionSheet(items, options, {
    title: isKey ? 'Key: read the dials' : titleFor(options),
    footer,
    columns: items.length <= 6 ? 2 : 3,
    question: (item, place, cell) => question(item, place, cell, options, isKey),
  })
}

/** In the group's language, since it is the child who reads it. */
function titleFor({ rung, wording }: PrintOptions): string {
  const { phrases } = languages[wording.language]
  if (rung === 'fives') return phrases.howManyMinutes
  return rung === 'hour-hand' ? phrases.whatHourHand : phrases.whatTime
}

function question(item: Item, place: number, cell: Cell, options: PrintOptions, isKey: boolean): Shape[] {
  const room = Math.min(cell.width, cell.height - ANSWER_ROOM_MM) / 2 - 3
  const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
  const middle = cell.x + cell.width / 2
  const lineY = cell.y + cell.height - 5
  const half = Math.min(cell.width / 2 - 5, 38)
  const dial = itemDial(item, middle, cell.y + room + 3, radius, options)
  return [numberIn(cell, place), dial, rule(middle - half, middle + half, lineY), ...(isKey ? [answer(item, middle, lineY, half, options)] : [])] // prettier-ignore
}

function answer(item: Item, x: number, lineY: number, half: number, options: PrintOptions): Shape {
  const text = sayAnswer(item, item.answer, options.wording)
  const size = fitSize(text, 6, 2 * half)
  return {
    type: 'text',
    layer: 'ink',
    x,
    y: lineY - 2,
    text,
    size,
    anchor: 'middle',
    fill: options.lowInk ? INK : MOSS,
  }
}
