import { minutesPast, onDial } from '../clock'
import { SPANISH_LENGTHS } from './lengths/spanish'
import { lengthReader } from './lengths/reader'
import { asAfternoonUntil, asMiddayUntil, asNightFrom, firstHalf, secondHalf } from './dayParts'
import { plain, readWithDayPart } from './grammar'
import type { DayPart, Language, ParsedTime } from './language'
import { count, hours, hourValue, wordValue } from './numbers/spanish'
import { PHRASES } from './spoken/spanish'

function speak(minute: number, form: 'turns' | 'minutes-past'): string {
  const past = minutesPast(minute)
  if (past === 0) return hours(minute)
  if (form === 'minutes-past') return `${hours(minute)} y ${count(past)}`
  if (past === 15) return `${hours(minute)} y cuarto`
  if (past === 30) return `${hours(minute)} y media`
  if (past < 30) return `${hours(minute)} y ${count(past)}`
  return `${hours(minute + 60)} menos ${past === 45 ? 'cuarto' : count(60 - past)}`
}

const DAY_PARTS: readonly DayPart[] = [
  [/ a\.? ?m\.?$/, firstHalf, 'twelve-hours'],
  [/ p\.? ?m\.?$/, secondHalf, 'twelve-hours'],
  // Twelve in the morning is noon: "las doce de la mañana".
  [/ (?:de|por) la manana$/, (dial) => (dial < 60 ? dial + 720 : dial)],
  [/ de la madrugada$/, (dial) => (dial < 7 * 60 ? dial : undefined)],
  [/ (?:de|por) la tarde$/, asAfternoonUntil(9)],
  [/ del mediodia$/, asMiddayUntil(4)],
  [/ (?:de|por) la noche$/, asNightFrom(6)],
]

/** What is said round a time and is no part of it. */
const AROUND = /^(?:son|es|a|al|exactamente) | (?:en punto|exactas|exactamente)$/g
const NOON = /^(?:(?:12|doce)(?: horas)? )?(?:del )?mediodia$/
const MIDNIGHT = /^(?:(?:12|doce|24|veinticuatro|0|cero)(?: horas)? )?(?:de la )?medianoche$/

function parse(said: string): ParsedTime | undefined {
  const put = plain(said).replace(AROUND, '').replace(AROUND, '')
  // "Cuatro horas" is how long something lasts; "las cuatro horas" and "16 horas" are times of the day.
  const count = wordValue(/^(\S+) horas?(?: |$)/.exec(put)?.[1] ?? '')
  if (count !== undefined && count >= 1 && count <= 12) return undefined
  const text = put.replace(/^(?:el|la|las) /, '')
  if (NOON.test(text)) return { minute: 720, kind: 'day' }
  if (MIDNIGHT.test(text)) return { minute: 0, kind: 'day' }
  if (/^(?:0|cero|24|veinticuatro) horas$/.test(text)) return { minute: 0, kind: 'day' }
  return readWithDayPart(text, DAY_PARTS, parseDial)
}

function parseDial(text: string): number | undefined {
  const toGo = /^(?:faltan? )?(?:un )?(.+?)(?: minutos?)? para (?:la|las) (.+)$/.exec(text)
  const [, base = text, sign, rest] = toGo
    ? ['', toGo[2], 'menos', toGo[1]]
    : (/^(.+?) (y|menos|con) (.+?)(?: minutos?)?$/.exec(text) ?? [])
  const hour = hourValue(base)
  if (hour === undefined) return parseHourThenMinutes(text)
  const minutes = rest === undefined ? 0 : restMinutes(rest, sign)
  if (minutes === undefined) return undefined
  const shift = sign === 'menos' ? -minutes : minutes
  return hour > 12 ? hour * 60 + shift : onDial(hour * 60 + shift)
}

/** What follows "y" or "menos": a quarter, a half (only after "y"), or 1 to 59. */
function restMinutes(rest: string, sign: string | undefined): number | undefined {
  if (/^(?:un )?cuarto$/.test(rest)) return 15
  if (rest === 'media') return sign === 'menos' ? undefined : 30
  const minutes = wordValue(rest)
  return minutes === 0 ? undefined : minutes
}

/** "las cuatro treinta", "cuatro cero cinco", "dieciséis treinta y cinco": the hour, then two figures in words. */
function parseHourThenMinutes(text: string): number | undefined {
  const [first = '', ...others] = text.split(' ')
  const hour = hourValue(first)
  const tail = others.join(' ').replace(/^horas? /, '')
  const minutes = wordValue(tail.replace(/^cero /, ''))
  if (/\d/.test(text) || hour === undefined || minutes === undefined) return undefined
  if (minutes < 10 && !tail.startsWith('cero ')) return undefined
  return hour > 12 ? hour * 60 + minutes : onDial(hour * 60 + minutes)
}

function sayAbout(minute: number): string {
  const past = minutesPast(minute)
  if (past === 0) return `${hours(minute)} en punto`
  if (past <= 20) return `un poco después de ${hours(minute)}`
  if (past < 40) return `entre ${hours(minute)} y ${hours(minute + 60)}`
  return `casi ${hours(minute + 60)}`
}

function dayPart(minute: number): string {
  if (minute < 360) return 'de la madrugada'
  if (minute < 720) return 'de la mañana'
  return minute < 1200 ? 'de la tarde' : 'de la noche'
}

export const spanish: Language = {
  name: 'Español',
  speak,
  sayAbout,
  sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'minuto' : 'minutos'}`,
  dayPart,
  dayParts: DAY_PARTS,
  parseWords: parse,
  readLength: lengthReader({ ...SPANISH_LENGTHS, number: wordValue }),
  tidyFigures: (text) =>
    text
      .replace(/^(?:son |es |a )?(?:las?) (?=\d)/, '')
      .replace(/ ?([ap])\.? ?m\.?$/, '$1m')
      // "16 horas" is a time of the day, and "4 horas" is how long something lasts.
      .replace(/(?<=^(?:1[3-9]|2[0-4]|0|.*:\d\d)) ?horas$| ?h$/, ''),
  decimalPoint: ',',
  noon: 'mediodía',
  midnight: 'medianoche',
  phrases: PHRASES,
}
