import { DEGREES_PER_HOUR, dialHour, handAngles, minutesPast, onDial } from '../../clock'
import { type Item } from '../items'
import { rungOf } from '../rungs'
import type { ClockPart } from '../shown'
import type { Value } from '../values'
import type { Misreading } from './types'

const time = (minute: number): Value => ({ kind: 'time', minute: onDial(minute) })
const hourAndMinutes = (hour: number, minutes: number): Value => time(hour * 60 + minutes)

const ABOUT_ONE_TIME: readonly Item['ask'][] = ['read', 'set', 'say', 'match', 'write']

/** A question whose answer is the very time that is shown or asked for. */
const asksTime = (item: Item) => item.answer.kind === 'time' && ABOUT_ONE_TIME.includes(item.ask)

/** The same with the hands to be read or set: figures that are only to be said have none. */
const asksHands = (item: Item) => asksTime(item) && item.ask !== 'say'

/** The smallest count that the rung practises, in minutes. A swapped reading is rounded to it. */
function practisedStep(item: Item): number {
  return item.rung === 'minute' || rungOf(item.rung).dial?.minutes.some((minute) => minute % 5 !== 0) ? 1 : 5
}

/** The nearest multiple of `step`, a tie going down. */
function nearestDown(value: number, step: number): number {
  return Math.ceil(value / step - 0.5) * step
}

/** The hour hand called minute hand, or the reverse. */
function otherHand(part: ClockPart): Value[] {
  if (part === 'hour-hand') return [{ kind: 'part', part: 'minute-hand' }]
  return part === 'minute-hand' ? [{ kind: 'part', part: 'hour-hand' }] : []
}

export const dialMisreadings: readonly Misreading[] = [
  {
    id: 'swapped-hands',
    does: 'takes the long hand for the hour',
    prior: 0.08,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'part',
    // 4:51: the long hand is past 10, the short one at 145.5°, which is 24 marks: 10:25.
    predict: (minute, item) => {
      if (item.answer.kind === 'part') return otherHand(item.answer.part)
      const { hour, minute: long } = handAngles(minute)
      const minutes = nearestDown(hour / 6, practisedStep(item))
      return [hourAndMinutes(Math.floor(long / DEGREES_PER_HOUR), minutes % 60)]
    },
    repair: {
      say: 'Cover the long hand. What does the short, stout one say by itself? Now the long one.',
      activity: 'paper-clock',
      scaffold: 'labels',
    },
  },
  {
    id: 'next-hour',
    does: 'takes the numeral the hour hand is nearing',
    prior: 0.1,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'about',
    predict: (minute, item) => {
      if (minutesPast(minute) < 30) return []
      const next = onDial(minute + 60)
      return [item.answer.kind === 'about' ? { kind: 'about', minute: next } : time(next)]
    },
    repair: {
      say: 'Which number has the short hand left? It keeps that name until it reaches the next one.',
      activity: 'hour-hand-walk',
      scaffold: 'zones',
    },
  },
  {
    id: 'hour-just-gone',
    does: 'keeps the hour just passed when saying “to”',
    prior: 0.08,
    appliesTo: asksTime,
    // Quarter to 9 said as quarter to 8.
    predict: (minute) => (minutesPast(minute) > 30 ? [time(minute - 60)] : []),
    repair: {
      say: 'On the “to” side we name the hour that is coming. Point to where the short hand is going.',
      activity: 'past-and-to-sides',
      scaffold: 'halves',
    },
  },
  {
    id: 'numeral-as-minutes',
    does: 'reads the numeral as minutes, not five times it',
    prior: 0.08,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'minutes',
    // 7:20 read as 7:04.
    predict: (minute, item) => {
      const minutes = minutesPast(minute)
      if (minutes === 0 || minutes % 5 !== 0) return []
      if (item.answer.kind === 'minutes') return [{ kind: 'minutes', minutes: minutes / 5 }]
      return [time(minute - minutes + minutes / 5)]
    },
    repair: {
      say: 'Count the ring of fives together from 12, touching each numeral.',
      activity: 'ring-of-fives-count',
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'quarter-as-25',
    does: 'takes a quarter for 25, as with coins',
    prior: 0.06,
    appliesTo: asksTime,
    predict: (minute) => (minutesPast(minute) === 15 ? [time(minute + 10)] : []),
    repair: {
      say: 'Fold the circle in half and in half again. How many minutes are in one of the four parts?',
      activity: 'folded-quarters',
      scaffold: 'quarters',
    },
  },
  {
    id: 'past-for-to',
    does: 'counts past but says “to”, or the reverse',
    prior: 0.06,
    appliesTo: asksTime,
    // The hour that is named is the one passed or the next: 8:40 → 20 past 8 or 9, 8:20 → 20 to 8 or 9.
    predict: (minute) => {
      const minutes = minutesPast(minute)
      if (minutes === 0 || minutes === 30) return []
      const hour = dialHour(minute)
      const named = minutes > 30 ? [hour, hour + 1] : [hour - 1, hour]
      return named.map((each) => hourAndMinutes(each, 60 - minutes))
    },
    repair: {
      say: 'Slide a finger from 12 to the long hand, the short way. Down the right is “past”, up the left is “to”.',
      activity: 'past-and-to-sides',
      scaffold: 'halves',
    },
  },
  {
    id: 'wrong-way',
    does: 'reads the dial anticlockwise',
    prior: 0.06,
    appliesTo: asksHands,
    // Hour and minutes mirrored each for itself, or the whole dial mirrored: 4:20 → 8:40 or 7:40.
    predict: (minute) => {
      const minutes = minutesPast(minute)
      return [hourAndMinutes(12 - dialHour(minute), (60 - minutes) % 60), time(-minute)]
    },
    repair: {
      say: 'Point to 12 and turn your finger the way the hands go. Which side fills first?',
      activity: 'body-clock',
      scaffold: 'arc',
    },
  },
  {
    id: 'hour-only',
    does: 'ignores the minute hand',
    prior: 0.06,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'about',
    predict: (minute, item) => {
      const hour = minute - minutesPast(minute)
      if (hour === minute) return []
      return [item.answer.kind === 'about' ? { kind: 'about', minute: hour } : time(hour)]
    },
    repair: {
      say: 'The short hand has said its part. What does the long one add?',
      activity: 'compose-hour-and-minutes',
      scaffold: 'labels',
    },
  },
  {
    id: 'minutes-only-fives',
    does: 'starts the count of fives at 12, or misses one',
    prior: 0.06,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'minutes',
    predict: (minute, item) => neighbours(minute, 5, item),
    repair: {
      say: '12 is the start: say “nought” there and begin the fives at 1.',
      activity: 'ring-of-fives-count',
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'one-mark-out',
    does: 'counts the marks, not the spaces',
    prior: 0.06,
    appliesTo: (item) => asksHands(item) && practisedStep(item) === 1,
    predict: (minute, item) => neighbours(minute, 1, item),
    repair: {
      say: 'Start on the five just passed and jump over each space: one space is one minute.',
      activity: 'read-dials-sheet',
      scaffold: 'ring-of-fives',
    },
  },
]

/** The counts one step off on either side that stay within the hour. */
function neighbours(minute: number, step: number, item: Item): Value[] {
  const minutes = minutesPast(minute)
  const counts = [minutes - step, minutes + step].filter((count) => count >= 0 && count < 60)
  if (item.answer.kind === 'minutes') return counts.map((count) => ({ kind: 'minutes', minutes: count }))
  return counts.map((count) => time(minute - minutes + count))
}
