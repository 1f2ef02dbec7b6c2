import { told } from '../../wording'
import {
  DEGREES_PER_HOUR,
  DEGREES_PER_MINUTE_MINUTE_HAND,
  HAND_SET_TOLERANCE_DEG,
  MINUTES_PER_HOUR,
  dialHour,
  handAngles,
  minutesPast,
  onDial,
  signedGap,
} from '../../clock'
import { type Item } from '../items'
import { hourToleranceOn, rungOf } from '../rungs'
import type { Mode } from '../ways'
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

const READ_AND_SET: readonly Mode[] = ['reading', 'setting']
const ALSO_SAID: readonly Mode[] = [...READ_AND_SET, 'saying']

/** Whether the rung practises single minutes. */
function countsMarks(item: Item): boolean {
  return rungOf(item.rung).dial?.minutes.some((minute) => minute % 5 !== 0) ?? false
}

/** The place of the short hand is read off the ring of fives; where single marks are practised, to the mark too. */
const [FIVES, SINGLE] = [5, 1]

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
    does: told('mixes up the hands'),
    prior: 0.08,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'part',
    // 4:51: the long hand is past 10, the short one at 145.5°, which is 24 marks: 10:25, or 10:24 to the minute.
    predict: (minute, item) => {
      if (item.answer.kind === 'part') return otherHand(item.answer.part)
      const { hour, minute: long } = handAngles(minute)
      const marks = hour / DEGREES_PER_MINUTE_MINUTE_HAND
      const steps = countsMarks(item) ? [FIVES, SINGLE] : [FIVES]
      return steps.map((step) =>
        hourAndMinutes(Math.floor(long / DEGREES_PER_HOUR), nearestDown(marks, step) % MINUTES_PER_HOUR),
      )
    },
    // The long hand goes to the hour, the short one to the minutes.
    sets: (minute) => {
      const { hour, minute: long } = handAngles(minute)
      return [{ kind: 'hands', hour: long, minute: hour }]
    },
    repair: {
      say: 'Cover the long hand. What does the short, stout one say by itself? Now the long one.',
      activities: ['paper-clock', 'set-your-clock', 'rope-clock'],
      scaffold: 'labels',
    },
  },
  {
    id: 'next-hour',
    does: told('takes the number the hour hand is nearing'),
    prior: 0.1,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'about',
    predict: (minute, item) => {
      if (minutesPast(minute) < 30) return []
      const next = onDial(minute + 60)
      return [item.answer.kind === 'about' ? { kind: 'about', minute: next } : time(next)]
    },
    // Asked for 8:45, the hand is set to where it is nearing 8: 7:45.
    sets: (minute) => (minutesPast(minute) < 30 ? [] : [time(minute - 60)]),
    repair: {
      say: 'Which number has the short hand left? It keeps that name until it reaches the next one.',
      activities: ['hour-hand-walk', 'set-your-clock', 'floor-clock'],
      scaffold: 'zones',
    },
  },
  {
    id: 'hour-just-gone',
    does: told('keeps the hour just passed on the “to” side'),
    prior: 0.08,
    heldIn: ALSO_SAID,
    appliesTo: asksTime,
    // Quarter to 9 said as quarter to 8.
    predict: (minute) => (minutesPast(minute) > 30 ? [time(minute - 60)] : []),
    // Asked for a quarter to 9, the hand is set past 9: 9:45.
    sets: (minute) => (minutesPast(minute) > 30 ? [time(minute + 60)] : []),
    repair: {
      say: 'On the “to” side we name the hour that is coming. Point to where the short hand is going.',
      activities: ['past-and-to-sides', 'rope-clock', 'set-your-clock'],
      scaffold: 'halves',
    },
  },
  {
    id: 'numeral-as-minutes',
    does: told('reads the number as minutes, not five times it'),
    prior: 0.1,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'minutes',
    // 7:20 read as 7:04.
    predict: (minute, item) => {
      const minutes = minutesPast(minute)
      if (minutes === 0 || minutes % 5 !== 0) return []
      if (item.answer.kind === 'minutes') return [{ kind: 'minutes', minutes: minutes / 5 }]
      return [time(minute - minutes + minutes / 5)]
    },
    // Asked for 7:10, the long hand is set to the numeral 10: 7:50. No numeral says more than 12.
    sets: (minute) => {
      const minutes = minutesPast(minute)
      return minutes === 0 || minutes > 12 ? [] : [time(minute - minutes + ((minutes * 5) % 60))]
    },
    repair: {
      say: 'Count the ring of fives together from 12, touching each number.',
      activities: ['ring-of-fives-count', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'quarter-as-25',
    does: told('takes a quarter for 25, as with coins'),
    prior: 0.09,
    heldIn: ALSO_SAID,
    appliesTo: asksTime,
    predict: (minute) => (minutesPast(minute) === 15 ? [time(minute + 10)] : []),
    // A quarter past is set as 25, and 25 past as a quarter.
    sets: (minute) => {
      if (minutesPast(minute) === 25) return [time(minute - 10)]
      return minutesPast(minute) === 15 ? [time(minute + 10)] : []
    },
    repair: {
      say: 'Fold the circle in half and in half again. How many minutes are in one of the four parts?',
      activities: ['folded-quarters', 'chalk-a-clock'],
      scaffold: 'quarters',
    },
  },
  {
    id: 'past-for-to',
    does: told('counts past but says “to”, or the reverse'),
    prior: 0.06,
    heldIn: ALSO_SAID,
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
      activities: ['past-and-to-sides', 'rope-clock', 'set-your-clock'],
      scaffold: 'halves',
    },
  },
  {
    id: 'wrong-way',
    does: told('reads the dial anticlockwise'),
    prior: 0.06,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'minutes',
    // Hour and minutes mirrored each for itself, or the whole dial mirrored: 4:20 → 8:40 or 7:40.
    predict: (minute, item) => {
      const minutes = minutesPast(minute)
      if (item.answer.kind === 'minutes') return [{ kind: 'minutes', minutes: (60 - minutes) % 60 }]
      return [hourAndMinutes(12 - dialHour(minute), (60 - minutes) % 60), time(-minute)]
    },
    repair: {
      say: 'Point to 12 and turn your finger the way the hands go. Which side fills first?',
      activities: ['body-clock', 'set-your-clock'],
      scaffold: 'arc',
    },
  },
  {
    id: 'hour-only',
    does: told('ignores the minute hand'),
    prior: 0.06,
    heldIn: READ_AND_SET,
    appliesTo: asksHands,
    predict: (minute) => (minutesPast(minute) === 0 ? [] : [time(minute - minutesPast(minute))]),
    // The long hand lies where it was: at 12, or anywhere else.
    sets: (minute) => {
      if (minutesPast(minute) > 0) return [time(minute - minutesPast(minute))]
      return [{ kind: 'hands', hour: handAngles(minute).hour, minute: handAngles(30).minute }]
    },
    leaves: (minute, { hour, minute: long }, { rung }) => {
      const due = handAngles(minute)
      const onNumeral = dialHour(minute) * DEGREES_PER_HOUR
      const isLongHandSet = Math.abs(signedGap(due.minute, long)) < HAND_SET_TOLERANCE_DEG / 2
      const isHourSet = [due.hour, onNumeral].some((at) => Math.abs(signedGap(at, hour)) <= hourToleranceOn(rung))
      return isHourSet && !isLongHandSet
    },
    repair: {
      say: 'The short hand has said its part. What does the long one add?',
      activities: ['compose-hour-and-minutes', 'set-your-clock'],
      scaffold: 'labels',
    },
  },
  {
    id: 'minutes-only-fives',
    does: told('starts the count of fives at 12, or misses one'),
    prior: 0.08,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) || item.answer.kind === 'minutes',
    predict: (minute, item) => neighbours(minute, 5, item),
    repair: {
      say: '12 is the start: say “nought” there and begin the fives at 1.',
      activities: ['ring-of-fives-count', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'one-mark-out',
    does: told('counts the marks, not the spaces'),
    prior: 0.08,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) && countsMarks(item),
    predict: (minute, item) => neighbours(minute, 1, item),
    repair: {
      say: 'Start on the five just passed and jump over each space: one space is one minute.',
      activities: ['read-dials-sheet', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'marks-left-out',
    does: told('goes to the five and leaves the single marks out'),
    prior: 0.08,
    heldIn: READ_AND_SET,
    appliesTo: (item) => asksHands(item) && countsMarks(item),
    // 4:53 read as 4:50. On the “to” side the count comes from the other end: 4:55 as well.
    predict: (minute) => {
      const five = minute - (minute % 5)
      return minutesPast(minute) > 30 ? [time(five), time(five + 5)] : [time(five)]
    },
    repair: {
      say: 'Which five has the long hand just passed? Now count on: one for each little mark.',
      activities: ['read-dials-sheet', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'before-for-after',
    does: told('takes the wrong side of the number: “nearly” for “just after”, or the reverse'),
    prior: 0.08,
    heldIn: ['reading'],
    appliesTo: (item) => item.answer.kind === 'about',
    // Just after 5 is said as nearly 5, and nearly 5 as just after 5.
    predict: (minute) => {
      const minutes = minutesPast(minute)
      if (minutes === 0 || minutes === 30) return []
      return [{ kind: 'about', minute: onDial(minute + (minutes < 30 ? -2 * minutes : 2 * (60 - minutes))) }]
    },
    repair: {
      say: 'Turn the hand slowly. Has it been to this number already, or is it still on its way?',
      activities: ['hour-hand-walk', 'set-your-clock', 'clock-in-the-corner'],
      scaffold: 'zones',
    },
  },
  {
    id: 'on-the-number',
    does: told('says “o’clock” wherever the hour hand is'),
    prior: 0.08,
    heldIn: ['reading'],
    appliesTo: (item) => item.answer.kind === 'about',
    // Halfway between 5 and 6 is said to be 5 o'clock.
    predict: (minute) => {
      const minutes = minutesPast(minute)
      return minutes === 0 ? [] : [{ kind: 'about', minute: minute - minutes }]
    },
    repair: {
      say: 'Is the hand right on the number, or has it gone on from it? How far has it gone?',
      activities: ['hour-hand-walk', 'set-your-clock', 'clock-in-the-corner'],
      scaffold: 'zones',
    },
  },
  {
    id: 'second-for-minute',
    does: told('takes the second hand for the minute hand, or the reverse'),
    prior: 0.08,
    heldIn: ['reading'],
    appliesTo: (item) => item.answer.kind === 'part',
    predict: (_, { answer }) => {
      if (answer.kind !== 'part') return []
      if (answer.part === 'second-hand') return [{ kind: 'part', part: 'minute-hand' }]
      return answer.part === 'minute-hand' ? [{ kind: 'part', part: 'second-hand' }] : []
    },
    repair: {
      say: 'Watch a real clock for a moment. Which hand hurries all the way round? That one counts seconds.',
      activities: ['body-clock', 'find-the-parts'],
      scaffold: 'labels',
    },
  },
]

/** The counts one step off on either side, over the full hour too: 6:55 and five more is read as 7:00. */
function neighbours(minute: number, step: number, item: Item): Value[] {
  if (item.answer.kind !== 'minutes') return [time(minute - step), time(minute + step)]
  const minutes = minutesPast(minute)
  return [minutes - step, minutes + step].map((count) => ({ kind: 'minutes', minutes: count }))
}
