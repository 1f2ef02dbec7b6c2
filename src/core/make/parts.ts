import { bodyArea, circlePath, group, type Shape } from '../drawing'
import { IN_ENGLISH, printedAs, type Wording } from '../wording'
import { packParts, packQuarters, type PartBox, type PlacedPart } from './layout'
import type { Measures, Recipe } from './recipe'
import { fasteners } from './stock'
import { isFourUp } from './paperHands'
import { partBoxes, secondWidthMm } from './partSizes'
import { cutLine, holeMarks, middleShapes } from './faceGuides'
import { faceShapes } from './faceParts'
import { label, strip } from './strip'
import { lyingHand } from './handParts'
import { tenth } from '../clock'

/** Where everything of one clock lies, page by page; undefined where a part is larger than its place. */
export function layOut(recipe: Recipe, m: Measures): PlacedPart[][] | undefined {
  const boxes = partBoxes(recipe, m)
  const area = bodyArea(recipe.paper)
  return isFourUp(recipe) ? packQuarters(boxes, area) : packParts(boxes, area)
}

/** The shapes of a part, the top left corner of its box at the origin. */
export function partShapes(box: PartBox, recipe: Recipe, m: Measures, wording: Wording = IN_ENGLISH): Shape[] {
  const { id, width, height } = box
  const { holeMm } = fasteners[recipe.fastener]
  const centred = (shapes: Shape[], extent: number): Shape[] => [
    group(shapes, { part: id, x: width / 2, y: height - extent / 2 }),
  ]
  switch (id) {
    case 'face':
      return centred([...faceShapes(recipe, m), ...holeMarks(isFourUp(recipe) ? 0 : holeMm)], height)
    case 'middle':
      return [
        label(printedAs('middle circle, {0} mm', wording, tenth(m.middleMm))),
        ...centred([...middleShapes(m), ...holeMarks(holeMm)], m.middleMm),
      ]
    case 'hub':
      return [
        label(printedAs('hub, {0} mm', wording, tenth(m.hubMm))),
        ...centred([cutLine(circlePath(0, 0, m.hubMm / 2 - 0.2)), ...holeMarks(holeMm)], m.hubMm),
      ]
    case 'minute-strip':
      return strip(printedAs('minute hand: cut to here, {0} mm', wording, tenth(m.minuteHandMm)), m.minuteHandMm, id)
    case 'hour-strip':
      return strip(printedAs('hour hand: cut to here, {0} mm', wording, tenth(m.hourHandMm)), m.hourHandMm, id)
    case 'minute-hand':
      return lyingHand(box, { kind: 'minute', length: m.minuteHandMm, width: m.minuteWidthMm }, recipe, wording)
    case 'hour-hand':
      return lyingHand(box, { kind: 'hour', length: m.hourHandMm, width: m.hourWidthMm }, recipe, wording)
    case 'second-hand':
      return lyingHand(box, { kind: 'second', length: m.secondHandMm, width: secondWidthMm(recipe) }, recipe, wording)
  }
}
