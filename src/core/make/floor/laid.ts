import { told } from '../../wording'
import { angleOnDial } from '../../drawing'
import { MARKER_TOLERANCE_MINUTES, TAPE_TOLERANCE_MM, signedGap } from '../../clock'
import { RefusedValue, requireNumber } from '../../errors'
import { hourPlace } from './markers'

/** Where a marker was found: the tape from the centre peg and the tape from the 12 peg, mm. */
export interface Taped {
  /** The hour it stands for, 1 to 12. */
  readonly hour: number
  readonly fromCentreMm: number
  readonly fromTwelveMm: number
}

export interface LaidMarker {
  readonly hour: number
  readonly rightMm: number
  readonly aheadMm: number
  /** How far it reads off, in minutes of the minute hand: positive is too late (clockwise). */
  readonly minutesOff: number
  /** Out from the ring (+) or inside it (−), mm. */
  readonly outMm: number
  readonly mustMove: boolean
  /** How to put it right: distances to its place, mm. */
  readonly moveRightMm: number
  readonly moveAheadMm: number
}

/**
 * Where a marker lies, from its two tape distances: the meeting of two circles about the centre and
 * the 12 peg, on the side where the hour belongs. Throws RefusedValue where the tapes cannot meet.
 */
export function laidMarker({ hour, fromCentreMm, fromTwelveMm }: Taped, radiusMm: number): LaidMarker {
  requireNumber(told('radius (mm)'), radiusMm, 300, 100_000)
  requireNumber(told('{0}: tape from the centre (mm)', hour), fromCentreMm, 0, 200_000)
  requireNumber(told('{0}: tape from 12 (mm)', hour), fromTwelveMm, 0, 200_000)
  const least = Math.abs(radiusMm - fromCentreMm)
  const most = radiusMm + fromCentreMm
  if (fromTwelveMm < least - TAPE_TOLERANCE_MM || fromTwelveMm > most + TAPE_TOLERANCE_MM)
    throw new RefusedValue(
      told('{0}: tape from 12', hour),
      told(
        'between {0} and {1} with {2} from the centre, else the two tapes cannot meet',
        metres(least),
        metres(most),
        metres(fromCentreMm),
      ),
      metres(fromTwelveMm),
    )
  const ahead = (fromCentreMm ** 2 - fromTwelveMm ** 2 + radiusMm ** 2) / (2 * radiusMm)
  const aside = Math.sqrt(Math.max(0, fromCentreMm ** 2 - ahead ** 2))
  const right = hour > 6 && hour < 12 ? -aside : aside
  return judged(hour, right, ahead, radiusMm)
}

/** The same for a marker that was dragged to where it lies, facing 12, mm. */
export function judged(hour: number, rightMm: number, aheadMm: number, radiusMm: number): LaidMarker {
  const due = hourPlace(hour, radiusMm)
  const minutesOff = signedGap((hour % 12) * 30, angleOnDial(rightMm, -aheadMm)) / 6
  const outMm = Math.hypot(rightMm, aheadMm) - radiusMm
  return {
    hour,
    rightMm,
    aheadMm,
    minutesOff,
    outMm,
    mustMove: Math.abs(minutesOff) > MARKER_TOLERANCE_MINUTES,
    moveRightMm: due.rightMm - rightMm,
    moveAheadMm: due.aheadMm - aheadMm,
  }
}

function metres(mm: number): string {
  return `${(mm / 1000).toFixed(2)} m`
}

/** What the two tapes should read for a marker in its place, mm. */
export function dueTapes(hour: number, radiusMm: number): Taped {
  const { rightMm, aheadMm } = hourPlace(hour, radiusMm)
  return { hour, fromCentreMm: radiusMm, fromTwelveMm: Math.hypot(rightMm, aheadMm - radiusMm) }
}
