import {
  circle,
  type Drawing,
  group,
  INK,
  path,
  rectanglePath,
  type Shape,
  centredText,
  FAINT,
  OAK,
  SLATE,
} from '../../drawing'
import { type Space, type Ground, LANE_MM } from './space'
import { groundOf, type Yard } from './yard'
import { markerPlace } from './markers'

/** The plan to scale: how many mm of paper a metre is, and its shapes from the top left corner. */
interface PlanDrawing {
  readonly drawing: Drawing
  readonly mmPerMetre: number
}

/** The space, its obstacles, the lane, the ring and its markers, no wider or higher than given (mm of paper). */
export function yardPlan(yard: Yard, width: number, height: number): PlanDrawing {
  const ground = groundOf(yard)
  const [spanX, spanY] = spanOf(yard.space)
  const scale = Math.min(width / spanX, height / spanY)
  const shapes: Shape[] = [
    ...spaceShapes(yard.space, scale),
    group(ringShapes(yard, ground, scale), { part: 'ring', x: ground.x * scale, y: ground.y * scale }),
  ]
  return {
    drawing: { width: spanX * scale, height: spanY * scale, title: 'Plan of the floor clock', shapes },
    mmPerMetre: 1000 * scale,
  }
}

function spanOf(space: Space): [number, number] {
  return space.kind === 'round' ? [2 * space.radiusMm, 2 * space.radiusMm] : [space.widthMm, space.depthMm]
}

function spaceShapes(space: Space, k: number): Shape[] {
  const edge = { stroke: INK, strokeMm: 0.5 } as const
  if (space.kind === 'round')
    return [circle({ x: space.radiusMm * k, y: space.radiusMm * k }, space.radiusMm * k - 0.3, edge)]
  const [w, h] = [space.widthMm * k, space.depthMm * k]
  return [
    path(rectanglePath(0.3, 0.3, w - 0.6, h - 0.6), edge),
    ...space.obstacles.map((each): Shape =>
      circle({ x: each.x * k, y: each.y * k }, each.radiusMm * k, { fill: '#DCD2C2', stroke: INK, strokeMm: 0.3 }),
    ),
  ]
}

/** The ring from above with its markers and numerals; `k` is how many mm on paper one mm of ground takes. */
function ringShapes(yard: Yard, { radiusMm }: Ground, k: number): Shape[] {
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
