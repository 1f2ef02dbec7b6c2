import { type Drawing, FAINT, type Shape, bodyArea, makePage } from '../drawing'
import { type Item, sayAnswer } from '../teaching'
import { itemDial, part, textFrom } from './frame'
import type { PrintOptions } from './types'

/** Every pair side by side, for the child to check by. `beside`: what stands by the dial, where it is not the answer alone. */
export function controlCard(
  what: string,
  items: readonly Item[],
  options: PrintOptions,
  footer: string,
  beside?: (item: Item) => string,
): Drawing {
  const area = bodyArea(options.paper)
  const rowHeight = Math.min(34, area.height / Math.ceil(items.length / 2))
  const body = items.map((item, i): Shape => {
    const x = area.x + (i % 2) * (area.width / 2)
    const y = area.y + (Math.floor(i / 2) + 0.5) * rowHeight
    const text = beside ? beside(item) : sayAnswer(item, item.answer, options.wording)
    const textX = x + rowHeight + 6
    const width = area.width / 2 - rowHeight - 8
    return part(`pair-${i}`, [
      { type: 'text', layer: 'ink', x, y: y + 1.5, text: String(i + 1), size: 4, fill: FAINT },
      itemDial(item, x + 6 + rowHeight / 2, y, rowHeight / 2 - 2, options),
      part('words', [textFrom(text, textX + 2, y + 2, width, 6)]),
    ])
  })
  return makePage({ paper: options.paper, title: `Control card: ${what}`, footer, body })
}
