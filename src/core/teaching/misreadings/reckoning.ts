import { told } from '../../wording'
import { MINUTES_PER_DAY, MINUTES_PER_HOUR, minutesPast, modulo, onDial } from '../../clock'
import type { Item } from '../items'
import { type Value, durationOf, minutesOfDuration } from '../values'
import type { Misreading } from './types'

/* Mistakes of reckoning with times: how long, later and sooner, rounding, when to start, the halves of the day. */

const time = (minute: number): Value => ({ kind: 'time', minute: onDial(minute) })
const length = (minutes: number): Value[] => (minutes > 0 ? [durationOf(minutes)] : [])
const stepOf = (item: Item) => (item.shown.minute % 5 === 0 ? 5 : 1)

/** Figures as they are written one under the other: 13:10 is 1310. */
const asHundreds = (minute: number) => Math.floor(minute / MINUTES_PER_HOUR) * 100 + minutesPast(minute)

export const reckoningMisreadings: readonly Misreading[] = [
  {
    id: 'base-100',
    does: told('reckons as if an hour had 100 minutes'),
    prior: 0.1,
    heldIn: ['reckoning'],
    appliesTo: (item) => item.ask === 'how-long',
    // 8:35 → 1:10 as 13.10 − 8.35: 4 h 75 min.
    predict: (minute, { shown }) => {
      if (shown.as !== 'span') return []
      const difference = asHundreds(shown.to) - asHundreds(minute)
      return [{ kind: 'duration', hours: Math.floor(difference / 100), minutes: difference % 100 }]
    },
    repair: {
      say: 'Jump to the next whole hour first. How many minutes was that? Now the hours, then the rest.',
      activities: ['turn-it-through', 'a-counter-for-five'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'no-bridge',
    does: told('does not carry the minutes into the hour'),
    prior: 0.12,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ['how-long', 'later', 'round', 'work-back'].includes(ask),
    predict: (minute, { shown, answer }) => {
      if (shown.as === 'span' && answer.kind === 'duration') {
        const right = minutesOfDuration(answer)
        const [from, to] = [minutesPast(minute), minutesPast(shown.to)]
        // 8:35 → 1:10: the hours are taken from each other as they stand, or one more is taken away than lent.
        if (to < from) return [...length(right + 60), ...length(right - 60)]
        // 8:35 → 1:50 in jumps: the 25 and 50 minutes make an hour of their own, which is forgotten.
        return from > 0 ? length(right - 60) : []
      }
      if (answer.kind !== 'time') return []
      // 7:50 and 20 minutes more, said as 7:10: the minutes go round, the hour stays.
      return [time(minute - minutesPast(minute) + minutesPast(answer.minute))]
    },
    repair: {
      say: 'Watch the short hand while the long one passes 12. What has the hour become?',
      activities: ['turn-it-through', 'step-the-minutes'],
      scaffold: 'zones',
    },
  },
  {
    id: 'minutes-shown',
    does: told('takes the minutes that a clock shows for the length'),
    prior: 0.1,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'how-long',
    // 7:20 → 8:00 is said to be 20 minutes.
    predict: (minute, { shown }) =>
      shown.as === 'span' ? [...length(minutesPast(minute)), ...length(minutesPast(shown.to))] : [],
    repair: {
      say: 'The clock says when. Start there and jump to the next whole hour: how many minutes is the jump?',
      activities: ['turn-it-through', 'step-the-minutes'],
      scaffold: 'arc',
    },
  },
  {
    id: 'other-five',
    does: told('goes to the five on the other side, which is farther off'),
    prior: 0.1,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'round',
    // 8:57 is three marks from 9:00 and two from 8:55: said as 9:00, it is the wrong one of the two.
    predict: (minute) => {
      const before = Math.floor(minute / 5) * 5
      return minute === before ? [] : [time(before), time(before + 5)]
    },
    repair: {
      say: 'How many marks back to the five before, how many on to the five after? The fewer win.',
      activities: ['step-the-minutes', 'chalk-a-clock'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'fence-post',
    does: told('counts both ends: the first mark is counted as one'),
    prior: 0.08,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'how-long' || ask === 'later',
    predict: (_, item) => {
      const step = stepOf(item)
      if (item.answer.kind === 'duration') return length(minutesOfDuration(item.answer) + step)
      if (item.shown.as !== 'shift' || item.answer.kind !== 'time') return []
      // The start is counted, so one step too little is moved.
      return [time(item.answer.minute - Math.sign(item.shown.by) * step)]
    },
    repair: {
      say: 'Put a finger on the start and say nothing. Count one when the finger has jumped.',
      activities: ['step-the-minutes', 'turn-it-through'],
      scaffold: 'ring-of-fives',
    },
  },
  {
    id: 'counted-forward',
    does: told('counts forward where it should go back, or the reverse'),
    prior: 0.08,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'later' || ask === 'work-back',
    predict: (minute, { shown, answer }) => {
      if (answer.kind !== 'time') return []
      return shown.as === 'shift' || shown.as === 'steps' ? [time(2 * minute - answer.minute)] : []
    },
    repair: {
      say: 'Show with your finger which way the long hand goes: is it sooner, or later?',
      activities: ['turn-it-through', 'step-the-minutes'],
      scaffold: 'arc',
    },
  },
  {
    id: 'step-left-out',
    does: told('leaves one of the steps out'),
    prior: 0.08,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'work-back',
    predict: (_, { shown, answer }) => {
      if (shown.as !== 'steps' || answer.kind !== 'time') return []
      const start = answer.minute
      return shown.steps.map((step) => time(start + step))
    },
    repair: {
      say: 'Put a counter down for each thing to be done. Is every counter in the sum?',
      activities: ['a-counter-for-five', 'turn-it-through'],
      scaffold: 'arc',
    },
  },
  {
    id: 'noon-midnight',
    does: told('takes the other half of the day, at 12 above all'),
    prior: 0.1,
    heldIn: ['reckoning'],
    appliesTo: ({ answer }) => answer.kind === 'day',
    predict: (minute) => [{ kind: 'day', minute: modulo(minute + MINUTES_PER_DAY / 2, MINUTES_PER_DAY) }],
    repair: {
      say: 'Walk the day on two rounds of the clock. In which round are you when this happens?',
      activities: ['two-rounds', 'day-told'],
      scaffold: 'arc',
    },
  },
  {
    id: 'adds-ten',
    does: told('adds ten to the afternoon hours, not twelve'),
    prior: 0.08,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'write-24',
    // 3 in the afternoon becomes 13:00.
    predict: (minute) =>
      minute < 13 * MINUTES_PER_HOUR ? [] : [{ kind: 'day', minute: minute - 2 * MINUTES_PER_HOUR }],
    repair: {
      say: 'After 12 we go on counting: 13 is 12 and 1 more. How many more than 12 is this?',
      activities: ['two-rounds', 'day-told'],
      scaffold: 'arc',
    },
  },
  {
    id: 'wrong-row',
    does: told('reads the row above or below'),
    prior: 0.1,
    heldIn: ['reckoning'],
    appliesTo: ({ ask }) => ask === 'look-up',
    predict: (minute, { shown }) => {
      if (shown.as !== 'rows') return []
      const at = shown.rows.findIndex((row) => row.minute === minute)
      return [shown.rows[at - 1], shown.rows[at + 1]].flatMap((row) => (row ? [time(row.minute)] : []))
    },
    repair: {
      say: 'Lay a ruler under the row before you read along it.',
      activities: ['ask-the-plan'],
      scaffold: 'labels',
    },
  },
]
