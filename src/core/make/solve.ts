import { told, type Told } from '../wording'
import { bodyArea } from '../drawing'
import { HOUR_HAND_SHARE, LAYERED, MINUTE_HAND_REACH, SECOND_HAND_REACH } from '../faces'
import { RefusedValue } from '../errors'
import { isFourUp } from './paperHands'
import { layOut } from './parts'
import type { MeasureId, Measures, Recipe } from './recipe'
import { CARD_MM, HUB_MM, LEAST_BAND_MM, fasteners } from './stock'
import { PLATE_FLAT, backings } from './backings'

export const SMALLEST_FACE_MM = 60
/** The long side of A3: a face beyond it is for the floor. */
export const LARGEST_FACE_MM = 420
const USUAL_PLATE_MM = 180
const USUAL_LAYERED_MM = 180
/** The hour hand is this much wider than the minute hand: stout. */
const STOUTER_MM = 4
const STEP_MM = 5

/** How thick face, backing and hands are together, mm. */
export function stackMm({ kind, gsm, backing, hands, secondHand }: Recipe): number {
  const circles = kind === 'layered' ? 3 : 1
  const handCount = (hands === 'both' ? 2 : 1) + (secondHand ? 1 : 0)
  return (circles + handCount) * CARD_MM[gsm] + backings[backing].mm
}

/** Where each measure may lie, mm; anything else is refused with its name. */
export const MEASURE_LIMITS: Record<MeasureId, { name: Told; least: number; most: number }> = {
  faceMm: { name: told('face'), least: SMALLEST_FACE_MM, most: LARGEST_FACE_MM },
  plateMm: { name: told('plate'), least: 90, most: 400 },
  middleMm: { name: told('middle circle'), least: 30, most: 400 },
  hubMm: { name: told('hub'), least: 20, most: 150 },
  minuteHandMm: { name: told('minute hand'), least: 15, most: LARGEST_FACE_MM },
  hourHandMm: { name: told('hour hand'), least: 10, most: LARGEST_FACE_MM },
  secondHandMm: { name: told('second hand'), least: 15, most: LARGEST_FACE_MM },
  minuteWidthMm: { name: told('minute hand’s width'), least: 4, most: 60 },
  hourWidthMm: { name: told('hour hand’s width'), least: 4, most: 60 },
  legMm: { name: told('leg of the fastener'), least: 3, most: 100 },
}

/** Throws RefusedValue for a fixed measure, a count or an age that cannot be. */
export function requireRecipe({ fixed, children, spares, age }: Recipe): void {
  for (const [id, value] of Object.entries(fixed) as [MeasureId, number][]) {
    const { name, least, most } = MEASURE_LIMITS[id]
    if (value !== undefined && !(value >= least && value <= most))
      throw new RefusedValue(name, told('{0} to {1} mm', least, most), `${value} mm`)
  }
  if (!Number.isInteger(children) || children < 1 || children > 60)
    throw new RefusedValue(told('children'), told('a whole number from 1 to 60'), children)
  if (!Number.isInteger(spares) || spares < 0 || spares > 60)
    throw new RefusedValue(told('spares'), told('a whole number from 0 to 60'), spares)
  if (!Number.isInteger(age) || age < 3 || age > 99)
    throw new RefusedValue(told('age'), told('a whole number from 3 to 99'), age)
}

/**
 * All measures of a recipe: the fixed ones as they are, the others worked out from them. The face is
 * the largest to a whole 5 mm that fits one page with its hands, or the flat of its plate; the minute
 * hand reaches the minute marks, the hour hand 0.6 of that; widths come from the fastener;
 * the leg is the shortest that is sold and passes the stack. Throws RefusedValue for what cannot be.
 */
export function solveRecipe(recipe: Recipe): Measures {
  requireRecipe(recipe)
  const faceMm = recipe.fixed.faceMm ?? usualFace(recipe)
  const measures = measuresFor(recipe, faceMm)
  // Four on a page can neither be tiled nor left to a check: there would be nothing to draw.
  if (isFourUp(recipe) && !layOut(recipe, measures))
    throw new RefusedValue(
      told('face'),
      told('{0} to {1} mm with four on a page', SMALLEST_FACE_MM, largestFaceMm(recipe)),
      `${faceMm} mm`,
    )
  return measures
}

function usualFace(recipe: Recipe): number {
  const largest = largestFaceMm(recipe)
  if (recipe.backing === 'plate')
    return Math.min(largest, Math.floor(PLATE_FLAT * (recipe.fixed.plateMm ?? USUAL_PLATE_MM)))
  if (recipe.kind === 'layered') return Math.min(largest, USUAL_LAYERED_MM)
  return largest
}

/** The largest face, to a whole 5 mm, that fits one page with all that is printed beside it. */
export function largestFaceMm(recipe: Recipe): number {
  const area = bodyArea(recipe.paper)
  for (let face = Math.floor(area.width / STEP_MM) * STEP_MM; face > SMALLEST_FACE_MM; face -= STEP_MM)
    if ((layOut(recipe, measuresFor(recipe, face))?.length ?? Infinity) <= mostPages(recipe)) return face
  return SMALLEST_FACE_MM
}

/** A layered clock's circles rarely share a page with its largest one: it may have a page more. */
function mostPages({ kind }: Recipe): number {
  return kind === 'layered' ? 2 : 1
}

function measuresFor(recipe: Recipe, faceMm: number): Measures {
  const { fixed, kind, fastener, backing } = recipe
  const { leastHandMm, beyondStackMm, legsMm } = fasteners[fastener]
  const middleMm = fixed.middleMm ?? faceMm - 2 * Math.max(LEAST_BAND_MM + 2, Math.round(faceMm * 0.12))
  const reach = kind === 'layered' ? (middleMm / 2) * LAYERED.minuteHand : (faceMm / 2) * MINUTE_HAND_REACH
  const minuteHandMm = fixed.minuteHandMm ?? reach
  const minuteWidthMm = fixed.minuteWidthMm ?? leastHandMm
  const need = stackMm(recipe) + beyondStackMm
  return {
    faceMm,
    plateMm: fixed.plateMm ?? (backing === 'plate' && fixed.faceMm ? Math.ceil(faceMm / PLATE_FLAT) : USUAL_PLATE_MM),
    middleMm,
    hubMm: fixed.hubMm ?? HUB_MM,
    minuteHandMm,
    hourHandMm: fixed.hourHandMm ?? minuteHandMm * HOUR_HAND_SHARE,
    secondHandMm: fixed.secondHandMm ?? (kind === 'layered' ? reach : (faceMm / 2) * SECOND_HAND_REACH),
    minuteWidthMm,
    hourWidthMm: fixed.hourWidthMm ?? minuteWidthMm + STOUTER_MM,
    legMm: fixed.legMm ?? legsMm.find((leg) => leg >= need) ?? Math.ceil(need),
  }
}

export interface MeasureChange {
  readonly id: MeasureId
  readonly from: number
  readonly to: number
}

/** What a change of the recipe did to the measures that were not touched; differences under 0.05 mm are none. */
export function measureChanges(before: Measures, after: Measures, touched?: MeasureId): MeasureChange[] {
  return (Object.keys(after) as MeasureId[])
    .filter((id) => id !== touched && Math.abs(after[id] - before[id]) >= 0.05)
    .map((id) => ({ id, from: before[id], to: after[id] }))
}
