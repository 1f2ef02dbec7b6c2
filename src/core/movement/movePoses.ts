import { group, type Shape } from '../drawing'
import type { MoveId } from './moves'
import type { Side } from './pose'
import { bentArm, legs, longArm, trunk } from './body'

/** The angles of both arms of a move, degrees clockwise from overhead, and whether they are bent. */
interface MovePose {
  readonly left: { readonly angle: number; readonly isBent?: boolean }
  readonly right: { readonly angle: number; readonly isBent?: boolean }
  readonly isLow?: boolean
}

/** Told apart across a hall by the arms alone, so that the seated form can be told too. */
export const MOVE_POSES: Record<MoveId, MovePose> = {
  star: { left: { angle: 315 }, right: { angle: 45 } },
  wings: { left: { angle: 270 }, right: { angle: 90 } },
  hug: { left: { angle: 150, isBent: true }, right: { angle: 210, isBent: true } },
  roof: { left: { angle: 20 }, right: { angle: 340 } },
  wave: { left: { angle: 180 }, right: { angle: 10 } },
  low: { left: { angle: 170 }, right: { angle: 190 }, isLow: true },
  hips: { left: { angle: 225, isBent: true }, right: { angle: 135, isBent: true } },
  march: { left: { angle: 300, isBent: true }, right: { angle: 180 } },
}

/** A figure in a move, on two feet or seated. */
export function moveShapes(move: MoveId, isSeated: boolean): Shape[] {
  const { left, right, isLow } = MOVE_POSES[move]
  const arm = (side: Side, { angle, isBent }: MovePose['left']) =>
    isBent ? bentArm(side, angle) : longArm(side, angle)
  const body = [...trunk(), arm('left', left), arm('right', right)]
  return [
    ...legs(isSeated ? 'seated' : 'two-feet'),
    ...(isLow && !isSeated ? [group(body, { part: 'low', x: 0, y: 30 })] : body),
  ]
}
