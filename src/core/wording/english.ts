import { dialHour, minutesPast, onDial } from '../clock'
import { asAfternoon, asMorning, asNight, numberReader, readWithDayPart } from './grammar'
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
const wordValue = numberReader(numberWord)

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

function speak(minute: number, form: 'turns' | 'minutes-past'): string {
  const past = minutesPast(minute)
  const hour = numberWord(dialHour(minute))
  if (past === 0) return `${hour} o’clock`
  if (form === 'minutes-past') return `${numberWord(past)} ${past === 1 ? 'minute' : 'minutes'} past ${hour}`
  if (past <= 30) return `${minuteCount(past)} past ${hour}`
  return `${minuteCount(60 - past)} to ${numberWord(dialHour(minute + 60))}`
}

const DAY_PARTS: readonly DayPart[] = [
  [/ ?(?:in the morning|a\.? ?m\.?)$/, asMorning],
  [/ ?(?:in the (?:afternoon|evening)|p\.? ?m\.?)$/, asAfternoon],
  [/ at night$/, asNight],
]

function parseEnglish(text: string, relations: { past: string; to: string }): ParsedTime | undefined {
  if (/^(12 |twelve )?(noon|midday)$/.test(text)) return { minute: 720, kind: 'day' }
  if (/^(12 |twelve )?midnight$/.test(text)) return { minute: 0, kind: 'day' }
  return readWithDayPart(text, DAY_PARTS, (said) => parseDial(said, relations))
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
  write24: (part) => `It is ${part}. What is this time in 24 hours?`,
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
  name: 'Name',
}

function english(name: string): Language {
  return {
    name,
    speak,
    sayAbout,
    sayMinutes: (minutes) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`,
    dayPart: (minute) => (minute < 720 ? 'a.m.' : 'p.m.'),
    dayParts: DAY_PARTS,
    parseWords: (text) => parseEnglish(text, { past: 'past|after', to: 'to|till|til|of|before' }),
    tidyFigures: (text) => text.replace(/ ?([ap])\.? ?m\.?$/, '$1m').replace(/ (?:o.?clock|hours)$/, ''),
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
