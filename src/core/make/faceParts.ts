import { centredText, circle, circlePath, FAINT, INK, pointOnDial, type Shape } from '../drawing'
import { dialShapes, NUMERAL_ORDER, NUMERAL_SIZE } from '../faces'
import type { Measures, Recipe } from './recipe'
import { faceExtentMm } from './partSizes'
import { cutLine, guideShapes } from './faceGuides'

/** The face about the origin, with the line to cut it out along. */
export function faceShapes(recipe: Recipe, m: Measures): Shape[] {
  const radius = m.faceMm / 2
  if (recipe.kind === 'layered') return [...bandShapes(recipe, m), cutLine(circlePath(0, 0, radius))]
  const guides = recipe.kind === 'draw' ? recipe.guides : undefined
  const shapes =
    guides === undefined
      ? dialShapes(0, { radius, hands: 'none', ...faceLook(recipe) })
      : guideShapes(radius, guides, recipe.lowInk)
  return [...shapes, cutLine(circlePath(0, 0, faceExtentMm(recipe, m) / 2 - 0.2))]
}

function faceLook({ face, ringOfFives, halves, zoneLines, quarterShading, lowInk }: Recipe) {
  const numerals = face === 'full' ? 'all' : face === 'quarters' ? 'quarters' : 'none'
  const marks = face === 'blank' ? 'none' : 'all'
  return { numerals, marks, ringOfFives, halves, zoneLines, quarterShading, lowInk } as const
}

/** The outer circle of a layered clock: its numerals stand in the band that the middle circle leaves. */
function bandShapes({ face, lowInk, quarterShading }: Recipe, m: Measures): Shape[] {
  const [outer, inner] = [m.faceMm / 2, m.middleMm / 2]
  const band = outer - inner
  const shown = NUMERAL_ORDER.slice(0, face === 'full' ? 12 : face === 'quarters' ? 4 : 0)
  const numerals = shown.map((hour) => {
    const at = pointOnDial(hour * 30, (outer + inner) / 2)
    return centredText(
      String(hour),
      { x: at.x, y: at.y },
      { size: Math.min(band * 0.62, outer * NUMERAL_SIZE), fill: INK, weight: 'bold' },
    )
  })
  const under: Shape = circle({ x: 0, y: 0 }, inner, { layer: 'guide', stroke: FAINT, strokeMm: 0.25 })
  const quarters = quarterShading
    ? dialShapes(0, { radius: outer, hands: 'none', numerals: 'none', marks: 'none', quarterShading, lowInk }).slice(
        1,
        -1,
      )
    : []
  return [...quarters, under, ...numerals]
}
