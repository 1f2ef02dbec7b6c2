import { dialExtent, TIP_SPREAD } from '../faces'
import type { PartBox, PartId } from './layout'
import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'
import { hasPaperHands, isFourUp } from './paperHands'

export const LABEL_MM = 6
export const STRIP_MM = 8
/** A hand's leaf bulges beyond its tip's width by this share. */
const BULGE = 1.1

/** Everything that one clock takes, the highest first, so that rows fill well. */
export function partBoxes(recipe: Recipe, m: Measures): PartBox[] {
  const { kind, hands } = recipe
  const round = (id: PartId, diameter: number, copy = 0): PartBox => ({
    id,
    copy,
    width: diameter,
    height: diameter + (id === 'face' ? 0 : LABEL_MM),
  })
  const faces = isFourUp(recipe) ? 4 : 1
  const boxes = Array.from({ length: faces }, (_, copy) => round('face', faceExtentMm(recipe, m), copy))
  if (kind === 'layered') boxes.push(round('middle', m.middleMm), round('hub', m.hubMm))
  const lying = (id: PartId, length: number, width: number): PartBox => ({
    id,
    copy: 0,
    width: length + width,
    height: width * TIP_SPREAD * BULGE + LABEL_MM,
  })
  if (kind === 'dough') {
    if (hands !== 'hour')
      boxes.push({ id: 'minute-strip', copy: 0, width: m.minuteHandMm, height: STRIP_MM + LABEL_MM })
    if (hands !== 'minute') boxes.push({ id: 'hour-strip', copy: 0, width: m.hourHandMm, height: STRIP_MM + LABEL_MM })
  } else if (hasPaperHands(recipe)) {
    if (hands !== 'hour') boxes.push(lying('minute-hand', m.minuteHandMm, m.minuteWidthMm))
    if (hands !== 'minute') boxes.push(lying('hour-hand', m.hourHandMm, m.hourWidthMm))
    if (recipe.secondHand) boxes.push(lying('second-hand', m.secondHandMm, secondWidthMm(recipe)))
  }
  return boxes.sort((a, b) => b.height - a.height)
}

/** Across all that is printed of the face, its ring of fives included. */
export function faceExtentMm({ ringOfFives, kind }: Recipe, { faceMm }: Measures): number {
  return 2 * dialExtent({ radius: faceMm / 2, ringOfFives: ringOfFives && kind !== 'layered' })
}

/** How wide the second hand is cut, mm: as narrow as the fastener lets it be. */
export function secondWidthMm({ fastener }: Recipe): number {
  return fasteners[fastener].leastHandMm
}
