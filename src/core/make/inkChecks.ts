import { tenth } from '../clock'
import { told } from '../wording'
import { type Drawing, type Shape, luminance } from '../drawing'
import { recipePages } from './pages'
import type { Recipe } from './recipe'
import { type MakeCheck, inMm } from './checked'

const LEAST_CONTRAST = 3
const LEAST_LINE_MM = 0.2

/** Read off the very pages: the palest tint that carries a meaning, and the thinnest line. */
export function checkInk(recipe: Recipe): MakeCheck {
  const { palest, thinnest } = inkOf(recipePages({ ...recipe, tile: true }))
  if (palest < LEAST_CONTRAST && !recipe.lowInk)
    return {
      id: 'ink',
      ok: false,
      says: told('Tints as pale as {0} : 1 vanish on a printer that is low on ink.', tenth(palest)),
      mend: { says: told('Draw them as lines'), change: { lowInk: true } },
    }
  if (thinnest < LEAST_LINE_MM)
    return { id: 'ink', ok: false, says: told('The thinnest line is {0}: it may not print.', inMm(thinnest)) }
  return { id: 'ink', ok: true, says: told('Shows on a printer that is low on ink.') }
}

/** Contrast to white of the palest ink, and the thinnest ink line, mm. */
export function inkOf(pages: readonly Drawing[]): { palest: number; thinnest: number } {
  let palest = 21
  let thinnest = Infinity
  const look = (shape: Shape): void => {
    if (shape.type === 'group') return shape.shapes.forEach(look)
    if (shape.layer !== 'ink' || shape.type === 'text' || shape.type === 'picture') return
    if (shape.stroke) {
      palest = Math.min(palest, contrastToWhite(shape.stroke))
      thinnest = Math.min(thinnest, shape.strokeMm ?? 0.25)
    } else if (shape.fill && shape.fill !== 'none') palest = Math.min(palest, contrastToWhite(shape.fill))
  }
  for (const page of pages) page.shapes.forEach(look)
  return { palest, thinnest }
}

/**
 * Contrast of a colour (#rrggbb) to white paper, 1 to 21, as WCAG 2.2 has it.
 *
 * contrastToWhite('#000000') //=> 21
 */
export const contrastToWhite = (colour: string): number => 1.05 / (luminance(colour) + 0.05)
