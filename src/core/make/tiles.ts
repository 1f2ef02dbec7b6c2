import { bodyArea, type Drawing, FAINT, group, INK, line, type Shape } from '../drawing'
import { printedAs } from '../wording'
import { type PartBox, type PlacedPart, type Tile, tilesFor } from './layout'
import { partShapes } from './parts'
import type { Measures, Recipe } from './recipe'
import { page, type PageOf, shapesAt } from './clockPage'

/** One window of a part that is larger than the page, with the line where the next one is joined. */
export function tilePages(box: PartBox, recipe: Recipe, m: Measures, of: PageOf): Drawing[] {
  const area = bodyArea(recipe.paper)
  const { tiles, columns, rows } = tilesFor(Math.max(box.width, box.height), area)
  const shapes = partShapes(box, recipe, m, of.wording)
  return tiles.map((tile, i) => {
    const body: Shape[] = [
      group(shapes, {
        part: 'tile',
        x: area.x - tile.x,
        y: area.y - tile.y,
        clip: { x: tile.x, y: tile.y, width: tile.width, height: tile.height },
      }),
      ...joins(tile, columns, rows).map((line): Shape => group([line], { x: area.x, y: area.y })),
    ]
    const title = printedAs('My clock, part {0} of {1}', of.wording, i + 1, tiles.length)
    return page(recipe, m, body, { ...of, title })
  })
}

/** Dashed fold lines through the middle of each overlap: both sheets carry the same line. */
function joins({ width, height, column, row }: Tile, columns: number, rows: number): Shape[] {
  const half = 5
  const stroke = (x1: number, y1: number, x2: number, y2: number): Shape =>
    line({ x: x1, y: y1 }, { x: x2, y: y2 }, { layer: 'fold', stroke: FAINT, strokeMm: 0.3, dashMm: [3, 2] })
  return [
    ...(column > 0 ? [stroke(half, 0, half, height)] : []),
    ...(column < columns - 1 ? [stroke(width - half, 0, width - half, height)] : []),
    ...(row > 0 ? [stroke(0, half, width, half)] : []),
    ...(row < rows - 1 ? [stroke(0, height - half, width, height - half)] : []),
  ]
}

/** Four clocks to draw oneself, with the folds between them. */
export function fourUp(recipe: Recipe, m: Measures, placed: readonly PlacedPart[], of: PageOf): Drawing {
  const area = bodyArea(recipe.paper)
  const fold = (x1: number, y1: number, x2: number, y2: number): Shape =>
    line({ x: x1, y: y1 }, { x: x2, y: y2 }, { layer: 'fold', stroke: INK, strokeMm: 0.2, dashMm: [2, 2] })
  const body = placed.map((each) => shapesAt(each, recipe, m, of))
  const [midX, midY] = [area.x + area.width / 2, area.y + area.height / 2]
  return page(
    recipe,
    m,
    [...body, fold(midX, area.y, midX, area.y + area.height), fold(area.x, midY, area.x + area.width, midY)],
    of,
  )
}
