import { group, INK, path, rectanglePath, type Shape, textAt } from '../drawing'
import type { PartId } from './layout'
import { LABEL_MM, STRIP_MM } from './partSizes'

/** A strip as long as a length to be measured, with what it is for. */
export function strip(text: string, length: number, id: PartId): Shape[] {
  return [
    label(text),
    group([path(rectanglePath(0, 0, length, STRIP_MM), { layer: 'guide', stroke: INK, strokeMm: 0.3 })], {
      part: id,
      x: 0,
      y: LABEL_MM,
    }),
  ]
}

/** What a part is, written over it. */
export function label(text: string): Shape {
  return textAt(text, { x: 0, y: 3.8 }, { layer: 'guide', size: 3.4, fill: '#6B6158' })
}
