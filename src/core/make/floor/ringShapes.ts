import { centredText, circle, FAINT, group, INK, OAK, type Shape, SLATE } from '../../drawing'
import { markerPlace } from './markers'
import { type Ground, LANE_MM } from './space'
import type { Yard } from './yard'

/** The ring from above with its markers and numerals; `k` is how many mm on paper one mm of ground takes. */
export function ringShapes(yard: Yard, { radiusMm }: Ground, k: number): Shape[] {
  const r = radiusMm * k
  const markers = Array.from({ length: 60 }, (_, minute): Shape => {
    const { x, y } = markerPlace(minute, r, yard.turnDeg)
    const size = minute % 15 === 0 ? 1.6 : minute % 5 === 0 ? 1.2 : 0.45
    return group([circle({ x: 0, y: 0 }, size, { fill: minute % 15 === 0 ? OAK : INK })], {
      part: `marker-${minute}`,
      x,
      y,
    })
  })
  const numerals = Array.from({ length: 12 }, (_, i): Shape => {
    const { x, y } = markerPlace((i + 1) * 5, r - 6, yard.turnDeg)
    return centredText(
      String(i + 1),
      { x, y },
      { size: i === 11 ? 6 : 4.2, fill: i === 11 ? OAK : INK, weight: 'bold' },
    )
  })
  return [
    circle({ x: 0, y: 0 }, r + LANE_MM * k, { stroke: FAINT, strokeMm: 0.3, dashMm: [2, 1.5] }),
    circle({ x: 0, y: 0 }, r, { stroke: SLATE, strokeMm: 0.3 }),
    ...markers,
    ...numerals,
    circle({ x: 0, y: 0 }, 1, { fill: INK }),
  ]
}
