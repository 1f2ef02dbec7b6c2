import { type Drawing, group, makePage, type Shape } from '../drawing'
import { barText, languages, nameWithin, printedAs, type Wording } from '../wording'
import type { PlacedPart } from './layout'
import { partShapes } from './parts'
import { type Measures, type Recipe, RECIPE_KINDS } from './recipe'
import { fasteners } from './stock'
import { tenth } from '../clock'

/** The shapes of a part where it lies on the page. */
export function shapesAt({ box, x, y }: PlacedPart, recipe: Recipe, m: Measures, { wording }: PageOf): Shape {
  return group(partShapes(box, recipe, m, wording), { x, y })
}

/** Whose clock a page is of, in which language. */
export interface PageOf {
  readonly owner?: string
  readonly wording: Wording
}

/** A page of clock parts, with the name of the child and what was made. */
export function page(
  recipe: Recipe,
  m: Measures,
  body: Shape[],
  { owner, wording, title }: PageOf & { title?: string },
): Drawing {
  const kind = nameWithin(wording, RECIPE_KINDS[recipe.kind].name)
  const { holeMm } = fasteners[recipe.fastener]
  const made = printedAs('{0} · face {1} mm · hole {2} mm', wording, kind, tenth(m.faceMm), holeMm)
  return makePage({
    paper: recipe.paper,
    title: title ?? printedAs('My clock', wording),
    name: { line: true, text: owner, label: languages[wording.language].phrases.name },
    footer: `Ripe Acorn · ${made}`,
    bar: barText(wording),
    body,
  })
}
