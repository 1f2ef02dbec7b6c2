import { HOUR_HAND_TOLERANCE_DEG, type HandAngles, onDial, readHands, signedGap } from '../clock'
import { unreachable } from '../errors'
import { type Wording, languages, parseTime, say } from '../wording'

/**
 * What an answer can be. `time`: a dial time, 0 to 719. `about`: an hour hand alone, by its zone.
 * `minutes`: a count on the ring, 0 to 60. `hands`: two hands set freely, degrees clockwise from 12.
 * `written`: the child's own figures, kept as text where they are no time ("9:5" is never made 9:50).
 */
export type Value =
  | { readonly kind: 'time'; readonly minute: number }
  | { readonly kind: 'about'; readonly minute: number }
  | { readonly kind: 'minutes'; readonly minutes: number }
  | ({ readonly kind: 'hands' } & HandAngles)
  | { readonly kind: 'written'; readonly text: string }

/** A hand set by a child counts as being where it was meant when it is this close (degrees): one minute mark. */
export const HAND_SET_TOLERANCE_DEG = 6

/** Two answers that say the same. Freely set hands say a time where they agree with each other. */
export function sameValue(a: Value, b: Value): boolean {
  if (a.kind === 'hands' && b.kind === 'hands') return near(a.hour, b.hour) && near(a.minute, b.minute)
  if (a.kind === 'hands' && b.kind === 'time') return handsSay(a, b.minute)
  if (a.kind === 'time' && b.kind === 'hands') return handsSay(b, a.minute)
  if (a.kind === 'time' && b.kind === 'time') return onDial(a.minute) === onDial(b.minute)
  if (a.kind === 'about' && b.kind === 'about') return onDial(a.minute) === onDial(b.minute)
  if (a.kind === 'minutes' && b.kind === 'minutes') return a.minutes === b.minutes
  if (a.kind === 'written' && b.kind === 'written') return a.text.trim() === b.text.trim()
  return false
}

function near(a: number, b: number): boolean {
  return Math.abs(signedGap(a, b)) <= HAND_SET_TOLERANCE_DEG
}

function handsSay(hands: HandAngles, minute: number, tolerance = HOUR_HAND_TOLERANCE_DEG): boolean {
  const read = readHands(hands)
  return read.minute === onDial(minute) && Math.abs(read.hourHandError) <= tolerance
}

/**
 * An answer as the group puts it.
 *
 * sayValue({ kind: 'time', minute: 525 }, { language: 'en-GB', form: 'turns' }) //=> 'quarter to nine'
 * sayValue({ kind: 'about', minute: 290 }, { language: 'en-GB', form: 'turns' }) //=> 'nearly five o’clock'
 */
export function sayValue(value: Value, wording: Wording): string {
  const language = languages[wording.language]
  switch (value.kind) {
    case 'time':
      return say(onDial(value.minute), wording)
    case 'about':
      return language.sayAbout(onDial(value.minute))
    case 'minutes':
      return language.sayMinutes(value.minutes)
    case 'written':
      return value.text
    case 'hands': {
      const { minute, hourHandError } = readHands(value)
      const said = say(minute, wording)
      return Math.abs(hourHandError) <= HOUR_HAND_TOLERANCE_DEG
        ? said
        : `${said}, hour hand ${Math.round(Math.abs(hourHandError))}° ${hourHandError < 0 ? 'behind' : 'ahead'}`
    }
    default:
      return unreachable(value)
  }
}

/** What a child wrote: a time where it is one, else the text itself, as written. */
export function readWritten(text: string, wording: Wording): Value {
  const parsed = parseTime(text, wording.language)
  return parsed ? { kind: 'time', minute: onDial(parsed.minute) } : { kind: 'written', text: text.trim() }
}
