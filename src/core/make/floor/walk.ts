import { handAngles } from '../../clock'
import { IN_ENGLISH, printedAs, type Wording } from '../../wording'
import { FLOOR_HOUR_SHARE } from './floorHands'

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
