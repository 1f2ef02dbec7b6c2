import { dialHour, minutesPast, modulo, onDial } from '../clock'
import { GERMAN_LENGTHS } from './lengths/german'
import { lengthReader } from './lengths/reader'
import { AFTER_MIDNIGHT, asAfternoonUntil, asEveningFrom, asMiddayUntil, asNightFrom } from './dayParts'
import { plain, readWithDayPart } from './grammar'
import type { DayPart, Language, ParsedTime } from './language'
import { count, hourName, hourValue, minutesInWords, wordValue } from './numbers/german'
import { PHRASES } from './spoken/german'

function speak(minute: number, form: 'turns' | 'minutes-past', isRegional: boolean): string {
  const past = minutesPast(minute)
  if (past === 0) return `${dialHour(minute) === 1 ? 'ein' : hourName(minute)} Uhr`
  if (form === 'minutes-past') return `${minutesInWords(past)} nach ${hourName(minute)}`
  const next = hourName(minute + 60)
  if (past === 30) return `halb ${next}`
  if (isRegional && past === 15) return `viertel ${next}`
  if (isRegional && past === 45) return `drei viertel ${next}`
  // From 25 past to 25 to, the half hour is the nearer mark.
  if (past >= 25 && past < 30) return `${count(30 - past)} vor halb ${next}`
  if (past > 30 && past <= 35) return `${count(past - 30)} nach halb ${next}`
  return past < 30 ? `${count(past)} nach ${hourName(minute)}` : `${count(60 - past)} vor ${next}`
}

const DAY_PARTS: readonly DayPart[] = [
  [/ (?:morgens|fruh|am morgen|in der fruh|vormittags|am vormittag)$/, (dial) => (dial < 60 ? undefined : dial)],
  [/ (?:nachmittags|am nachmittag)$/, asAfternoonUntil(7)],
  [/ (?:abends|am abend)$/, asEveningFrom(4)],
  [/ (?:mittags|am mittag)$/, asMiddayUntil(3)],
  [/ (?:nachts|in der nacht)$/, asNightFrom(9)],
]

/** What is said round a time and is no part of it. */
const AROUND = /^(?:es ist|um|punkt|genau) | (?:genau|punkt)$/g
const NOON = /^(?:(?:12|zwolf)(?: uhr)? )?mittags?$/
const MIDNIGHT = /^(?:(?:12|24|0|zwolf|null|vierundzwanzig)(?: uhr)? )?mitternachts?$/

function parse(said: string): ParsedTime | undefined {
  const text = plain(said.replace(/3\/4|¾/g, 'dreiviertel'))
    .replace(/fuenf/g, 'funf')
    .replace(/zwoelf/g, 'zwolf')
    .replace(AROUND, '')
    .replace(AROUND, '')
  if (NOON.test(text)) return { minute: 720, kind: 'day' }
  if (MIDNIGHT.test(text)) return { minute: 0, kind: 'day' }
  if (/^(?:24|0|null|vierundzwanzig) uhr$/.test(text)) return { minute: 0, kind: 'day' }
  return relatedToMiddle(text) ?? readWithDayPart(text, DAY_PARTS, parseDial)
}

/** "zehn nach Mitternacht", "Viertel vor Mittag": the half of the day is told by the word. */
function relatedToMiddle(text: string): ParsedTime | undefined {
  const match = /^(.+ (?:nach|vor)) (mitternacht|mittag)$/.exec(text)
  const dial = match && parseDial(`${match[1]} zwolf`)
  if (typeof dial !== 'number' || !match) return undefined
  const shift = dial > 360 ? dial - 720 : dial
  return { minute: modulo((match[2] === 'mitternacht' ? 0 : 720) + shift, 1440), kind: 'day' }
}

/** "viertel vier", "drei viertel vier", "halb vier", and minutes from each of them. */
const TOWARDS: Readonly<Record<string, number>> = { viertel: 45, halb: 30, dreiviertel: 15 }

