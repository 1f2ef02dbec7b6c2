import { dialHour, minutesPast, modulo, onDial } from '../clock'
import { ENGLISH_LENGTHS } from './lengths/english'
import { lengthReader } from './lengths/reader'
import {
  asAfternoonUntil,
  asEveningFrom,
  asMorning,
  asNightFrom,
  firstHalf,
  numberReader,
  plain,
  readWithDayPart,
  secondHalf,
} from './grammar'
import type { Phrases } from './phrases'
import type { DayPart, Language, ParsedTime } from './language'

const UNITS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
]
const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty']

/** A number from 0 to 59 in words. */
function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${ten}-${UNITS[n % 10]}`
}

/** Reads "twenty five", "twenty-five" and "25" alike. Undefined for anything that is not a number from 0 to 59. */
const wordValue = numberReader(numberWord, { 'five and twenty': 25 })

/** A named hour, 1 to 12; undefined for anything else, 13 included. */
function hourValue(text: string): number | undefined {
  const value = wordValue(text.replace(/ ?o.?clock$/, ''))
  return value !== undefined && value >= 1 && value <= 12 ? value : undefined
}

/** Fives are said bare ("twenty past"), all other counts with the word ("thirteen minutes past"). */
function minuteCount(n: number): string {
  if (n === 15) return 'quarter'
  if (n === 30) return 'half'
  return n % 5 === 0 ? numberWord(n) : `${numberWord(n)} ${n === 1 ? 'minute' : 'minutes'}`
}

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

const PHRASES: Phrases = {
  whatTime: 'What time is it?',
  howManyMinutes: 'How many minutes past?',
  whatHourHand: 'What does the hour hand tell you?',
  showMe: (time) => `Show me ${time}.`,
  sayAloud: 'Say this time aloud.',
  write: 'Write this time in figures.',
  roundTo: (step) => `What is it to the nearest ${step} minutes?`,
  later: (length) => `What time is it ${length} later?`,
  sooner: (length) => `What time was it ${length} sooner?`,
  howLong: (from, to) => `How long is it from ${from} to ${to}?`,
  startWhen: (deadline, steps) => `All must be done by ${deadline}. It takes ${steps.join(' and then ')}. Start when?`,
  whichHalf: (doing) => `${doing}: which half of the day is it?`,
  write24: (part) => `This time is ${part} – how is it written in 24 hours?`,
  whichPart: 'What is this part called?',
  iHave: 'I have',
  whoHas: (time) => `Who has ${time}?`,
  drawHands: 'Draw the hands.',
  spotSame: 'Ring every clock that shows the time.',
  howLongEach: 'How long is it?',
  joinPairs: 'Join each clock to its time.',
  orderMorning: 'One morning: number the clocks, earliest first.',
  rightOrWrong: 'Right or wrong? Tick or cross.',
  ringRight: 'Ring what is right.',
  ringFirst: 'Ring what comes first.',
  colourZone: 'Colour the zone that the hour hand is in.',
  drawClock: 'Draw your own clock.',
  markLine: 'Mark the minutes on the line.',
  laterBy: (length) => `${length} later`,
  soonerBy: (length) => `${length} sooner`,
  thenWhat: 'What time is it then?',
  startAt: 'When must you start?',
  doneBy: 'Done by',
  planClocks: 'Draw the hands for each time of the plan.',
  planTimes: 'Write when each thing is.',
  findNext: 'Find the clock of each step and join them in order.',
  start: 'Start',
  bingo: 'Bingo',
  showKnow: 'Show what you know.',
  noonOrNight: 'could be either',
  whenIs: (doing) => `When is this: ${doing}?`,
  stillHour: (hour) => `still ${hour}-something`,
  doings: {
    'wake-up': 'waking up',
    breakfast: 'breakfast',
    school: 'lessons begin',
    lunch: 'lunch',
    play: 'playing outside',
    supper: 'supper',
    story: 'a story in bed',
    asleep: 'fast asleep',
  },
  parts: {
    'hour-hand': 'the hour hand',
    'minute-hand': 'the minute hand',
    'second-hand': 'the second hand',
    centre: 'the centre',
    face: 'the face',
  },
  onDial: { past: 'past', to: 'to', hour: 'hour', minute: 'minute' },
  hourHandOff: {
    behind: (time, degrees) => `${time}, hour hand ${degrees}° behind`,
    ahead: (time, degrees) => `${time}, hour hand ${degrees}° ahead`,
    leftOn: (time, numeral, degrees) => `${time}, hour hand left on ${numeral} (${degrees}° behind)`,
  },
  name: 'Name',
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
        .replace(/ ?o.?clock$| hours$/, ''),
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
