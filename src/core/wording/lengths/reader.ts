import { plain } from '../grammar'
import type { Length } from '../language'

/** The words of one language for lengths; patterns are of text in lower case without accents and hyphens. */
export interface LengthWords {
  readonly hour: string
  readonly minute: string
  readonly and: string
  /** A whole number from 0 to 59 in words, and what stands for one: "an hour". */
  readonly number: (text: string) => number | undefined
  /** Larger counts of minutes that have a word: "ninety". */
  readonly larger: Readonly<Record<string, number>>
  /** Lengths with a name of their own: "half an hour" is 30. */
  readonly named: Readonly<Record<string, number>>
  /** What may follow whole hours: "and a half" is 30. */
  readonly after: Readonly<Record<string, number>>
  /** Hours that are not whole: "one and a half" is 90; `$` stands for a number before the rest. */
  readonly before: Readonly<Record<string, number>>
}

const LONGEST_LENGTH_TEXT = 80
/** The parts of an hour that are written as a fraction, in minutes. */
const FRACTIONS: Readonly<Record<string, number>> = { '5': 30, '50': 30, '25': 15, '75': 45 }
const SIGNS: Readonly<Record<string, string>> = { '½': '.5', '¼': '.25', '¾': '.75' }

/** Between a number and its unit: a unit may follow figures at once, and words after a space. */
const GAP = '(?:(?<=\\d) ?| )'

/** A reader of lengths in one language; it gives undefined for all that it cannot read whole. */
export function lengthReader(words: LengthWords): (text: string) => Length | undefined {
  const { hour, minute, and } = words
  const count = (text: string | undefined) => (text === undefined ? undefined : countIn(text, words))
  const whole = new RegExp(`^(.+?)${GAP}(?:${hour})(?![a-z])(?: ?(?:(?:${and}) )?(.+))?$`)
  const minutesOnly = new RegExp(`^(.+?)${GAP}(?:${minute})$`)
  const fraction = new RegExp(`^(\\d{0,2})[.,](\\d{1,2}) ?(?:${hour})$`)

  const minutesIn = (text: string) => count(minutesOnly.exec(text)?.[1]) ?? count(text)

  function read(text: string): Length | undefined {
    const named = words.named[text]
    if (named !== undefined) return { hours: Math.floor(named / 60), minutes: named % 60 }
    const parts = fraction.exec(text)
    if (parts) {
      const minutes = FRACTIONS[parts[2] ?? '']
      return minutes === undefined ? undefined : { hours: Number(parts[1] ?? 0), minutes }
    }
    const figures = /^(\d{1,2}):(\d{2})$/.exec(text)
    if (figures) return Number(figures[2]) > 59 ? undefined : { hours: Number(figures[1]), minutes: Number(figures[2]) }
    const match = whole.exec(text)
    if (match) {
      const [, hours = '', rest] = match
      const uneven = unevenHours(hours, words)
      if (uneven !== undefined && rest === undefined) return { hours: Math.floor(uneven / 60), minutes: uneven % 60 }
      const found = hoursIn(hours)
      const minutes = rest === undefined ? 0 : (words.after[rest] ?? minutesIn(rest))
      if (found !== undefined && minutes !== undefined) return { hours: found, minutes }
    }
    const minutes = minutesIn(text)
    return minutes === undefined ? undefined : { hours: 0, minutes }
  }

  const hoursIn = (text: string) => {
    const found = count(text)
    return found !== undefined && found < 100 ? found : undefined
  }

  return (text) => {
    if (text.length > LONGEST_LENGTH_TEXT || /^\s*[-−–]/.test(text)) return undefined
    return read(tidyLength(text))
  }
}

/** "1½ Std. 10 Min." as "1.5 std 10 min": abbreviations lose their stop, fractions become figures. */
function tidyLength(text: string): string {
  const figures = text.replace(/ ?1\/2/g, '½').replace(/[½¼¾]/g, (sign) => SIGNS[sign] ?? sign)
  return plain(figures.replace(/[’‘`´]/g, "'"))
    .replace(/(\d) (\.(?:5|25|75))/g, '$1$2')
    .replace(/([a-z])\./g, '$1')
    .replace(/ ?[!?.,;]+$/, '')
    .replace(/, /g, ' ')
}

/** A count in figures or in words. */
function countIn(text: string, { number, larger }: LengthWords): number | undefined {
  if (/^\d{1,3}$/.test(text)) return Number(text)
  return larger[text] ?? (/\d/.test(text) ? undefined : number(text))
}

/** "one and a half", "zweieinhalb": minutes of the hours that are not whole. */
function unevenHours(text: string, words: LengthWords): number | undefined {
  for (const [pattern, minutes] of Object.entries(words.before)) {
    if (!pattern.includes('$')) {
      if (text === pattern) return minutes
      continue
    }
    const found = new RegExp(`^${pattern.replace('$', '(.+?)')}$`).exec(text)
    const hours = found?.[1] === undefined ? undefined : countIn(found[1], words)
    if (hours !== undefined && hours < 100) return hours * 60 + minutes
  }
  return undefined
}
