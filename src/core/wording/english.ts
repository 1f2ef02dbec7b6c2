import { dialHour, minutesPast, onDial, timeAt } from '../clock'
import type { Language, LanguageId, ParsedTime, WordingOptions } from './types'

const UNITS = [
  'zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
  'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
] // prettier-ignore
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty']

/** A number from 0 to 59 in words. */
function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${ten}-${UNITS[n % 10]}`
}

const WORD_VALUES = new Map(Array.from({ length: 60 }, (_, n) => [numberWord(n), n] as const))

/** "twenty five", "twenty-five" and "25" alike; undefined for what is no number from 0 to 59. */
function wordValue(text: string): number | undefined {
  if (/^\d{1,2}$/.test(text)) return Number(text) < 60 ? Number(text) : undefined
  return WORD_VALUES.get(text.replace(/^(twenty|thirty|forty|fifty) /, '$1-'))
}

/** A named hour, 1 to 12; undefined for anything else, 13 included. */
function hourValue(text: string): number | undefined {
  const value = wordValue(text.replace(/ o.?clock$/, ''))
  return value !== undefined && value >= 1 && value <= 12 ? value : undefined
}

/** Fives are said bare ("twenty past"), all other counts with the word ("thirteen minutes past"). */
function minuteCount(n: number): string {
  if (n === 15) return 'quarter'
  if (n === 30) return 'half'
  return n % 5 === 0 ? numberWord(n) : `${numberWord(n)} ${n === 1 ? 'minute' : 'minutes'}`
}

function speak(minute: number, form: 'turns' | 'minutes-past', options: WordingOptions): string {
  if (options.noonAndMidnight && minute === 0) return 'midnight'
  if (options.noonAndMidnight && minute === timeAt(12, 0)) return 'noon'
  const past = minutesPast(minute)
  const hour = numberWord(dialHour(minute))
  if (past === 0) return `${hour} o’clock`
  if (form === 'minutes-past') return `${numberWord(past)} ${past === 1 ? 'minute' : 'minutes'} past ${hour}`
  if (past <= 30) return `${minuteCount(past)} past ${hour}`
  return `${minuteCount(60 - past)} to ${numberWord(dialHour(minute + 60))}`
}

/** The half of the day, where it is said: its words and what they make of a dial time. */
const DAY_PARTS: readonly [RegExp, (dial: number) => number][] = [
  [/ ?(?:in the morning|a\.?m\.?)$/, (dial) => dial],
  [/ ?(?:in the (?:afternoon|evening)|p\.?m\.?)$/, (dial) => dial + 720],
  // "Twelve at night" is midnight and "one at night" early; six to eleven at night are late.
  [/ at night$/, (dial) => (dial >= 360 ? dial + 720 : dial)],
]

function parseEnglish(text: string, relations: { past: string; to: string }): ParsedTime | undefined {
  if (/^(12 |twelve )?(noon|midday)$/.test(text)) return { minute: 720, kind: 'day' }
  if (/^(12 |twelve )?midnight$/.test(text)) return { minute: 0, kind: 'day' }
  for (const [pattern, place] of DAY_PARTS) {
    if (!pattern.test(text)) continue
    const dial = parseDial(text.replace(pattern, ''), relations)
    return dial === undefined ? undefined : { minute: place(dial), kind: 'day' }
  }
  const dial = parseDial(text, relations)
  return dial === undefined ? undefined : { minute: dial, kind: 'dial' }
}

function parseDial(text: string, relations: { past: string; to: string }): number | undefined {
  const related = new RegExp(`^(?:an? )?(.+?)(?: minutes?)? (${relations.past}|${relations.to}) (.+)$`).exec(text)
  if (related?.[1] && related[2] && related[3]) {
    const hour = hourValue(related[3])
    const isPast = new RegExp(`^(?:${relations.past})$`).test(related[2])
    const count = related[1] === 'quarter' ? 15 : related[1] === 'half' && isPast ? 30 : wordValue(related[1])
    if (hour === undefined || count === undefined || count === 0) return undefined
    return onDial(hour * 60 + (isPast ? count : -count))
  }
  const halfBare = /^half (.+)$/.exec(text) // "half four": half past, in English of Britain
  if (halfBare?.[1]) {
    const hour = hourValue(halfBare[1])
    return hour === undefined ? undefined : onDial(hour * 60 + 30)
  }
  const bare = hourValue(text)
  if (bare !== undefined) return onDial(bare * 60)
  return parseHourThenMinutes(text)
}

/** "four fifteen", "four oh five": the hour, then two figures in words. */
function parseHourThenMinutes(text: string): number | undefined {
  const [first, ...rest] = text.split(/[ -]/)
  const hour = first === undefined ? undefined : hourValue(first)
  if (hour === undefined || rest.length === 0 || /\d/.test(text)) return undefined
  const tail = rest.join(' ')
  const minutes = wordValue(tail.replace(/^oh? /, ''))
  // After a bare hour a single unit needs its "oh": "four five" is no time.
  if (minutes === undefined || (minutes < 10 && !/^oh? /.test(tail))) return undefined
  return onDial(hour * 60 + minutes)
}

/** The zones of an hour hand alone: on the numeral, up to a third past it, the middle, the last third. */
function sayAbout(minute: number): string {
  const past = minutesPast(minute)
  const hour = numberWord(dialHour(minute))
  const next = numberWord(dialHour(minute + 60))
  if (past === 0) return `${hour} o’clock`
  if (past <= 20) return `just after ${hour} o’clock`
  if (past < 40) return `halfway between ${hour} and ${next}`
  return `nearly ${next} o’clock`
}

function english(id: LanguageId, name: string): Language {
  return {
    id,
    name,
    forms: ['turns', 'minutes-past', 'digital', 'day-24'],
    speak,
    sayAbout,
    sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`,
    parseWords: (text) => parseEnglish(text, { past: 'past|after', to: 'to|till|til|of|before' }),
    noon: 'noon',
    midnight: 'midnight',
    am: 'a.m.',
    pm: 'p.m.',
  }
}

export const englishGb = english('en-GB', 'English (Britain)')

const gbSpeak = englishGb.speak
/** American English says "quarter after" and "after" where British English says "past"; half stays "half past". */
export const englishUs: Language = {
  ...english('en-US', 'English (United States)'),
  speak: (minute, form, options) => {
    const said = gbSpeak(minute, form, options)
    return form === 'turns' && minutesPast(minute) !== 30 ? said.replace(' past ', ' after ') : said
  },
}