function parseDial(said: string): number | undefined {
  const text = said.replace(/drei viertel/g, 'dreiviertel')
  const towards = /^(?:(.+?)(?: min(?:\.|uten?)?)? (nach|vor) )?(viertel|dreiviertel|halb) (.+)$/.exec(text)
  const coming = towards?.[4] === undefined ? undefined : hourValue(towards[4])
  if (towards?.[3] && coming !== undefined) {
    const minutes = towards[1] === undefined ? 0 : minuteValue(towards[1])
    if (minutes === undefined) return undefined
    const mark = coming * 60 - (TOWARDS[towards[3]] ?? 0)
    return onDial(mark + (towards[2] === 'vor' ? -minutes : minutes))
  }
  const related = /^(.+?)(?: min(?:\.|uten?)?)? (nach|vor) (.+)$/.exec(text)
  if (related?.[1] && related[3]) {
    const hour = hourValue(related[3])
    const minutes = minuteValue(related[1])
    if (hour === undefined || minutes === undefined) return undefined
    return onDial(hour * 60 + (related[2] === 'nach' ? minutes : -minutes))
  }
  return officialTime(text)
}

/** A count before "nach" or "vor": a quarter, or 1 to 59. */
function minuteValue(text: string): number | undefined {
  const minutes = text === 'viertel' ? 15 : wordValue(text)
  return minutes === 0 ? undefined : minutes
}

/** "fünfzehn Uhr dreißig", "0 Uhr 15", "drei Uhr", "drei". */
function officialTime(text: string): number | undefined {
  const official = /^(.+) uhr(?: (.+?)(?: min(?:\.|uten?)?)?)?$/.exec(text)
  if (!official?.[1]) {
    const bare = hourValue(text)
    return bare === undefined ? undefined : onDial(bare * 60)
  }
  const hour = wordValue(official[1])
  const minutes = official[2] === undefined ? 0 : wordValue(official[2].replace(/^null /, ''))
  if (hour === undefined || hour > 23 || minutes === undefined) return undefined
  if (hour === 0) return AFTER_MIDNIGHT + minutes
  return hour > 12 ? hour * 60 + minutes : onDial(hour * 60 + minutes)
}

function sayAbout(minute: number): string {
  const past = minutesPast(minute)
  const hour = dialHour(minute) === 1 ? 'ein' : hourName(minute)
  const nextHour = dialHour(minute + 60) === 1 ? 'ein' : hourName(minute + 60)
  if (past === 0) return `${hour} Uhr`
  if (past <= 20) return `kurz nach ${hour} Uhr`
  if (past < 40) return `mitten zwischen ${hourName(minute)} und ${hourName(minute + 60)}`
  return `kurz vor ${nextHour} Uhr`
}

function dayPart(minute: number): string {
  if (minute < 300) return 'nachts'
  if (minute < 720) return 'morgens'
  return minute < 1080 ? 'nachmittags' : 'abends'
}

function german(name: string, isRegional: boolean): Language {
  return {
    name,
    speak: (minute, form) => speak(minute, form, isRegional),
    sayAbout,
    sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'Minute' : 'Minuten'}`,
    dayPart,
    dayParts: DAY_PARTS,
    parseWords: parse,
    readLength: lengthReader({ ...GERMAN_LENGTHS, number: wordValue }),
    tidyFigures: (text) =>
      text
        .replace(AROUND, '')
        .replace(
          /^(\d{1,2}) ?uhr ?(\d{1,2})$/,
          (_, hour: string, minutes: string) => `${hour}:${minutes.padStart(2, '0')}`,
        )
        .replace(/^(\d{1,2}[:.]\d{2}) ?uhr$/, '$1'),
    decimalPoint: ',',
    noon: 'Mittag',
    midnight: 'Mitternacht',
    phrases: PHRASES,
  }
}

export const germanStandard = german('Deutsch (Viertel nach, Viertel vor)', false)
/** In the east and south, quarters count towards the coming hour: "viertel vier" is 3:15. */
export const germanQuarters = german('Deutsch (viertel, drei viertel)', true)
