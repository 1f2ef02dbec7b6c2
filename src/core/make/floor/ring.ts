import { told } from '../../wording'
import { requireNumber } from '../../errors'

/** Set-out lengths of a ring, mm. Chords: 2 r sin of half the angle between. */
export interface RingMeasures {
  readonly radiusMm: number
  /** From the centre peg: the string's length. */
  readonly stringMm: number
  readonly hourChordMm: number
  readonly minuteChordMm: number
  /** From 12 to 3, 3 to 6 …: r √2. */
  readonly quarterChordMm: number
  readonly aroundMm: number
  /** The square corner between the 12 and the 3 line: 3, 4 and 5 units, as large as the string allows. */
  readonly threeFourFive: readonly [number, number, number]
  /** How far out of place a marker may be before it reads half a minute off: the chord of 3°. */
  readonly toleranceMm: number
}

const chord = (radius: number, degrees: number) => 2 * radius * Math.sin((degrees * Math.PI) / 360)

/**
 * All that is measured to set out a ring of a radius (0.3 to 100 m), mm.
 *
 * Math.round(ringMeasures(2000).hourChordMm) //=> 1035
 * Math.round(ringMeasures(2000).minuteChordMm) //=> 209
 */
export function ringMeasures(radiusMm: number): RingMeasures {
  requireNumber(told('radius (mm)'), radiusMm, 300, 100_000)
  // In whole units of 10 cm where the string is long enough, so that they are found on any tape.
  const unit = radiusMm >= 400 ? Math.floor(radiusMm / 4 / 100) * 100 || 100 : radiusMm / 4
  return {
    radiusMm,
    stringMm: radiusMm,
    hourChordMm: chord(radiusMm, 30),
    minuteChordMm: chord(radiusMm, 6),
    quarterChordMm: chord(radiusMm, 90),
    aroundMm: 2 * Math.PI * radiusMm,
    threeFourFive: [3 * unit, 4 * unit, 5 * unit],
    toleranceMm: chord(radiusMm, 3),
  }
}
