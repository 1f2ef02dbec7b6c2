import { type HandAngles, onDial } from '../clock'
import { unreachable } from '../errors'
import type { ClockPart } from './shown'

/**
 * What an answer can be. `time`: a dial time, 0 to 719. `about`: an hour hand alone, by its zone.
 * `minutes`: a count on the ring, 0 to 60. `hands`: two hands set freely, degrees clockwise from 12.
 * `written`: the child's own figures, kept as text where they are no time ("9:5" is never made 9:50).
 * `day`: a time of day, 0 to 1439. `duration`: a length as it is said, so that "4 h 75 min" stays that.
 * `part`: the name of a part of the clock.
 */
export type Value =
  | { readonly kind: 'time'; readonly minute: number }
  | { readonly kind: 'about'; readonly minute: number }
  | { readonly kind: 'minutes'; readonly minutes: number }
  | ({ readonly kind: 'hands' } & HandAngles)
  | { readonly kind: 'written'; readonly text: string }
  | { readonly kind: 'day'; readonly minute: number }
  | { readonly kind: 'duration'; readonly hours: number; readonly minutes: number }
  | { readonly kind: 'part'; readonly part: ClockPart }

/** A key that is the same for values that say the same. Freely set hands have none; `sameValue` compares them. */
export function valueKey(value: Exclude<Value, { kind: 'hands' }>): string | number {
  switch (value.kind) {
    case 'time':
      return onDial(value.minute)
    case 'about':
      return 1000 + onDial(value.minute)
    case 'minutes':
      return 2000 + value.minutes
    case 'day':
      return 3000 + value.minute
    case 'duration':
      return 5000 + minutesOfDuration(value)
    case 'part':
      return value.part
    case 'written':
      return `written ${value.text.trim()}`
    default:
      return unreachable(value)
  }
}

/** A length as it is said, from its whole minutes (0 or more). */
export function durationOf(minutes: number): Extract<Value, { kind: 'duration' }> {
  return { kind: 'duration', hours: Math.floor(minutes / 60), minutes: minutes % 60 }
}

export function minutesOfDuration({ hours, minutes }: { readonly hours: number; readonly minutes: number }): number {
  return hours * 60 + minutes
}
