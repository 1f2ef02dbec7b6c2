import { onDial } from '../clock'
import { unreachable } from '../errors'
import { languages, say, type Wording } from '../wording'
import type { Value } from './values'
import { sayHands } from './sayHands'

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
