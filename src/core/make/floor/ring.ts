import { requireNumber } from '../../errors'
import { pointOnDial } from '../../drawing'
import { handAngles } from '../../clock'
import { IN_ENGLISH, type Wording, printedAs } from '../../wording'

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
  requireNumber('radius (mm)', radiusMm, 300, 100_000)
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

export interface MarkerPlace {
  /** 0 is 12. */
  readonly minute: number
  /** From the centre, facing 12, mm; left and back are negative. */
  readonly rightMm: number
  readonly aheadMm: number
  /** On the page or the ground, with 12 turned `turnDeg` clockwise from straight ahead. */
  readonly x: number
  readonly y: number
}

/** Where the marker of a minute (0 to 59) lies. */
export function markerPlace(minute: number, radiusMm: number, turnDeg = 0): MarkerPlace {
  const own = pointOnDial(minute * 6, radiusMm)
  const turned = pointOnDial(minute * 6 + turnDeg, radiusMm)
  return { minute, rightMm: own.x, aheadMm: 0 - own.y, ...turned }
}

/**
 * The minutes in the order in which their markers are placed: 12 and 6, 3 and 9, the hours between, then the small
 * ones.
 */
export function placingOrder(): { readonly step: string; readonly minutes: readonly number[] }[] {
  const small = Array.from({ length: 60 }, (_, minute) => minute).filter((minute) => minute % 5 !== 0)
  return [
    { step: '12 and 6 on one line through the centre', minutes: [0, 30] },
    { step: '3 and 9 square to it', minutes: [15, 45] },
    { step: 'two hours between each pair, by the hour chord', minutes: [5, 10, 20, 25, 35, 40, 50, 55] },
    { step: 'four small ones between each pair, by the minute chord', minutes: small },
  ]
}

/** The hour hand on the ground, as a share of the radius. */
export const FLOOR_HOUR_SHARE = 0.6
const KNOTS_MM = 300

export interface FloorHands {
  readonly minuteMm: number
  readonly hourMm: number
  /** Rope for each, with what the loops take. */
  readonly minuteRopeMm: number
  readonly hourRopeMm: number
  /** What the child at the tip walks in an hour of clock time, mm. */
  readonly minuteWalkMm: number
  readonly hourWalkMm: number
  readonly minutePaces: number
  readonly hourPaces: number
}

/** A child's pace by age, mm: 450 under seven, 550 from seven on; ours, from a child's usual step. */
export function paceMm(age: number): number {
  return requireNumber('age', age, 3, 99) < 7 ? 450 : 550
}

/** The two hands of a ring: lengths, ropes, what is walked in an hour of clock time. */
export function floorHands(radiusMm: number, age: number): FloorHands {
  const hourMm = radiusMm * FLOOR_HOUR_SHARE
  const minuteWalkMm = 2 * Math.PI * radiusMm
  const hourWalkMm = (2 * Math.PI * hourMm) / 12
  return {
    minuteMm: radiusMm,
    hourMm,
    minuteRopeMm: radiusMm + KNOTS_MM,
    hourRopeMm: hourMm + KNOTS_MM,
    minuteWalkMm,
    hourWalkMm,
    minutePaces: Math.round(minuteWalkMm / paceMm(age)),
    hourPaces: Math.round(hourWalkMm / paceMm(age)),
  }
}

export interface WalkCall {
  readonly minute: number
  /** What the child on the long hand does. */
  readonly long: string
  /** Where the child on the short hand stands. */
  readonly short: string
  /** Along the small ring past the numeral, mm. */
  readonly pastNumeralMm: number
}

/** Halves and quarters of the way from one hour to the next. */
function wayPhrase(past: number) {
  if (past === 0.5) return 'halfway from {0} to {1}'
  return past < 0.5 ? 'a quarter of the way from {0} to {1}' : 'three quarters of the way from {0} to {1}'
}

const numeral = (minuteOfRing: number) =>
  Math.round(minuteOfRing / 5) % 12 === 0 ? 12 : Math.round(minuteOfRing / 5) % 12

/** Times to walk through, o'clock, half past and the quarters, with where both children stand. */
export function walkCalls(
  radiusMm: number,
  wording: Wording = IN_ENGLISH,
  times: readonly number[] = [180, 210, 225, 435, 555, 720],
): WalkCall[] {
  return times.map((minute) => {
    const { hour, minute: long } = handAngles(minute % 1440)
    const passed = Math.floor(hour / 30)
    const past = (hour - passed * 30) / 30
    const name = passed === 0 ? 12 : passed
    const next = passed === 11 ? 12 : passed + 1
    return {
      minute,
      long: printedAs('at the {0}', wording, numeral(long / 6)),
      short: past === 0 ? printedAs('at the {0}', wording, name) : printedAs(wayPhrase(past), wording, name, next),
      pastNumeralMm: (2 * Math.PI * radiusMm * FLOOR_HOUR_SHARE * past) / 12,
    }
  })
}
