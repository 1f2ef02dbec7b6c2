import { dialHour, minutesPast, onDial } from '../clock'
import { asAfternoon, asMorning, asNight, numberReader, plain, readWithDayPart } from './grammar'
import type { Phrases } from './phrases'
import type { DayPart, Language, ParsedTime } from './language'

const UNITS = [
  'null',
  'eins',
  'zwei',
  'drei',
  'vier',
  'fünf',
  'sechs',
  'sieben',
  'acht',
  'neun',
  'zehn',
  'elf',
  'zwölf',
  'dreizehn',
  'vierzehn',
  'fünfzehn',
  'sechzehn',
  'siebzehn',
  'achtzehn',
  'neunzehn',
]
const TENS = ['', '', 'zwanzig', 'dreißig', 'vierzig', 'fünfzig']

/** 21 is "einundzwanzig": the unit comes first. */
function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${n % 10 === 1 ? 'ein' : UNITS[n % 10]}und${ten}`
}

const wordValue = numberReader(numberWord, { ein: 1, eine: 1, zwo: 2 })

function hourValue(text: string): number | undefined {
  const value = wordValue(text.replace(/ uhr$/, ''))
  return value !== undefined && value >= 1 && value <= 12 ? value : undefined
}

const hourName = (minute: number) => numberWord(dialHour(minute))

/** "fünf", but "dreizehn Minuten" and "eine Minute". */
function count(n: number): string {
  if (n === 15) return 'Viertel'
  return n % 5 === 0 ? numberWord(n) : minutesInWords(n)
}

function minutesInWords(n: number): string {
  return n === 1 ? 'eine Minute' : `${numberWord(n)} Minuten`
}

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
  [/ (?:morgens|fruh|am morgen|vormittags|am vormittag)$/, asMorning],
  [/ (?:nachmittags|am nachmittag|abends|am abend)$/, asAfternoon],
  [/ mittags$/, (dial) => (dial >= 600 ? dial : dial + 720)],
  [/ (?:nachts|in der nacht)$/, asNight],
]

function parse(said: string): ParsedTime | undefined {
  const text = plain(said)
    .replace(/fuenf/g, 'funf')
    .replace(/zwoelf/g, 'zwolf')
    .replace(/^(?:es ist|um) /, '')
  if (/^(?:(?:12|zwolf)(?: uhr)? )?mittags?$/.test(text)) return { minute: 720, kind: 'day' }
  if (/^(?:(?:12|zwolf)(?: uhr)? )?mitternachts?$/.test(text)) return { minute: 0, kind: 'day' }
  return readWithDayPart(text, DAY_PARTS, parseDial)
}

function parseDial(text: string): number | undefined {
  const quarter = /^(viertel|drei ?viertel|halb) (.+)$/.exec(text)
  const upTo = quarter?.[2] === undefined ? undefined : hourValue(quarter[2])
  if (quarter?.[1] && upTo !== undefined)
    return onDial(upTo * 60 - (quarter[1] === 'halb' ? 30 : quarter[1] === 'viertel' ? 45 : 15))
  const related = /^(.+?)(?: minuten?)? (nach|vor) (halb )?(.+)$/.exec(text)
  if (related?.[1] && related[4]) {
    const hour = hourValue(related[4])
    const minutes = related[1] === 'viertel' ? 15 : wordValue(related[1])
    if (hour === undefined || !minutes) return undefined
    return onDial(hour * 60 - (related[3] ? 30 : 0) + (related[2] === 'nach' ? minutes : -minutes))
  }
  const official = /^(.+) uhr (.+?)(?: minuten?)?$/.exec(text)
  if (official?.[1] && official[2]) {
    const hour = wordValue(official[1])
    const minutes = wordValue(official[2])
    if (hour === undefined || hour > 23 || minutes === undefined) return undefined
    return hour > 12 ? hour * 60 + minutes : onDial(hour * 60 + minutes)
  }
  const whole = wordValue(text.replace(/ uhr$/, ''))
  if (whole !== undefined && whole > 12 && whole < 24 && text.endsWith(' uhr')) return whole * 60
  const bare = hourValue(text)
  return bare === undefined ? undefined : onDial(bare * 60)
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

const PHRASES: Phrases = {
  whatTime: 'Wie spät ist es?',
  howManyMinutes: 'Wie viele Minuten nach?',
  whatHourHand: 'Was sagt der Stundenzeiger?',
  showMe: (time) => `Stelle ${time} ein.`,
  sayAloud: 'Sprich diese Uhrzeit.',
  write: 'Schreibe diese Uhrzeit in Ziffern.',
  roundTo: (step) => `Wie spät ist es auf ${step} Minuten gerundet?`,
  later: (length) => `Wie spät ist es ${length} später?`,
  sooner: (length) => `Wie spät war es ${length} früher?`,
  howLong: (from, to) => `Wie lange dauert es von ${from} bis ${to}?`,
  startWhen: (deadline, steps) =>
    `Um ${deadline} muss alles fertig sein. Es dauert ${steps.join(' und dann ')}. Wann anfangen?`,
  whichHalf: (doing) => `${doing}: Welche Tageshälfte ist das?`,
  write24: (part) => `Es ist ${part}. Wie heißt diese Zeit mit 24 Stunden?`,
  whichPart: 'Wie heißt dieser Teil?',
  iHave: 'Ich habe',
  whoHas: (time) => `Wer hat ${time}?`,
  drawHands: 'Zeichne die Zeiger.',
  spotSame: 'Kreise jede Uhr ein, die diese Zeit zeigt.',
  howLongEach: 'Wie lange dauert es?',
  joinPairs: 'Verbinde jede Uhr mit ihrer Zeit.',
  orderMorning: 'Alles an einem Vormittag: Nummeriere die Uhren, die früheste zuerst.',
  rightOrWrong: 'Richtig oder falsch? Haken oder Kreuz.',
  ringRight: 'Kreise ein, was stimmt.',
  colourZone: 'Male das Feld aus, in dem der Stundenzeiger steht.',
  drawClock: 'Zeichne deine eigene Uhr.',
  markLine: 'Zeichne die Minuten auf dem Strahl ein.',
  laterBy: (length) => `${length} später`,
  soonerBy: (length) => `${length} früher`,
  thenWhat: 'Wie spät ist es dann?',
  startAt: 'Wann musst du anfangen?',
  doneBy: 'Fertig um',
  planClocks: 'Zeichne die Zeiger zu jeder Zeit im Plan.',
  planTimes: 'Schreibe auf, wann alles ist.',
  findNext: 'Finde zu jedem Schritt die Uhr und verbinde sie der Reihe nach.',
  start: 'Start',
  bingo: 'Bingo',
  showKnow: 'Zeig, was du kannst.',
  noonOrNight: 'beides möglich',
  whenIs: (doing) => `Wann ist das: ${doing}?`,
  stillHour: (hour) => `noch ${hour} Uhr und etwas`,
  doings: {
    'wake-up': 'Aufwachen',
    breakfast: 'Frühstück',
    school: 'Unterrichtsbeginn',
    lunch: 'Mittagessen',
    play: 'draußen spielen',
    supper: 'Abendessen',
    story: 'Geschichte im Bett',
    asleep: 'tief schlafen',
  },
  parts: {
    'hour-hand': 'der Stundenzeiger',
    'minute-hand': 'der Minutenzeiger',
    'second-hand': 'der Sekundenzeiger',
    centre: 'die Mitte',
    face: 'das Zifferblatt',
  },
  onDial: { past: 'nach', to: 'vor', hour: 'Stunde', minute: 'Minute' },
  name: 'Name',
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
    tidyFigures: (text) =>
      text
        .replace(/^um /, '')
        .replace(
          /^(\d{1,2}) ?uhr ?(\d{1,2})$/,
          (_, hour: string, minutes: string) => `${hour}:${minutes.padStart(2, '0')}`,
        )
        .replace(/^(\d{1,2}[:.]\d{2}) ?uhr$/, '$1'),
    noon: 'Mittag',
    midnight: 'Mitternacht',
    phrases: PHRASES,
  }
}

export const germanStandard = german('Deutsch (Viertel nach, Viertel vor)', false)
/** In the east and south, quarters count towards the coming hour: "viertel vier" is 3:15. */
export const germanQuarters = german('Deutsch (viertel, drei viertel)', true)
