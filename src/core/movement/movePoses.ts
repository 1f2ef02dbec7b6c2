import type { Shape } from '../drawing'
import type { MoveId } from './moves'
import { type Legs, personShapes, type Seat, type SeenFrom } from './person'

/** Where an arm of a move points: its upper arm and its forearm, degrees clockwise from overhead in the picture. */
type ArmAt = readonly [upper: number, fore: number]

/** One moment of a move. */
interface MoveFrame {
  readonly left: ArmAt
  readonly right: ArmAt
  readonly legs?: Legs
  readonly seen?: SeenFrom
}

interface MovePoses {
  readonly standing: readonly MoveFrame[]
  readonly seated: readonly MoveFrame[]
}

const mirror = ([upper, fore]: ArmAt): ArmAt => [(360 - upper) % 360, (360 - fore) % 360]
/** Both arms alike, told by the right one. */
const both = (right: ArmAt, more: Partial<MoveFrame> = {}): MoveFrame => ({ left: mirror(right), right, ...more })
const swapped = ({ left, right, ...rest }: MoveFrame, more: Partial<MoveFrame> = {}): MoveFrame => ({
  ...rest,
  left: mirror(right),
  right: mirror(left),
  ...more,
})

const DOWN = both([165, 170])
const UP_AND_OUT = both([48, 48])
const FLAP = [both([118, 118]), both([68, 68])]
const HUG = [both([90, 90]), both([198, 320])]
const ROOF = [both([32, 32]), both([15, 308])]
const WAVE: readonly MoveFrame[] = [
  { left: [192, 190], right: [48, 340] },
  { left: [192, 190], right: [48, 44] },
]
const ON_KNEES = both([170, 200])
const ON_HIPS = both([128, 236])
const MARCH: MoveFrame = { left: [205, 325], right: [160, 168], legs: 'right-up' }
const STAMP: MoveFrame = { left: [330, 330], right: [165, 170], legs: 'seated-right' }

/** The frames of each move, seen from the front. Told apart across a hall by the arms alone, seated too. */
export const MOVE_POSES: Readonly<Record<MoveId, MovePoses>> = {
  star: { standing: [DOWN, { ...UP_AND_OUT, legs: 'apart' }], seated: [DOWN, UP_AND_OUT] },
  wings: { standing: FLAP, seated: FLAP },
  hug: { standing: HUG, seated: HUG },
  roof: { standing: ROOF, seated: ROOF },
  wave: { standing: WAVE, seated: WAVE },
  low: {
    standing: [both([150, 150]), both([162, 184], { legs: 'crouching' })],
    seated: [both([150, 150]), ON_KNEES],
  },
  hips: { standing: [ON_HIPS, { ...ON_HIPS, seen: 'behind' }], seated: [both([140, 140]), ON_HIPS] },
  march: {
    standing: [MARCH, swapped(MARCH, { legs: 'left-up' })],
    seated: [STAMP, { ...STAMP, legs: 'seated-left' }],
  },
}

/** Every second move of seated children is shown by somebody in a wheelchair. */
const SEATS: Readonly<Record<MoveId, Seat>> = {
  star: 'stool',
  wings: 'wheelchair',
  hug: 'stool',
  roof: 'wheelchair',
  wave: 'stool',
  low: 'wheelchair',
  hips: 'stool',
  march: 'wheelchair',
}

/** The moments of a move, on two feet or seated: they follow each other on a screen, and stand side by side on paper. */
export function moveFrames(move: MoveId, isSeated: boolean): Shape[][] {
  return MOVE_POSES[move][isSeated ? 'seated' : 'standing'].map(({ left, right, legs, seen = 'front' }) =>
    personShapes(
      [
        { part: 'moving', side: 'left', upper: left[0], fore: left[1] },
        { part: 'moving', side: 'right', upper: right[0], fore: right[1] },
      ],
      { legs: legs ?? (isSeated ? 'seated' : 'together'), seen, seat: SEATS[move] },
    ),
  )
}
