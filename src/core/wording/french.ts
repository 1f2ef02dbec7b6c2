import { minutesPast, onDial } from '../clock'
import { FRENCH_LENGTHS } from './lengths/french'
import { lengthReader } from './lengths/reader'
import { AFTER_MIDNIGHT, asAfternoonUntil, asEveningFrom, asMorning, asNightFrom } from './dayParts'
import { plain, readWithDayPart } from './grammar'
import type { DayPart, Language, ParsedTime } from './language'
import { hours, numberWord, wordValue } from './numbers/french'
import { PHRASES } from './spoken/french'

function speak(minute: number, form: 'turns' | 'minutes-past'): string {
  const past = minutesPast(minute)
  if (past === 0) return hours(minute)
  if (form === 'minutes-past') return `${hours(minute)} ${numberWord(past)}`
  if (past === 15) return `${hours(minute)} et quart`
  if (past === 30) return `${hours(minute)} et demie`
  if (past < 30) return `${hours(minute)} ${numberWord(past)}`
  return `${hours(minute + 60)} moins ${past === 45 ? 'le quart' : numberWord(60 - past)}`
}

const DAY_PARTS: readonly DayPart[] = [
  [/ du matin$/, asMorning],
  [/ de l'apres midi$/, asAfternoonUntil(7)],
  [/ du soir$/, asEveningFrom(4)],
  [/ de la nuit$/, asNightFrom(10)],
]

/** What is said round a time and is no part of it. */
const AROUND = /^(?:il est|a|exactement) | (?:pile|precises?|exactement|tapantes)$/g

function parse(said: string): ParsedTime | undefined {
  const text = plain(said)
    .replace(AROUND, '')
    .replace(AROUND, '')
    .replace(/^(\d{1,2}) ?h(?= |$)/, '$1 heures')
  const named = /^(midi|minuit)(?: (.+))?$/.exec(text)
  if (named) {
    const shift = named[2] === undefined ? 0 : restMinutes(named[2])
    if (shift === undefined) return undefined
    return { minute: ((named[1] === 'midi' ? 720 : 1440) + shift) % 1440, kind: 'day' }
  }
  if (/^(?:zero|0|24|vingt quatre) heures?$/.test(text)) return { minute: 0, kind: 'day' }
  return readWithDayPart(text, DAY_PARTS, parseDial)
}

function parseDial(text: string): number | undefined {
  const match = /^(.+?) heures?(?: (.+))?$/.exec(text)
  const hour = match?.[1] === undefined ? undefined : wordValue(match[1])
  const shift = match?.[2] === undefined ? 0 : restMinutes(match[2])
  if (!match || hour === undefined || hour > 23 || shift === undefined) return undefined
  if (hour === 0) return AFTER_MIDNIGHT + shift
  return hour > 12 ? hour * 60 + shift : onDial(hour * 60 + shift)
}

/** What follows the hour, as minutes after it. They are below 0 after "moins". */
function restMinutes(rest: string): number | undefined {
  if (/^et quart$/.test(rest)) return 15
  if (/^et demie?$/.test(rest)) return 30
  if (/^(?:et )?(?:les )?trois quarts$/.test(rest)) return 45
  const minus = /^moins (?:le |un )?(.+?)(?: minutes?)?$/.exec(rest)
  if (minus?.[1]) {
    const minutes = minus[1] === 'quart' ? 15 : wordValue(minus[1])
    return minutes ? -minutes : undefined
  }
  return wordValue(rest.replace(/^et /, '').replace(/ minutes?$/, ''))
}

function sayAbout(minute: number): string {
  const past = minutesPast(minute)
  if (past === 0) return hours(minute)
  if (past <= 20) return `un peu après ${hours(minute)}`
  if (past < 40) return `entre ${hours(minute)} et ${hours(minute + 60)}`
  return `bientôt ${hours(minute + 60)}`
}

function dayPart(minute: number): string {
  if (minute < 720) return 'du matin'
  return minute < 1080 ? 'de l’après-midi' : 'du soir'
}

export const french: Language = {
  name: 'Français',
  speak,
  sayAbout,
  sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`,
  dayPart,
  dayParts: DAY_PARTS,
  parseWords: parse,
  readLength: lengthReader({ ...FRENCH_LENGTHS, number: wordValue }),
  tidyFigures: (text) =>
    text
      .replace(/^(?:il est |à |a )+/, '')
      .replace(
        /^(\d{1,2}) ?h(?:eures?)? ?(\d{1,2})(?: ?min(?:utes)?)?$/,
        (_, hour: string, minutes: string) => `${hour}:${minutes.padStart(2, '0')}`,
      )
      .replace(/^(\d{1,2}) ?h$/, '$1 heures'),
  decimalPoint: ',',
  noon: 'midi',
  midnight: 'minuit',
  phrases: PHRASES,
}
