import { dialHour, minutesPast, modulo, onDial } from '../clock'
import { ENGLISH_LENGTHS } from './lengths/english'
import { lengthReader } from './lengths/reader'
import { asAfternoonUntil, asEveningFrom, asMorning, asNightFrom, firstHalf, secondHalf } from './dayParts'
import { plain, readWithDayPart } from './grammar'
import type { DayPart, Language, ParsedTime } from './language'
import { hourValue, minuteCount, numberWord, wordValue } from './numbers/english'
import { PHRASES } from './spoken/english'

function speak(minute: number, form: 'turns' | 'minutes-past'): string {
  const past = minutesPast(minute)
  const hour = numberWord(dialHour(minute))
  if (past === 0) return `${hour} o’clock`
  if (form === 'minutes-past') return `${numberWord(past)} ${past === 1 ? 'minute' : 'minutes'} past ${hour}`
  if (past <= 30) return `${minuteCount(past)} past ${hour}`
  return `${minuteCount(60 - past)} to ${numberWord(dialHour(minute + 60))}`
}

const DAY_PARTS: readonly DayPart[] = [
  [/ ?a\.? ?m\.?$/, firstHalf, 'twelve-hours'],
  [/ ?p\.? ?m\.?$/, secondHalf, 'twelve-hours'],
  [/ (?:in the|this) morning$/, asMorning],
  [/ (?:in the|this) afternoon$/, asAfternoonUntil(7)],
  [/ (?:in the|this) evening$/, asEveningFrom(4)],
  [/ at night$/, asNightFrom(6)],
]

/** What is said round a time and is no part of it. */
const AROUND = /^(?:it'?s|it is|at|the time is|exactly|just) | (?:exactly|sharp|on the dot|precisely)$/g
const NOON = /^(?:(?:12|twelve)(?: o.?clock)? )?(?:at )?(?:noon|midday)$/
const MIDNIGHT = /^(?:(?:12|twelve)(?: o.?clock)? )?(?:at )?midnight$/

function parseEnglish(said: string, relations: Relations): ParsedTime | undefined {
  const text = plain(said).replace(AROUND, '').replace(AROUND, '')
  if (NOON.test(text)) return { minute: 720, kind: 'day' }
  if (MIDNIGHT.test(text)) return { minute: 0, kind: 'day' }
  return relatedToMiddle(text, relations) ?? readWithDayPart(text, DAY_PARTS, (each) => parseDial(each, relations))
}

interface Relations {
  readonly past: string
  readonly to: string
}

/** "ten to noon", "half past midnight": the half of the day is told by the word. */
function relatedToMiddle(text: string, relations: Relations): ParsedTime | undefined {
  const match = /^(.+) (noon|midday|midnight)$/.exec(text)
  const dial = match && parseDial(`${match[1]} twelve`, relations)
  if (typeof dial !== 'number' || !match) return undefined
  // From half past eleven it is the twelve to come, until half past twelve the one just gone.
  const shift = dial > 360 ? dial - 720 : dial
  return { minute: modulo((match[2] === 'midnight' ? 0 : 720) + shift, 1440), kind: 'day' }
}

function parseDial(text: string, relations: Relations): number | undefined {
  const related = new RegExp(`^(?:an? )?(.+?)(?: min(?:ute)?s?\\.?)? '?(${relations.past}|${relations.to}) (.+)$`).exec(
    text,
  )
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

/** "four fifteen", "four oh five", "sixteen thirty", "sixteen hundred": the hour, then two figures in words. */
function parseHourThenMinutes(text: string): number | undefined {
  if (/\d/.test(text)) return undefined
  const words = text.split(' ')
  // The hour has one word, or two ("twenty one thirty").
  for (const taken of [2, 1]) {
    const hour = wordValue(words.slice(0, taken).join(' '))
    const minutes = minutesAfterHour(words.slice(taken).join(' '))
    if (hour === undefined || hour > 23 || minutes === undefined) continue
    return hour >= 1 && hour <= 12 ? onDial(hour * 60 + minutes) : hour * 60 + minutes
  }
  return undefined
}

const OH = /^(?:oh?|zero|nought) /

function minutesAfterHour(tail: string): number | undefined {
  if (/^hundred(?: hours)?$/.test(tail)) return 0
  const minutes = wordValue(tail.replace(OH, ''))
  // After a bare hour a single unit needs its "oh": "four five" is no time.
  return minutes === undefined || (minutes < 10 && !OH.test(tail)) ? undefined : minutes
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

const readLength = lengthReader({ ...ENGLISH_LENGTHS, number: (text) => (/^an?$/.test(text) ? 1 : wordValue(text)) })

function english(name: string): Language {
  return {
    name,
    speak,
    sayAbout,
    sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`,
    dayPart: (minute) => (minute < 720 ? 'a.m.' : 'p.m.'),
    dayParts: DAY_PARTS,
    parseWords: (text) => parseEnglish(text, { past: 'past|after', to: 'to|till|til|of|before' }),
    readLength,
    tidyFigures: (text) =>
      text
        .replace(AROUND, '')
        .replace(/ ?([ap])\.? ?m\.?$/, '$1m')
        .replace(/ ?o.?clock$/, ''),
    decimalPoint: '.',
    noon: 'noon',
    midnight: 'midnight',
    phrases: PHRASES,
  }
}

export const englishGb = english('English (Britain)')

/** American English says "quarter after" and "after" where British English says "past"; half stays "half past". */
export const englishUs: Language = {
  ...english('English (United States)'),
  speak: (minute, form) => {
    const said = speak(minute, form)
    return form === 'turns' && minutesPast(minute) !== 30 ? said.replace(' past ', ' after ') : said
  },
}
