import { MINUTES_PER_HOUR, onDial } from '../clock'
import { unreachable } from '../errors'
import { parseDuration, parseTime, whyNoTime, type Wording, told, type Told } from '../wording'
import type { Value } from './values'

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
export function whyNotLike(like: Value, text: string, wording: Wording): Told {
  if (like.kind === 'duration')
    return told('Type a length such as 1 h 20, 35 min or “half an hour” in the group’s language.')
  if (like.kind === 'minutes') return told('Type a count of minutes from 0 to 60.')
  return whyNoTime(text, wording.language) ?? told('Tell the half of the day too, as in 16:05.')
}
