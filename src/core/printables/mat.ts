import { type Drawing, type Shape, bodyArea, makePage } from '../drawing'
import { type Random, shuffled } from '../random'
import { type Item } from '../teaching'
import { gridCells, itemDial, titleOr } from './frame'
import type { PrintOptions } from './types'

/** Each time so often on the mat, 1 to 4. */
export const USUAL_CELLS = 3

/** A mat of clocks, each time as often as there are cells for it, in a drawn order: a piece covers a cell. */
export function mat(
  random: Random,
  items: readonly Item[],
  options: PrintOptions,
  title: string,
  footer: string,
): Drawing {
  const cells = options.cells ?? USUAL_CELLS
  const all = shuffled(
    random,
    items.flatMap((item) => Array.from({ length: cells }, () => item)),
  )
  const columns = all.length <= 12 ? 3 : all.length <= 24 ? 4 : 6
  const grid = gridCells(bodyArea(options.paper), columns, Math.ceil(all.length / columns), all.length)
  const body = grid.map((cell, i): Shape => {
    const room = Math.min(cell.width, cell.height) / 2 - 2
    return itemDial(all[i] as Item, cell.x + cell.width / 2, cell.y + cell.height / 2, room, options)
  })
  return makePage({ paper: options.paper, title: titleOr(options, title), footer, body })
}

/** How the games on a mat are played, whichever rule is chosen for a time whose clocks are all covered. */
export const MAT_NOTES = [
  'A time whose clocks are all covered: the turn is lost; or, if you play with dough, one of its balls is squashed and has to be rolled again.',
] as const
