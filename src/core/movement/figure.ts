import type { Shape } from '../drawing'
import type { Stance } from './calls'
import { type Arm, armsOf, type Legs, personShapes } from './person'
import { mirrored, poseFor, type Side } from './pose'

export interface FigureLook {
  readonly stance: Stance
  /** `hour` has one arm that points; the other rests. */
  readonly hands: 'both' | 'hour'
  /**
   * `own`: seen as the children are from behind, 3 on the right. `leader`: how the adult who faces them stands, seen
   * from behind too: the mirror image, so that both point the same way in the room.
   */
  readonly view: 'own' | 'leader'
}

/** The arms that show a time (0 to 719). */
export function figureArms(minute: number, { hands, view }: Pick<FigureLook, 'hands' | 'view'>): Arm[] {
  const both = poseFor(minute)
  // With one hand alone the arm on the side of the hour points.
  const alone: Side = both.bent.angle <= 180 ? 'right' : 'left'
  const pose = hands === 'hour' ? { ...both, bent: { ...both.bent, side: alone } } : both
  return armsOf(view === 'own' ? pose : mirrored(pose), hands)
}

/** A figure that shows a time (0 to 719), the middle of its shoulders at the origin, mm. */
export function figureShapes(minute: number, look: FigureLook): Shape[] {
  return figureWith(figureArms(minute, look), look)
}

/** The same with arms that may be on their way to the next time. */
export function figureWith(arms: readonly Arm[], { stance, view }: Pick<FigureLook, 'stance' | 'view'>): Shape[] {
  const legs = LEGS[view === 'own' ? stance : otherStance(stance)]
  return personShapes(arms, { legs, seen: 'behind', seat: stance === 'wheelchair' ? 'wheelchair' : 'stool' })
}

const LEGS: Readonly<Record<Stance, Legs>> = {
  'two-feet': 'together',
  'left-foot': 'right-up',
  'right-foot': 'left-up',
  seated: 'seated',
  wheelchair: 'seated',
}

const otherStance = (stance: Stance): Stance =>
  stance === 'left-foot' ? 'right-foot' : stance === 'right-foot' ? 'left-foot' : stance

/** The room that a figure takes about the middle of its shoulders, mm. */
export const FIGURE_BOX = { left: -86, right: 86, top: -70, bottom: 112 } as const
