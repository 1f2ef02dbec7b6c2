import { FAINT, INK, type Drawing, type Shape, bodyArea, fitSize, makePage } from '../drawing'
import { dialExtent } from '../faces'
import { type Item, sayAnswer } from '../teaching'
import { itemDial } from './frame'
import type { PrintOptions } from './types'

/** Every pair side by side, for the child to check by. */
export function controlCard(what: string, items: readonly Item[], options: PrintOptions, footer: string): Drawing {
  const area = bodyArea(options.paper)
  const rowHeight = Math.min(34, area.height / Math.ceil(items.length / 2))
  const body = items.flatMap((item, i): Shape[] => {
    const x = area.x + (i % 2) * (area.width / 2)
    const y = area.y + (Math.floor(i / 2) + 0.5) * rowHeight
    const radius = (rowHeight / 2 - 2) / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
    const text = sayAnswer(item, item.answer, options.wording)
    const textX = x + rowHeight + 6
    const width = area.width / 2 - rowHeight - 8
    return [
      { type: 'text', layer: 'ink', x, y: y + 1.5, text: String(i + 1), size: 4, fill: FAINT },
      itemDial(item, x + 6 + rowHeight / 2, y, radius, options),
      { type: 'text', layer: 'ink', x: textX + 2, y: y + 2, text, size: fitSize(text, 6, width), fill: INK },
    ]
  })
  return makePage({ paper: options.paper, title: `Control card: ${what}`, footer, body })
}
