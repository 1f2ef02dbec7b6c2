import { type Drawing, type Shape, makePage } from '../drawing'
import { dialExtent } from '../faces'
import { type Random, shuffled } from '../random'
import { type Item } from '../teaching'
import { gridCells, itemDial } from './frame'
import type { PrintOptions } from './types'

/** Each time so often on the mat, 1 to 4. */
export const USUAL_CELLS = 3

/** A mat of clocks, each time as often as there are cells for it, in a drawn order: a piece covers a cell. */
export function mat(random: Random, items: readonly Item[], options: PrintOptions, title: string, footer: string): Drawing {
  const cells = options.cells ?? USUAL_CELLS
  const all = shuffled(random, items.flatMap((item) => Array.from({ length: cells }, () => item)))
  const columns = all.length <= 12 ? 3 : all.length <= 24 ? 4 : 6
  const grid = gridCells(options.paper, columns, Math.ceil(all.length / columns), all.length)
  const body = grid.flatMap((cell, i): Shape[] => {
    const room = Math.min(cell.width, cell.height) / 2 - 2
    const radius = room / dialExtent({ radius: 1, ringOfFives: options.ringOfFives })
    return [itemDial(all[i] as Item, cell.x + cell.width / 2, cell.y + cell.height / 2, radius, options)]
  })
  return makePage({ paper: options.paper, title, footer, body })
} // prettier-ignore
