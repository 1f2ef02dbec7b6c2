import type { Shape } from '../drawing'
import type { Stance } from './calls'
import { mirrored, poseFor, type Side } from './pose'
import { bentArm, legs, longArm, trunk } from './body'

export interface FigureLook {
  readonly stance: Stance
  /** `hour` has one arm only. */
  readonly hands: 'both' | 'hour'
  /**
   * `own`: seen as the children are from behind, 3 on the right. `leader`: how the adult who faces them stands, seen
   * from behind too: the mirror image, so that both point the same way in the room.
   */
  readonly view: 'own' | 'leader'
}

/** A figure that shows a time (0 to 719), the middle of its shoulders at the origin, mm. */
export function figureShapes(minute: number, { stance, hands, view }: FigureLook): Shape[] {
  const both = poseFor(minute)
  // With one hand alone the arm on the side of the hour points.
  const alone: Side = both.bent.angle <= 180 ? 'right' : 'left'
  const pose = hands === 'hour' ? { ...both, bent: { ...both.bent, side: alone } } : both
  const { long, bent } = view === 'own' ? pose : mirrored(pose)
  return [
    ...legs(view === 'own' ? stance : otherStance(stance)),
    ...trunk(),
    bentArm(bent.side, bent.angle),
    ...(hands === 'both' ? [longArm(long.side, long.angle)] : []),
  ]
}

const otherStance = (stance: Stance): Stance =>
  stance === 'left-foot' ? 'right-foot' : stance === 'right-foot' ? 'left-foot' : stance

/** The room that a figure takes about the middle of its shoulders, mm. */
export const FIGURE_BOX = { left: -74, right: 74, top: -64, bottom: 112 } as const
