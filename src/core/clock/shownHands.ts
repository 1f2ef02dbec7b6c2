import {
  DEGREES_PER_MINUTE_HOUR_HAND,
  DEGREES_PER_MINUTE_MINUTE_HAND,
  type HandAngles,
  handAngles,
  readHands,
  signedGap,
} from './hands'
import { MINUTES_PER_DAY, modulo } from './minutes'
import { snapMinuteHand, turnGeared, turnSecondHand } from './turning'

/** What the hands of a dial show: a time, all hands moving together, or two angles, each hand by itself. */
export type Hands =
  | { readonly gear: 'geared'; readonly minute: number; readonly second?: number }
  | ({ readonly gear: 'free' } & HandAngles)

export type HandName = 'hour' | 'minute' | 'second'

export function anglesOf(hands: Hands): HandAngles {
  return hands.gear === 'geared' ? handAngles(hands.minute) : hands
}

/** The time that the hands are nearest to: minutes since midnight when geared, 0 to 719 when free. */
export function minuteShown(hands: Hands): number {
  return hands.gear === 'geared' ? hands.minute : readHands(hands).minute
}

/** A touch that is nearer to the pivot than this share of the radius takes the hour hand. */
const INNER = 0.58
/** A touch this close to a hand (degrees) lies plainly on it; on the thin second hand it must be closer. */
const ON_HAND_DEG = 20
const ON_SECOND_HAND_DEG = 10
/** The second hand is not taken where the minute hand is as close as this (degrees). */
const MINUTE_HAND_FIRST_DEG = 12

export interface DialTouch {
  /** Degrees clockwise from 12. */
  readonly angle: number
  /** From the pivot, a share of the radius. */
  readonly distance: number
}

/**
 * The hand that a touch takes: the only one there is, or by how far out the touch is, unless it lies plainly on one.
 *
 * handTaken({ angle: 90, distance: 0.9 }, { gear: 'geared', minute: 600 }) //=> 'minute'
 * handTaken({ angle: 300, distance: 0.3 }, { gear: 'geared', minute: 600 }) //=> 'hour'
 */
export function handTaken({ angle, distance }: DialTouch, hands: Hands, only?: HandName | 'both' | 'none'): HandName {
  if (only === 'hour' || only === 'minute') return only
  const second = hands.gear === 'geared' ? hands.second : undefined
  const angles = anglesOf(hands)
  const off = (at: number) => Math.abs(signedGap(at, angle))
  const isOut = distance > INNER
  if (
    second !== undefined &&
    off(second * DEGREES_PER_MINUTE_MINUTE_HAND) < ON_SECOND_HAND_DEG &&
    off(angles.minute) > MINUTE_HAND_FIRST_DEG &&
    (isOut || off(angles.hour) > ON_HAND_DEG)
  )
    return 'second'
  if (isOut) return 'minute'
  const [isOnHour, isOnMinute] = [off(angles.hour) < ON_HAND_DEG, off(angles.minute) < ON_HAND_DEG]
  return isOnMinute && !isOnHour ? 'minute' : 'hour'
}

/** The finest step that a free minute hand clicks to, in minutes: it is set by a child, not by a plan. */
const FREE_STEP = 5

/**
 * The hands after one of them was dragged to an angle (degrees clockwise from 12). Geared hands move together and click
 * to multiples of `step` minutes (1 to 60); free ones move alone, the minute hand to at most five minutes, the hour hand
 * to a whole degree.
 *
 * handsDragged({ gear: 'geared', minute: 595 }, 'minute', 12, 1) //=> { gear: 'geared', minute: 602 }
 * handsDragged({ gear: 'free', hour: 0, minute: 0 }, 'minute', 91, 15) //=> { gear: 'free', hour: 0, minute: 90 }
 */
export function handsDragged(hands: Hands, hand: HandName, angle: number, step: number): Hands {
  if (hands.gear === 'geared') {
    if (hand === 'second')
      return { ...hands, ...turnSecondHand({ minute: hands.minute, second: hands.second ?? 0 }, angle) }
    return { ...hands, minute: turnGeared(hands.minute, hand, angle, step) }
  }
  if (hand === 'minute') return { ...hands, minute: snapMinuteHand(angle, Math.min(step, FREE_STEP)) }
  return { ...hands, hour: modulo(Math.round(angle), 360) }
}

/**
 * The hands after one of them was moved by so many of its minutes. Geared hands go on by minutes, and by a whole hour
 * for each push of the hour hand; a free hand turns by what the minutes are on it.
 *
 * handsMoved({ gear: 'geared', minute: 1439 }, 'minute', 5) //=> { gear: 'geared', minute: 4 }
 * handsMoved({ gear: 'geared', minute: 30 }, 'hour', -5) //=> { gear: 'geared', minute: 1410 }
 * handsMoved({ gear: 'free', hour: 90, minute: 0 }, 'hour', 60) //=> { gear: 'free', hour: 120, minute: 0 }
 */
export function handsMoved(hands: Hands, hand: 'hour' | 'minute', minutes: number): Hands {
  if (hands.gear === 'geared') {
    const by = hand === 'hour' ? Math.sign(minutes) * 60 : minutes
    return { ...hands, minute: modulo(hands.minute + by, MINUTES_PER_DAY) }
  }
  const perMinute = hand === 'minute' ? DEGREES_PER_MINUTE_MINUTE_HAND : DEGREES_PER_MINUTE_HOUR_HAND
  return { ...hands, [hand]: modulo(hands[hand] + minutes * perMinute, 360) }
}

/**
 * A time on its way to another, in whole minutes: from the first (share 0) to the last (share 1).
 *
 * minuteOnTheWay(600, 660, 0.5) //=> 630
 */
export function minuteOnTheWay(from: number, to: number, share: number): number {
  return Math.round(from + (to - from) * Math.min(1, Math.max(0, share)))
}
