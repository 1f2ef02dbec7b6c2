import { circle, group, INK, line, MOSS, OAK, PAPER, type Point, pointOnDial, type Shape, SLATE } from '../../drawing'
import { shoulderOf } from '../pose'
import { type Arm, type ArmPart, elbowOf, handOf } from './joints'
import { limb, limbInFront, SKIN } from './limb'

const ARM_WIDTH_MM = 9.5
const HAND_MM = 5.6
const FINGER = { long: 9, width: 3.6 } as const
/** White bands about the arm that is the minute hand, as shares of its length: told apart without colour. */
const BANDS = [0.3, 0.5, 0.7] as const
/** The elbow points, so it has a patch. */
const PATCH_MM = 3.4

const SLEEVES: Readonly<Record<ArmPart, string>> = { long: SLATE, bent: OAK, resting: MOSS, moving: MOSS }

/** A sleeve with its hand: banded and pointing where it is the minute hand, with a patch where the elbow points. */
export function armShapes(arm: Arm): Shape {
  const joints = [shoulderOf(arm.side), elbowOf(arm), handOf(arm)] as const
  const sleeve = limbInFront(joints, { fill: SLEEVES[arm.part], width: ARM_WIDTH_MM })
  const hand = handShapes(arm, joints[2])
  // A folded arm has its hand in front of the sleeve, a straight one its finger beyond it.
  return group([...sleeve, ...hand, ...patternOf(arm)], { part: `${arm.part}-arm` })
}

function handShapes({ part, fore }: Arm, hand: Point): Shape[] {
  const reach = pointOnDial(fore, FINGER.long)
  const tip = { x: hand.x + reach.x, y: hand.y + reach.y }
  const finger = part === 'long' ? limb([hand, tip], { fill: SKIN, width: FINGER.width }) : []
  return [...finger, circle(hand, HAND_MM, { fill: SKIN, stroke: INK, strokeMm: 1 })]
}

function patternOf(arm: Arm): Shape[] {
  if (arm.part === 'bent') return [circle(elbowOf(arm), PATCH_MM, { fill: PAPER, stroke: INK, strokeMm: 0.8 })]
  if (arm.part !== 'long') return []
  const [shoulder, hand] = [shoulderOf(arm.side), handOf(arm)]
  const half = pointOnDial(arm.fore + 90, ARM_WIDTH_MM / 2 - 0.4)
  return BANDS.map((share) => {
    const at = { x: shoulder.x + (hand.x - shoulder.x) * share, y: shoulder.y + (hand.y - shoulder.y) * share }
    const [from, to] = [
      { x: at.x - half.x, y: at.y - half.y },
      { x: at.x + half.x, y: at.y + half.y },
    ]
    return line(from, to, { stroke: PAPER, strokeMm: 2.6 })
  })
}
