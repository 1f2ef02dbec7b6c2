import { dialHour, minutesPast, onDial } from '../clock'
import { FRENCH_LENGTHS } from './lengths/french'
import { lengthReader } from './lengths/reader'
import {
  AFTER_MIDNIGHT,
  asAfternoonUntil,
  asEveningFrom,
  asMorning,
  asNightFrom,
  numberReader,
  plain,
  readWithDayPart,
} from './grammar'
import type { Phrases } from './phrases'
import type { DayPart, Language, ParsedTime } from './language'

const UNITS = [
  'zéro',
  'un',
  'deux',
  'trois',
  'quatre',
  'cinq',
  'six',
  'sept',
  'huit',
  'neuf',
  'dix',
  'onze',
  'douze',
  'treize',
  'quatorze',
  'quinze',
  'seize',
  'dix-sept',
  'dix-huit',
  'dix-neuf',
]
const TENS = ['', '', 'vingt', 'trente', 'quarante', 'cinquante']

/** Hours and minutes are feminine: "une heure", "vingt et une". */
function numberWord(n: number): string {
  if (n === 1) return 'une'
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  if (n % 10 === 0) return ten
  return n % 10 === 1 ? `${ten} et une` : `${ten}-${UNITS[n % 10]}`
}

const masculine = Object.fromEntries([1, 21, 31, 41, 51].map((n) => [numberWord(n).replace(/une$/, 'un'), n]))
const wordValue = numberReader(numberWord, masculine)

function hours(minute: number): string {
  const hour = dialHour(minute)
  return `${numberWord(hour)} ${hour === 1 ? 'heure' : 'heures'}`
}

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

const PHRASES: Phrases = {
  whatTime: 'Quelle heure est-il ?',
  howManyMinutes: 'Combien de minutes ?',
  whatHourHand: 'Que dit l’aiguille des heures ?',
  showMe: (time) => `Montre-moi ${time}.`,
  sayAloud: 'Dis cette heure à voix haute.',
  write: 'Écris cette heure en chiffres.',
  roundTo: (step) => `Quelle heure est-il, à ${step} minutes près ?`,
  later: (length) => `Quelle heure sera-t-il ${length} plus tard ?`,
  sooner: (length) => `Quelle heure était-il ${length} plus tôt ?`,
  howLong: (from, to) => `Combien de temps entre ${from} et ${to} ?`,
  startWhen: (deadline, steps) =>
    `Tout doit être fini à ${deadline}. Il faut ${steps.join(' puis ')}. Quand commencer ?`,
  whichHalf: (doing) => `${doing} : quelle moitié de la journée ?`,
  write24: (part) => `Il s’agit de l’heure ${part}. Comment s’écrit-elle sur 24 heures ?`,
  whichPart: 'Comment s’appelle cette partie ?',
  iHave: 'J’ai',
  whoHas: (time) => `Qui a ${time} ?`,
  drawHands: 'Dessine les aiguilles.',
  spotSame: 'Entoure chaque horloge qui montre cette heure.',
  howLongEach: 'Combien de temps ?',
  joinPairs: 'Relie chaque horloge à son heure.',
  orderMorning: 'Tout se passe un matin : numérote les horloges, de la première heure à la dernière.',
  rightOrWrong: 'Vrai ou faux ? Coche ou barre.',
  ringRight: 'Entoure ce qui est juste.',
  ringFirst: 'Entoure ce qui vient en premier.',
  colourZone: 'Colorie la zone où se trouve la petite aiguille.',
  drawClock: 'Dessine ton horloge.',
  markLine: 'Marque les minutes sur la ligne.',
  laterBy: (length) => `${length} plus tard`,
  soonerBy: (length) => `${length} plus tôt`,
  thenWhat: 'Quelle heure est-il alors ?',
  startAt: 'Quand faut-il commencer ?',
  doneBy: 'Fini à',
  planClocks: 'Dessine les aiguilles pour chaque heure du plan.',
  planTimes: 'Écris quand chaque chose a lieu.',
  findNext: 'Trouve l’horloge de chaque étape et relie les horloges dans l’ordre.',
  start: 'Départ',
  bingo: 'Loto',
  showKnow: 'Montre ce que tu sais.',
  noonOrNight: 'les deux sont possibles',
  whenIs: (doing) => `C’est à quelle heure : ${doing} ?`,
  stillHour: (hour) => `encore ${hour} h et quelques`,
  doings: {
    'wake-up': 'le réveil',
    breakfast: 'le petit-déjeuner',
    school: 'le début de la classe',
    lunch: 'le déjeuner',
    play: 'le jeu dehors',
    supper: 'le dîner',
    story: 'l’histoire au lit',
    asleep: 'le sommeil profond',
  },
  parts: {
    'hour-hand': 'l’aiguille des heures',
    'minute-hand': 'l’aiguille des minutes',
    'second-hand': 'la trotteuse',
    centre: 'le centre',
    face: 'le cadran',
  },
  onDial: { past: 'et', to: 'moins', hour: 'heure', minute: 'minute' },
  hourHandOff: {
    behind: (time, degrees) => `${time}, aiguille des heures en retard de ${degrees}°`,
    ahead: (time, degrees) => `${time}, aiguille des heures en avance de ${degrees}°`,
    leftOn: (time, numeral, degrees) =>
      `${time}, aiguille des heures restée sur le ${numeral} (en retard de ${degrees}°)`,
  },
  name: 'Prénom',
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
