import { printedAs, told } from '../../wording'
import { type Drawing, INK, type Shape, bodyArea, circle } from '../../drawing'
import { type Random, shuffled } from '../../random'
import { type Item, sayAnswer } from '../../teaching'
import { type Cell, gridCells, onPages } from './grid'
import { figures, framedPage, part, wordsFor } from './frame'
import { titleOr } from './footers'
import { itemDial } from './dialPlace'
import { wordsIn } from './wordLists'
import { PRINT_OPTIONS } from './options'
import type { PrintOptions } from './choices'

/** What the die or the spinner shows: the time in words, or its clock where figures or words are covered. */
export function thrown(
  item: Item,
  options: PrintOptions,
  words: (text: string) => Shape[],
  dial: () => Shape,
): readonly Shape[] {
  const { covers = PRINT_OPTIONS.covers.usual } = options
  return covers === 'dials' ? words(inWords(item, options)) : [dial()]
}

/** A time in the words or figures that stand on the mat, or, where clocks are covered, that are thrown. */
export function inWords(item: Item, options: PrintOptions): string {
  if (options.covers === 'figures') return figures(item.shown.minute, options)
  return options.covers === 'words' ? wordsFor(item, options) : sayAnswer(item, item.answer, options.wording)
}

/**
 * A mat to fill, each time as often as there are cells for it, in a drawn order: a piece covers a cell. It has a second
 * page where one would make its clocks too small.
 */
export function mat(
  random: Random,
  items: readonly Item[],
  options: PrintOptions,
  { how, footer }: { readonly how: 'thrown' | 'twirled'; readonly footer: string },
): Drawing[] {
  const { cells = PRINT_OPTIONS.cells.usual, covers = PRINT_OPTIONS.covers.usual, owner } = options
  const all = shuffled(
    random,
    items.flatMap((item) => Array.from({ length: cells }, () => item)),
  )
  const gridOf = (count: number) => {
    const columns = count <= 12 ? 3 : count <= 24 ? 4 : 6
    return gridCells(bodyArea(options.paper), columns, Math.ceil(count / columns), count)
  }
  const roomIn = (cell: Cell) => Math.min(cell.width, cell.height) / 2 - 2
  const roomOf = (count: number) => (covers === 'dials' ? roomIn(gridOf(count)[0] as Cell) : Infinity)
  const numbered = all.map((item, i) => ({ item, i }))
  const cellShape = ({ item, i }: (typeof numbered)[number], cell: Cell): Shape => {
    const room = roomIn(cell)
    const [x, y] = [cell.x + cell.width / 2, cell.y + cell.height / 2]
    if (covers === 'dials') return itemDial(item, { x, y, room }, options)
    const spot: Shape = circle({ x, y }, room, { fill: 'none', stroke: INK, strokeMm: 0.4 })
    return part(`cell-${i}`, [
      spot,
      ...wordsIn(inWords(item, options), { x, y }, { width: room * 1.6, most: 9, height: room }),
    ])
  }
  const { wording } = options
  const what = covers === 'dials' ? ('a clock of the time' as const) : ('the time of the clock' as const)
  const title = owner
    ? printedAs('Mat for {0}', wording, owner)
    : printedAs(`Mat: cover ${what} that was ${how}`, wording)
  return onPages(numbered, options, roomOf).map((onOne) => {
    const grid = gridOf(onOne.length)
    const body = onOne.map((one, at) => cellShape(one, grid[at] as Cell))
    return framedPage(options, {
      title: titleOr(options, title),
      footer,
      body,
    })
  })
}

/** How the games on a mat are played, whichever rule is chosen for a time whose cells are all covered. */
export const MAT_NOTES = [
  told(
    'A time whose cells are all covered: the turn is lost; or, if you play with dough, one of its balls is squashed and has to be rolled again.',
  ),
] as const
