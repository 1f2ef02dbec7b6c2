import {
  HAND_SET_TOLERANCE_DEG,
  HOUR_HAND_TOLERANCE_DEG,
  DEGREES_PER_HOUR,
  type HandAngles,
  MINUTES_PER_HOUR,
  onDial,
  readHands,
  readHandsAgainst,
  signedGap,
} from '../clock'
import { unreachable } from '../errors'
import { type Wording, decimalsIn, languages, parseDuration, parseTime, say, whyNoTime } from '../wording'
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

/** Two answers that say the same. Freely set hands say a time where they agree with each other. */
export function sameValue(a: Value, b: Value): boolean {
  if (a.kind === 'hands' && b.kind === 'hands') return near(a.hour, b.hour) && near(a.minute, b.minute)
  if (a.kind === 'hands' && b.kind === 'time') return handsSay(a, b.minute)
  if (a.kind === 'time' && b.kind === 'hands') return handsSay(b, a.minute)
  if (a.kind === 'hands' || b.kind === 'hands') return false
  return valueKey(a) === valueKey(b)
}

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
 * sayValue({ kind: 'duration', hours: 4, minutes: 75 }, { language: 'en-GB', form: 'turns' }) //=> '4 h 75 min'
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
    case 'day':
      return say(value.minute, wording)
    case 'duration':
      return [value.hours > 0 && `${value.hours} h`, (value.minutes > 0 || value.hours === 0) && `${value.minutes} min`]
        .filter(Boolean)
        .join(' ')
    case 'part':
      return language.phrases.parts[value.part]
    case 'hands':
      return sayHands(value, wording)
    default:
      return unreachable(value)
  }
}

/**
 * What two freely set hands say; with `wanted` (0 to 719), judged against the time that was to be set.
 *
 * sayHands({ hour: 180, minute: 330 }, { language: 'en-GB', form: 'turns' }, 415) //=> 'five to seven, hour hand left on 6 (27.5° behind)'
 */
export function sayHands(hands: HandAngles, wording: Wording, wanted?: number): string {
  const { minute, hourHandError } = wanted === undefined ? readHands(hands) : readHandsAgainst(hands, wanted)
  const said = say(minute, wording)
  const off = Math.abs(hourHandError)
  if (off <= HOUR_HAND_TOLERANCE_DEG) return said
  const degrees = decimalsIn(wording, String(Math.round(off * 2) / 2))
  const numeral = Math.floor(minute / MINUTES_PER_HOUR)
  const isParked = Math.abs(signedGap(numeral * DEGREES_PER_HOUR, hands.hour)) < HAND_SET_TOLERANCE_DEG / 2
  const { behind, ahead, leftOn } = languages[wording.language].phrases.hourHandOff
  if (isParked) return leftOn(said, numeral || 12, degrees)
  return hourHandError < 0 ? behind(said, degrees) : ahead(said, degrees)
}

/** What a child wrote, as a time if it is one, or else as the text itself. */
export function readWritten(text: string, wording: Wording): Value {
  const parsed = parseTime(text, wording.language)
  return parsed ? { kind: 'time', minute: onDial(parsed.minute) } : { kind: 'written', text: text.trim() }
}

/**
 * What an adult typed for a child's answer, as the kind of answer that `like` is; undefined where it is none.
 *
 * readLike({ kind: 'duration', hours: 0, minutes: 0 }, '1 h 20', { language: 'en-GB', form: 'turns' }) //=> { kind: 'duration', hours: 1, minutes: 20 }
 * readLike({ kind: 'minutes', minutes: 0 }, '25', { language: 'en-GB', form: 'turns' }) //=> { kind: 'minutes', minutes: 25 }
 */
export function readLike(like: Value, text: string, wording: Wording): Value | undefined {
  switch (like.kind) {
    case 'minutes': {
      const length = parseDuration(text, wording.language)
      const isCount = length && length.hours === 0 && length.minutes <= MINUTES_PER_HOUR
      return isCount ? { kind: 'minutes', minutes: length.minutes } : undefined
    }
    case 'duration': {
      const length = parseDuration(text, wording.language)
      return length && { kind: 'duration', ...length }
    }
    case 'day': {
      const parsed = parseTime(text, wording.language, { figures: 'day' })
      return parsed?.kind === 'day' ? { kind: 'day', minute: parsed.minute } : undefined
    }
    case 'time':
    case 'hands':
    case 'written': {
      const parsed = parseTime(text, wording.language)
      return parsed && { kind: 'time', minute: onDial(parsed.minute) }
    }
    case 'about':
    case 'part':
      return undefined
    default:
      return unreachable(like)
  }
}

/** Why a text that was typed is no answer of the kind that `like` is, for the adult; for what `readLike` refused. */
export function whyNotLike(like: Value, text: string, wording: Wording): string {
  if (like.kind === 'duration') return 'Type a length such as 1 h 20, 35 min or “half an hour” in the group’s language.'
  if (like.kind === 'minutes') return 'Type a count of minutes from 0 to 60.'
  const figures = like.kind === 'day' ? 'day' : 'dial'
  return whyNoTime(text, wording.language, { figures }) ?? 'Tell the half of the day too, as in 16:05.'
}
