import { type Drawing, FAINT, INK, type Shape, bodyArea, makePage, group, line } from '../drawing'
import { requireNumber } from '../errors'
import { IN_ENGLISH, type Wording, barText, languages, nameWithin, printedAs } from '../wording'
import { type PartBox, type Placed, type Tile, packParts, tilesFor } from './layout'
import { isFourUp, layOut, partBoxes, partShapes } from './parts'
import { RECIPE_KINDS, type Measures, type Recipe, usualRecipe } from './recipe'
import { solveRecipe } from './solve'
import { fasteners } from './stock'

/** A pair is two clocks, one a hand; everything else is one. */
export function clocksOf(recipe: Recipe): Recipe[] {
  return recipe.hands === 'pair'
    ? [
        { ...recipe, hands: 'hour' },
        { ...recipe, hands: 'minute' },
      ]
    : [recipe]
}

/** All pages of one child's clock (of both, for a pair). `owner` is printed on the name lines. */
export function recipePages(recipe: Recipe, owner?: string, wording?: Wording): Drawing[] {
  return recipePagesFor(recipe, [owner], wording)
}

/** Pages for so many children, each with the child's name where there is one. */
export function recipePagesFor(
  recipe: Recipe,
  owners: readonly (string | undefined)[],
  wording: Wording = IN_ENGLISH,
): Drawing[] {
  const { length } = owners
  requireNumber('children', length, 1, 120)
  // Solved once: the same measures for all.
  const clocks = clocksOf(recipe).map((clock) => ({ clock, measures: solveRecipe(clock) }))
  return owners.flatMap((owner) =>
    clocks.flatMap(({ clock, measures }) => clockPages(clock, measures, { owner, wording })),
  )
}

function clockPages(recipe: Recipe, m: Measures, of: PageOf): Drawing[] {
  const area = bodyArea(recipe.paper)
  const boxes = partBoxes(recipe, m)
  const packed = layOut(recipe, m)
  if (isFourUp(recipe)) return [fourUp(recipe, m, packed?.[0] ?? [], of)]
  if (packed)
    return packed.map((placed) =>
      page(
        recipe,
        m,
        placed.map((each) => shapesAt(each, recipe, m, of)),
        of,
      ),
    )
  const [large, small] = [
    boxes.filter(({ width, height }) => width > area.width || height > area.height),
    boxes.filter(({ width, height }) => width <= area.width && height <= area.height),
  ]
  const tiled = large.flatMap((box) => tilePages(box, recipe, m, of))
  const rest = packParts(small, area) ?? []
  return [
    ...tiled,
    ...rest.map((placed) =>
      page(
        recipe,
        m,
        placed.map((each) => shapesAt(each, recipe, m, of)),
        of,
      ),
    ),
  ]
}

function shapesAt({ box, x, y }: Placed, recipe: Recipe, m: Measures, { wording }: PageOf): Shape {
  return group(partShapes(box, recipe, m, wording), { x, y })
}

/** Whose clock a page is of, in which language. */
interface PageOf {
  readonly owner?: string
  readonly wording: Wording
}

function page(
  recipe: Recipe,
  m: Measures,
  body: Shape[],
  { owner, wording, title }: PageOf & { title?: string },
): Drawing {
  const kind = nameWithin(wording, RECIPE_KINDS[recipe.kind].name)
  const { holeMm } = fasteners[recipe.fastener]
  const made = printedAs('{0} · face {1} mm · hole {2} mm', wording, kind, Math.round(m.faceMm * 10) / 10, holeMm)
  return makePage({
    paper: recipe.paper,
    title: title ?? printedAs('My clock', wording),
    name: { line: true, text: owner, label: languages[wording.language].phrases.name },
    footer: `Ripe Acorn · ${made}`,
    bar: barText(wording),
    body,
  })
}

/** One window of a part that is larger than the page, with the line where the next one is joined. */
function tilePages(box: PartBox, recipe: Recipe, m: Measures, of: PageOf): Drawing[] {
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
function fourUp(recipe: Recipe, m: Measures, placed: readonly Placed[], of: PageOf): Drawing {
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

/** One card clock on a page, everything as usual. */
export function paperClockPage(
  { paper, lowInk }: Pick<Recipe, 'paper' | 'lowInk'>,
  owner?: string,
  wording?: Wording,
): Drawing {
  const [first] = recipePages({ ...usualRecipe('card'), paper, lowInk }, owner, wording)
  if (!first) throw new Error('a card clock has a page')
  return first
}

/**
 * The printer's true scale from the check bar as it was measured (50 to 200 mm).
 *
 * printerScale(94) //=> 0.94
 */
export function printerScale(measuredMm: number): number {
  return requireNumber('bar as measured (mm)', measuredMm, 50, 200) / 100
}
