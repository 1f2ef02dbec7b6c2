import { circle, type Drawing, group, INK, path, rectanglePath, type Shape } from '../../drawing'
import type { Space } from './space'
import { groundOf, type Yard } from './yard'
import { ringShapes } from './ringShapes'

/** The plan to scale: how many mm of paper a metre is, and its shapes from the top left corner. */
export interface PlanDrawing {
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
