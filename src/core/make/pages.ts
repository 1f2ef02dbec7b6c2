import { bodyArea, type Drawing } from '../drawing'
import { requireNumber } from '../errors'
import { IN_ENGLISH, type Wording, told } from '../wording'
import { packParts } from './layout'
import { isFourUp } from './paperHands'
import { partBoxes } from './partSizes'
import { layOut } from './parts'
import { type Measures, type Recipe, usualRecipe } from './recipe'
import { solveRecipe } from './solve'
import { fourUp, tilePages } from './tiles'
import { page, type PageOf, shapesAt } from './clockPage'

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
  requireNumber(told('children'), length, 1, 120)
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
  return requireNumber(told('bar as measured (mm)'), measuredMm, 50, 200) / 100
}
