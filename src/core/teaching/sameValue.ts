import {
  HAND_SET_TOLERANCE_DEG,
  type HandAngles,
  HOUR_HAND_TOLERANCE_DEG,
  onDial,
  readHands,
  signedGap,
} from '../clock'
import { type Value, valueKey } from './values'

/** Two answers that say the same. Freely set hands say a time where they agree with each other. */
export function sameValue(a: Value, b: Value): boolean {
  if (a.kind === 'hands' && b.kind === 'hands') return near(a.hour, b.hour) && near(a.minute, b.minute)
  if (a.kind === 'hands' && b.kind === 'time') return handsSay(a, b.minute)
  if (a.kind === 'time' && b.kind === 'hands') return handsSay(b, a.minute)
  if (a.kind === 'hands' || b.kind === 'hands') return false
  return valueKey(a) === valueKey(b)
}

function near(a: number, b: number): boolean {
  return Math.abs(signedGap(a, b)) <= HAND_SET_TOLERANCE_DEG
}

function handsSay(hands: HandAngles, minute: number, tolerance = HOUR_HAND_TOLERANCE_DEG): boolean {
  const read = readHands(hands)
  return read.minute === onDial(minute) && Math.abs(read.hourHandError) <= tolerance
}
